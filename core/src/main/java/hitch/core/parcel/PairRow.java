package hitch.core.parcel;

import hitch.core.footage.FrameRef;
import hitch.core.story.SideBySideShot;
import hitch.core.story.Story;
import java.util.ArrayList;
import java.util.List;

/**
 * One place before and after, as two stills that are laid over each other.
 *
 * @param title what is shown, and where
 * @param before file name of the still from before
 * @param after of the one from after
 * @param was what was there
 * @param left what is there now; empty where nothing is
 * @param then the frame of the one
 * @param now the frame of the other
 */
public record PairRow(String title, String before, String after, String was, String left, FrameRef then, FrameRef now) {
    private static final String KEY = "pair:";

    /** The pairs that a story tells, in its order. */
    public static List<PairRow> of(Story story) {
        List<PairRow> rows = new ArrayList<>();
        story.shots().forEach(shot -> {
            if (shot instanceof SideBySideShot side
                    && side.key().startsWith(KEY)
                    && side.panels().size() == 2) {
                SideBySideShot.Panel before = side.panels().getFirst();
                SideBySideShot.Panel after = side.panels().getLast();
                int number = rows.size() + 1;
                rows.add(new PairRow(
                        side.title(),
                        "stills/pair-" + number + "-before.png",
                        "stills/pair-" + number + "-after.png",
                        before.caption(),
                        after.caption(),
                        before.frame(),
                        after.frame()));
            }
        });
        return List.copyOf(rows);
    }
}
