package hitch.core.pipe;

import java.util.Locale;
import java.util.Optional;

/**
 * Where the camera went in. Two runs with equal openings began at the same place. What nobody said is unknown.
 *
 * @param kind what it is, in people's words, such as {@code two-way cleanout}; may be blank
 * @param place where it is, in words
 * @param pipe what the pipe is at the opening
 * @param sort what sort of opening it is; read from the words where nobody chose
 * @param ways which ways it leads; read from the words where nobody chose
 */
public record Opening(String kind, String place, Pipe pipe, OpeningKind sort, Ways ways) {
    /** An opening of which nothing is said yet. */
    public static final Opening UNKNOWN = new Opening("", "", Pipe.UNKNOWN, null, null);

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
        pipe = pipe == null ? Pipe.UNKNOWN : pipe;
        sort = sort == null ? OpeningKind.of(kind) : sort;
        ways = ways == null ? told(kind, sort) : ways;
    }

    /** An opening whose sort and ways its words tell. */
    public Opening(String kind, String place, Material material, PipeSize size) {
        this(kind, place, Pipe.of(material, size), null, null);
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

    public Optional<Material> material() {
        return pipe.material();
    }

    public Optional<PipeSize> size() {
        return pipe.size();
    }

    public Opening called(String words) {
        return new Opening(words, place, pipe, null, null);
    }

    public Opening withPlace(String where) {
        return new Opening(kind, where, pipe, sort, ways);
    }

    public Opening withPipe(Pipe its) {
        return new Opening(kind, place, its, sort, ways);
    }

    public Opening withSort(OpeningKind itsSort, Ways itsWays) {
        return new Opening(kind, place, pipe, itsSort, itsWays);
    }
}
