package hitch.core.counter.sight;

import java.util.ArrayList;
import java.util.List;

/** Rows of writing among edges that stay where they are: marks side by side, with stroke after stroke across them. */
final class StillRows {
    /** Least height of a letter, pixels. */
    private static final int SHORTEST = 6;
    /** Greatest height of a row, as a share of the picture's. */
    private static final double TALLEST = 0.2;
    /** Gap between words, in heights of the row. */
    private static final double WIDEST_GAP = 1.6;
    /** Least width of a row, in heights of it. */
    private static final double LEAST_WIDE = 1.8;
    /** Strokes across a row at least: an edge up and an edge down for each of three letters. */
    private static final int LEAST_STROKES = 6;
    /** Share of a row's pixels that are edges, at least. */
    private static final double LEAST_EDGES = 0.09;
    /** Gap within which edges belong to one mark, pixels. */
    private static final int WITHIN = 2;

    private final byte[] edges;
    private final int width;
    private final int height;

    StillRows(byte[] edges, int width, int height) {
        this.edges = edges;
        this.width = width;
        this.height = height;
    }

    List<Region> found() {
        List<Region> marks = new Pieces(thickened(), width, height)
                .found().stream()
                        .filter(m -> m.height() >= SHORTEST && m.height() <= TALLEST * height)
                        .toList();
        return rows(marks).stream().filter(this::isWriting).toList();
    }

    /** The edges with what lies close between them, so that the two sides of a stroke are one mark. */
    private boolean[] thickened() {
        boolean[] thick = new boolean[edges.length];
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                if (edges[y * width + x] != 0) {
                    for (int beside = 0; beside <= WITHIN && x + beside < width; beside++) {
                        thick[y * width + x + beside] = true;
                    }
                    thick[Math.min(y + 1, height - 1) * width + x] = true;
                }
            }
        }
        return thick;
    }

    private static List<Region> rows(List<Region> marks) {
        List<Region> rows = new ArrayList<>(marks);
        boolean grew = true;
        while (grew) {
            grew = false;
            for (int i = 0; i < rows.size(); i++) {
                for (int j = rows.size() - 1; j > i; j--) {
                    if (isOneRow(rows.get(i), rows.get(j))) {
                        rows.set(i, rows.get(i).with(rows.remove(j)));
                        grew = true;
                    }
                }
            }
        }
        return rows;
    }

    private static boolean isOneRow(Region a, Region b) {
        int less = Math.min(a.height(), b.height());
        int more = Math.max(a.height(), b.height());
        int down = Math.min(a.bottom(), b.bottom()) - Math.max(a.y(), b.y());
        return down >= 0.7 * less && more <= 2.2 * less && -a.overlapAcross(b) <= WIDEST_GAP * more;
    }

    private boolean isWriting(Region row) {
        if (row.width() < LEAST_WIDE * row.height()) {
            return false;
        }
        int inked = 0;
        int[] strokes = new int[row.height()];
        for (int y = row.y(); y < row.bottom(); y++) {
            int last = 0;
            for (int x = row.x(); x < row.right(); x++) {
                int edge = edges[y * width + x];
                inked += edge != 0 ? 1 : 0;
                if (edge != 0 && edge != 2 && edge != last) {
                    strokes[y - row.y()]++;
                    last = edge;
                }
            }
        }
        java.util.Arrays.sort(strokes);
        // The strokes of most of the lines: serifs and points stand on few of them.
        return strokes[strokes.length / 2] >= LEAST_STROKES && inked >= LEAST_EDGES * row.width() * row.height();
    }
}
