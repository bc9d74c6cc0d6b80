package hitch.core.story;

import hitch.core.footage.FrameRef;
import java.util.List;

/** One shot of a story. */
public sealed interface Shot permits CardShot, FootageShot, MapShot, SideBySideShot, StillShot {
    /** What it goes by, however often the story is written anew: what it is about, never its words or its place. */
    String key();

    /** Short title, as the chapter mark and the script show it. */
    String title();

    /** What is spoken over it, as it is captioned; may be empty. */
    String narration();

    /** Seconds it stands when everything has been said. */
    double tail();

    /** What is written on it, beside its title. */
    List<String> written();

    /** The frames it is about, whose clips it shows. */
    List<FrameRef> shown();

    /** The same with other words spoken over it. */
    Shot saying(String words);

    /** The same standing on for so many seconds. */
    Shot standing(double seconds);

    /** A fingerprint of the facts it tells: it changes when one of them does. */
    default String facts() {
        return Facts.of(this);
    }
}
