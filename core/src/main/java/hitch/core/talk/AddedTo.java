package hitch.core.talk;

import hitch.core.finding.FindingKind.Family;
import hitch.core.measure.LengthUnit;
import hitch.core.note.Draft;
import hitch.core.note.NoteReader;
import hitch.core.talk.place.Course;
import java.util.List;
import java.util.Optional;

/** A sentence without a matter of its own may add to what was said just before: "that is at 42". */
final class AddedTo {
    /** What adds to the sentence before follows it so soon, seconds. */
    private static final double SOON_S = 12;

    private final NoteReader reader;
    private final LengthUnit unit;
    private final Course course;

    AddedTo(NoteReader reader, LengthUnit unit, Course course) {
        this.reader = reader;
        this.unit = unit;
        this.course = course;
    }

    /**
     * Adds a passage to what was told last, where it may be of that.
     *
     * @param finding what was found last
     */
    void last(Passages.Passage passage, double seconds, List<Spoken> drafts, Optional<Draft> finding) {
        boolean soon = !drafts.isEmpty() && seconds - drafts.getLast().seconds() <= SOON_S;
        boolean there = course.all(passage.start(), passage.end()).isEmpty() || isWhereItIs(passage, finding);
        if (!soon || !there || isElsewhere(passage.start(), finding)) {
            return;
        }
        Spoken last = drafts.getLast();
        Draft more = reader.goOn(passage.text(), unit, last.draft());
        boolean feature = last.draft().kind().family() == Family.FEATURE
                && last.draft().place().isPresent();
        if (feature || isNowhere(more)) {
            // "About twenty feet of it has to come out" is no length of where the main is met, "a three foot repair" no
            // place.
            more = more.at(last.draft().place());
        }
        if (last.draft().traits().clock().isEmpty()) {
            // "Hanging right off the top" is on no right side.
            more = Sides.settled(more, passage.text());
        }
        if (!Sides.isSided(more) && last.draft().traits().clock().isEmpty()) {
            more = more.on(Optional.empty());
        }
        if (!more.equals(last.draft())) {
            drafts.set(drafts.size() - 1, last.with(more));
        }
    }

    /** Whether it is told of a spot along which the camera never came. */
    private boolean isNowhere(Draft draft) {
        return course.isTold()
                && draft.place()
                        .filter(p -> p.isPoint() && !course.knows(p.from()))
                        .isPresent();
    }

    /** Whether the place that is said in a passage is that of the last finding: what is told there may be told of it. */
    private boolean isWhereItIs(Passages.Passage passage, Optional<Draft> finding) {
        return finding.flatMap(Draft::place)
                .filter(p -> course.within(passage.start(), passage.end()).equals(Optional.of(p)))
                .isPresent();
    }

    /** Whether the camera went on since the last finding: what is told now adds nothing to it. */
    private boolean isElsewhere(int at, Optional<Draft> finding) {
        Optional<Draft.Place> last = finding.flatMap(Draft::place).filter(Draft.Place::isPoint);
        return last.isPresent()
                && course.at(at)
                        .filter(p ->
                                p.isPoint() && p.from().compareTo(last.get().from()) > 0)
                        .isPresent();
    }
}
