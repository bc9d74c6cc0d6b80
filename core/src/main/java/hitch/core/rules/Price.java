package hitch.core.rules;

import hitch.core.line.GroundMark.Surface;
import hitch.core.measure.Range;
import java.util.Optional;

/**
 * One price of a firm.
 *
 * @param method for what
 * @param byFoot whether it is by the foot; else it is for each
 * @param sizes nominal bores it holds for, inches; empty for any
 * @param depths depths it holds for, feet; empty for any
 * @param cover what must lie above for it to hold; empty for anything
 * @param amount from the least to the most, in the book's currency
 */
public record Price(
        Method method,
        boolean byFoot,
        Optional<Range> sizes,
        Optional<Range> depths,
        Optional<Surface> cover,
        Range amount) {
    public Price {
        if (amount.low() < 0) {
            throw new IllegalArgumentException("a price is not under nothing");
        }
    }

    /** Whether it may hold for a pipe of {@code inches}; an unknown one may be of any size. */
    public boolean isForSize(Optional<Double> inches) {
        return sizes.isEmpty() || inches.isEmpty() || sizes.get().holds(inches.get());
    }

    /** Whether it may hold at a depth somewhere in {@code feet}; an unknown one may be any. */
    public boolean isForDepth(Optional<Range> feet) {
        return depths.isEmpty()
                || feet.isEmpty()
                || depths.get().low() <= feet.get().high()
                        && feet.get().low() < depths.get().high();
    }
}
