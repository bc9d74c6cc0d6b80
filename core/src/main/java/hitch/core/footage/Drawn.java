package hitch.core.footage;

import java.util.Comparator;
import java.util.List;
import java.util.function.UnaryOperator;

/**
 * One thing drawn over a clip's or a photograph's picture. Its places are on the picture upright by its file's own word, so that it
 * holds at every size and however the picture is looked at.
 *
 * @param form what is drawn
 * @param places where: all of a line, the two ends of an arrow with its head last, the left end of words
 * @param wide how wide a brush was, ten-thousandths of the picture's width; 0 for all else
 * @param words what is written; blank for all but words
 */
public record Drawn(Form form, List<Spot> places, int wide, String words) {
    /** What is drawn. */
    public enum Form {
        /** A line that comes back to where it began. */
        RING,
        LINE,
        BRUSH,
        ARROW,
        WORDS
    }

    /**
     * A place on a picture, in ten-thousandths of its width and height ({@link Patch#WHOLE}).
     *
     * @param x from the left; less than nothing, or more than the whole, beyond the picture's edge
     * @param y from the top
     */
    public record Spot(int x, int y) {
        /** Where a pixel lies. */
        public static Spot of(double x, double y, int width, int height) {
            return new Spot((int) Math.round(x * Patch.WHOLE / width), (int) Math.round(y * Patch.WHOLE / height));
        }

        /** Where it lies, pixels of a picture of that size. */
        public double[] pixel(double width, double height) {
            return new double[] {x * width / Patch.WHOLE, y * height / Patch.WHOLE};
        }
    }

    public Drawn {
        places = List.copyOf(places);
        words = words == null ? "" : words;
        if (places.isEmpty()) {
            throw new IllegalArgumentException("what is drawn lies somewhere");
        }
    }

    /** Words with their left end at a place. */
    public static Drawn words(Spot at, String words) {
        return new Drawn(Form.WORDS, List.of(at), 0, words);
    }

    /** The same with its words put otherwise. */
    public Drawn worded(UnaryOperator<String> how) {
        return form == Form.WORDS ? new Drawn(form, places, wide, how.apply(words)) : this;
    }

    /** The highest of its places, the leftmost of equals. */
    public Spot top() {
        return places.stream()
                .min(Comparator.comparingInt(Spot::y).thenComparingInt(Spot::x))
                .orElseThrow();
    }

    /** A ring or a line through pixels of a picture. */
    public static Drawn of(Form form, List<double[]> pixels, int width, int height) {
        return brushed(form, pixels, 0, width, height);
    }

    /** @param wide pixels */
    public static Drawn brushed(Form form, List<double[]> pixels, double wide, int width, int height) {
        return new Drawn(
                form,
                pixels.stream().map(p -> Spot.of(p[0], p[1], width, height)).toList(),
                (int) Math.round(wide * Patch.WHOLE / width),
                "");
    }
}
