package hitch.core.talk;

import hitch.core.counter.Heading;
import hitch.core.measure.Distance;
import java.util.Optional;

/** Where the camera was while something was said. */
public interface Whereabouts {
    /** Nothing is known. */
    Whereabouts UNKNOWN = new Whereabouts() {
        @Override
        public Optional<Distance> cableAt(double seconds) {
            return Optional.empty();
        }

        @Override
        public Heading headingAt(double seconds) {
            return Heading.STILL;
        }

        @Override
        public double confidenceAt(double seconds) {
            return 0;
        }

        @Override
        public Optional<Distance> farthest() {
            return Optional.empty();
        }
    };

    /** Cable from the run's opening to the head at a second of the captions. */
    Optional<Distance> cableAt(double seconds);

    /** What the counter shows then, which after a new zero is not the cable from the opening. */
    default Optional<Distance> shownAt(double seconds) {
        return cableAt(seconds);
    }

    Heading headingAt(double seconds);

    /** Trust in {@link #cableAt}, 0 to 1. */
    double confidenceAt(double seconds);

    /** The farthest the head got. */
    Optional<Distance> farthest();
}
