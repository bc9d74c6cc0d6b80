package hitch.core.finding;

import hitch.core.detail.Details;
import hitch.core.line.GroundMark;
import hitch.core.measure.Distance;
import hitch.core.pipe.Pipe;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;

/**
 * What a note says of a finding besides its kind and place; each part may be unsaid.
 *
 * @param clock where round the pipe
 * @param size how large: an offset's step, a gap's width, a crack's length, the depth of water that stands
 * @param share share of the bore that is taken, percent, 1 to 100
 * @param degree light, medium or heavy
 * @param before the pipe on the near side of a change, as the camera goes out
 * @param after the pipe on the far side of a change, as the camera goes out; of anything else, the pipe that it is of
 * @param depth of a locate: from the surface to the camera head
 * @param angle of a bend, degrees, 1 to 360
 * @param ground what stands above a locate
 * @param details whatever else was said of it
 */
@RecordBuilder
public record Traits(
        Optional<ClockPosition> clock,
        Optional<Distance> size,
        Optional<Integer> share,
        Optional<Degree> degree,
        Pipe before,
        Pipe after,
        Optional<Distance> depth,
        Optional<Integer> angle,
        GroundMark ground,
        Details details)
        implements TraitsBuilder.With {
    public static final Traits NONE = new Traits(
            Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Pipe.UNKNOWN, Pipe.UNKNOWN);

    public Traits {
        depth = depth == null ? Optional.empty() : depth;
        angle = angle == null ? Optional.empty() : angle;
        ground = ground == null ? GroundMark.NONE : ground;
        details = details == null ? Details.NONE : details;
        share.ifPresent(s -> {
            if (s < 1 || s > 100) {
                throw new IllegalArgumentException("a share of the bore is 1 to 100 percent, not " + s);
            }
        });
    }

    /** Traits that say nothing of the ground and nothing else. */
    public Traits(
            Optional<ClockPosition> clock,
            Optional<Distance> size,
            Optional<Integer> share,
            Optional<Degree> degree,
            Pipe before,
            Pipe after,
            Optional<Distance> depth,
            Optional<Integer> angle) {
        this(clock, size, share, degree, before, after, depth, angle, GroundMark.NONE, Details.NONE);
    }

    /** The same of a locate that was measured anew. */
    public Traits locatedAt(Distance itsDepth, GroundMark itsGround) {
        return TraitsBuilder.builder(this)
                .depth(Optional.of(itsDepth))
                .ground(itsGround)
                .build();
    }

    /** Traits without a depth or an angle. */
    public Traits(
            Optional<ClockPosition> clock,
            Optional<Distance> size,
            Optional<Integer> share,
            Optional<Degree> degree,
            Pipe before,
            Pipe after) {
        this(clock, size, share, degree, before, after, Optional.empty(), Optional.empty());
    }
}
