package hitch.core.pipe;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What a pipe is, as far as anybody knows.
 *
 * @param material what it is made of
 * @param size its nominal bore
 * @param lining what was put into it later
 * @param laid the year it was laid in, 1700 to 2200
 */
@RecordBuilder
public record Pipe(
        Optional<Material> material, Optional<PipeSize> size, Optional<Lining> lining, Optional<Integer> laid)
        implements PipeBuilder.With {
    public static final Pipe UNKNOWN = of(Optional.empty(), Optional.empty());

    public Pipe {
        material = material == null ? Optional.empty() : material;
        size = size == null ? Optional.empty() : size;
        lining = lining == null ? Optional.empty() : lining;
        laid = laid == null ? Optional.empty() : laid;
        laid.ifPresent(year -> {
            if (year < 1700 || year > 2200) {
                throw new IllegalArgumentException("no drain was laid in the year " + year);
            }
        });
    }

    /** A pipe without a lining, laid nobody knows when. */
    public static Pipe of(Optional<Material> material, Optional<PipeSize> size) {
        return new Pipe(material, size, Optional.empty(), Optional.empty());
    }

    public static Pipe of(Material material) {
        return of(Optional.of(material), Optional.empty());
    }

    public static Pipe of(Material material, PipeSize size) {
        return of(Optional.of(material), Optional.of(size));
    }

    public static Pipe of(PipeSize size) {
        return of(Optional.empty(), Optional.of(size));
    }

    public static Pipe of(Lining lining) {
        return UNKNOWN.withLining(Optional.of(lining));
    }

    public boolean isUnknown() {
        return equals(UNKNOWN);
    }

    /** What its inside shows. */
    public Optional<Wall> wall() {
        return lining.<Wall>map(l -> l).or(() -> material);
    }

    /** This, with what {@code other} knows of what is not known here. */
    public Pipe or(Pipe other) {
        return new Pipe(
                material.or(other::material), size.or(other::size), lining.or(other::lining), laid.or(other::laid));
    }

    /** Whether this and {@code other} cannot be one pipe: they know the same part differently. */
    public boolean clashes(Pipe other) {
        return differ(material, other.material)
                || differ(size, other.size)
                || differ(lining, other.lining)
                || differ(laid, other.laid);
    }

    private static <T> boolean differ(Optional<T> a, Optional<T> b) {
        return a.isPresent() && b.isPresent() && !a.equals(b);
    }

    /** In words, such as {@code 4 in clay, lined, laid 1962}; empty where nothing is known. */
    public String words() {
        List<String> parts = new ArrayList<>();
        String plain = (size.map(PipeSize::show).orElse("") + " "
                        + material.map(Material::word).orElse(""))
                .strip();
        if (!plain.isEmpty()) {
            parts.add(plain);
        }
        lining.ifPresent(l -> parts.add(l.word()));
        laid.ifPresent(year -> parts.add("laid " + year));
        return String.join(", ", parts);
    }
}
