package hitch.core.parcel;

import hitch.core.disclosure.Disclosure;
import hitch.core.exchange.FindingRow;
import hitch.core.finding.LocatedFinding;
import hitch.core.measure.Extent;
import hitch.core.pipe.Branch;
import hitch.core.sketch.Hot;
import hitch.core.sketch.Sketch;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Where a finding stands on a drawing of the line, in percent of the drawing from its left and its top.
 *
 * @param finding its id
 * @param words what it is, and where
 * @param knots its weight, 0 to 4
 */
public record Knot(String finding, String words, int knots, double left, double top, double width, double height) {
    private static final double WIDE = 3;

    /** On a drawing, for the findings of a report; one that is not drawn is left out. */
    public static List<Knot> on(Sketch sketch, List<FindingRow> rows) {
        Map<String, Hot> places = new LinkedHashMap<>();
        for (Hot hot : sketch.hots()) {
            hot.finding().ifPresent(id -> places.put(id.value(), hot));
        }
        return rows.stream()
                .filter(r -> places.containsKey(r.id()))
                .map(r -> {
                    Hot hot = places.get(r.id());
                    return of(
                            r,
                            100 * hot.x() / sketch.width(),
                            100 * hot.y() / sketch.height(),
                            100 * hot.width() / sketch.width(),
                            100 * hot.height() / sketch.height());
                })
                .toList();
    }

    /** On a plain strip that is as long as what was reached; a finding without a place on the line is left out. */
    public static List<Knot> onStrip(Disclosure may, List<FindingRow> rows) {
        Optional<Extent> reached = may.reached();
        if (reached.isEmpty()) {
            return List.of();
        }
        Map<String, Double> places = new LinkedHashMap<>();
        for (LocatedFinding found : may.findings()) {
            if (found.branch().equals(Branch.LINE) && found.extent().isPresent()) {
                double mm = found.extent().get().middle().mm()
                        - reached.get().from().mm();
                places.put(
                        found.finding().id().value(),
                        Math.clamp(100 * mm / Math.max(1, reached.get().length().mm()), 0, 100));
            }
        }
        return rows.stream()
                .filter(r -> places.containsKey(r.id()))
                .map(r -> of(r, places.get(r.id()) * (100 - WIDE) / 100, 0, WIDE, 100))
                .toList();
    }

    private static Knot of(FindingRow row, double left, double top, double width, double height) {
        return new Knot(row.id(), row.what() + ", " + row.place(), row.knots(), left, top, width, height);
    }
}
