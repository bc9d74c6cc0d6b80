package hitch.core.gauge;

import hitch.core.gauge.JointTrail.Look;
import hitch.core.gauge.JointTrail.Rim;
import java.util.List;

/**
 * The rims that a frame of a clip shows: what stays true whatever the counter is taken to show.
 *
 * @param pts the frame
 * @param rims how far ahead each lies, radii of the bore, with how sure it is
 */
public record RimLook(long pts, List<Rim> rims) {
    public RimLook {
        rims = List.copyOf(rims);
    }

    /** What was found on a frame. */
    public static RimLook of(long pts, RingFinder.Found found) {
        return new RimLook(
                pts,
                found.rings().stream().map(r -> new Rim(r.ahead(), r.sure())).toList());
    }

    /**
     * The same at a place of the cable.
     *
     * @param cable millimetres paid out
     * @param boreMm width of the pipe
     */
    public Look at(double cable, double boreMm) {
        return new Look(cable, rims).inMillimetres(boreMm / 2);
    }
}
