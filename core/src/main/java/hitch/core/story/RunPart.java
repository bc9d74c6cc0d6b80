package hitch.core.story;

import hitch.core.finding.Finding;
import hitch.core.finding.FindingKind;
import hitch.core.finding.FindingKind.Family;
import hitch.core.finding.LocatedFinding;
import hitch.core.finding.Weight;
import hitch.core.footage.FrameRef;
import hitch.core.job.ShotChange;
import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import hitch.core.measure.Station;
import hitch.core.rules.ShowingRules.Walk;
import hitch.core.run.Run;
import hitch.core.story.words.Grammar;
import hitch.core.story.words.Named;
import hitch.core.survey.PlaceWords;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** A walk along one run: what is alike together, what lies between gone along quickly, each thing at its place. */
final class RunPart {
    /** So much pipe without anything to tell is gone along. */
    private static final Distance WORTH_GOING = Distance.feet(6);

    private static final int GROUP_LEAST = 2;
    private static final int PASSAGE_WORTH = 12;
    private static final int LONG_PASSAGE_WORTH = 20;
    private static final Distance LONG = Distance.feet(12);
    private static final double PASSAGE_S = 5;
    private static final double SLOWEST = 2;
    private static final double FASTEST = 8;

    private final Talk talk;
    private final FindingPart findings;

    private final int least;

    /**
     * @param least worth of what is told at least: what is not told is no place to walk to
     */
    RunPart(Talk talk, FindingPart findings, int least) {
        this.talk = talk;
        this.findings = findings;
        this.least = least;
    }

    /**
     * @param found what was found on the run and is to be told, from the opening outward
     * @param before the run that was told before it
     */
    Fit.Part of(Run run, List<LocatedFinding> found, Optional<Run> before) {
        boolean back = talk.may().showing().walk() == Walk.BACK && !talk.isRecord();
        List<LocatedFinding> way = back ? found.reversed() : found;
        List<Telling> tellings = new ArrayList<>();
        Map<String, List<LocatedFinding>> alike = alike(way);
        Set<LocatedFinding> told = new HashSet<>();
        Optional<Station> here = Optional.empty();
        String toward = run.direction().toward();
        for (LocatedFinding f : way) {
            if (told.contains(f)) {
                continue;
            }
            List<LocatedFinding> group =
                    alike.getOrDefault(group(f), List.of()).contains(f) ? alike.get(group(f)) : List.of();
            if (group.size() < GROUP_LEAST && FindingPart.worth(f) < least) {
                tellings.add(findings.of(f, isElsewhere(f, toward)));
                continue;
            }
            passage(run, here, f, back).ifPresent(tellings::add);
            if (group.size() >= GROUP_LEAST) {
                told.addAll(group);
                tellings.addAll(groups(group, way));
            } else {
                tellings.add(findings.of(f, isElsewhere(f, toward)));
            }
            here = f.extent()
                    .map(back ? Extent::from : Extent::to)
                    .or(() -> f.extent().map(Extent::middle));
        }
        return new Fit.Part(Grammar.capital(run.name()), begun(run, plain(way, tellings), before, back));
    }

    /** Whether it lies another way than the run is told to go, as on a branch. */
    private boolean isElsewhere(LocatedFinding found, String toward) {
        return talk.may().place(found).filter(p -> !p.way().equals(toward)).isPresent();
    }

    /** A run without anything to see to says so with the last thing on it. */
    private List<Telling> plain(List<LocatedFinding> way, List<Telling> tellings) {
        boolean nothing = !talk.isRecord()
                && way.stream()
                        .allMatch(f ->
                                f.weight() == Weight.NOTED && f.finding().kind().family() == Family.FEATURE);
        List<Telling> all = new ArrayList<>(tellings);
        for (int i = all.size() - 1; nothing && i >= 0; i--) {
            if (all.get(i).worth() >= least) {
                all.set(
                        i,
                        all.get(i)
                                .saying(
                                        all.get(i).said().size(),
                                        Talk.more(talk.teller().say("run.nothing"))));
                break;
            }
        }
        return all;
    }

    /** The way is told with the first thing that is told of it. */
    private List<Telling> begun(Run run, List<Telling> tellings, Optional<Run> before, boolean back) {
        List<Telling> all = new ArrayList<>(tellings);
        for (int i = 0; i < all.size(); i++) {
            if (all.get(i).worth() >= least || i == all.size() - 1) {
                all.set(i, all.get(i).saying(0, Talk.needed(begin(run, before, back))));
                break;
            }
        }
        return all;
    }

    private String begin(Run run, Optional<Run> before, boolean back) {
        String opening = run.opening().words();
        String toward = run.direction().toward();
        if (before.isPresent()) {
            return before.get().direction() == run.direction()
                    ? talk.teller().say("run.next.same", "run", run.name())
                    : talk.teller().say("run.next", "toward", toward);
        }
        if (talk.isRecord()) {
            return talk.teller().say("run.start", "toward", toward);
        }
        if (back) {
            return talk.teller().say("run.start.far");
        }
        return opening.isBlank()
                ? talk.teller().say("run.start.unknown", "toward", toward)
                : talk.teller().say("run.start", "opening", opening, "toward", toward);
    }

    /** Small things of one kind, by what makes them alike; nothing that somebody worded or changed by hand, and nothing serious. */
    private Map<String, List<LocatedFinding>> alike(List<LocatedFinding> way) {
        return talk.isRecord()
                ? Map.of()
                : way.stream().filter(this::mayBeGrouped).collect(Collectors.groupingBy(RunPart::group));
    }

    private boolean mayBeGrouped(LocatedFinding found) {
        Finding f = found.finding();
        return f.kind().family() == Family.CONDITION
                && found.weight().compareTo(Weight.WATCH) <= 0
                && found.extent().isPresent()
                && f.certainty().isTaken()
                && !found.lasting().isOver()
                && talk.may().story().change("finding:" + f.id()).equals(ShotChange.NONE);
    }

    private static String group(LocatedFinding found) {
        return found.finding().kind().word() + "/" + found.branch() + "/"
                + found.weight().compareTo(Weight.WATCH)
                + found.finding().traits().degree().map(d -> "/" + d.word()).orElse("");
    }

    private List<Telling> groups(List<LocatedFinding> group, List<LocatedFinding> way) {
        FindingKind kind = group.getFirst().finding().kind();
        boolean more = way.subList(0, way.indexOf(group.getFirst())).stream()
                .anyMatch(f -> f.finding().kind() == kind);
        List<Telling> tellings = new ArrayList<>();
        for (int from = 0; from < group.size(); from += SideBySideShot.MOST) {
            List<LocatedFinding> some = group.subList(from, Math.min(group.size(), from + SideBySideShot.MOST));
            tellings.add(some.size() == 1 ? findings.of(some.getFirst(), false) : sideBySide(some, more || from > 0));
        }
        return tellings;
    }

    private Telling sideBySide(List<LocatedFinding> some, boolean more) {
        Finding one = some.getFirst().finding();
        Named named = Named.of(
                one.withTraits(one.traits().withClock(Optional.empty())),
                talk.teller().book());
        List<String> places = some.stream()
                .map(f -> talk.may().place(f).map(PlaceWords::distance).orElse(""))
                .filter(p -> !p.isBlank())
                .toList();
        String says = talk.teller()
                .say(
                        more ? "group" : "group.first",
                        "count",
                        Grammar.count(some.size()),
                        "what",
                        named.what(),
                        "are",
                        named.are(),
                        "places",
                        places(places));
        List<SideBySideShot.Panel> panels = some.stream()
                .map(f ->
                        new SideBySideShot.Panel(f.finding().id(), f.finding().frame(), talk.place(f), Wording.what(f)))
                .toList();
        List<Said> said = new ArrayList<>(List.of(Talk.needed(says)));
        talk.teller().once("group.same").ifPresent(s -> said.add(Talk.extra(s)));
        if (one.certainty().isTaken()) {
            talk.teller().once("meaning." + FindingPart.key(one.kind())).ifPresent(s -> said.add(Talk.more(s)));
        }
        String key = "group:" + some.stream().map(f -> f.finding().id().value()).collect(Collectors.joining("+"));
        return new Telling(
                new SideBySideShot(key, Grammar.capital(named.bare()) + ", " + some.size() + " places", panels, "", 0),
                said,
                28 + some.size());
    }

    /** {@code 12.1, 16.4 and 19.0 ft}: the unit once. */
    private static String places(List<String> distances) {
        String unit = distances.getFirst().replaceFirst("^[\\d. ]+", "");
        boolean same = !unit.isEmpty()
                && distances.stream().allMatch(d -> d.matches("[\\d.]+ " + java.util.regex.Pattern.quote(unit)));
        return same
                ? Grammar.list(distances.stream()
                                .map(d -> d.substring(0, d.length() - unit.length())
                                        .strip())
                                .toList()) + " " + unit
                : Grammar.list(distances);
    }

    /** From where the walk stands to the next thing, where enough pipe lies between. */
    private Optional<Telling> passage(Run run, Optional<Station> here, LocatedFinding next, boolean back) {
        Optional<Station> to = next.extent().map(back ? Extent::to : Extent::from);
        if (talk.isRecord() || here.isEmpty() || to.isEmpty()) {
            return Optional.empty();
        }
        Extent between = Extent.between(here.get(), to.get());
        if (between.length().compareTo(WORTH_GOING) < 0) {
            return Optional.empty();
        }
        String branch = next.branch();
        List<FrameRef> begins = talk.may().footage().momentsAt(branch, here.get());
        List<FrameRef> ends = talk.may().footage().momentsAt(branch, to.get());
        return begins.stream()
                .flatMap(b -> ends.stream()
                        .filter(e -> e.clip().equals(b.clip())
                                && e.pts() > b.pts()
                                && run.clips().contains(e.clip()))
                        .map(e -> new FrameRef[] {b, e}))
                .min(Comparator.comparingLong(p -> p[1].pts() - p[0].pts()))
                .flatMap(p -> passage(p[0], p[1], next, between, branch));
    }

    /** Whether nothing at all was found between, told here or anywhere else. */
    private boolean isPlain(String branch, Extent between) {
        return talk.may().findings().stream()
                .filter(f -> f.branch().equals(branch) && f.finding().kind().family() != Family.TOLD)
                .flatMap(f -> f.extent().stream())
                .noneMatch(e -> e.to().compareTo(between.from()) > 0 && e.from().compareTo(between.to()) < 0);
    }

    private Optional<Telling> passage(FrameRef from, FrameRef to, LocatedFinding next, Extent between, String branch) {
        double seconds = talk.may()
                .source(from.clip())
                .map(c -> c.secondsInto(to.pts()) - c.secondsInto(from.pts()))
                .orElse(0.0);
        double[] shown = talk.may().footage().around(from, 0, seconds);
        if (shown[1] < PASSAGE_S) {
            return Optional.empty();
        }
        double speed = Math.clamp(shown[1] / PASSAGE_S, SLOWEST, FASTEST);
        String place = talk.may()
                .place(next)
                .map(PlaceWords::distance)
                .filter(d -> !d.isBlank())
                .map(d -> d.replaceFirst(" to .*", ""))
                .orElse("");
        List<Said> said = place.isEmpty() || place.matches(".*\\d") || !isPlain(branch, between)
                ? List.of()
                : talk.teller()
                        .once("passage", "place", place)
                        .map(s -> List.of(Talk.extra(s)))
                        .orElse(List.of());
        String title = "Along the pipe, " + talk.show(between.length());
        return Optional.of(new Telling(
                new PassageShot("passage:" + branch + ":" + between.from().mm(), title, from, shown[1], speed, "", 0),
                said,
                between.length().compareTo(LONG) >= 0 ? LONG_PASSAGE_WORTH : PASSAGE_WORTH));
    }
}
