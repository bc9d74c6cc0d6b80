package hitch.core.footage;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * How a picture is changed so that the pipe is seen better. It never touches the footage; whatever is taken through one
 * says so.
 *
 * @param roll degrees that the picture is turned clockwise, from -180 to below 180; 180 sets a camera upright that lay on
 *     its back
 * @param mirror whether left and right are swapped, for a recorder that swapped them
 * @param brightness added to each colour, -1 to 1, where 1 is all of the range
 * @param contrast spread about middle grey, -1 to 1; 0 leaves it
 * @param gamma exponent's inverse, 0.2 to 5; above 1 lifts the dark parts
 * @param deinterlace whether every second line is rebuilt from its neighbours, for a picture of two fields that comb
 */
public record Adjustment(
        double roll, boolean mirror, double brightness, double contrast, double gamma, boolean deinterlace) {
    /** Nothing changed. */
    public static final Adjustment NONE = new Adjustment(0, false, 0, 0, 1, false);

    public Adjustment {
        roll = Math.floorMod(Math.round((roll + 180) * 10), 3600) / 10.0 - 180;
        brightness = Math.clamp(brightness, -1, 1);
        contrast = Math.clamp(contrast, -1, 1);
        gamma = Math.clamp(gamma, 0.2, 5);
    }

    public boolean isNone() {
        return equals(NONE);
    }

    public Adjustment withRoll(double degrees) {
        return new Adjustment(degrees, mirror, brightness, contrast, gamma, deinterlace);
    }

    public Adjustment withMirror(boolean on) {
        return new Adjustment(roll, on, brightness, contrast, gamma, deinterlace);
    }

    public Adjustment withTone(double itsBrightness, double itsContrast, double itsGamma) {
        return new Adjustment(roll, mirror, itsBrightness, itsContrast, itsGamma, deinterlace);
    }

    public Adjustment withDeinterlace(boolean on) {
        return new Adjustment(roll, mirror, brightness, contrast, gamma, on);
    }

    /**
     * Where a direction in the picture as recorded points once it is adjusted.
     *
     * @param degrees clockwise from the top of the recorded picture
     */
    public double upright(double degrees) {
        return (mirror ? -degrees : degrees) + roll;
    }

    /**
     * Where a place of the recorded picture shows once the picture is mirrored and turned about its middle.
     *
     * @param x pixels from the left
     * @param y pixels from the top
     * @param width of the picture, in those pixels
     * @param height likewise
     */
    public double[] shows(double x, double y, double width, double height) {
        double across = (mirror ? width - x : x) - width / 2;
        double down = y - height / 2;
        double turn = Math.toRadians(roll);
        return new double[] {
            width / 2 + across * Math.cos(turn) - down * Math.sin(turn),
            height / 2 + across * Math.sin(turn) + down * Math.cos(turn)
        };
    }

    /** What it does, in words for a record, such as {@code turned 180 degrees, gamma 1.40}; empty for none. */
    public String words() {
        List<String> words = new ArrayList<>();
        if (deinterlace) {
            words.add("deinterlaced");
        }
        if (brightness != 0) {
            words.add(String.format(Locale.ROOT, "brightness %+.2f", brightness));
        }
        if (contrast != 0) {
            words.add(String.format(Locale.ROOT, "contrast %+.2f", contrast));
        }
        if (gamma != 1) {
            words.add(String.format(Locale.ROOT, "gamma %.2f", gamma));
        }
        if (mirror) {
            words.add("mirrored");
        }
        if (roll != 0) {
            String degrees = roll == Math.rint(roll)
                    ? Long.toString(Math.abs(Math.round(roll)))
                    : String.format(Locale.ROOT, "%.1f", Math.abs(roll));
            words.add("turned " + degrees + " degrees"
                    + (roll == -180 ? "" : roll < 0 ? " anticlockwise" : " clockwise"));
        }
        return String.join(", ", words);
    }
}
