package hitch.core.talk;

import hitch.core.finding.FindingKind;
import hitch.core.finding.Topic;
import hitch.core.note.Draft;
import java.util.List;
import java.util.Map;

/** Kinds that one breath tells of one thing: "bit of the wall is out, you can see dirt" is one hole, and no break beside it. */
final class Neighbours {
    /** What is told in other words where a kind stands beside it. */
    private static final Map<Topic, Topic> WITHIN = Map.of(
            FindingKind.OFFSET, FindingKind.DROP,
            FindingKind.END, FindingKind.LIMIT,
            FindingKind.HOLE, FindingKind.BREAK,
            FindingKind.BEND, FindingKind.DROP);

    private Neighbours() {}

    /** Whether two kinds beside each other are one thing. */
    static boolean are(Topic one, Topic other) {
        return isWithin(one, other) || isWithin(other, one);
    }

    private static boolean isWithin(Topic part, Topic whole) {
        return part.equals(WITHIN.get(whole));
    }

    /** Leaves out what rules know beside the thing that it is, where it cannot be another as well. */
    static void drop(List<Draft> all) {
        List<Draft> whole = List.copyOf(all);
        all.removeIf(d -> whole.stream().anyMatch(o -> o.certainty() == d.certainty() && isNothingBeside(d, o)));
    }

    /** "End of run, as far as I can go" is the end; "we have a drop at the joint, it's slipped down an inch" the offset. */
    private static boolean isNothingBeside(Draft part, Draft whole) {
        return whole.matter() == FindingKind.END && part.matter() == FindingKind.LIMIT
                || whole.matter() == FindingKind.OFFSET && part.matter() == FindingKind.DROP;
    }
}
