package hitch.desk.widget;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.util.Locale;

/** Instants as somebody reads them at this desk: the time of a day that is today, else the day with it. */
public final class Clocks {
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm", Locale.ROOT);
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM yyyy, HH:mm", Locale.US);

    private Clocks() {}

    /**
     * @param instant as ISO; given back as it is where it is none
     */
    public static String words(String instant) {
        return words(instant, LocalDate.now(), ZoneId.systemDefault());
    }

    static String words(String instant, LocalDate today, ZoneId zone) {
        try {
            ZonedDateTime at = Instant.parse(instant).atZone(zone);
            return "at " + TIME.format(at)
                    + (at.toLocalDate().equals(today)
                            ? ""
                            : " on " + DAY.format(at).replaceAll(", .*", ""));
        } catch (DateTimeParseException e) {
            return instant;
        }
    }
}
