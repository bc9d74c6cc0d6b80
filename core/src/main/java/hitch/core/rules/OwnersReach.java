package hitch.core.rules;

import java.util.List;

/** How far a firm reckons the owner's pipe to go. Local rules decide; firms differ. */
public enum OwnersReach {
    TO_THE_MAIN("all the way to the main", List.of()),
    TO_THE_CURB("to the curb", List.of("curb", "kerb")),
    TO_THE_SIDEWALK("to the edge of the sidewalk", List.of("sidewalk", "footpath", "pavement")),
    TO_THE_PROPERTY_LINE("to the property line", List.of("property line", "lot line", "fence", "hedge", "boundary")),
    TO_THE_DISTRICTS_OPENING(
            "to the district's own opening",
            List.of(
                    "district's opening",
                    "district's own opening",
                    "district opening",
                    "city cleanout",
                    "city's cleanout"));

    private final String word;
    private final List<String> clues;

    OwnersReach(String word, List<String> clues) {
        this.word = word;
        this.clues = clues;
    }

    public String word() {
        return word;
    }

    /** Words that name this boundary in a note; none for the main. */
    public List<String> clues() {
        return clues;
    }
}
