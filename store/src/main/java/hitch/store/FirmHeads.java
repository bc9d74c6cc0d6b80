package hitch.store;

import hitch.core.gauge.LensView;
import hitch.core.measure.Distance;
import java.util.Collections;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The firm's camera heads: what the lens of each sees from left to right, so that it is found once and known in every job.
 *
 * @param lenses degrees by the head's diameter
 */
public record FirmHeads(SortedMap<Distance, Integer> lenses) {
    public static final FirmHeads NONE = new FirmHeads(new TreeMap<>());

    private static final Pattern LINE =
            Pattern.compile("head ([0-9]+(?:\\.[0-9]+)?) in = ([0-9]{2,3}) degrees", Pattern.CASE_INSENSITIVE);

    public FirmHeads {
        lenses = Collections.unmodifiableSortedMap(new TreeMap<>(lenses));
    }

    public Optional<Integer> lensOf(Distance head) {
        return Optional.ofNullable(lenses.get(head));
    }

    public FirmHeads with(Distance head, int degrees) {
        SortedMap<Distance, Integer> more = new TreeMap<>(lenses);
        more.put(head, degrees);
        return new FirmHeads(more);
    }

    /** As a text that a person can read and edit. */
    String text() {
        StringBuilder text = new StringBuilder();
        for (Map.Entry<Distance, Integer> each : lenses.entrySet()) {
            text.append(String.format(
                    Locale.ROOT, "head %.2f in = %d degrees%n", each.getKey().inInches(), each.getValue()));
        }
        return text.toString();
    }

    /**
     * @throws IllegalArgumentException with the line that cannot be
     */
    static FirmHeads parse(String text) {
        FirmHeads heads = NONE;
        for (String line : text.lines().filter(l -> !l.isBlank()).toList()) {
            Matcher said = LINE.matcher(line.strip());
            if (!said.matches()) {
                throw new IllegalArgumentException(
                        "\"" + line + "\" is no head; one is written like head 1.25 in = 90 degrees.");
            }
            int degrees = Integer.parseInt(said.group(2));
            if (degrees < LensView.NARROWEST_DEGREES || degrees > LensView.WIDEST_DEGREES) {
                throw new IllegalArgumentException(
                        "A lens sees 20 to 170 degrees from left to right, not " + degrees + ".");
            }
            heads = heads.with(Distance.inches(Double.parseDouble(said.group(1))), degrees);
        }
        return heads;
    }
}
