package hitch.core.finding;

/** How sure it is that a finding is what it is called, from what was said of it; the surest first. */
public enum Certainty {
    SEEN("seen", ""),
    LIKELY("likely", "Likely "),
    POSSIBLE("possible", "Possibly "),
    /** It is this or one other thing, which its words name. */
    ONE_OF_TWO("one of two", "One of two things: "),
    HEARD("heard", "Heard, not seen: "),
    /** Somebody said so. */
    TOLD("told", "Told, not seen: "),
    RULED_OUT("ruled out", "Not ");

    private final String word;
    private final String lead;

    Certainty(String word, String lead) {
        this.word = word;
        this.lead = lead;
    }

    public String word() {
        return word;
    }

    /** Whether it is taken for what it is called: seen, or as good as seen. */
    public boolean isTaken() {
        return this == SEEN || this == LIKELY;
    }

    /** Whether it is too unsure to draw the line by: whose pipe it is, and what it is made of, are not guessed. */
    public boolean isGuess() {
        return this == POSSIBLE || this == ONE_OF_TWO || this == HEARD || this == RULED_OUT;
    }

    /** A phrase said with this certainty: {@code Possibly roots, at the top}. */
    public String say(String phrase) {
        if (lead.isEmpty() || phrase.isEmpty()) {
            return phrase;
        }
        // Letters that stand together as a name stay as they are.
        boolean name = phrase.length() > 1 && Character.isUpperCase(phrase.charAt(1));
        return lead + (name ? phrase : Character.toLowerCase(phrase.charAt(0)) + phrase.substring(1));
    }
}
