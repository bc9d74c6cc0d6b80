package hitch.core.finding;

import hitch.core.pipe.Material;
import hitch.core.pipe.PipeSize;
import java.util.Optional;

/** One side of a change of material or size, as far as the note names it. */
public record PipePart(Optional<Material> material, Optional<PipeSize> size) {
    public static final PipePart UNKNOWN = new PipePart(Optional.empty(), Optional.empty());

    public boolean isUnknown() {
        return material.isEmpty() && size.isEmpty();
    }

    public String words() {
        String size = this.size.map(PipeSize::show).orElse("");
        String material = this.material.map(Material::word).orElse("");
        return (size + " " + material).strip();
    }
}
