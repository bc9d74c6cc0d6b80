package hitch.core.pipe;

import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import java.util.Optional;

/**
 * A stretch of one material and size; an empty part is not known.
 *
 * @param extent from station to station
 * @param material what it is made of
 * @param size its nominal bore
 * @param lined whether a lining was put into it later
 */
public record PipeSpan(Extent extent, Optional<Material> material, Optional<PipeSize> size, boolean lined) {
    /** A span without a lining, unless that is all that is seen of it. */
    public PipeSpan(Extent extent, Optional<Material> material, Optional<PipeSize> size) {
        this(extent, material, size, material.filter(m -> m == Material.LINED).isPresent());
    }

    public Distance length() {
        return extent.length();
    }

    /** The same pipe over another stretch. */
    public PipeSpan over(Extent other) {
        return new PipeSpan(other, material, size, lined);
    }

    /** Whether nothing at all is known of it. */
    public boolean isUnknown() {
        return material.isEmpty() && size.isEmpty();
    }

    /** In words, such as {@code 4 in clay}, {@code 4 in clay, lined} or {@code unknown pipe}. */
    public String words() {
        if (isUnknown()) {
            return lined ? "unknown pipe, lined" : "unknown pipe";
        }
        String pipe = (size.map(s -> s.show() + " ").orElse("")
                + material.map(Material::word).orElse("pipe"));
        return lined && material.filter(m -> m == Material.LINED).isEmpty() ? pipe + ", lined" : pipe;
    }
}
