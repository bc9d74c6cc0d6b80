package hitch.core.counter.sight;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Spells out one row of marks. */
final class LineSpeller {
    /** Share of the row's height up to which a mark is a point, a tick or a dash. */
    private static final double LITTLE = 0.55;
    /** Gap from which there is a blank, in heights of the row. */
    private static final double BLANK = 1.0;
    /** Width from which a mark may be two digits that touch, in heights of the row. */
    private static final double TWO = 0.8;
    /** Surety that a mark is nothing known or doubtful below which it is not cut in two. */
    private static final double DOUBTFUL = 0.6;
    /** How sure a point or a tick is. */
    private static final float POINT = 0.9f;

    private record Mark(char what, float sure, Region box, Optional<Glyph> glyph) {
        boolean isDigit() {
            return Character.isDigit(what);
        }
    }

    private final GlyphCutter cutter;
    private final GlyphJudge judge;
    private final TextLine line;
    private final int low;
    private final int high;

    LineSpeller(GlyphCutter cutter, GlyphJudge judge, TextLine line, int ground, int full) {
        this.cutter = cutter;
        this.judge = judge;
        this.line = line;
        low = ground + (full - ground) * 15 / 100;
        high = ground + (full - ground) * 90 / 100;
    }

    LineText spell() {
        List<Mark> marks = new ArrayList<>();
        Region before = null;
        for (Region box : line.boxes()) {
            if (!isLittle(box)) {
                large(box, marks);
            } else if (before != null && isLittle(before) && before.overlapAcross(box) > 0) {
                // Two points above one another are a colon.
                Mark lower = marks.removeLast();
                marks.add(new Mark(':', POINT, lower.box().with(box), Optional.empty()));
            } else {
                marks.add(new Mark(small(box), POINT, box, Optional.empty()));
            }
            before = box;
        }
        return text(meant(marks));
    }

    private boolean isLittle(Region box) {
        return box.height() <= LITTLE * line.height();
    }

    /** The marks without specks: a point stands between digits, a tick behind one, and nothing little in mid height. */
    private List<Mark> meant(List<Mark> marks) {
        List<Mark> kept = new ArrayList<>();
        for (int i = 0; i < marks.size(); i++) {
            Mark mark = marks.get(i);
            char what = mark.what();
            boolean behindDigit = !kept.isEmpty() && kept.getLast().isDigit();
            boolean keep = switch (what) {
                case '.' -> behindDigit && digitFollows(marks, i) && isLargestPoint(marks, i);
                case '\'' -> behindDigit || !kept.isEmpty() && kept.getLast().what() == '\'';
                case ' ' -> false;
                default -> true;
            };
            if (keep) {
                kept.add(mark);
            }
        }
        return kept;
    }

    private static boolean digitFollows(List<Mark> marks, int from) {
        for (int i = from + 1; i < marks.size(); i++) {
            char what = marks.get(i).what();
            if (what != '.' && what != ' ') {
                return marks.get(i).isDigit();
            }
        }
        return false;
    }

    /** Whether no larger point stands between the same two digits. */
    private static boolean isLargestPoint(List<Mark> marks, int at) {
        int first = at;
        while (first > 0 && isSpeck(marks.get(first - 1))) {
            first--;
        }
        int best = first;
        for (int i = first; i < marks.size() && isSpeck(marks.get(i)); i++) {
            boolean larger = marks.get(best).what() != '.' || area(marks.get(i)) > area(marks.get(best));
            best = marks.get(i).what() == '.' && larger ? i : best;
        }
        return best == at;
    }

    private static boolean isSpeck(Mark mark) {
        return mark.what() == '.' || mark.what() == ' ';
    }

    private static int area(Mark mark) {
        return mark.box().width() * mark.box().height();
    }

    private LineText text(List<Mark> marks) {
        StringBuilder text = new StringBuilder();
        List<Float> sure = new ArrayList<>();
        List<Region> boxes = new ArrayList<>();
        List<Optional<Glyph>> glyphs = new ArrayList<>();
        Region before = null;
        for (Mark mark : marks) {
            if (before != null && -before.overlapAcross(mark.box()) > BLANK * line.height()) {
                text.append(' ');
                sure.add(1f);
                boxes.add(before);
                glyphs.add(Optional.empty());
            }
            text.append(mark.what());
            sure.add(mark.sure());
            boxes.add(mark.box());
            glyphs.add(mark.glyph());
            before = mark.box();
        }
        return new LineText(text.toString(), sure, boxes, glyphs);
    }

    private void large(Region box, List<Mark> marks) {
        Mark whole = judged(box);
        boolean unclear = whole.what() == '?' || whole.sure() < DOUBTFUL;
        if (box.width() > TWO * line.height() && unclear) {
            List<Mark> parts = cutInTwo(box);
            if (!parts.isEmpty()) {
                marks.addAll(parts);
                return;
            }
        }
        marks.add(whole);
    }

    private Mark judged(Region box) {
        Glyph glyph = cutter.cut(box, low, high);
        float[] judged = judge.judge(glyph);
        int best = 0;
        for (int i = 1; i < judged.length; i++) {
            best = judged[i] > judged[best] ? i : best;
        }
        return new Mark(GlyphNet.ANSWERED.charAt(best), judged[best], box, Optional.of(glyph));
    }

    /** A wide mark as two digits parted where it has least ink; none where that makes no sense either. */
    private List<Mark> cutInTwo(Region box) {
        int[] columns = cutter.columns(box);
        int at = -1;
        for (int x = columns.length / 4; x <= columns.length * 3 / 4; x++) {
            at = at < 0 || columns[x] < columns[at] ? x : at;
        }
        if (at < 2 || at > columns.length - 2) {
            return List.of();
        }
        Mark left = judged(cutter.tight(new Region(box.x(), box.y(), at, box.height())));
        Mark right = judged(cutter.tight(new Region(box.x() + at, box.y(), box.width() - at, box.height())));
        boolean clear =
                left.what() != '?' && right.what() != '?' && left.sure() >= DOUBTFUL && right.sure() >= DOUBTFUL;
        return clear ? List.of(left, right) : List.of();
    }

    /** A point stands at the foot, a tick at the top, a dash in the middle; anything else is a speck. */
    private char small(Region box) {
        double middle = (box.y() + box.height() / 2.0 - line.top()) / line.height();
        boolean wide = box.width() >= 1.6 * box.height();
        if (wide && middle > 0.3 && middle < 0.75 && box.width() >= 0.25 * line.height()) {
            return '-';
        }
        return middle > 0.72 ? '.' : middle < 0.36 ? '\'' : ' ';
    }
}
