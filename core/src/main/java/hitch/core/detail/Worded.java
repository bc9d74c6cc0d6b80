package hitch.core.detail;

/** One of a few choices that has a word of its own. */
public interface Worded {
    /** The plain lower-case word for it, as it is stored, shown and typed. */
    String word();
}
