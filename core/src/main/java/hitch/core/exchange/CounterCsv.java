package hitch.core.exchange;

import hitch.core.counter.Heading;
import hitch.core.measure.Distance;
import hitch.core.talk.Whereabouts;
import java.io.IOException;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/** A counter's readings as {@code time_s,reading,unit,confidence}, feet or metres; a time without a value has none. */
public final class CounterCsv implements Whereabouts {
    /** A reading further away in time than this says nothing, seconds. */
    private static final double NEAR_S = 2;

    /** No time, reading or trust is larger. */
    private static final double LARGEST = 1e6;

    private record Row(Distance reading, double confidence) {}

    private final TreeMap<Double, Row> rows = new TreeMap<>();

    private CounterCsv() {}

    /**
     * @throws IOException if it cannot be read, or is no such table; the message says what was found
     */
    public static CounterCsv read(Reader in) throws IOException {
        CounterCsv csv = new CounterCsv();
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreSurroundingSpaces(true)
                .get();
        try (var parser = format.parse(in)) {
            if (!parser.getHeaderMap().containsKey("time_s")
                    || !parser.getHeaderMap().containsKey("reading")) {
                throw new IOException("A counter table has the columns time_s,reading,unit,confidence; this one has "
                        + String.join(",", parser.getHeaderNames()) + ".");
            }
            for (CSVRecord record : parser) {
                csv.add(record);
            }
        } catch (UncheckedIOException e) {
            throw new IOException("The counter table could not be read: a quote is opened and never closed.", e);
        } catch (IllegalArgumentException e) {
            throw new IOException("The counter table could not be read: " + e.getMessage(), e);
        }
        return csv;
    }

    private void add(CSVRecord record) {
        String reading = record.get("reading");
        if (reading.isBlank()) {
            return;
        }
        double value = number(reading, record);
        boolean metres = record.isSet("unit") && record.get("unit").equals("m");
        double trust = record.isSet("confidence") && !record.get("confidence").isBlank()
                ? number(record.get("confidence"), record)
                : 1;
        rows.put(
                number(record.get("time_s"), record),
                new Row(metres ? Distance.metres(value) : Distance.feet(value), trust));
    }

    private static double number(String text, CSVRecord record) {
        double value = Double.parseDouble(text);
        if (!(Math.abs(value) <= LARGEST)) {
            throw new IllegalArgumentException(
                    "\"" + text + "\" in row " + record.getRecordNumber() + " is no number that can be meant");
        }
        return value;
    }

    @Override
    public Optional<Distance> cableAt(double seconds) {
        return near(seconds).map(Row::reading);
    }

    @Override
    public double confidenceAt(double seconds) {
        return near(seconds).map(Row::confidence).orElse(0.0);
    }

    @Override
    public Heading headingAt(double seconds) {
        Optional<Row> before = near(seconds - 2);
        Optional<Row> after = near(seconds + 2);
        if (before.isEmpty() || after.isEmpty()) {
            return Heading.STILL;
        }
        double feet = after.get().reading().inFeet() - before.get().reading().inFeet();
        return feet > 0.3 ? Heading.OUT : feet < -0.3 ? Heading.BACK : Heading.STILL;
    }

    @Override
    public Optional<Distance> farthest() {
        return rows.values().stream()
                .filter(r -> r.confidence() >= 0.5)
                .map(Row::reading)
                .max(Distance::compareTo);
    }

    private Optional<Row> near(double seconds) {
        Map.Entry<Double, Row> floor = rows.floorEntry(seconds);
        Map.Entry<Double, Row> ceiling = rows.ceilingEntry(seconds);
        Map.Entry<Double, Row> best =
                floor == null || ceiling != null && ceiling.getKey() - seconds < seconds - floor.getKey()
                        ? ceiling
                        : floor;
        return best == null || Math.abs(best.getKey() - seconds) > NEAR_S
                ? Optional.empty()
                : Optional.of(best.getValue());
    }
}
