package hitch.media.film;

import hitch.core.story.CardShot;
import hitch.media.draw.Palette;
import hitch.media.draw.Pen;
import hitch.media.draw.Typefaces;
import java.awt.Color;
import java.util.List;

/** Draws a card: a paper sheet with a rope down its left edge and labelled rows. */
final class CardPainter {
    private static final double LEFT = 96;
    /** Size of a label against its row. */
    private static final double LABEL = 0.85;

    private static final double ROPE = 104;
    private static final double GAP = 32;
    private static final double RIGHT = 1216;

    private static final double LARGEST = 36;
    private static final double SMALLEST = 15;

    private CardPainter() {}

    static void paint(CardShot card, String footer, Color cards, Pen pen) {
        pen.fill(cards, 0, 0, 40, FilmShape.SHEET);
        pen.fill(Palette.ROPE, 17, 0, 6, FilmShape.SHEET);
        pen.line(card.title(), Typefaces.bold(52), Palette.INK, LEFT, 112, RIGHT - LEFT);
        // The rows take the largest type at which all of them still fit.
        for (double size = LARGEST; size >= SMALLEST; size -= 1) {
            if (height(pen, card.rows(), size) <= FilmShape.SHEET - 160 - 56 || size == SMALLEST) {
                rows(pen, card.rows(), size);
                break;
            }
        }
        pen.line(footer, Typefaces.text(20), Palette.INK_SOFT, LEFT, FilmShape.SHEET - 28, RIGHT - LEFT);
    }

    private static double height(Pen pen, List<CardShot.Row> rows, double size) {
        double left = left(pen, rows, size);
        double total = 0;
        for (CardShot.Row row : rows) {
            total += pen.wrap(row.text(), Typefaces.text(size), RIGHT - left).size() * size * 1.35 + size * 0.5;
        }
        return total;
    }

    /** Where rows begin: beside their labels, where any has one. */
    private static double left(Pen pen, List<CardShot.Row> rows, double size) {
        double left = LEFT;
        for (CardShot.Row row : rows) {
            double wide =
                    pen.graphics().getFontMetrics(Typefaces.bold(size * LABEL)).stringWidth(row.label());
            if (wide > 0) {
                left = Math.max(left, LEFT + (row.knots() >= 0 ? ROPE : 0) + wide + GAP);
            }
        }
        return left;
    }

    private static void rows(Pen pen, List<CardShot.Row> rows, double size) {
        double left = left(pen, rows, size);
        double y = 176;
        String before = "";
        for (CardShot.Row row : rows) {
            if (row.knots() >= 0) {
                pen.rope(row.knots(), Palette.ROPE, Palette.INK, LEFT, y - size * 0.32, 84, size * 0.55);
                pen.line(row.label(), Typefaces.bold(size * LABEL), Palette.INK, LEFT + ROPE, y, left - LEFT - ROPE);
            } else if (!row.label().equals(before)) {
                pen.line(row.label(), Typefaces.bold(size * LABEL), Palette.INK_SOFT, LEFT, y, left - LEFT);
            }
            before = row.label();
            y = pen.block(row.text(), Typefaces.text(size), Palette.INK, left, y, RIGHT - left, size * 1.35, 12);
            y += size * 0.5;
        }
    }
}
