package hitch.core.finding;

/** What a sentence can be about. */
public interface Topic {
    /** The plain lower-case word for it. */
    String word();
}
