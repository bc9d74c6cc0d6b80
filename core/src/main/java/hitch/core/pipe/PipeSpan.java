package hitch.core.pipe;

import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import java.util.Optional;

/**
 * A stretch of one and the same pipe.
 *
 * @param extent from station to station
 * @param pipe what it is, as far as it is known
 */
public record PipeSpan(Extent extent, Pipe pipe) {
    public Distance length() {
        return extent.length();
    }

    public Optional<Material> material() {
        return pipe.material();
    }

    public Optional<PipeSize> size() {
        return pipe.size();
    }

    public boolean lined() {
        return pipe.lining().isPresent();
    }

    /** The same pipe over another stretch. */
    public PipeSpan over(Extent other) {
        return new PipeSpan(other, pipe);
    }

    /** Whether nothing at all is known of it. */
    public boolean isUnknown() {
        return pipe.isUnknown();
    }

    /** In words, such as {@code 4 in clay}, {@code 4 in clay, lined} or {@code unknown pipe}. */
    public String words() {
        if (pipe.material().isPresent()) {
            return pipe.words();
        }
        String size = pipe.size().map(s -> s.show() + " pipe").orElse("unknown pipe");
        String rest = pipe.withSize(Optional.empty()).words();
        return rest.isEmpty() ? size : size + ", " + rest;
    }
}
