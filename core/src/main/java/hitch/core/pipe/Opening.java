package hitch.core.pipe;

import java.util.Locale;
import java.util.Optional;

/**
 * Where the camera went in. Two runs with equal openings began at the same place. What nobody said is unknown.
 *
 * @param kind what it is, in people's words, such as {@code two-way cleanout}; may be blank
 * @param place where it is, in words
 * @param material material of the pipe at the opening
 * @param size size of the pipe at the opening
 * @param sort what sort of opening it is; read from the words where nobody chose
 * @param ways which ways it leads; read from the words where nobody chose
 */
public record Opening(
        String kind, String place, Optional<Material> material, Optional<PipeSize> size, OpeningKind sort, Ways ways) {
    /** An opening of which nothing is said yet. */
    public static final Opening UNKNOWN = new Opening("", "", Optional.empty(), Optional.empty(), null, null);

    /** Which ways a tool can go from an opening. */
    public enum Ways {
        NOT_SAID("not said"),
        ONE("one way"),
        TWO("both ways");

        private final String word;

        Ways(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    public Opening {
        material = material == null ? Optional.empty() : material;
        size = size == null ? Optional.empty() : size;
        sort = sort == null ? OpeningKind.of(kind) : sort;
        ways = ways == null ? told(kind, sort) : ways;
    }

    /** An opening whose sort and ways its words tell. */
    public Opening(String kind, String place, Material material, PipeSize size) {
        this(kind, place, Optional.of(material), Optional.of(size), null, null);
    }

    private static Ways told(String kind, OpeningKind sort) {
        String words = kind.toLowerCase(Locale.ROOT).replace('-', ' ');
        if (words.contains("two way") || words.contains("double")) {
            return Ways.TWO;
        }
        boolean one = words.contains("one way") || words.contains("single");
        return one || sort.isAnEnd() ? Ways.ONE : Ways.NOT_SAID;
    }

    /** What it is, in words: as people call it, else its sort, else that nobody said. */
    public String words() {
        return !kind.isBlank() ? kind : sort == OpeningKind.UNKNOWN ? "opening not described" : sort.word();
    }

    /** The pipe at it as far as it is known, such as {@code 4 in clay}; empty where it is not. */
    public String pipe() {
        return (size.map(PipeSize::show).orElse("") + " "
                        + material.map(Material::word).orElse(""))
                .strip();
    }

    public Opening called(String words) {
        return new Opening(words, place, material, size, null, null);
    }

    public Opening withPlace(String where) {
        return new Opening(kind, where, material, size, sort, ways);
    }

    public Opening withPipe(Optional<Material> itsMaterial, Optional<PipeSize> itsSize) {
        return new Opening(kind, place, itsMaterial, itsSize, sort, ways);
    }

    public Opening withSort(OpeningKind itsSort, Ways itsWays) {
        return new Opening(kind, place, material, size, itsSort, itsWays);
    }
}
