package hitch.core.gauge;

import hitch.core.footage.Drawn;
import java.util.List;
import java.util.Optional;

/**
 * A size that is read off a frame, by a hand or proposed.
 *
 * @param sort what was measured
 * @param value millimetres, or percent of the bore for a share
 * @param error to either side, likewise: the truth lies outside one time in ten
 * @param sure how likely it is that what was measured is what it is taken for, 0 to 1; 1 where a hand pointed at it
 * @param round where round the pipe it goes from and to, hours clockwise as the picture shows it; twice the same for a direction
 * @param drawn what shows where it was measured
 */
public record Sized(SizeSort sort, double value, double error, double sure, Optional<Arc> round, List<Drawn> drawn) {
    /** From one hour to another, clockwise; above 0 to 12. */
    public record Arc(double from, double to) {}

    public Sized {
        drawn = List.copyOf(drawn);
    }

    static Sized of(SizeSort sort, Measured m, Optional<Arc> round, List<Drawn> drawn) {
        return new Sized(sort, m.mm(), m.error(), m.sure(), round, drawn);
    }

    /** A share, 0 to 1, as percent. */
    static Sized share(SizeSort sort, double share, double error, List<Drawn> drawn) {
        return new Sized(sort, 100 * share, 100 * error, 1, Optional.empty(), drawn);
    }
}
