package hitch.core.counter.sight;

import java.util.ArrayList;
import java.util.List;

/** Reads the rows of marks in a part of a picture. */
final class LineReader {
    private static final double[] LEVELS = {0.38, 0.5, 0.62, 0.75};

    private final GlyphNet net;

    LineReader(GlyphNet net) {
        this.net = net;
    }

    /** Every row of marks at one threshold. */
    List<LineText> lines(GreyPicture picture, int ground, int full, double level) {
        int threshold = (int) Math.round(ground + (full - ground) * level);
        GlyphCutter cutter = new GlyphCutter(picture, threshold);
        List<LineText> read = new ArrayList<>();
        for (TextLine line : TextLine.among(cutter.pieces())) {
            // A number with its point or its second digit; single marks are mostly the pipe's own.
            if (line.boxes().size() > 1) {
                read.add(read(cutter, line, ground, full));
            }
        }
        return read;
    }

    /** Every row of marks at each of several thresholds between the picture's ground and its ink. */
    List<LineText> lines(GreyPicture picture) {
        int ground = percentile(picture, 0.3);
        int full = percentile(picture, 0.997);
        List<LineText> read = new ArrayList<>();
        if (full - ground < 40) {
            return read;
        }
        for (double level : LEVELS) {
            read.addAll(lines(picture, ground, full, level));
        }
        return read;
    }

    static int percentile(GreyPicture picture, double share) {
        int[] counts = new int[256];
        int total = picture.width() * picture.height();
        for (int i = 0; i < total; i++) {
            counts[picture.grey()[i] & 0xFF]++;
        }
        int sum = 0;
        for (int v = 0; v < 256; v++) {
            sum += counts[v];
            if (sum >= total * share) {
                return v;
            }
        }
        return 255;
    }

    private LineText read(GlyphCutter cutter, TextLine line, int ground, int full) {
        StringBuilder text = new StringBuilder();
        List<Float> sure = new ArrayList<>();
        List<Region> boxes = new ArrayList<>();
        int low = ground + (full - ground) * 15 / 100;
        int high = ground + (full - ground) * 90 / 100;
        Region before = null;
        for (Region box : line.boxes()) {
            if (before != null && -before.overlapAcross(box) > 0.75 * line.height()) {
                add(text, sure, boxes, ' ', 1f, before);
            }
            boolean little = box.height() <= 0.55 * line.height();
            boolean pair = little
                    && before != null
                    && before.height() <= 0.55 * line.height()
                    && before.overlapAcross(box) > 0;
            if (pair) {
                // Two points above one another are a colon.
                text.setCharAt(text.length() - 1, ':');
                continue;
            }
            if (little) {
                add(text, sure, boxes, small(box, line), 0.9f, box);
            } else {
                float[] judged = net.judge(cutter.cut(box, low, high));
                int best = best(judged);
                add(text, sure, boxes, best == GlyphNet.OTHER ? '?' : (char) ('0' + best), judged[best], box);
            }
            before = box;
        }
        return new LineText(text.toString(), sure, boxes);
    }

    private static void add(
            StringBuilder text, List<Float> sure, List<Region> boxes, char what, float how, Region where) {
        text.append(what);
        sure.add(how);
        boxes.add(where);
    }

    private static int best(float[] judged) {
        int best = 0;
        for (int i = 1; i < judged.length; i++) {
            best = judged[i] > judged[best] ? i : best;
        }
        return best;
    }

    /** A point stands at the foot, a tick at the top, a dash in the middle. */
    private static char small(Region box, TextLine line) {
        double middle = (box.y() + box.height() / 2.0 - line.top()) / line.height();
        boolean wide = box.width() >= 1.6 * box.height();
        if (wide && middle > 0.3 && middle < 0.75) {
            return '-';
        }
        return middle > 0.72 ? '.' : middle < 0.36 ? '\'' : ':';
    }
}
