package hitch.core.measure;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A station as people type it into a field: a distance, and the way where it lies up the line, such as {@code 12.6
 * building}. The words that places are told in are understood too, and a minus, which lies toward the building.
 */
public final class StationText {
    private static final Pattern WAY =
            Pattern.compile("(.*?)\\s*(?:(?:toward|towards|to)\\s+(?:the\\s+)?)?(building|house|main|street|up|down)");

    private StationText() {}

    /** {@code read} as counted from where distances are read from. */
    public static String show(Station read, LengthUnit unit) {
        String number = unit.number(read.fromDatum());
        return read.mm() < 0 ? number + " building" : number;
    }

    /**
     * Reads what was typed; empty where it is no distance.
     *
     * @param bare which way a distance without a word or a minus lies: a station there, or the datum for toward the main
     */
    public static Optional<Station> read(String typed, LengthUnit unit, Station bare) {
        String text = typed.strip().toLowerCase(Locale.ROOT);
        Matcher way = WAY.matcher(text);
        boolean told = way.matches();
        boolean minus = text.startsWith("-");
        boolean up = told ? way.group(2).matches("building|house|up") : minus || bare.mm() < 0;
        String number = told ? way.group(1) : text;
        Optional<Distance> far = unit.readSigned(number).map(Distance::abs);
        return far.map(d -> new Station(up ? -d.mm() : d.mm()));
    }
}
