package hitch.core.story;

import hitch.core.footage.FrameRef;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/**
 * A card of text.
 *
 * @param key what it goes by, such as {@code card:opening}
 * @param title its heading
 * @param rows what it says, top to bottom
 * @param narration what is spoken over it
 * @param tail seconds it stands when that was said
 */
@RecordBuilder
public record CardShot(String key, String title, List<Row> rows, String narration, double tail)
        implements Shot, CardShotBuilder.With {
    /**
     * A line of a card.
     *
     * @param label small word at its left, may be empty
     * @param text the line
     * @param knots weight drawn as knots before it, or -1 for none
     */
    public record Row(String label, String text, int knots) {
        public static Row of(String label, String text) {
            return new Row(label, text, -1);
        }
    }

    public CardShot {
        rows = List.copyOf(rows);
    }

    @Override
    public List<FrameRef> shown() {
        return List.of();
    }

    @Override
    public List<String> written() {
        return rows.stream().map(r -> r.label() + " " + r.text()).toList();
    }

    @Override
    public CardShot saying(String words) {
        return withNarration(words);
    }

    @Override
    public CardShot standing(double seconds) {
        return withTail(seconds);
    }
}
