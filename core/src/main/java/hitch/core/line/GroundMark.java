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
        CONCRETE("concrete", List.of("concrete", "patio", "walkway")),
        ASPHALT("asphalt", List.of("asphalt", "blacktop", "driveway")),
        STREET("street", List.of("street", "road")),
        SIDEWALK("sidewalk", List.of("sidewalk", "footpath")),
        SLAB("slab", List.of("slab", "floor"));

        private final String word;
        private final List<String> clues;

        Surface(String word, List<String> clues) {
            this.word = word;
            this.clues = clues;
        }

        public String word() {
            return word;
        }
    }

    private static final Pattern MARK =
            Pattern.compile("\\b((?:\\w+ )?(?:paint|stake|flag|chalk|nail))\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern NEAR = Pattern.compile(
            "\\b(?:by|near|beside|next to|under|outside|at) (the |an? )?([\\w' -]+)", Pattern.CASE_INSENSITIVE);

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
