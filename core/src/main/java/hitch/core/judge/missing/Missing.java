package hitch.core.judge.missing;

import hitch.core.counter.CounterTrace;
import hitch.core.finding.FindingId;
import hitch.core.finding.LocatedFinding;
import hitch.core.finding.Sighting;
import hitch.core.finding.Weight;
import hitch.core.footage.ClipId;
import hitch.core.judge.Judgement;
import hitch.core.judge.question.Question;
import hitch.core.measure.Distance;
import hitch.core.measure.LengthUnit;
import hitch.core.pipe.Opening;
import hitch.core.run.Run;
import hitch.core.survey.PlaceWords;
import hitch.core.survey.Survey;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What is to be done before the van leaves, for what was not filmed today is filmed on another day: short enough to be read out over
 * the telephone.
 *
 * @param about its name, the same whenever it is told
 * @param todo what is to be done, as one would ask for it
 * @param why what is missing otherwise
 * @param finding the finding that it is about
 */
public record Missing(String about, String todo, String why, Optional<FindingId> finding) {
    /** The cable is in where no more of it is out, feet. */
    private static final double IN = 6;

    /** The list, what matters most first. */
    public static List<Missing> of(Survey survey, Judgement judged) {
        List<Missing> all = new ArrayList<>();
        asked(judged, Question.Kind.PROMISE, "Take the look that was promised.", all);
        pictures(survey, all);
        asked(judged, Question.Kind.MARK, "Take a locate and paint a mark there.", all);
        water(judged, Question.Kind.NOT_ARRIVED, "Run the water again and look where it comes: ", all);
        water(judged, Question.Kind.UNTESTED, "Run the water and watch for it: ", all);
        asked(judged, Question.Kind.BRANCH, "Go into that branch, or say why not.", all);
        asked(judged, Question.Kind.UNSEEN, "Look there again, cleaner or the other way.", all);
        asked(judged, Question.Kind.THIN, "Film it once more, close and still.", all);
        survey.runs().forEach(r -> wayBack(survey, r).ifPresent(all::add));
        openings(survey, all);
        return List.copyOf(all);
    }

    private static void asked(Judgement judged, Question.Kind kind, String todo, List<Missing> all) {
        judged.open().stream()
                .filter(q -> q.kind() == kind)
                .forEach(q -> all.add(new Missing(q.id(), todo, q.text(), q.finding())));
    }

    /** The question is named by its room. */
    private static void water(Judgement judged, Question.Kind kind, String todo, List<Missing> all) {
        judged.open().stream()
                .filter(q -> q.kind() == kind)
                .forEach(q -> all.add(new Missing(
                        q.id(), todo + q.id().substring(q.id().indexOf('/') + 1) + ".", q.text(), q.finding())));
    }

    /** What is to be mended and is on no picture that shows it. */
    private static void pictures(Survey survey, List<Missing> all) {
        for (LocatedFinding found : survey.findings()) {
            if (found.weight() == Weight.MEND && !isShown(survey, found)) {
                all.add(new Missing(
                        "picture/" + found.finding().id().value(),
                        "Film it once more, close and still.",
                        found.finding().phrase() + ", " + place(survey, found) + ": no picture shows it well.",
                        Optional.of(found.finding().id())));
            }
        }
    }

    private static boolean isShown(Survey survey, LocatedFinding found) {
        return Stream.concat(
                        Stream.of(found.finding().frame()),
                        found.finding().sightings().stream().map(Sighting::frame))
                .anyMatch(f -> survey.stretchesOf(f.clip()).stream()
                        .noneMatch(s -> s.reason().hides() && s.covers(f.pts())));
    }

    private static String place(Survey survey, LocatedFinding found) {
        return survey.line()
                .place(found, survey.facts().unit())
                .map(PlaceWords::all)
                .orElse("at no known station");
    }

    /** A camera that was pulled back with the recorder off saw everything from one side only. */
    private static Optional<Missing> wayBack(Survey survey, Run run) {
        if (run.clips().isEmpty()) {
            return Optional.empty();
        }
        CounterTrace last = survey.traces().get(run.clips().getLast());
        if (last == null || last.isEmpty()) {
            return Optional.empty();
        }
        double out = (last.knots().getLast().cable() - run.atThePipe().mm()) / Distance.MM_PER_FOOT;
        boolean back = run.clips().stream().anyMatch(c -> cameBack(survey, c));
        if (out < IN || back) {
            return Optional.empty();
        }
        LengthUnit unit = survey.facts().unit();
        return Optional.of(new Missing(
                "back/" + run.id(),
                "Film the way back of the " + run.name() + ", too.",
                "Its footage ends with " + unit.show(new Distance(Math.round(out * Distance.MM_PER_FOOT)))
                        + " out; what faces the other way is seen only coming back.",
                Optional.empty()));
    }

    private static boolean cameBack(Survey survey, ClipId clip) {
        CounterTrace trace = survey.traces().get(clip);
        if (trace == null || trace.isEmpty()) {
            return false;
        }
        double most = trace.knots().stream()
                .mapToDouble(CounterTrace.Knot::cable)
                .max()
                .orElse(0);
        double end = trace.knots().getLast().cable();
        return most - end > Distance.MM_PER_FOOT * IN;
    }

    private static void openings(Survey survey, List<Missing> all) {
        for (Run run : survey.runs()) {
            if (run.opening().equals(Opening.UNKNOWN)) {
                all.add(new Missing(
                        "opening/" + run.id(),
                        "Say where the camera went in for the " + run.name() + ", and take a picture of it.",
                        "Nobody said through which opening.",
                        Optional.empty()));
            }
        }
    }

    /** As it is read out: what is to be done, then why. */
    public String words() {
        return todo + " " + why;
    }
}
