package hitch.core.footage;

import java.time.Instant;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.time.temporal.TemporalAccessor;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Puts clips in the order they were recorded: by the time each file tells, where all tell one and not all the same;
 * else by name as people count, so that clip 9 comes before clip 10; else by the file's own time.
 */
public final class RecordingOrder {
    private RecordingOrder() {}

    /**
     * @param fileTimes when each file was last written, ms since 1970; clips that are not named come last
     */
    public static List<Clip> of(List<Clip> clips, Map<ClipId, Long> fileTimes) {
        List<Clip> ordered = new ArrayList<>(clips);
        Comparator<Clip> byName = (a, b) -> compareNames(a.fileName(), b.fileName());
        Comparator<Clip> rest = byName.thenComparingLong(c -> fileTimes.getOrDefault(c.id(), Long.MAX_VALUE));
        Map<ClipId, Instant> told = new HashMap<>();
        clips.forEach(c -> moment(c.recorded()).ifPresent(m -> told.put(c.id(), m)));
        boolean allTell = told.size() == clips.size();
        boolean differ = told.values().stream().distinct().count() > 1;
        ordered.sort(
                allTell && differ
                        ? Comparator.<Clip, Instant>comparing(c -> told.get(c.id()))
                                .thenComparing(rest)
                        : rest);
        return List.copyOf(ordered);
    }

    /** When a file says it was recorded: with an offset where it tells one, else as by a clock of no zone. */
    public static Optional<Instant> moment(String recorded) {
        String text =
                recorded.strip().replaceFirst("(?<=\\d) (?=\\d)", "T").replaceFirst("([+-]\\d\\d)(\\d\\d)$", "$1:$2");
        try {
            TemporalAccessor read =
                    DateTimeFormatter.ISO_DATE_TIME.parseBest(text, OffsetDateTime::from, LocalDateTime::from);
            return Optional.of(
                    read instanceof OffsetDateTime at
                            ? at.toInstant()
                            : ((LocalDateTime) read).toInstant(ZoneOffset.UTC));
        } catch (DateTimeParseException e) {
            return Optional.empty();
        }
    }

    /** Compares names piece by piece: digits as numbers, the rest as letters whatever their case. */
    static int compareNames(String a, String b) {
        int i = 0;
        int j = 0;
        while (i < a.length() && j < b.length()) {
            boolean numbers = Character.isDigit(a.charAt(i)) && Character.isDigit(b.charAt(j));
            if (numbers) {
                int endA = endOfDigits(a, i);
                int endB = endOfDigits(b, j);
                String x = a.substring(i, endA).replaceFirst("^0+(?=.)", "");
                String y = b.substring(j, endB).replaceFirst("^0+(?=.)", "");
                int byNumber = x.length() != y.length() ? Integer.compare(x.length(), y.length()) : x.compareTo(y);
                if (byNumber != 0) {
                    return byNumber;
                }
                i = endA;
                j = endB;
            } else {
                int byLetter =
                        Character.compare(Character.toLowerCase(a.charAt(i++)), Character.toLowerCase(b.charAt(j++)));
                if (byLetter != 0) {
                    return byLetter;
                }
            }
        }
        int byLength = Integer.compare(a.length() - i, b.length() - j);
        return byLength != 0 ? byLength : a.compareTo(b);
    }

    private static int endOfDigits(String text, int from) {
        int end = from;
        while (end < text.length() && Character.isDigit(text.charAt(end))) {
            end++;
        }
        return end;
    }
}
