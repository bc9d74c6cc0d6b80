package hitch.core.story;

/** One shot of a story. */
public sealed interface Shot permits CardShot, FindingShot {
    /** What it goes by, however often the story is written anew: what it is about, never its words or its place. */
    String key();

    /** Short title, as the chapter mark and the script show it. */
    String title();

    /** What is spoken over it, as it is captioned; may be empty. */
    String narration();

    /** The same with other words spoken over it. */
    Shot saying(String words);

    /** A fingerprint of the facts it tells: it changes when one of them does. */
    default String facts() {
        return Facts.of(this);
    }
}
