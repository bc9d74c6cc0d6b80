package hitch.core.decide;

/**
 * What became of a question.
 *
 * @param kind settled, handed on, or open again
 * @param words what a person said to it; may be blank
 */
public record Answer(Kind kind, String words) {
    /** What became of it. */
    public enum Kind {
        OPEN("open"),
        SETTLED("settled"),
        /** It is told in what is handed over as not known. */
        UNKNOWN("handed on as unknown");

        private final String word;

        Kind(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    public static final Answer OPEN = new Answer(Kind.OPEN, "");

    public Answer {
        words = words == null ? "" : words.strip();
    }
}
