package hitch.core.talk;

import hitch.core.finding.FindingKind;
import hitch.core.finding.FindingKind.Family;
import hitch.core.note.Draft;
import java.util.List;
import java.util.regex.Pattern;

/** "Get the roots cut": what is to be done about a thing finds it no second time. */
final class OnlyAdvised {
    /** "Eighteen, there is a crack, and that has to be watched": it is found, whatever is to be done about it. */
    private static final Pattern THERE_IS = Pattern.compile(
            "^[\\s,.]*(?:okay |and |so |now )*(?:there(?:'?s| is| are)|here(?:'?s| is)|i see|we have|we'?ve got|i'?ve got) (?:an?|some|another)\\b");

    /** Nobody reckons to the inch. */
    private static final long ROUNDED_MM = 310;

    private OnlyAdvised() {}

    /**
     * What a passage states, without what it only says how to mend.
     *
     * @param low the passage, lower case
     * @param behindPlace whether the place of the camera stands right before it
     */
    static List<Draft> without(List<Draft> all, String low, boolean behindPlace) {
        boolean found = behindPlace && THERE_IS.matcher(low).find();
        boolean advice = !found && all.stream().anyMatch(d -> d.matter() == FindingKind.ADVICE);
        return all.stream()
                .filter(d -> !isSum(d, all))
                .filter(d -> !(advice && d.matter() == FindingKind.JOINT))
                .filter(d -> !advice
                        || d.place().isPresent()
                        || !Stating.isFound(d)
                        || d.kind().family() == Family.LIMIT)
                .toList();
    }

    /** "Replace it from sixteen to sixty-three, so forty-seven feet": how much that is, and no place of its own. */
    private static boolean isSum(Draft draft, List<Draft> all) {
        return draft.matter() == FindingKind.ADVICE
                && draft.place().filter(Draft.Place::isPoint).isPresent()
                && all.stream()
                        .filter(d -> d.matter() == FindingKind.ADVICE)
                        .flatMap(d -> d.place().stream())
                        .anyMatch(p -> !p.isPoint()
                                && Math.abs(p.to().minus(p.from()).mm()
                                                - draft.place().get().from().mm())
                                        < ROUNDED_MM);
    }
}
