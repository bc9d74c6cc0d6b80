package hitch.core.counter.sight;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * The connected pieces of ink on a picture, corners touching or sides. Runs of ink in a row are joined to those they
 * touch in the row above, and each set of joined runs is a piece (union and find; Galler and Fischer, 1964).
 */
final class Pieces {
    private final boolean[] ink;
    private final int width;
    private final int height;
    private int[] starts = new int[1024];
    private int[] ends = new int[1024];
    private int[] rows = new int[1024];
    private int[] parents = new int[1024];
    private int count;

    Pieces(boolean[] ink, int width, int height) {
        this.ink = ink;
        this.width = width;
        this.height = height;
    }

    /** The boxes round the pieces, from left to right. */
    List<Region> found() {
        int above = 0;
        for (int y = 0; y < height; y++) {
            int first = count;
            runs(y);
            join(above, first);
            above = first;
        }
        return boxes();
    }

    private void runs(int y) {
        int row = y * width;
        int x = 0;
        while (x < width) {
            while (x < width && !ink[row + x]) {
                x++;
            }
            if (x == width) {
                return;
            }
            int start = x;
            while (x < width && ink[row + x]) {
                x++;
            }
            add(start, x, y);
        }
    }

    private void add(int start, int end, int y) {
        if (count == starts.length) {
            starts = java.util.Arrays.copyOf(starts, 2 * count);
            ends = java.util.Arrays.copyOf(ends, 2 * count);
            rows = java.util.Arrays.copyOf(rows, 2 * count);
            parents = java.util.Arrays.copyOf(parents, 2 * count);
        }
        starts[count] = start;
        ends[count] = end;
        rows[count] = y;
        parents[count] = count;
        count++;
    }

    /** Joins the runs from {@code first} on, a row, with those from {@code above} on, the row over it. */
    private void join(int above, int first) {
        int a = above;
        for (int b = first; b < count; b++) {
            while (a < first && ends[a] < starts[b]) {
                a++;
            }
            for (int k = a; k < first && starts[k] <= ends[b]; k++) {
                parents[root(b)] = root(k);
            }
        }
    }

    private int root(int run) {
        int at = run;
        while (parents[at] != at) {
            parents[at] = parents[parents[at]];
            at = parents[at];
        }
        return at;
    }

    private List<Region> boxes() {
        int[] left = new int[count];
        int[] right = new int[count];
        int[] bottom = new int[count];
        int[] top = new int[count];
        java.util.Arrays.fill(left, Integer.MAX_VALUE);
        java.util.Arrays.fill(top, Integer.MAX_VALUE);
        for (int run = 0; run < count; run++) {
            int root = root(run);
            left[root] = Math.min(left[root], starts[run]);
            right[root] = Math.max(right[root], ends[run]);
            top[root] = Math.min(top[root], rows[run]);
            bottom[root] = Math.max(bottom[root], rows[run] + 1);
        }
        List<Region> boxes = new ArrayList<>();
        for (int run = 0; run < count; run++) {
            if (parents[run] == run) {
                boxes.add(new Region(left[run], top[run], right[run] - left[run], bottom[run] - top[run]));
            }
        }
        boxes.sort(Comparator.comparingInt(Region::x));
        return boxes;
    }
}
