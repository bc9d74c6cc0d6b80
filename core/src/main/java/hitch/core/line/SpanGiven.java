package hitch.core.line;

import hitch.core.measure.Extent;
import hitch.core.pipe.Branch;
import hitch.core.pipe.Lining;
import hitch.core.pipe.Material;
import hitch.core.pipe.Pipe;
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
 * @param pipe what it is; a part that is not known leaves what was reckoned, unless it is denied
 * @param denied what was said not to be known, or in the case of a lining not to be there
 */
public record SpanGiven(String branch, Extent extent, Pipe pipe, Set<Part> denied) {
    /** A part of what is said of a pipe. */
    public enum Part {
        MATERIAL,
        SIZE,
        LINING,
        LAID
    }

    public SpanGiven {
        pipe = pipe == null ? Pipe.UNKNOWN : pipe;
        denied = denied == null ? Set.of() : Set.copyOf(denied);
    }

    /** What its material is; empty says that nobody knows. */
    public static SpanGiven material(String branch, Extent extent, Optional<Material> material) {
        return said(branch, extent, Pipe.UNKNOWN.withMaterial(material), Part.MATERIAL);
    }

    /** What its size is; empty says that nobody knows. */
    public static SpanGiven size(String branch, Extent extent, Optional<PipeSize> size) {
        return said(branch, extent, Pipe.UNKNOWN.withSize(size), Part.SIZE);
    }

    /** What was put into it; empty says that nothing was. */
    public static SpanGiven lining(String branch, Extent extent, Optional<Lining> lining) {
        return said(branch, extent, Pipe.UNKNOWN.withLining(lining), Part.LINING);
    }

    /** When it was laid; empty says that nobody knows. */
    public static SpanGiven laid(String branch, Extent extent, Optional<Integer> year) {
        return said(branch, extent, Pipe.UNKNOWN.withLaid(year), Part.LAID);
    }

    private static SpanGiven said(String branch, Extent extent, Pipe pipe, Part part) {
        return new SpanGiven(branch, extent, pipe, pipe.isUnknown() ? Set.of(part) : Set.of());
    }

    /** What was said before of the same stretch, with this said since. */
    public SpanGiven after(SpanGiven before) {
        Set<Part> not = EnumSet.noneOf(Part.class);
        not.addAll(before.denied);
        pipe.material().ifPresent(m -> not.remove(Part.MATERIAL));
        pipe.size().ifPresent(s -> not.remove(Part.SIZE));
        pipe.lining().ifPresent(l -> not.remove(Part.LINING));
        pipe.laid().ifPresent(y -> not.remove(Part.LAID));
        not.addAll(denied);
        return new SpanGiven(branch, extent, without(not, pipe.or(before.pipe)), not);
    }

    private static Pipe without(Set<Part> not, Pipe pipe) {
        return new Pipe(
                not.contains(Part.MATERIAL) ? Optional.empty() : pipe.material(),
                not.contains(Part.SIZE) ? Optional.empty() : pipe.size(),
                not.contains(Part.LINING) ? Optional.empty() : pipe.lining(),
                not.contains(Part.LAID) ? Optional.empty() : pipe.laid());
    }

    /** A span of which this was said. */
    public PipeSpan over(PipeSpan span, Extent part) {
        return new PipeSpan(part, without(denied, pipe.or(span.pipe())));
    }
}
