package hitch.core.talk;

import hitch.core.note.Draft;
import hitch.core.talk.place.Course;
import hitch.core.talk.place.HourNumbers;
import hitch.core.talk.place.Transcript;
import java.util.List;
import java.util.Optional;

/** Gives what was told its side: of its own words, of the guess it takes the place of, of where the eye was led. */
final class OnItsSide {
    private static final double SOON_S = 12;

    private final Transcript transcript;
    private final Course course;
    private final Pointed pointed;

    OnItsSide(Transcript transcript, Course course, Pointed pointed) {
        this.transcript = transcript;
        this.course = course;
        this.pointed = pointed;
    }

    /**
     * @param at where in the text it is named
     * @param drafts what was found before it; what was taken for a pipe that comes in, and is this, goes
     */
    Draft of(Draft said, int at, Passages.Passage passage, double seconds, List<Spoken> drafts) {
        String text = passage.text();
        Optional<Draft> mark = course.isTold() ? pointed.atLine(said, text, seconds, drafts) : Optional.empty();
        Draft own = Sides.asBefore(Sides.settled(said, toldThere(passage, at)), seconds, drafts);
        boolean anew = course.isPlaceAt(passage.start());
        Draft there = Sides.insteadOf(own, text, anew, seconds, drafts);
        // Where a place is said anew, the eye is led anew.
        Draft shown = anew && !pointed.isJustBefore(seconds) ? there : pointed.on(there, text, seconds);
        Draft marked = shown.traits().clock().isEmpty()
                ? mark.map(m -> shown.on(m.traits().clock())).orElse(shown)
                : shown;
        Draft entered = Stating.isFound(marked) && marked.traits().clock().isEmpty() && isOfOnePlace(passage)
                ? SideWords.ofHourThere(text)
                        .map(c -> marked.on(Optional.of(c)))
                        .orElse(marked)
                : marked;
        return Sides.thatSide(entered, text, transcript.lately(at, SOON_S), drafts);
    }

    /** Whether a passage begins with its place, and names none that could be an hour of the clock. */
    private boolean isOfOnePlace(Passages.Passage passage) {
        return course.isPlaceAt(passage.start())
                && course.all(passage.start(), passage.end()).stream()
                        .skip(1)
                        .allMatch(p -> p.from().inFeet() > HourNumbers.HOURS);
    }

    /** The words of a passage that are told of one place. */
    private String toldThere(Passages.Passage passage, int at) {
        if (!course.isTold()) {
            return passage.text();
        }
        int[] there = course.toldThere(at, passage.start(), passage.end());
        return passage.text().substring(there[0] - passage.start(), there[1] - passage.start());
    }
}
