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
                .filter(d -> !(advice && d.matter() == FindingKind.JOINT))
                .filter(d -> !advice
                        || d.place().isPresent()
                        || !Stating.isFound(d)
                        || d.kind().family() == Family.LIMIT)
                .toList();
    }
}
