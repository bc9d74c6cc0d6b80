package hitch.core.line;

import hitch.core.measure.Extent;
import hitch.core.pipe.Branch;
import hitch.core.pipe.Material;
import hitch.core.pipe.PipeSize;
import hitch.core.pipe.PipeSpan;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;

/**
 * What a person said a stretch of pipe is, whatever the changes say.
 *
 * @param branch the branch it lies on; {@link Branch#LINE} for the line
 * @param extent from station to station
 * @param material empty leaves what was reckoned, unless it is denied
 * @param size empty leaves what was reckoned, unless it is denied
 * @param lined whether a lining was put into it; false leaves what was reckoned, unless a lining is denied
 * @param denied what was said not to be known, or in the case of a lining not to be there
 */
public record SpanGiven(
        String branch,
        Extent extent,
        Optional<Material> material,
        Optional<PipeSize> size,
        boolean lined,
        Set<Part> denied) {
    /** A part of what is said of a pipe. */
    public enum Part {
        MATERIAL,
        SIZE,
        LINING
    }

    public SpanGiven {
        denied = denied == null ? Set.of() : Set.copyOf(denied);
    }

    /** What its material is; empty says that nobody knows. */
    public static SpanGiven material(String branch, Extent extent, Optional<Material> material) {
        return new SpanGiven(
                branch,
                extent,
                material,
                Optional.empty(),
                false,
                material.isEmpty() ? Set.of(Part.MATERIAL) : Set.of());
    }

    /** What its size is; empty says that nobody knows. */
    public static SpanGiven size(String branch, Extent extent, Optional<PipeSize> size) {
        return new SpanGiven(
                branch, extent, Optional.empty(), size, false, size.isEmpty() ? Set.of(Part.SIZE) : Set.of());
    }

    /** Whether a lining was put into it. */
    public static SpanGiven lining(String branch, Extent extent, boolean lined) {
        return new SpanGiven(
                branch, extent, Optional.empty(), Optional.empty(), lined, lined ? Set.of() : Set.of(Part.LINING));
    }

    /** What was said before of the same stretch, with this said since. */
    public SpanGiven after(SpanGiven before) {
        Set<Part> not = EnumSet.noneOf(Part.class);
        not.addAll(before.denied);
        not.addAll(denied);
        material.ifPresent(m -> not.remove(Part.MATERIAL));
        size.ifPresent(s -> not.remove(Part.SIZE));
        if (lined) {
            not.remove(Part.LINING);
        }
        return new SpanGiven(
                branch,
                extent,
                not.contains(Part.MATERIAL) ? Optional.empty() : material.or(before::material),
                not.contains(Part.SIZE) ? Optional.empty() : size.or(before::size),
                !not.contains(Part.LINING) && (lined || before.lined),
                not);
    }

    /** A span of which this was said. */
    public PipeSpan over(PipeSpan span, Extent part) {
        return new PipeSpan(
                part,
                denied.contains(Part.MATERIAL) ? Optional.empty() : material.or(span::material),
                denied.contains(Part.SIZE) ? Optional.empty() : size.or(span::size),
                !denied.contains(Part.LINING) && (lined || span.lined()));
    }
}
