package hitch.core.talk;

import hitch.core.finding.FindingKind;
import hitch.core.note.Draft;
import hitch.core.talk.place.Course;
import java.util.List;
import java.util.regex.Pattern;

/** "Right away we're in clay", "this is six inch": that it begins so is no change. */
final class FirstPipe {
    private static final Pattern WE_ARE_IN = Pattern.compile("(?i)^[\\s,.]*(?:(?:um|uh|and|so|okay|yeah),? )*"
            + "(?:we'?re|i'?m|we are) in\\b(?!.*\\b(?:now|back|from here)\\b)");

    private FirstPipe() {}

    /**
     * @param at where in the text it is named
     * @param drafts what was told before it
     */
    static boolean is(Draft said, int at, Passages.Passage passage, Course course, List<Spoken> drafts) {
        boolean pipe = said.matter() == FindingKind.MATERIAL_CHANGE || said.matter() == FindingKind.SIZE_CHANGE;
        return pipe
                && said.traits().before().isUnknown()
                && course.all(passage.start(), passage.end()).isEmpty()
                && (isAtZero(said, at, course) || isToldOnTheWay(said, passage, course, drafts));
    }

    private static boolean isAtZero(Draft said, int at, Course course) {
        return said.place()
                .or(() -> course.at(at))
                .filter(p -> p.from().mm() > 0)
                .isEmpty();
    }

    /** "It goes down, and at four feet to the right, and we're in galvanized": nobody said so earlier, and it was so. */
    private static boolean isToldOnTheWay(Draft said, Passages.Passage passage, Course course, List<Spoken> drafts) {
        return said.matter() == FindingKind.MATERIAL_CHANGE
                && said.place().isEmpty()
                && !course.isPlaceAt(passage.start())
                && WE_ARE_IN.matcher(passage.text()).find()
                && drafts.stream().noneMatch(d -> d.draft().matter() == FindingKind.MATERIAL_CHANGE);
    }
}
