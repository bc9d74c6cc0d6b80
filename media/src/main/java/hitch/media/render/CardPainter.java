package hitch.media.render;

import hitch.core.story.CardShot;
import hitch.media.draw.Palette;
import hitch.media.draw.Pen;
import hitch.media.draw.Typefaces;
import java.awt.image.BufferedImage;
import java.util.List;

/** Draws a card: a paper sheet with a rope down its left edge and labelled rows. */
final class CardPainter {
    private static final double LEFT = 96;
    private static final double TEXT = 312;
    private static final double RIGHT = 1200;

    private CardPainter() {}

    static void paint(CardShot card, String footer, BufferedImage canvas) {
        Pen pen = Pen.on(canvas);
        pen.fill(Palette.PAPER, 0, 0, canvas.getWidth(), canvas.getHeight());
        pen.fill(Palette.SLATE, 0, 0, 40, canvas.getHeight());
        pen.fill(Palette.ROPE, 17, 0, 6, canvas.getHeight());
        pen.line(card.title(), Typefaces.bold(44), Palette.INK, LEFT, 104, RIGHT - LEFT);
        // The rows take the largest type at which all of them still fit.
        for (double size = 24; size >= 13; size -= 1) {
            if (height(pen, card.rows(), size) <= canvas.getHeight() - 152 - 64 || size == 13) {
                rows(pen, card.rows(), size);
                break;
            }
        }
        pen.line(footer, Typefaces.text(16), Palette.INK_SOFT, LEFT, canvas.getHeight() - 28.0, RIGHT - LEFT);
        pen.close();
    }

    private static double height(Pen pen, List<CardShot.Row> rows, double size) {
        double total = 0;
        for (CardShot.Row row : rows) {
            total += pen.wrap(row.text(), Typefaces.text(size), RIGHT - TEXT).size() * size * 1.35 + size * 0.5;
        }
        return total;
    }

    private static void rows(Pen pen, List<CardShot.Row> rows, double size) {
        double y = 160;
        String before = "";
        for (CardShot.Row row : rows) {
            if (row.knots() >= 0) {
                pen.rope(row.knots(), Palette.ROPE, Palette.COPPER, LEFT, y - size * 0.32, 84, size * 0.6);
                pen.line(row.label(), Typefaces.bold(size * 0.85), Palette.INK, LEFT + 104, y, TEXT - LEFT - 112);
            } else if (!row.label().equals(before)) {
                pen.line(row.label(), Typefaces.bold(size * 0.85), Palette.INK_SOFT, LEFT, y, TEXT - LEFT - 16);
            }
            before = row.label();
            y = pen.block(row.text(), Typefaces.text(size), Palette.INK, TEXT, y, RIGHT - TEXT, size * 1.35, 12);
            y += size * 0.5;
        }
    }
}
