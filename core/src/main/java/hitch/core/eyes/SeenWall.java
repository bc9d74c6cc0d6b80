package hitch.core.eyes;

import hitch.core.counter.CounterTrace;
import hitch.core.footage.ClipId;
import hitch.core.footage.FrameRef;
import hitch.core.footage.Stretch;
import hitch.core.gauge.WallBand;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** The wall along one clip, laid where its counter has it. Reckoned once; which places stand out is asked of it. */
public final class SeenWall {
    /** A place shows well where it lies so many radii ahead. */
    private static final double SHOWN = 2;
    /** Fewer looks tell no rhythm. */
    private static final int FEWEST = 80;
    /** What is at a place is seen so many cells before it and behind. */
    private static final int ROUND_ABOUT = 3;

    private record Look(double at, long pts) {}

    private final ClipId clip;
    private final double radius;
    private final List<Look> looks;
    private final WallCells cells;
    /** What the places were last told against; nothing before the first time. */
    private List<double[]> against;

    private List<StandOut> standing = List.of();

    private SeenWall(ClipId clip, double radius, List<Look> looks, WallCells cells) {
        this.clip = clip;
        this.radius = radius;
        this.looks = looks;
        this.cells = cells;
    }

    /**
     * @param radius of the bore, millimetres
     * @param bad stretches of the clip that show the wall badly; they are left out
     * @return empty where there is too little to tell what is usual
     */
    public static Optional<SeenWall> of(
            ClipId clip, ClipWall wall, CounterTrace trace, double radius, List<Stretch> bad) {
        List<PlacedBand> bands = new ArrayList<>();
        List<Look> looks = new ArrayList<>();
        for (WallLook look : wall.looks()) {
            OptionalDouble at = trace.cableAt(look.pts());
            boolean badly = bad.stream()
                    .anyMatch(s -> s.reason() != Stretch.Reason.MOTIONLESS
                            && look.pts() >= s.fromPts()
                            && look.pts() <= s.toPts());
            if (at.isPresent() && !badly) {
                bands.add(new PlacedBand(at.getAsDouble(), look.band()));
                looks.add(new Look(at.getAsDouble(), look.pts()));
            }
        }
        if (looks.size() < FEWEST) {
            return Optional.empty();
        }
        bands.sort(Comparator.comparingDouble(PlacedBand::at));
        looks.sort(Comparator.comparingDouble(Look::at));
        return Optional.of(new SeenWall(clip, radius, looks, WallCells.of(UnrolledWall.of(bands, radius))));
    }

    public ClipId clip() {
        return clip;
    }

    /**
     * The places that stand out, most of all first.
     *
     * @param known what looks like it stands out no more, as {@link #about} gives it
     */
    public synchronized List<StandOut> standing(List<double[]> known) {
        if (!known.equals(against)) {
            against = List.copyOf(known);
            standing = new OwnRhythm(cells, known).broken();
        }
        return standing;
    }

    /** The frame that shows a place of the wall well. */
    FrameRef showing(StandOut place) {
        double from = place.at() - SHOWN * radius;
        long pts = looks.stream()
                .min(Comparator.comparingDouble(l -> Math.abs(l.at() - from)))
                .orElseThrow()
                .pts();
        return new FrameRef(clip, pts);
    }

    /** How the wall looks that a frame shows, cell by cell; nothing where it was not looked at. */
    List<double[]> about(FrameRef frame) {
        Optional<Look> look = looks.stream()
                .min(Comparator.comparingLong(l -> Math.abs(l.pts() - frame.pts())))
                .filter(l -> frame.clip().equals(clip));
        if (look.isEmpty()) {
            return List.of();
        }
        int middle = (int) ((look.get().at() + SHOWN * radius - cells.from()) / WallCells.LONG);
        List<double[]> about = new ArrayList<>();
        for (int i = middle - ROUND_ABOUT; i <= middle + ROUND_ABOUT; i++) {
            if (i >= 0 && i < cells.unusual().length) {
                about.add(cells.unusual()[i]);
            }
        }
        return about;
    }

    /** How long a way of the wall was looked at, millimetres. */
    double length() {
        return looks.getLast().at() - looks.getFirst().at() + WallBand.ahead(0) * radius;
    }
}
