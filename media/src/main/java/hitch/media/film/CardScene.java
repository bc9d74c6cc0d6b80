package hitch.media.film;

import hitch.core.story.CardShot;
import java.awt.Color;

/** A card, which stands. */
record CardScene(CardShot shot, String footer, Color cards) implements Scene {
    @Override
    public Object look(double seconds) {
        return shot;
    }

    @Override
    public void draw(double seconds, Sheet sheet) {
        sheet.ground(this, pen -> CardPainter.paint(shot, footer, cards, pen));
    }
}
