package hitch.core.propose;

import hitch.core.counter.Zeroing;
import hitch.core.footage.ClipId;
import hitch.core.footage.ClockText;
import hitch.core.measure.Distance;
import hitch.core.measure.Station;
import hitch.core.pipe.Branch;
import hitch.core.pipe.Opening;
import hitch.core.propose.Chains.Chain;
import hitch.core.propose.Proposals.ProposedRun;
import hitch.core.propose.Proposals.Unplaced;
import hitch.core.run.Direction;
import hitch.core.run.Equipment;
import hitch.core.run.Phase;
import hitch.core.run.Run;
import hitch.core.run.RunId;
import hitch.core.run.Zero;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.stream.Collectors;

/** Proposes runs for clips that are on none, by their counters and by what was said on them. What nobody said stays unknown. */
public final class RunProposer {
    private static final double FEET_IN_PLACE = 1.0;

    private final List<KnownRun> known;
    private final List<String> names;

    private RunProposer(List<KnownRun> known) {
        this.known = new ArrayList<>(known);
        names = new ArrayList<>(runs().stream().map(Run::name).toList());
    }

    private List<Run> runs() {
        return known.stream().map(KnownRun::run).toList();
    }

    /**
     * @param clips that are on no run, in the order that they were recorded
     * @param known runs that the job has
     */
    public static Proposals of(List<ClipClues> clips, List<KnownRun> known) {
        List<Unplaced> others = Elsewhere.of(clips);
        Set<ClipId> out = others.stream().map(Unplaced::clip).collect(Collectors.toSet());
        List<ClipClues> counted = clips.stream()
                .filter(c -> c.trace().isPresent() && !out.contains(c.clip().id()))
                .toList();
        RunProposer proposer = new RunProposer(known);
        List<ProposedRun> proposed = new ArrayList<>();
        for (Chain chain : Chains.of(counted)) {
            proposed.add(proposer.run(chain));
        }
        return new Proposals(proposed, others);
    }

    private ProposedRun run(Chain chain) {
        List<SaidSentence> said =
                chain.clips().stream().flatMap(c -> c.said().stream()).toList();
        List<String> reasons = new ArrayList<>(chain.reasons());
        List<String> doubts = new ArrayList<>(chain.doubts());
        Opening opening = opening(chain, said, reasons, doubts);
        Optional<Direction> way = way(chain, opening, said, reasons, doubts);
        Zero zero = zero(said, reasons);
        Optional<String> branch = branch(said, reasons);
        chain.clips().forEach(c -> {
            zeroings(c, reasons);
            if (c.turned()) {
                doubts.add("The counter of " + c.clip().fileName()
                        + " stands on its head: the clip was recorded upside down, and is turned over with the run.");
            }
        });
        Direction direction = way.or(() -> asBefore(said)).orElse(Direction.WITH_FLOW);
        Phase phase = phase(said, reasons);
        String name = name(way.or(() -> asBefore(said)), branch);
        Run run = new Run(
                new RunId(name.replace(' ', '-')),
                name,
                opening,
                start(opening),
                direction,
                Distance.ZERO,
                chain.clips().stream().map(c -> c.clip().id()).toList(),
                branch.orElse(Branch.LINE),
                isElsewhere(opening),
                zero,
                Equipment.NOT_SAID,
                phase);
        List<ClipId> turned = chain.clips().stream()
                .filter(ClipClues::turned)
                .map(c -> c.clip().id())
                .toList();
        known.add(new KnownRun(
                run, chain.clips().stream().flatMap(c -> c.passed().stream()).toList()));
        return new ProposedRun(run, way.isPresent(), turned, reasons, doubts);
    }

    private Optional<Direction> way(
            Chain chain, Opening opening, List<SaidSentence> said, List<String> reasons, List<String> doubts) {
        WaySought sought = WaySought.of(chain.clips(), opening, known);
        reasons.addAll(sought.reasons());
        doubts.addAll(sought.doubts());
        if (sought.way().isEmpty()) {
            doubts.add("Nobody said which way it went; "
                    + asBefore(said).orElse(Direction.WITH_FLOW).toward() + " is only taken for it.");
        }
        return sought.way();
    }

    /** From the same opening without a word of the way: as the run before went. */
    private Optional<Direction> asBefore(List<SaidSentence> said) {
        boolean same = said.stream().anyMatch(s -> Clues.says("sameopening", s));
        return same && !runs().isEmpty() ? Optional.of(runs().getLast().direction()) : Optional.empty();
    }

    /** Whether the pipe had been cleaned by then, as the first words tell. */
    private static Phase phase(List<SaidSentence> said, List<String> reasons) {
        for (SaidSentence sentence : said) {
            Phase phase = sentence.seconds() < OpeningSaid.FIRST_WORDS ? Phase.saidIn(sentence.text()) : Phase.NOT_SAID;
            if (phase == Phase.BEFORE || phase == Phase.AFTER) {
                reasons.add("Recorded " + phase.word() + ": " + sentence.quoted());
                return phase;
            }
        }
        return Phase.NOT_SAID;
    }

    private Opening opening(Chain chain, List<SaidSentence> said, List<String> reasons, List<String> doubts) {
        Optional<OpeningSaid> told = OpeningSaid.of(chain.clips().getFirst().said());
        if (told.isPresent()) {
            reasons.add("Opening: " + told.get().said().quoted());
            return runs().stream()
                    .map(Run::opening)
                    .filter(o -> isSame(o, told.get().opening()))
                    .findFirst()
                    .orElse(told.get().opening());
        }
        Optional<SaidSentence> same =
                said.stream().filter(s -> Clues.says("sameopening", s)).findFirst();
        if (same.isPresent() && !runs().isEmpty()) {
            reasons.add("The same opening: " + same.get().quoted());
            return runs().getLast().opening();
        }
        if (!runs().isEmpty()) {
            doubts.add("Nobody said where the camera went in; the opening of the run before is only taken for it.");
            return runs().getLast().opening();
        }
        doubts.add("Nobody said where the camera went in.");
        return Opening.UNKNOWN;
    }

    /** Two that were told in the same words, as far as both were told. */
    private static boolean isSame(Opening one, Opening other) {
        return one.sort() == other.sort()
                && (one.place().isBlank()
                        || other.place().isBlank()
                        || one.place().equalsIgnoreCase(other.place()));
    }

    private boolean isElsewhere(Opening opening) {
        return !runs().isEmpty() && runs().stream().noneMatch(r -> r.opening().equals(opening));
    }

    private Station start(Opening opening) {
        return runs().stream()
                .filter(r -> r.opening().equals(opening))
                .map(Run::start)
                .findFirst()
                .orElse(new Station(0));
    }

    private static Zero zero(List<SaidSentence> said, List<String> reasons) {
        for (SaidSentence sentence : said) {
            boolean lip = Clues.says("zerolip", sentence);
            if (lip || Clues.says("zerobase", sentence)) {
                reasons.add("The counter was zeroed at its " + (lip ? Zero.At.LIP : Zero.At.BASE).word() + ": "
                        + sentence.quoted());
                return new Zero(lip ? Zero.At.LIP : Zero.At.BASE, Distance.ZERO);
            }
        }
        return Zero.BASE;
    }

    private static Optional<String> branch(List<SaidSentence> said, List<String> reasons) {
        for (SaidSentence sentence : said) {
            Optional<Matcher> found = Clues.of("branch", sentence)
                    .or(() -> sentence.seconds() < OpeningSaid.FIRST_WORDS
                            ? Clues.of("branchhere", sentence)
                            : Optional.empty());
            if (found.isPresent() && !Clues.says("later", sentence)) {
                reasons.add("In the " + found.get().group(1) + " branch: " + sentence.quoted());
                return Optional.of(found.get().group(1));
            }
        }
        return Optional.empty();
    }

    private static void zeroings(ClipClues clip, List<String> reasons) {
        for (Zeroing set : clip.zeroings()) {
            double cable = set.cable().inFeet();
            if (cable > FEET_IN_PLACE) {
                reasons.add(String.format(
                        Locale.ROOT,
                        "The counter of %s was set to zero at %s with %.1f ft out; it is counted on.",
                        clip.clip().fileName(),
                        ClockText.of(clip.clip().secondsInto(set.pts())),
                        cable));
            }
        }
    }

    private String name(Optional<Direction> way, Optional<String> branch) {
        String base = branch.map(b -> b + " run")
                .orElse(way.map(w -> w == Direction.WITH_FLOW ? "street run" : "building run")
                        .orElse("run"));
        String name = base;
        for (int i = 2; names.contains(name); i++) {
            name = base + " " + i;
        }
        names.add(name);
        return name;
    }
}
