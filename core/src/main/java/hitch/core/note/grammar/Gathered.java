package hitch.core.note.grammar;

import hitch.core.detail.Details;
import hitch.core.finding.ClockPosition;
import hitch.core.finding.Degree;
import hitch.core.finding.Traits;
import hitch.core.line.GroundMark;
import hitch.core.measure.Distance;
import hitch.core.pipe.Pipe;
import java.util.Optional;

/** What was said of a candidate so far; null where nothing was. */
final class Gathered {
    ClockPosition clock;
    Distance size;
    Integer share;
    Degree degree;
    Pipe before = Pipe.UNKNOWN;
    Pipe after = Pipe.UNKNOWN;
    Distance depth;
    Integer angle;
    GroundMark ground = GroundMark.NONE;
    Details details = Details.NONE;

    Gathered copy() {
        Gathered copy = new Gathered();
        copy.clock = clock;
        copy.size = size;
        copy.share = share;
        copy.degree = degree;
        copy.before = before;
        copy.after = after;
        copy.depth = depth;
        copy.angle = angle;
        copy.ground = ground;
        copy.details = details;
        return copy;
    }

    /** Takes from {@code other} what this leaves open. */
    void fill(Gathered other) {
        clock = clock == null ? other.clock : clock;
        size = size == null ? other.size : size;
        share = share == null ? other.share : share;
        degree = degree == null ? other.degree : degree;
        details = details.or(other.details);
    }

    Traits traits() {
        return new Traits(
                        Optional.ofNullable(clock),
                        Optional.ofNullable(size),
                        Optional.ofNullable(share),
                        Optional.ofNullable(degree),
                        before,
                        after,
                        Optional.ofNullable(depth),
                        Optional.ofNullable(angle))
                .withGround(ground)
                .withDetails(details);
    }
}
