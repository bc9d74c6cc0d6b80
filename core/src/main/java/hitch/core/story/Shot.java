package hitch.core.story;

/** One shot of a story. */
public sealed interface Shot permits CardShot, FindingShot {
    /** Short title, as the chapter mark and the script show it. */
    String title();

    /** What is spoken over it, as it is captioned; may be empty. */
    String narration();
}
