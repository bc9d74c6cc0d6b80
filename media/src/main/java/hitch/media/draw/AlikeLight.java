package hitch.media.draw;

import hitch.media.clip.Picture;

/** Gives one picture the light of another, so that what differs between them is the pipe and not the lamp. */
public final class AlikeLight {
    private static final double LEAST_GAIN = 0.5;
    private static final double MOST_GAIN = 2;

    private AlikeLight() {}

    private record Light(double mean, double spread) {
        static Light of(Picture picture) {
            double sum = 0;
            double squares = 0;
            int count = picture.rgb().length;
            for (int rgb : picture.rgb()) {
                double grey = 0.299 * (rgb >> 16 & 0xFF) + 0.587 * (rgb >> 8 & 0xFF) + 0.114 * (rgb & 0xFF);
                sum += grey;
                squares += grey * grey;
            }
            double mean = sum / count;
            return new Light(mean, Math.sqrt(Math.max(0, squares / count - mean * mean)));
        }
    }

    /** The picture with mean and spread of its light as {@code like} has them; its colours keep their hue. */
    public static Picture of(Picture picture, Picture like) {
        Light is = Light.of(picture);
        Light wanted = Light.of(like);
        double gain = Math.clamp(wanted.spread() / Math.max(1, is.spread()), LEAST_GAIN, MOST_GAIN);
        int[] table = new int[256];
        for (int i = 0; i < table.length; i++) {
            table[i] = (int) Math.clamp(Math.round((i - is.mean()) * gain + wanted.mean()), 0, 255);
        }
        int[] rgb = new int[picture.rgb().length];
        for (int i = 0; i < rgb.length; i++) {
            int p = picture.rgb()[i];
            rgb[i] = 0xFF000000 | table[p >> 16 & 0xFF] << 16 | table[p >> 8 & 0xFF] << 8 | table[p & 0xFF];
        }
        return new Picture(picture.width(), picture.height(), rgb, picture.pts());
    }
}
