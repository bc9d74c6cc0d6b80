package hitch.core.counter.sight;

import java.util.ArrayList;
import java.util.List;

/**
 * Marks that stand in a row, from left to right, small ones such as points among them.
 *
 * @param boxes the marks
 * @param height height of its tall marks, pixels
 * @param top where the tall marks begin
 */
record TextLine(List<Region> boxes, int height, int top) {
    /** Least height of a digit, pixels. */
    static final int SHORTEST = 8;
    /** Greatest height of a digit, pixels. */
    static final int TALLEST = 72;

    /** Gap in a row, in heights of it: a tick and a blank between feet and inches of a typewriter's face. */
    private static final double WIDEST_GAP = 2.8;
    /** Gap between the bars of one digit, pixels. */
    private static final int BAR_GAP = 1;
    /** Marks in a row of writing; more in a row are a pattern. */
    private static final int LONGEST = 40;
    /** Pieces looked at; a picture with more of them is mostly noise, and its writing is among the largest. */
    private static final int MOST = 700;

    /** The rows of marks among {@code pieces}. */
    static List<TextLine> among(List<Region> pieces) {
        List<Region> tall = joined(pieces.stream()
                .filter(p -> p.height() <= TALLEST && p.width() <= 2 * TALLEST && p.width() * p.height() >= 2)
                .sorted((a, b) -> Integer.compare(b.width() * b.height(), a.width() * a.height()))
                .limit(MOST)
                .toList());
        List<TextLine> lines = new ArrayList<>();
        List<Region> left = new ArrayList<>(
                tall.stream().filter(p -> p.height() >= SHORTEST).toList());
        while (!left.isEmpty()) {
            Region seed = left.stream()
                    .max(java.util.Comparator.comparingInt(Region::height))
                    .orElseThrow();
            List<Region> row = row(seed, left);
            left.removeAll(row);
            Region hull = row.stream().reduce(Region::with).orElseThrow();
            if (row.size() > LONGEST) {
                continue;
            }
            int height = row.stream().mapToInt(Region::height).sorted().toArray()[row.size() / 2];
            lines.add(new TextLine(withSmall(row, tall, hull, height), height, hull.y()));
        }
        return lines;
    }

    /** Marks of like height on a like foot, each within a few digits of the next. */
    private static List<Region> row(Region seed, List<Region> from) {
        List<Region> row = new ArrayList<>(List.of(seed));
        boolean grew = true;
        while (grew) {
            grew = false;
            for (Region other : from) {
                if (row.contains(other)) {
                    continue;
                }
                boolean like = Math.abs(other.height() - seed.height()) <= Math.max(2, seed.height() * 0.22)
                        && Math.abs(other.bottom() - seed.bottom()) <= Math.max(2, seed.height() * 0.2);
                boolean near = row.stream().anyMatch(r -> -r.overlapAcross(other) <= WIDEST_GAP * seed.height());
                if (like && near) {
                    row.add(other);
                    grew = true;
                }
            }
        }
        return row;
    }

    private static List<Region> withSmall(List<Region> row, List<Region> all, Region hull, int height) {
        List<Region> whole = new ArrayList<>(row);
        for (Region piece : all) {
            boolean small = piece.height() <= height * 0.55 && piece.width() <= height * 0.7;
            // An m and its like stand on the foot and are not as tall as a digit.
            boolean letter = piece.height() > height * 0.55
                    && piece.width() <= height * 1.3
                    && Math.abs(piece.bottom() - hull.bottom()) <= Math.max(1, height * 0.12);
            boolean inside = piece.y() >= hull.y() - height * 0.15
                    && piece.bottom() <= hull.bottom() + height * 0.25
                    && piece.x() > hull.x() - height * 0.6
                    && piece.right() < hull.right() + height * (letter ? 1.9 : 0.6);
            if ((small || letter) && inside && !whole.contains(piece)) {
                whole.add(piece);
            }
        }
        whole.sort(java.util.Comparator.comparingInt(Region::x));
        return List.copyOf(whole);
    }

    /** Pieces above one another made one mark, such as the strokes of a digit of seven bars. */
    private static List<Region> joined(List<Region> pieces) {
        List<Region> open = new ArrayList<>(pieces);
        open.sort(java.util.Comparator.comparingInt(Region::x));
        for (int i = 0; i < open.size(); i++) {
            for (int j = i + 1;
                    j < open.size() && open.get(j).x() <= open.get(i).right() + BAR_GAP;
                    j++) {
                if (belong(open.get(i), open.get(j))) {
                    open.set(i, open.get(i).with(open.get(j)));
                    open.remove(j);
                    // The mark has grown; whatever stands beside it is asked again.
                    j = i;
                }
            }
        }
        return open;
    }

    /** A stroke of a digit of seven bars: long and thin. */
    private static boolean isBar(Region r) {
        return Math.min(r.width(), r.height()) * 2 <= Math.max(r.width(), r.height())
                && Math.max(r.width(), r.height()) >= 4;
    }

    private static boolean belong(Region a, Region b) {
        Region both = a.with(b);
        int across = a.overlapAcross(b);
        int gap = Math.max(a.y(), b.y()) - Math.min(a.bottom(), b.bottom());
        if (isBar(a) && isBar(b) && across >= -BAR_GAP && gap <= BAR_GAP) {
            return both.height() <= TALLEST && both.width() <= both.height() * 0.8;
        }
        return across > 1
                && across >= 0.5 * Math.min(a.width(), b.width())
                && gap <= Math.max(2, both.height() / 8)
                && both.height() <= TALLEST
                && both.width() <= both.height() * 0.95
                && Math.max(a.height(), b.height()) > 0.3 * both.height();
    }
}
