package hitch.core.parcel;

import hitch.core.detail.Detail;
import hitch.core.detail.Kept;
import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.finding.Finding;
import hitch.core.finding.FindingId;
import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.finding.Weight;
import hitch.core.footage.Clip;
import hitch.core.footage.FrameRef;
import hitch.core.footage.Stretch;
import hitch.core.job.Job;
import hitch.core.judge.ask.Ask;
import hitch.core.survey.Survey;
import hitch.core.survey.told.Promises;
import hitch.core.talk.Commentary;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** Whether the record is complete enough to be handed over. */
final class RecordChecks {
    private final Job job;
    private final Survey survey;
    private final Disclosure may;
    private final List<Check> all = new ArrayList<>();

    private RecordChecks(Job job, Survey survey, Disclosure may) {
        this.job = job;
        this.survey = survey;
        this.may = may;
    }

    static List<Check> of(Job job, Survey survey, Disclosure may) {
        RecordChecks checks = new RecordChecks(job, survey, may);
        checks.internal();
        checks.visit();
        checks.all.addAll(CounterChecks.of(job));
        checks.settled();
        checks.again();
        checks.captions();
        checks.findings();
        checks.asks();
        checks.seen();
        return checks.all;
    }

    private void add(String key, Check.Weight weight, String words, String mend, Check.Where where) {
        all.add(new Check(key, weight, words, mend, where));
    }

    /** A job for the firm's own use goes nowhere but into its file, and there with a reason. */
    private void internal() {
        if (!job.facts().internalOnly()) {
            return;
        }
        boolean own = may.recipient().equals(Recipient.FIRM);
        add(
                "internal",
                own ? Check.Weight.REASON : Check.Weight.BLOCKS,
                "This job is marked for internal use only."
                        + (own ? " Say why its file is made." : " Nothing but the firm's own file may be made of it."),
                "See the mark on Load",
                Check.Where.LOAD);
    }

    private void visit() {
        if (job.facts().property().isBlank()) {
            add("property", Check.Weight.BLOCKS, "The property is not named.", "Name it", Check.Where.LOAD);
        }
        if (job.facts().inspectedOn().isBlank()) {
            add("date", Check.Weight.REASON, "The day of the recording is not known.", "Fill it in", Check.Where.LOAD);
        }
    }

    /** What somebody marked for a second look comes back before anything goes out. */
    private void again() {
        List<FindingId> marked = job.findings().stream()
                .filter(f -> f.traits().details().has(Detail.LOOK_AGAIN))
                .map(Finding::id)
                .filter(id -> may.findings().stream().anyMatch(f -> f.ids().contains(id)))
                .toList();
        if (!marked.isEmpty()) {
            all.add(new Check(
                    "again " + ids(marked),
                    Check.Weight.REASON,
                    (marked.size() == 1 ? "A finding was" : "Findings were") + " marked for a second look: "
                            + ids(marked) + ".",
                    "Look at " + (marked.size() == 1 ? "it" : "them"),
                    Check.Where.MARK,
                    Optional.of(marked.getFirst())));
        }
    }

    private void settled() {
        if (!survey.against().isEmpty()) {
            int open = survey.against().size();
            add(
                    "against " + Marks.of(survey.against().toString()).substring(0, 8),
                    Check.Weight.TELLS,
                    open == 1
                            ? "Something was said that contradicts the record: "
                                    + survey.against().getFirst().words()
                            : open + " things were said that contradict the record.",
                    "Settle them",
                    Check.Where.MARK);
        }
        List<FindingId> broken = Promises.of(
                        survey.noted(), job.clips().stream().map(Clip::id).toList())
                .stream()
                .filter(p -> p.kept() == Kept.NOT_KEPT)
                .map(Promises.Promise::id)
                .toList();
        if (!broken.isEmpty()) {
            all.add(new Check(
                    "promises " + ids(broken),
                    Check.Weight.TELLS,
                    (broken.size() == 1 ? "A look that was promised was" : "Looks that were promised were")
                            + " not taken: " + ids(broken) + ".",
                    "Take it, or say so",
                    Check.Where.MARK,
                    Optional.of(broken.getFirst())));
        }
    }

    /** What was said before a clip begins or after it ends was written down for another clip, or slid too far. */
    private void captions() {
        List<Commentary> astray = job.talk().stream()
                .filter(t -> job.clip(t.clip()).filter(c -> isAstray(t, c)).isPresent())
                .toList();
        if (!astray.isEmpty()) {
            add(
                    "captions "
                            + astray.stream()
                                    .map(t -> t.id() + "/" + t.offset())
                                    .toList(),
                    Check.Weight.TELLS,
                    (astray.size() == 1
                                    ? "Captions are out of step with their clip: "
                                    : "Captions of " + astray.size() + " clips are out of step: ")
                            + astray.getFirst().fileName() + " tells of moments that "
                            + job.clip(astray.getFirst().clip())
                                    .map(Clip::fileName)
                                    .orElse("its clip")
                            + " does not have.",
                    "Slide them",
                    Check.Where.MARK);
        }
    }

    private static boolean isAstray(Commentary talk, Clip clip) {
        return talk.cues().stream()
                .anyMatch(c -> c.end() + talk.offset() < 0 || c.start() + talk.offset() > clip.seconds());
    }

    private static String ids(List<FindingId> ids) {
        return ids.stream().map(FindingId::value).collect(Collectors.joining(", "));
    }

    private void findings() {
        if (may.findings().isEmpty()) {
            boolean part = may.recipient().isPublic();
            add(
                    "nothing",
                    Check.Weight.BLOCKS,
                    "There is nothing for the " + may.recipient().called() + " yet: no finding lies in "
                            + (part ? "its part of the line." : "this job."),
                    part ? "Mark the boundary or the main connection" : "Mark findings",
                    Check.Where.MARK);
            return;
        }
        List<FindingId> lost = may.findings().stream()
                .filter(f -> f.extent().isEmpty()
                        && f.finding().kind().family() != FindingKind.Family.TOLD
                        && f.finding().kind().isToBeSeen()
                        && may.source(f.finding().frame().clip())
                                .filter(c -> !c.photo())
                                .isPresent())
                .map(f -> f.finding().id())
                .toList();
        if (!lost.isEmpty()) {
            all.add(new Check(
                    "stations " + ids(lost),
                    Check.Weight.TELLS,
                    (lost.size() == 1 ? "One finding has" : lost.size() + " findings have") + " no station: "
                            + ids(lost) + ".",
                    "Give a station",
                    Check.Where.MARK,
                    Optional.of(lost.getFirst())));
        }
        List<FindingId> still = may.findings().stream()
                .filter(f -> may.source(f.finding().frame().clip()).isEmpty())
                .map(f -> f.finding().id())
                .toList();
        if (!still.isEmpty()) {
            all.add(new Check(
                    "stills " + ids(still),
                    Check.Weight.BLOCKS,
                    "The clip of " + ids(still) + " was left out of the job, so there is no still of "
                            + (still.size() == 1 ? "it." : "them."),
                    "Add the clip again",
                    Check.Where.LOAD,
                    Optional.of(still.getFirst())));
        }
        List<FindingId> guessed = may.findings().stream()
                .filter(f -> f.weight().compareTo(Weight.MEND) >= 0
                        && f.finding().certainty().isGuess())
                .map(f -> f.finding().id())
                .toList();
        if (!guessed.isEmpty()) {
            all.add(new Check(
                    "guessed " + ids(guessed),
                    Check.Weight.TELLS,
                    ids(guessed) + " weighs as a repair and is only possible, not seen.",
                    "Look at it again",
                    Check.Where.MARK,
                    Optional.of(guessed.getFirst())));
        }
    }

    /** A repair that rests on one look at a bad picture is asked for by nobody who can be asked why. */
    private void asks() {
        List<String> poor = may.asks().stream()
                .filter(a -> a.weight().compareTo(Weight.MEND) >= 0)
                .filter(a -> !a.findings().isEmpty())
                .filter(a -> a.findings().stream()
                        .flatMap(id -> survey.thing(id).stream())
                        .allMatch(this::isPoor))
                .map(Ask::title)
                .distinct()
                .toList();
        if (!poor.isEmpty()) {
            add(
                    "poor " + Marks.of(poor.toString()).substring(0, 8),
                    Check.Weight.REASON,
                    "A repair is asked for on one poor picture: " + String.join("; ", poor) + ".",
                    "See what it rests on",
                    Check.Where.JUDGE);
        }
    }

    private boolean isPoor(LocatedFinding found) {
        FrameRef frame = found.finding().frame();
        List<Stretch> stretches = survey.stretchesOf(frame.clip());
        boolean once = found.finding().sightings().isEmpty() && found.also().isEmpty();
        return once
                && stretches.stream()
                        .anyMatch(s -> frame.pts() >= s.fromPts()
                                && frame.pts() < s.toPts()
                                && (s.reason() == Stretch.Reason.DARK
                                        || s.reason() == Stretch.Reason.BLURRED
                                        || s.reason() == Stretch.Reason.DAMAGED));
    }

    private void seen() {
        if (survey.seen().isEmpty()) {
            add(
                    "reach",
                    Check.Weight.TELLS,
                    "How far the camera went is not known, so it cannot be told what was not seen.",
                    "Read the counter",
                    Check.Where.MARK);
        } else if (!may.recipient().isPublic()
                && may.findings().stream().noneMatch(f -> ends(f.finding().kind()))) {
            add(
                    "end",
                    Check.Weight.TELLS,
                    "Nothing says why the camera turned back: no limit, no connection, no end of the line is marked.",
                    "Mark it",
                    Check.Where.MARK);
        }
    }

    private static boolean ends(FindingKind kind) {
        return kind == FindingKind.LIMIT || kind == FindingKind.MAIN_CONNECTION || kind == FindingKind.END;
    }
}
