package hitch.core.line;

import hitch.core.counter.Distance;
import java.util.Optional;

/**
 * A stretch of one material and size; an empty part is not known.
 *
 * @param extent from station to station
 * @param material what it is made of
 * @param size its nominal bore
 */
public record PipeSpan(Extent extent, Optional<Material> material, Optional<PipeSize> size) {
    public Distance length() {
        return extent.length();
    }

    /** In words, such as {@code 4 in clay} or {@code unknown pipe}. */
    public String words() {
        if (material.isEmpty() && size.isEmpty()) {
            return "unknown pipe";
        }
        return (size.map(s -> s.show() + " ").orElse("")
                + material.map(Material::word).orElse("pipe"));
    }
}
