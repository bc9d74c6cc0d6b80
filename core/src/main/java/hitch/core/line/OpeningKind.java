package hitch.core.line;

import java.util.Locale;
import java.util.Map;

/** What sort of way into the pipe an opening is. */
public enum OpeningKind {
    GROUND_CLEANOUT("ground cleanout"),
    INDOOR_CLEANOUT("indoor cleanout"),
    ROOF_VENT("roof vent"),
    FIXTURE_FLANGE("fixture flange"),
    TRAP_ARM("trap arm"),
    BURIED_FITTING("buried fitting"),
    STRUCTURE("structure");

    private static final Map<String, OpeningKind> CLUES = Map.of(
            "vent", ROOF_VENT,
            "roof", ROOF_VENT,
            "flange", FIXTURE_FLANGE,
            "toilet", FIXTURE_FLANGE,
            "trap", TRAP_ARM,
            "buried", BURIED_FITTING,
            "manhole", STRUCTURE,
            "structure", STRUCTURE,
            "indoor", INDOOR_CLEANOUT,
            "basement", INDOOR_CLEANOUT);

    private final String word;

    OpeningKind(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }

    /** The kind that words about an opening speak of; a cleanout in the ground where they name no other. */
    public static OpeningKind of(String words) {
        String text = words.toLowerCase(Locale.ROOT);
        return CLUES.entrySet().stream()
                .filter(c -> text.contains(c.getKey()))
                .map(Map.Entry::getValue)
                .sorted()
                .findFirst()
                .orElse(GROUND_CLEANOUT);
    }
}
