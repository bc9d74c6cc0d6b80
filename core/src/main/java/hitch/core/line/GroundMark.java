package hitch.core.line;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What stands above a locate.
 *
 * @param surface what the ground is covered with there
 * @param mark what was put down: paint, a stake; blank where nothing was said
 * @param near what it is near; blank where nothing was said
 */
public record GroundMark(Optional<Surface> surface, String mark, String near) {
    public static final GroundMark NONE = new GroundMark(Optional.empty(), "", "");

    /** What must be broken up and made good again to dig there. */
    public enum Surface {
        LAWN("lawn", List.of("lawn", "grass", "turf")),
        BED("planting bed", List.of("bed", "garden", "shrub")),
        BARE("bare ground", List.of("bare ground", "dirt", "soil")),
        GRAVEL("gravel", List.of("gravel", "crushed rock")),
        DRIVEWAY("driveway", List.of("driveway", "drive")),
        PATIO("patio", List.of("patio", "deck")),
        SIDEWALK("walk", List.of("sidewalk", "footpath", "walk", "walkway")),
        CONCRETE("concrete", List.of("concrete")),
        ASPHALT("asphalt", List.of("asphalt", "blacktop")),
        STREET("street", List.of("street", "road", "alley", "lane")),
        SLAB("slab", List.of("slab", "garage floor")),
        BUILDING("under the building", List.of("under the building", "under the house", "crawl space")),
        TREE("beside a tree", List.of("under the tree"));

        private final String word;
        private final List<String> clues;

        Surface(String word, List<String> clues) {
            this.word = word;
            this.clues = clues;
        }

        public String word() {
            return word;
        }

        /** Where the pipe is that lies below it: {@code under the lawn}. */
        public String above() {
            return this == BUILDING || this == TREE ? word : "under the " + word;
        }
    }

    private static final Pattern MARK = Pattern.compile(
            "\\b((?:(?!of\\b|a\\b|the\\b|with\\b|and\\b|is\\b)[a-z]+ )?(?:paint(?: (?:x|dot|line|arrow|mark))?|stake|flag|chalk|nail|x))\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern NEAR = Pattern.compile(
            "\\b(?:by|near|beside|next to|under|outside|at) (the |an? )?([A-Za-z][A-Za-z' -]+)",
            Pattern.CASE_INSENSITIVE);

    /** What free words about a locate say of the ground over it. */
    public static GroundMark of(String words) {
        String text = words.toLowerCase(Locale.ROOT);
        Optional<Surface> surface = Arrays.stream(Surface.values())
                .filter(c -> c.clues.stream().anyMatch(clue -> word(text, clue)))
                .findFirst();
        Matcher mark = MARK.matcher(words);
        Matcher near = NEAR.matcher(words);
        return new GroundMark(
                surface,
                mark.find() ? mark.group(1).strip() : "",
                near.find() ? ((near.group(1) == null ? "" : near.group(1)) + near.group(2)).strip() : "");
    }

    private static boolean word(String text, String clue) {
        return Pattern.compile("\\b" + Pattern.quote(clue) + "\\b")
                .matcher(text)
                .find();
    }

    public boolean isNone() {
        return equals(NONE);
    }

    /** In words, such as {@code orange paint, by the side gate, lawn}; empty where nothing is known. */
    public String words() {
        return String.join(
                ", ",
                Arrays.asList(mark, near, surface.map(Surface::word).orElse("")).stream()
                        .filter(w -> !w.isBlank())
                        .toList());
    }
}
