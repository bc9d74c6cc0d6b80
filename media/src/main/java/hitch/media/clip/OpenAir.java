package hitch.media.clip;

import hitch.core.counter.sight.GreyPicture;
import hitch.media.MediaException;
import java.nio.file.Path;
import java.util.Arrays;

/**
 * Tells a clip of the open air from one of a pipe. In a pipe the lamp is at the lens: the picture is dark where the pipe goes, somewhere
 * about its middle, and lighter all round that. In the open air it is not.
 */
public final class OpenAir {
    private static final int LOOKS = 9;
    private static final int ACROSS = 8;
    private static final int DOWN = 6;
    /** The dark of a pipe is so much darker than what lies round it. */
    private static final double DARK = 0.5;

    private OpenAir() {}

    /** What share of a few pictures along a clip looks like the open air, 0 to 1. */
    public static double share(Path file, ClipIndex index) throws MediaException {
        int count = index.frames().count();
        int air = 0;
        try (FrameReader reader = new FrameReader(file, index, PictureShape.FOR_SCREEN)) {
            for (int i = 0; i < LOOKS; i++) {
                Picture picture = reader.frame((int) ((i + 0.5) * count / LOOKS));
                air += isPipe(GreyPicture.of(picture.width(), picture.height(), picture.rgb())) ? 0 : 1;
            }
        }
        return (double) air / LOOKS;
    }

    /** Whether a picture has a dark place with light all round. */
    static boolean isPipe(GreyPicture picture) {
        double[][] light = new double[DOWN][ACROSS];
        for (int y = 0; y < DOWN; y++) {
            for (int x = 0; x < ACROSS; x++) {
                light[y][x] = mean(picture, x, y);
            }
        }
        int bestX = 1;
        int bestY = 1;
        for (int y = 1; y < DOWN - 1; y++) {
            for (int x = 1; x < ACROSS - 1; x++) {
                if (light[y][x] < light[bestY][bestX]) {
                    bestX = x;
                    bestY = y;
                }
            }
        }
        double all =
                Arrays.stream(light).flatMapToDouble(Arrays::stream).average().orElse(0);
        return light[bestY][bestX] < DARK * all;
    }

    private static double mean(GreyPicture picture, int column, int row) {
        int fromX = column * picture.width() / ACROSS;
        int toX = (column + 1) * picture.width() / ACROSS;
        int fromY = row * picture.height() / DOWN;
        int toY = (row + 1) * picture.height() / DOWN;
        double sum = 0;
        for (int y = fromY; y < toY; y++) {
            for (int x = fromX; x < toX; x++) {
                sum += picture.at(x, y);
            }
        }
        return sum / Math.max(1, (toX - fromX) * (toY - fromY));
    }
}
