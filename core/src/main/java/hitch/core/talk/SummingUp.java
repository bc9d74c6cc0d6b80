package hitch.core.talk;

import hitch.core.finding.FindingKind;
import hitch.core.finding.Topic;
import hitch.core.note.Act;
import hitch.core.talk.place.Course;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;

/** Whether the speaker sums up: the farthest place was reached, and he turns to what it all means. Nothing is found any more but where he tells a place. */
final class SummingUp {
    private static final Pattern TURNS = Pattern.compile(
            "(?i)[\\s,.]*(?:(?:okay|ok|alright|all right|now|well|right),? )?(?:so|overall|in short|in summary|to sum|conclusions?|bottom line|verdict|opinion|summary|in plain)\\b(?! far\\b)");

    private static final Set<Topic> MEANS = Set.of(FindingKind.VERDICT, FindingKind.ADVICE, Act.SERVICE);

    private final Course course;
    private boolean begun;
    private boolean placedBefore;

    SummingUp(Course course) {
        this.course = course;
    }

    /**
     * Goes on to a passage.
     *
     * @param placed whether a place is told in it, or right before
     * @param drafts what was told before it
     */
    void read(Passages.Passage passage, boolean placed, List<Spoken> drafts) {
        begun = course.isTold()
                && !placed
                && course.isBehindFarthest(passage.start())
                && (begun
                        || TURNS.matcher(passage.text()).lookingAt()
                        // What the trouble is may be told of what is seen at this place.
                        || !placedBefore && !drafts.isEmpty() && means(drafts.getLast()));
        placedBefore = placed;
    }

    private static boolean means(Spoken spoken) {
        return MEANS.contains(spoken.draft().matter()) && spoken.draft().place().isEmpty();
    }

    /** Whether it has begun, and no place was told since. */
    boolean isBegun() {
        return begun;
    }
}
