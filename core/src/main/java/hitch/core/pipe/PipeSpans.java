package hitch.core.pipe;

import hitch.core.measure.Extent;
import hitch.core.measure.Station;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Reckons what the pipe is made of from what is known at the openings and at the changes seen. Knowledge spreads from
 * an opening both ways until a change; a change speaks for its own two sides. A lining is no other pipe: where one begins
 * or ends, what it was put into goes on.
 */
public final class PipeSpans {
    private PipeSpans() {}

    /**
     * The spans of the line in order of station.
     *
     * @param seen the stretch the camera reached; the spans fill it exactly
     * @param openings openings with their stations
     * @param changes changes of material or size, in any order; those outside {@code seen} are left out
     */
    public static List<PipeSpan> reckon(Extent seen, List<OpeningAt> openings, List<PipeChange> changes) {
        List<PipeChange> inside = changes.stream()
                .filter(c -> seen.covers(c.at()))
                .sorted(Comparator.comparing(PipeChange::at))
                .toList();
        List<Station> ends = new ArrayList<>();
        ends.add(seen.from());
        inside.forEach(c -> ends.add(c.at()));
        ends.add(seen.to());

        int n = ends.size() - 1;
        List<Optional<Material>> materials = new ArrayList<>();
        List<Optional<PipeSize>> sizes = new ArrayList<>();
        List<Optional<Boolean>> linings = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            Optional<Opening> known = openingIn(ends.get(i), ends.get(i + 1), openings);
            Optional<PipeChange> left = i == 0 ? Optional.empty() : Optional.of(inside.get(i - 1));
            Optional<PipeChange> right = i == n - 1 ? Optional.empty() : Optional.of(inside.get(i));
            materials.add(left.flatMap(PipeChange::after)
                    .filter(PipeSpans::isPipe)
                    .or(() -> right.flatMap(PipeChange::before).filter(PipeSpans::isPipe))
                    .or(() -> known.flatMap(Opening::material).filter(PipeSpans::isPipe)));
            linings.add(left.flatMap(c -> lined(c.after(), c.before()))
                    .or(() -> right.flatMap(c -> lined(c.before(), c.after())))
                    .or(() -> known.flatMap(Opening::material).map(m -> !isPipe(m))));
            sizes.add(left.flatMap(PipeChange::sizeAfter)
                    .or(() -> right.flatMap(PipeChange::sizeBefore))
                    .or(() -> known.flatMap(Opening::size)));
        }
        // What a change does not speak of goes on through it: a material change keeps the size, and the reverse.
        spread(
                materials,
                i -> inside.get(i).before().filter(PipeSpans::isPipe).isEmpty()
                        && inside.get(i).after().filter(PipeSpans::isPipe).isEmpty());
        spread(
                linings,
                i -> inside.get(i).before().isEmpty() && inside.get(i).after().isEmpty());
        spread(
                sizes,
                i -> inside.get(i).sizeBefore().isEmpty()
                        && inside.get(i).sizeAfter().isEmpty());

        List<PipeSpan> spans = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            Extent extent = new Extent(ends.get(i), ends.get(i + 1));
            if (!extent.isPoint() || n == 1) {
                boolean lined = linings.get(i).orElse(false);
                Optional<Material> all = lined ? Optional.of(Material.LINED) : Optional.empty();
                spans.add(new PipeSpan(extent, materials.get(i).or(() -> all), sizes.get(i), lined));
            }
        }
        return List.copyOf(spans);
    }

    private static boolean isPipe(Material material) {
        return material != Material.LINED;
    }

    /** Whether there is a lining on a side of a change: as said of that side, else not where it was said of the other. */
    private static Optional<Boolean> lined(Optional<Material> here, Optional<Material> there) {
        return here.map(m -> !isPipe(m)).or(() -> there.filter(m -> !isPipe(m)).map(m -> false));
    }

    /** An opening and the station where it meets the line. */
    public record OpeningAt(Station at, Opening opening) {}

    private static Optional<Opening> openingIn(Station from, Station to, List<OpeningAt> openings) {
        return openings.stream()
                .filter(o -> o.at().compareTo(from) >= 0 && o.at().compareTo(to) <= 0)
                .map(OpeningAt::opening)
                .findFirst();
    }

    private static <T> void spread(List<Optional<T>> values, java.util.function.IntPredicate through) {
        for (int i = 1; i < values.size(); i++) {
            if (values.get(i).isEmpty() && through.test(i - 1)) {
                values.set(i, values.get(i - 1));
            }
        }
        for (int i = values.size() - 2; i >= 0; i--) {
            if (values.get(i).isEmpty() && through.test(i)) {
                values.set(i, values.get(i + 1));
            }
        }
    }
}
