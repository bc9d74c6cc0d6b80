package hitch.media.film;

/**
 * How large a film is and how many pictures a second it has, all of the same length.
 *
 * @param width pixels; 16 to 9
 * @param height pixels
 * @param rate pictures a second, 25 or 30
 * @param bits a second
 */
public record FilmShape(int width, int height, int rate, int bits) {
    public static final FilmShape USUAL = new FilmShape(1280, 720, 25, 2_400_000);
    public static final FilmShape LARGE = new FilmShape(1920, 1080, 30, 4_800_000);
    /** Everything is laid out on a sheet so high. */
    static final double SHEET = 720;

    static final double SHEET_WIDTH = 1280;

    /** Share of its rate that a film takes; 0.25 in the district's film of the demo. */
    private static final double USUALLY = 0.3;

    /** Of the voice, a second. */
    static final int SOUND_BITS = 96_000;

    /** About how many bytes so many seconds of it take, sound with it; held pictures take little of the rate that is asked for. */
    public double bytes(double seconds) {
        return seconds * (USUALLY * bits + SOUND_BITS) / 8;
    }

    /** Pixels to a unit of the sheet. */
    double scale() {
        return height / SHEET;
    }
}
