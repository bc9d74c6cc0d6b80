package hitch.core.counter.sight;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.Predicate;

/** Reads the rows of marks in a part of a picture. */
final class LineReader {
    /** Contrast under which nothing is written, brightness steps. */
    private static final int FAINT = 40;
    /** Thresholds nearer than this give the same marks, brightness steps. */
    private static final int ALIKE = 5;

    /**
     * A way of looking: what is taken for ground, as a share of the picture that is darker, and how far above it ink
     * begins, as a share of the way to the brightest. Writing with an outline stands on the pipe; writing in a box, or on
     * a bright pipe with a strong outline, stands on something darker than most of the picture.
     */
    private record Way(double ground, double level) {}

    private static final List<Way> WAYS = List.of(
            new Way(0.3, 0.5),
            new Way(0.05, 0.62),
            new Way(0.3, 0.75),
            new Way(0.05, 0.45),
            new Way(0.3, 0.62),
            new Way(0.3, 0.87),
            new Way(0.05, 0.78),
            new Way(0.3, 0.38));

    /** Shares of a picture that are darker than any ground, and than any ink. */
    private static final double DARK = 0.05;

    private static final double BRIGHT = 0.997;

    private final GlyphJudge judge;

    LineReader(GlyphJudge judge) {
        this.judge = judge;
    }

    /** Every row of marks at each of several thresholds between the picture's ground and its ink. */
    List<LineText> lines(GreyPicture picture) {
        List<LineText> read = new ArrayList<>();
        lines(picture, line -> true, found -> {
            read.addAll(found);
            return true;
        });
        return read;
    }

    /**
     * The rows of marks that are wanted, one threshold after another.
     *
     * @param wanted which rows to spell out
     * @param more takes what a threshold gave, and says whether another is to be tried
     */
    void lines(GreyPicture picture, Predicate<TextLine> wanted, Predicate<List<LineText>> more) {
        int[] counts = counts(picture);
        int full = percentile(counts, BRIGHT);
        if (full - percentile(counts, DARK) < FAINT) {
            return;
        }
        List<Integer> tried = new ArrayList<>();
        for (Way way : WAYS) {
            int ground = percentile(counts, way.ground());
            int threshold = (int) Math.round(ground + (full - ground) * way.level());
            if (tried.stream().anyMatch(t -> Math.abs(t - threshold) < ALIKE)) {
                continue;
            }
            tried.add(threshold);
            if (!more.test(lines(new GlyphCutter(picture, threshold), wanted, ground, full))) {
                return;
            }
        }
    }

    private List<LineText> lines(GlyphCutter cutter, Predicate<TextLine> wanted, int ground, int full) {
        List<LineText> read = new ArrayList<>();
        for (TextLine line : TextLine.among(cutter.pieces())) {
            // A number with its point or its second digit; single marks are mostly the pipe's own.
            if (line.boxes().size() > 1 && wanted.test(line)) {
                read.add(new LineSpeller(cutter, judge, line, ground, full).spell());
            }
        }
        return read;
    }

    /** How many pixels have each brightness. */
    private static int[] counts(GreyPicture picture) {
        int[] counts = new int[256];
        int total = picture.width() * picture.height();
        byte[] grey = picture.grey();
        for (int i = 0; i < total; i++) {
            counts[grey[i] & 0xFF]++;
        }
        return counts;
    }

    private static int percentile(int[] counts, double share) {
        int total = Arrays.stream(counts).sum();
        int sum = 0;
        for (int v = 0; v < 256; v++) {
            sum += counts[v];
            if (sum >= total * share) {
                return v;
            }
        }
        return 255;
    }
}
