package hitch.desk.measure;

import hitch.core.footage.Adjustment;
import javafx.geometry.Bounds;

/**
 * Where a pixel of a clip's picture shows on the screen, however the picture is turned for looking at it.
 *
 * @param width of the picture, pixels
 * @param height likewise
 * @param shown where the picture lies on the screen
 * @param looked how it is looked at
 */
record PictureMap(int width, int height, Bounds shown, Adjustment looked) {
    /** A pixel on the screen. */
    double[] screen(double[] pixel) {
        double[] shows = looked.shows(pixel[0], pixel[1], width, height);
        return new double[] {shown.getMinX() + shows[0] * scale(), shown.getMinY() + shows[1] * scale()};
    }

    /** The pixel under a place of the screen. */
    double[] pixel(double screenX, double screenY) {
        double rx = (screenX - shown.getCenterX()) / scale();
        double ry = (screenY - shown.getCenterY()) / scale();
        double turn = Math.toRadians(looked.roll());
        double x = rx * Math.cos(turn) + ry * Math.sin(turn) + width / 2.0;
        double y = -rx * Math.sin(turn) + ry * Math.cos(turn) + height / 2.0;
        return new double[] {looked.mirror() ? width - x : x, y};
    }

    /** Points of the screen to a pixel. */
    double scale() {
        return shown.getWidth() / width;
    }
}
