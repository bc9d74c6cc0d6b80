package hitch.core.gauge;

import hitch.core.gauge.JointTrail.Joint;
import hitch.core.gauge.JointTrail.Look;
import hitch.core.gauge.LayLengths.Lay;
import hitch.core.gauge.RimGrowth.LensSeen;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * All that the rims along a clip tell beside its counter.
 *
 * @param boreMm width of the pipe that joints were found by
 * @param bore how wide it is by how fast its rims come nearer; empty where they do not tell
 * @param lens what the lens sees, where the bore was told; empty likewise
 * @param joints in order of place
 * @param lays lengths of pipe
 */
public record AlongClip(
        double boreMm, Optional<RimGrowth> bore, Optional<LensSeen> lens, List<Joint> joints, List<Lay> lays) {
    /**
     * @param looks where the camera was, with rims so many radii of the bore ahead
     * @param degrees that the lens was taken to see
     * @param toldMm width of the pipe; empty where nobody said
     * @param made what pipe is made next to what was seen, millimetres
     * @return empty where nobody said how wide the pipe is and the rims do not tell
     */
    public static Optional<AlongClip> of(
            List<Look> looks, double degrees, Optional<Double> toldMm, Function<RimGrowth, Optional<Double>> made) {
        Optional<RimGrowth> growth = RimGrowth.of(looks).filter(RimGrowth::sure);
        Optional<Double> bore = toldMm.or(() -> growth.flatMap(made));
        return bore.map(mm -> {
            List<Joint> joints = JointTrail.of(
                    looks.stream().map(l -> l.inMillimetres(mm / 2)).toList(), mm);
            return new AlongClip(
                    mm,
                    growth,
                    toldMm.flatMap(told -> RimGrowth.lens(looks, degrees, told)).filter(LensSeen::sure),
                    joints,
                    LayLengths.of(joints));
        });
    }
}
