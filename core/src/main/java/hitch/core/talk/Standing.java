package hitch.core.talk;

import hitch.core.finding.Certainty;
import hitch.core.finding.ClockPosition;
import hitch.core.finding.FindingKind;
import hitch.core.finding.FindingKind.Family;
import hitch.core.measure.Distance;
import hitch.core.note.Act;
import hitch.core.note.Draft;
import hitch.core.talk.place.Course;
import hitch.core.talk.place.OddPlace;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/** Gives a draft the place where the camera stood, and takes from it a number that was no place. */
final class Standing {
    /** What is told of the whole line, or of the house, unless a place is said with it. */
    private static final Set<FindingKind> OF_NO_PLACE = EnumSet.of(
            FindingKind.VERDICT,
            FindingKind.ADVICE,
            FindingKind.CLEANED,
            FindingKind.EQUIPMENT,
            FindingKind.SYMPTOM,
            FindingKind.REMARK,
            FindingKind.SURFACE);

    /** Water that is seen to come, or somebody who says that it was run this moment. */
    private static final Pattern SEEN_TO_COME = Pattern.compile(
            "(?i)\\b(?:com(?:es?|ing)|came|goes|arriv\\w+|(?:here|there) (?:it|she|he) is|(?:get|got|gets) (?:here|there)|reach(?:ed|es)|just (?:flushed|ran))\\b");

    /** What is sent after the visit. */
    private static final Pattern SENT = Pattern.compile(
            "(?i)\\b(?:send|sending|e-?mail|text (?:you|him|her|them)|link|office|price|prices|pricing|quote|estimate|numbers? together|writing|write (?:it|this|that|you)? ?up|let (?:[\\w ]{2,24}) know|pass (?:it|that|this) on|report|a? ?card|call (?:you|him|her|them)|the videos?|a copy|in your (?:mail|inbox)|portal|as-?built|notify|letter|thumb drive|leave (?:this|the video|you))\\b");

    private static final Pattern BEFOREHAND = Pattern.compile(
            "(?i)\\b(?:before|beforehand|earlier|had been)\\b|\\b(?:left|let|leave) (?:the|that|a) (?:\\w+ ){1,3}(?:on|run|running)\\b");

    /** What stands above ground, and above the camera. */
    private static final Pattern OVERHEAD = Pattern.compile(
            "(?i)\\b(?:tree|maple|oak|willow|birch|pine|elm|poplar|cottonwood|magnolia|sycamore|hedge|shed|wall|fence|mark|stake|flag)s?\\b.*\\b(?:right|directly|just|straight) (?:above|over|on top)\\b"
                    + "|\\b(?:under|beneath|below) (?:the|that|this|a|an|your|her|his|their) (?:\\w+ ){0,2}(?:tree|maple|oak|willow|birch|pine|elm|poplar|cottonwood|magnolia|sycamore|hedge|shed|retaining wall|fence)\\b");

    /** "Scale pretty much the whole way": what is told of all of it is at no one place. */
    private static final Pattern OF_THE_WHOLE = Pattern.compile(
            "(?i)\\b(?:(?:pretty much|about|just|nearly|almost|for)? ?the (?:whole|entire) (?:way|line|length|run|thing|pipe run|stretch)|throughout|from end to end|all the way (?:along|through it|down the line))\\b(?!.*\\b(?:to|through|till|until)\\b)");

    /** "Thirty foot I didn't see" is no place. */
    private static final Pattern NOT_SEEN = Pattern.compile(
            "(?i)\\b(?:didn'?t|did not|haven'?t|have not|never) (?:see|seen|look|looked|get|got|reach)\\b");
    /** "No roots in this portion". */
    private static final Pattern IN_THIS_PART = Pattern.compile(
            "(?i)\\b(?:in|along|through|throughout) (?:this|that) (?:portion|section|stretch|part|run)\\b");

    private static final int HOURS = 12;

    /** Where the camera goes in for another run is at no place of this one. */
    private static final Pattern ANOTHER_RUN = Pattern.compile(
            "(?i)\\b(?:(?:new|second|next|other) run|look(?:ing)? (?:back|up|down|toward)|(?:go|going|went) in (?:from|at|by) the (?:street|other|house) side)\\b");

    private static final Pattern OVER_AT = Pattern.compile("(?i)\\bover (?:at|by|around) \\w+\\b");

    private final Course course;

    Standing(Course course) {
        this.course = course;
    }

    /**
     * @param at where in the text it is named
     * @param passage where the passage begins that names it
     * @param end where that ends
     */
    Draft placed(Draft told, int at, int passage, int end) {
        if (!course.isTold()) {
            return told;
        }
        // "Back to clay, so that's six feet of patch": what changes has no length.
        Draft draft = isFeature(told) ? told.withoutLength() : told;
        if (draft.matter() == Act.ZERO) {
            return draft.at(Optional.of(new Draft.Place(Distance.ZERO, Distance.ZERO)));
        }
        boolean sent = draft.matter() == FindingKind.PROMISE
                && (SENT.matcher(draft.wording()).find()
                        || course.isBehindLast(passage)
                                && course.within(passage, end).isEmpty());
        if (draft.matter() == Act.SERVICE || draft.matter() == FindingKind.VERDICT || sent) {
            return draft.at(Optional.empty());
        }
        if (course.isBefore(at) && !isFound(draft)) {
            return draft.at(Optional.empty());
        }
        Optional<OddPlace> odd = course.oddWithin(passage, end)
                .filter(o ->
                        draft.place().filter(p -> p.from().equals(o.said())).isPresent());
        if (odd.isPresent()) {
            return draft.at(odd.get().likely().map(d -> new Draft.Place(d, d)));
        }
        Optional<Draft.Place> here = (isFound(draft) && course.isOver(at)
                        ? Optional.<Draft.Place>empty()
                        : course.within(passage, end))
                .or(() -> course.at(at));
        Optional<Draft.Place> said = draft.place();
        if (draft.matter() == FindingKind.LOCATE) {
            // A mark is over one spot; which of a stretch is not known.
            return draft.at(here.filter(Draft.Place::isPoint).or(() -> said.filter(this::isKnown)));
        }
        if (isFeature(draft) && said.filter(p -> !p.isPoint()).isPresent()) {
            // A length that was said with it is another thing's.
            return draft.at(said.filter(p -> course.knows(p.from()))
                    .map(p -> new Draft.Place(p.from(), p.from()))
                    .or(() -> here));
        }
        boolean along = here.filter(p -> !p.isPoint()).isPresent();
        if (along && said.isEmpty() && isFeature(draft) && draft.matter() != FindingKind.REMARK) {
            // "From twenty-six to forty it's clay": it changes where that begins.
            return draft.at(here.map(p -> new Draft.Place(p.from(), p.from())));
        }
        if (draft.matter() == FindingKind.OPENING
                && ANOTHER_RUN.matcher(course.said(passage, end)).find()) {
            return draft.at(Optional.empty());
        }
        if (draft.matter() == FindingKind.OPENING && here.isEmpty()) {
            // How deep a cleanout stands in its box is no place along the run.
            return draft.at(said.filter(this::isKnown));
        }
        Optional<Draft.Place> planned =
                draft.matter() == FindingKind.ADVICE ? course.stretch(passage, end) : Optional.empty();
        if (planned.isPresent()) {
            return draft.at(planned);
        }
        if (draft.matter() == FindingKind.REMARK
                && NOT_SEEN.matcher(draft.wording()).find()) {
            return draft.at(Optional.empty());
        }
        if (said.filter(this::isKnown).isPresent()) {
            Optional<ClockPosition> hour = hour(draft, said.get(), passage, end);
            if (here.isPresent() && hour.isPresent()) {
                return draft.at(here).on(hour);
            }
            return here.isPresent() && isAnotherNumber(said.get(), passage, end) ? draft.at(here) : draft;
        }
        if (draft.matter() == FindingKind.REMARK
                && OVERHEAD.matcher(draft.wording()).find()) {
            return draft.at(here);
        }
        if (draft.matter() instanceof FindingKind kind && OF_NO_PLACE.contains(kind)) {
            return draft.at(kind == FindingKind.ADVICE ? toBeDoneAt(passage, end) : Optional.empty());
        }
        boolean nowhere = draft.certainty() == Certainty.RULED_OUT
                && IN_THIS_PART.matcher(draft.wording()).find();
        if (nowhere || OF_THE_WHOLE.matcher(draft.wording()).find()) {
            return draft.at(course.within(passage, end));
        }
        if (isOnlyRun(draft)) {
            return draft.at(course.within(passage, end));
        }
        if (said.filter(p -> !p.isPoint()).isPresent()) {
            return draft;
        }
        return draft.at(here.or(() -> draft.certainty().isTaken() && isFound(draft) ? said : Optional.empty()));
    }

    /** A fixture that is run, or asked to be, is in the house; where its water is seen to come is a place. */
    private static boolean isOnlyRun(Draft draft) {
        return draft.matter() == FindingKind.FIXTURE_TEST
                && (!SEEN_TO_COME.matcher(draft.wording()).find()
                        || BEFOREHAND.matcher(draft.wording()).find());
    }

    /** "Fix: fifty-five, open cut": at the place that is said with it, at the first that it begins with, or right before. */
    private Optional<Draft.Place> toBeDoneAt(int passage, int end) {
        return course.within(passage, end)
                .or(() -> course.placeIn(passage, end) == passage
                        ? course.all(passage, end).stream().findFirst()
                        : Optional.empty())
                .or(() -> course.isPlaceAt(passage) && course.isBehindFarthest(passage)
                        ? course.at(passage)
                        : Optional.empty());
    }

    private boolean isKnown(Draft.Place place) {
        return course.knows(place.from()) && course.knows(place.to());
    }

    /** "Fifteen. Bend, 45, down": where the place was said already, a number that is none is no place, though the camera passed there too. */
    private boolean isAnotherNumber(Draft.Place said, int passage, int end) {
        return said.isPoint()
                && course.isPlaceAt(passage)
                && course.all(passage, end).size() == 1
                && course.listedUpTo(course.firstWord(passage)).stream()
                        .noneMatch(p -> p.from().equals(said.from()));
    }

    /** "Roots at nine o'clock, and another bunch over at three": where on the wall it is, though the camera passed there too. */
    private Optional<ClockPosition> hour(Draft draft, Draft.Place said, int passage, int end) {
        long number = Math.round(said.from().inFeet());
        boolean hour = number >= 1
                && number <= HOURS
                && OVER_AT.matcher(draft.wording()).find()
                && course.all(passage, end).isEmpty();
        return hour ? Optional.of(ClockPosition.at((int) number)) : Optional.empty();
    }

    private static boolean isFeature(Draft draft) {
        return draft.matter() instanceof FindingKind kind && kind.family() == Family.FEATURE;
    }

    private static boolean isFound(Draft draft) {
        return draft.matter() instanceof FindingKind kind && kind.family() != Family.TOLD;
    }
}
