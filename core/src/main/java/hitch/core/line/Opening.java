package hitch.core.line;

import java.util.Locale;

/**
 * Where the camera went in. Two runs with equal openings began at the same place.
 *
 * @param kind what it is, in people's words, such as {@code two-way cleanout}
 * @param place where it is, in words
 * @param material material of the pipe at the opening
 * @param size size of the pipe at the opening
 * @param sort what sort of opening it is; read from the words where nobody chose
 * @param ways which ways it leads; read from the words where nobody chose
 */
public record Opening(String kind, String place, Material material, PipeSize size, OpeningKind sort, Ways ways) {
    /** Which ways a tool can go from an opening. */
    public enum Ways {
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
        String words = kind.toLowerCase(Locale.ROOT);
        sort = sort == null ? OpeningKind.of(words) : sort;
        boolean both = words.contains("two-way") || words.contains("two way") || words.contains("double");
        ways = ways != null ? ways : both ? Ways.TWO : Ways.ONE;
    }

    /** An opening whose sort and ways its words tell. */
    public Opening(String kind, String place, Material material, PipeSize size) {
        this(kind, place, material, size, null, null);
    }

    public Opening withPlace(String where) {
        return new Opening(kind, where, material, size, sort, ways);
    }

    public Opening withPipe(Material itsMaterial, PipeSize itsSize) {
        return new Opening(kind, place, itsMaterial, itsSize, sort, ways);
    }

    public Opening withSort(OpeningKind itsSort, Ways itsWays) {
        return new Opening(kind, place, material, size, itsSort, itsWays);
    }
}
