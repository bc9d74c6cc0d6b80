package hitch.core.exchange;

import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import hitch.core.measure.Station;
import hitch.core.pipe.PipeSize;
import hitch.core.survey.Line;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/** One row of JSON, and figures as they stand in it: feet to two decimals, ratios to three. */
final class JsonRow {
    private JsonRow() {}

    /** Names and values in turn. */
    static Map<String, Object> row(Object... parts) {
        Map<String, Object> row = new LinkedHashMap<>();
        for (int i = 0; i < parts.length; i += 2) {
            row.put((String) parts[i], parts[i + 1]);
        }
        return row;
    }

    /** Inches as the bore is named, or {@code unknown}. */
    static Object inches(Optional<PipeSize> size) {
        return size.map(PipeSize::inInches)
                .map(i -> i == Math.rint(i) ? (Object) (int) Math.rint(i) : i)
                .orElse("unknown");
    }

    static double feet(Distance distance) {
        return feet(distance.mm());
    }

    static double feet(double mm) {
        // A zero is added so that nothing reads as minus nothing.
        return Math.round(mm / Distance.MM_PER_FOOT * 100) / 100.0 + 0.0;
    }

    static double three(double value) {
        return Math.round(value * 1000) / 1000.0 + 0.0;
    }

    /** A station as it is read along {@code line}. */
    static double station(Line line, Station station) {
        return feet(line.stationing().read(station).mm());
    }

    /** A row that begins with where something lies. */
    static Map<String, Object> placed(Line line, String branch, Extent extent, Object... more) {
        Map<String, Object> row = row(
                "pipe", branch.strip(),
                "from_ft", station(line, extent.from()),
                "to_ft", station(line, extent.to()));
        row.putAll(row(more));
        return row;
    }
}
