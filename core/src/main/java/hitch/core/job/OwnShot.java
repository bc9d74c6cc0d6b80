package hitch.core.job;

import hitch.core.footage.FrameRef;
import java.util.List;
import java.util.Optional;

/**
 * A shot that a person put into a story. Where it stands and what is spoken over it are told by the {@link ShotChange} of its key.
 *
 * @param key what it goes by, {@code own:1}
 * @param frame the moment it shows; none for a card and a map
 * @param title its heading
 * @param rows lines of a card
 */
public record OwnShot(String key, Kind kind, Optional<FrameRef> frame, String title, List<String> rows) {
    /** What every key of a shot of one's own begins with. */
    public static final String KEYS = "own:";

    /** What it shows. */
    public enum Kind {
        PLAYED,
        STILL,
        CARD,
        MAP
    }

    public OwnShot {
        rows = List.copyOf(rows);
        if (!key.matches(KEYS + "[1-9]\\d*")) {
            throw new IllegalArgumentException("\"" + key + "\" is no key of a shot of one's own");
        }
        if ((kind == Kind.PLAYED || kind == Kind.STILL) && frame.isEmpty()) {
            throw new IllegalArgumentException("a shot of footage shows a moment of it");
        }
    }
}
