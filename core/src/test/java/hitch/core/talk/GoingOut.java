package hitch.core.talk;

import hitch.core.counter.Heading;
import hitch.core.measure.Distance;
import java.util.Arrays;
import java.util.Optional;

/**
 * A camera on its way out whose counter is sure, at a place for each caption.
 *
 * @param every seconds from one place to the next
 * @param feet the places
 */
record GoingOut(double every, double... feet) implements Whereabouts {
    @Override
    public Optional<Distance> cableAt(double seconds) {
        return Optional.of(Distance.feet(feet[Math.min(feet.length - 1, (int) (seconds / every))]));
    }

    @Override
    public Heading headingAt(double seconds) {
        return Heading.OUT;
    }

    @Override
    public double confidenceAt(double seconds) {
        return 1;
    }

    @Override
    public Optional<Distance> farthest() {
        return Optional.of(Distance.feet(Arrays.stream(feet).max().orElse(0)));
    }
}
