package hitch.core.sketch;

import hitch.core.line.Ground;
import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import hitch.core.measure.Station;
import hitch.core.pipe.Branch;
import hitch.core.survey.Depths;
import hitch.core.survey.Line;
import hitch.core.survey.Locate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;

/**
 * Where ground and pipe run across the drawing, to one vertical scale. Where no depth was measured near, the pipe is drawn
 * as deep as at the nearest locate, or at a usual depth, and the drawing says so.
 */
final class Profile {
    private static final Distance USUAL_DEPTH = Distance.feet(4);
    private static final double MOST_PX_A_MM = 0.08;

    private final Line line;
    private final double top;
    private final double scale;
    private final double highest;

    /**
     * @param top pixels at which the highest ground stands
     * @param room pixels from there to the deepest invert
     * @param grown how many times larger than usual it may be drawn
     */
    Profile(Line line, Extent whole, double top, double room, double grown) {
        this.line = line;
        this.top = top;
        TreeSet<Station> bends = bends(whole);
        this.highest = bends.stream().mapToDouble(this::ground).max().orElse(0);
        double deepest = bends.stream().mapToDouble(this::invert).min().orElse(-USUAL_DEPTH.mm());
        this.scale = Math.min(MOST_PX_A_MM * grown, room / Math.max(1, highest - deepest));
    }

    /** Every station at which ground or pipe may bend, and the ends. */
    TreeSet<Station> bends(Extent within) {
        TreeSet<Station> bends = new TreeSet<>(List.of(within.from(), within.to()));
        line.depths().ground().heights().stream()
                .map(Ground.Height::at)
                .filter(within::covers)
                .forEach(bends::add);
        locates().stream().map(Locate::at).filter(within::covers).forEach(bends::add);
        return bends;
    }

    private List<Locate> locates() {
        return line.depths().locates().stream()
                .filter(l -> l.branch().equals(Branch.LINE))
                .toList();
    }

    boolean isMeasured() {
        return !locates().isEmpty();
    }

    private double ground(Station at) {
        return line.depths().ground().at(at);
    }

    private double invert(Station at) {
        Optional<Distance> measured = line.depths()
                .invertAt(Branch.LINE, at)
                .or(() -> locates().stream()
                        .min(Comparator.comparingLong(l -> l.at().to(at).mm()))
                        .map(l -> depthLike(l, at)));
        return ground(at) - measured.orElse(USUAL_DEPTH).mm();
    }

    /** Beyond any locate's reach the bottom of the pipe is drawn level with the nearest. */
    private Distance depthLike(Locate nearest, Station at) {
        Depths depths = line.depths();
        double level = depths.ground().at(nearest.at()) - nearest.invert().mm();
        return new Distance(Math.round(depths.ground().at(at) - level));
    }

    double groundY(Station at) {
        return top + (highest - ground(at)) * scale;
    }

    double invertY(Station at) {
        return top + (highest - invert(at)) * scale;
    }

    /** Pixels to a millimetre of depth. */
    double scale() {
        return scale;
    }
}
