package hitch.media.draw;

import hitch.core.footage.Adjustment;
import hitch.media.clip.Picture;

/** Changes a copy of a picture so that the pipe is seen better; the picture itself stays as it is. */
public final class Adjuster {
    private Adjuster() {}

    /** {@code picture} through {@code adjustment}: lines first, then tone, mirror and roll. */
    public static Picture apply(Picture picture, Adjustment adjustment) {
        if (adjustment.isNone()) {
            return picture;
        }
        int[] rgb = picture.rgb();
        int width = picture.width();
        int height = picture.height();
        if (adjustment.deinterlace()) {
            rgb = deinterlaced(rgb, width, height);
        }
        if (adjustment.brightness() != 0 || adjustment.contrast() != 0 || adjustment.gamma() != 1) {
            rgb = toned(rgb, toneTable(adjustment));
        }
        if (adjustment.mirror()) {
            rgb = mirrored(rgb, width, height);
        }
        if (adjustment.roll() != 0) {
            rgb = rolled(rgb, width, height, adjustment.roll());
        }
        return new Picture(width, height, rgb, picture.pts());
    }

    /**
     * Every second line rebuilt along the least step among three directions between its neighbours: edge-based line
     * average, Doyle and Looymans, 1990.
     */
    private static int[] deinterlaced(int[] rgb, int width, int height) {
        int[] out = rgb.clone();
        for (int y = 1; y + 1 < height; y += 2) {
            int above = (y - 1) * width;
            int below = (y + 1) * width;
            for (int x = 0; x < width; x++) {
                int best = 0;
                int least = step(rgb[above + x], rgb[below + x]);
                for (int lean = -1; lean <= 1; lean += 2) {
                    if (x - 1 >= 0 && x + 1 < width) {
                        int step = step(rgb[above + x + lean], rgb[below + x - lean]);
                        if (step < least) {
                            least = step;
                            best = lean;
                        }
                    }
                }
                out[y * width + x] = middle(rgb[above + x + best], rgb[below + x - best]);
            }
        }
        return out;
    }

    private static int step(int a, int b) {
        return Math.abs((a >> 16 & 0xFF) - (b >> 16 & 0xFF))
                + Math.abs((a >> 8 & 0xFF) - (b >> 8 & 0xFF))
                + Math.abs((a & 0xFF) - (b & 0xFF));
    }

    private static int middle(int a, int b) {
        // Half of each byte, with the carried low bits added back.
        return 0xFF000000 | ((a & 0xFEFEFE) >> 1) + ((b & 0xFEFEFE) >> 1) + (a & b & 0x010101);
    }

    private static int[] toneTable(Adjustment a) {
        int[] table = new int[256];
        double spread = Math.tan((a.contrast() + 1) * Math.PI / 4 * 0.98);
        for (int i = 0; i < 256; i++) {
            double value = Math.pow(i / 255.0, 1 / a.gamma());
            value = (value - 0.5) * spread + 0.5 + a.brightness();
            table[i] = (int) Math.clamp(Math.round(value * 255), 0, 255);
        }
        return table;
    }

    private static int[] toned(int[] rgb, int[] table) {
        int[] out = new int[rgb.length];
        for (int i = 0; i < rgb.length; i++) {
            int p = rgb[i];
            out[i] = 0xFF000000 | table[p >> 16 & 0xFF] << 16 | table[p >> 8 & 0xFF] << 8 | table[p & 0xFF];
        }
        return out;
    }

    private static int[] mirrored(int[] rgb, int width, int height) {
        int[] out = new int[rgb.length];
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                out[y * width + x] = rgb[y * width + width - 1 - x];
            }
        }
        return out;
    }

    private static int[] rolled(int[] rgb, int width, int height, double degrees) {
        int[] out = new int[rgb.length];
        if (degrees == -180) {
            for (int i = 0; i < rgb.length; i++) {
                out[i] = rgb[rgb.length - 1 - i];
            }
            return out;
        }
        double angle = Math.toRadians(degrees);
        double cos = Math.cos(angle);
        double sin = Math.sin(angle);
        double middleX = (width - 1) / 2.0;
        double middleY = (height - 1) / 2.0;
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                double dx = x - middleX;
                double dy = y - middleY;
                out[y * width + x] =
                        sample(rgb, width, height, middleX + dx * cos + dy * sin, middleY - dx * sin + dy * cos);
            }
        }
        return out;
    }

    /** The colour between four pixels, by nearness; black outside. */
    private static int sample(int[] rgb, int width, int height, double x, double y) {
        int left = (int) Math.floor(x);
        int top = (int) Math.floor(y);
        if (left < 0 || top < 0 || left + 1 >= width || top + 1 >= height) {
            return 0xFF000000;
        }
        int across = (int) ((x - left) * 256);
        int down = (int) ((y - top) * 256);
        int at = top * width + left;
        int upper = mix(rgb[at], rgb[at + 1], across);
        int lower = mix(rgb[at + width], rgb[at + width + 1], across);
        return 0xFF000000 | mix(upper, lower, down);
    }

    private static int mix(int a, int b, int share) {
        int redBlue = ((a & 0xFF00FF) * (256 - share) + (b & 0xFF00FF) * share) >>> 8 & 0xFF00FF;
        int green = ((a & 0xFF00) * (256 - share) + (b & 0xFF00) * share) >>> 8 & 0xFF00;
        return redBlue | green;
    }
}
