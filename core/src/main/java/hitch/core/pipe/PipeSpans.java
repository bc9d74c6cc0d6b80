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
        List<Optional<Integer>> laid = new ArrayList<>();
        List<Optional<Optional<Lining>>> linings = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            Pipe known = openingIn(ends.get(i), ends.get(i + 1), openings)
                    .map(Opening::pipe)
                    .orElse(Pipe.UNKNOWN);
            PipeChange left = i == 0 ? NOTHING : inside.get(i - 1);
            PipeChange right = i == n - 1 ? NOTHING : inside.get(i);
            Pipe told = left.after().or(right.before()).or(known);
            materials.add(told.material());
            sizes.add(told.size());
            laid.add(told.laid());
            linings.add(lining(left.after(), left.before())
                    .or(() -> lining(right.before(), right.after()))
                    .or(() -> known.lining().map(Optional::of)));
        }
        // What a change does not speak of goes on through it: a material change keeps the size, and the reverse.
        spread(
                materials,
                i -> inside.get(i).before().material().isEmpty()
                        && inside.get(i).after().material().isEmpty());
        spread(
                linings,
                i -> !speaksOfTheWall(inside.get(i).before())
                        && !speaksOfTheWall(inside.get(i).after()));
        spread(
                sizes,
                i -> inside.get(i).before().size().isEmpty()
                        && inside.get(i).after().size().isEmpty());
        // Another pipe was laid at another time.
        spread(
                laid,
                i -> inside.get(i).before().material().isEmpty()
                        && inside.get(i).after().material().isEmpty());

        List<PipeSpan> spans = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            Extent extent = new Extent(ends.get(i), ends.get(i + 1));
            if (!extent.isPoint() || n == 1) {
                spans.add(new PipeSpan(
                        extent,
                        new Pipe(materials.get(i), sizes.get(i), linings.get(i).flatMap(l -> l), laid.get(i))));
            }
        }
        return List.copyOf(spans);
    }

    private static final PipeChange NOTHING = new PipeChange(new Station(0), Pipe.UNKNOWN, Pipe.UNKNOWN);

    private static boolean speaksOfTheWall(Pipe pipe) {
        return pipe.wall().isPresent();
    }

    /**
     * The lining on a side of a change, none where another wall was said of that side or a lining of the other; empty where
     * the change does not tell.
     */
    private static Optional<Optional<Lining>> lining(Pipe here, Pipe there) {
        if (speaksOfTheWall(here)) {
            return Optional.of(here.lining());
        }
        return there.lining().map(l -> Optional.empty());
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
