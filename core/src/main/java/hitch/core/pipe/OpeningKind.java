package hitch.core.pipe;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** What sort of way into the pipe an opening is. */
public enum OpeningKind {
    UNKNOWN("not said"),
    GROUND_CLEANOUT("ground cleanout"),
    INDOOR_CLEANOUT("indoor cleanout"),
    ROOF_VENT("roof vent"),
    FIXTURE_FLANGE("fixture flange"),
    TRAP_ARM("trap arm"),
    BURIED_FITTING("buried fitting"),
    STRUCTURE("structure");

    private static final Map<String, OpeningKind> CLUES = Map.ofEntries(
            Map.entry("vent", ROOF_VENT),
            Map.entry("roof", ROOF_VENT),
            Map.entry("flange", FIXTURE_FLANGE),
            Map.entry("toilet", FIXTURE_FLANGE),
            Map.entry("trap", TRAP_ARM),
            Map.entry("buried", BURIED_FITTING),
            Map.entry("manhole", STRUCTURE),
            Map.entry("structure", STRUCTURE),
            Map.entry("indoor", INDOOR_CLEANOUT),
            Map.entry("basement", INDOOR_CLEANOUT),
            Map.entry("cleanout", GROUND_CLEANOUT));

    private final String word;

    OpeningKind(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }

    /** Whether a pipe begins at it, so that it leads one way only. */
    public boolean isAnEnd() {
        return this == ROOF_VENT || this == FIXTURE_FLANGE || this == TRAP_ARM;
    }

    /** The kind that words about an opening speak of, by whole words; of several the one that is more than a cleanout. */
    public static OpeningKind of(String words) {
        List<String> said = List.of(
                words.toLowerCase(Locale.ROOT).replace("clean out", "cleanout").split("[^a-z]+"));
        return CLUES.entrySet().stream()
                .filter(c -> said.contains(c.getKey()) || said.contains(c.getKey() + "s"))
                .map(Map.Entry::getValue)
                .max(Comparator.comparing((OpeningKind k) -> k != GROUND_CLEANOUT)
                        .thenComparing(Comparator.<OpeningKind>naturalOrder().reversed()))
                .orElse(UNKNOWN);
    }
}
