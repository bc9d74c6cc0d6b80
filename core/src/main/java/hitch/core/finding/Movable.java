package hitch.core.finding;

import java.util.EnumSet;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;

/** What a camera's head can push along, break or knock loose, and how notes tell that it did. */
public final class Movable {
    private static final Set<FindingKind> KINDS = EnumSet.of(
            FindingKind.DEBRIS,
            FindingKind.SLUDGE,
            FindingKind.GREASE,
            FindingKind.SCUM,
            FindingKind.PAPER,
            FindingKind.WIPES,
            FindingKind.BLOCKAGE);

    private static final Pattern MOVED =
            Pattern.compile("\\b(?:mov(?:e|es|ed|ing)|push(?:ed|es|ing)?(?: [a-z]+){0,6} (?:ahead|along|in front)"
                    + "|shov(?:ed|es|ing)|carried along|washed along|drag(?:ged|s|ging)|dragging"
                    + "|ahead of (?:us|me|the camera|the head|the skid)|rid(?:es|ing) along"
                    + "|(?:hang|hung|hangs|hanging|caught|stuck) (?:up )?on the (?:skid|camera|head|guide|lens)"
                    + "|on the skid|(?:the |that )?same (?:wipe|wipes|paper|rag|piece|clump))\\b");
    private static final Pattern BROKEN =
            Pattern.compile("\\b(?:br(?:oke|oken|eaks?|eaking) (?:it )?(?:through|loose|up|free)"
                    + "|knock(?:ed|s)? (?:it )?(?:loose|off|down)|push(?:ed|es)? (?:it )?through|punched through"
                    + "|cleared (?:it )?(?:by|with) the (?:camera|head))\\b");

    private Movable() {}

    public static boolean is(FindingKind kind) {
        return KINDS.contains(kind);
    }

    /** Whether the words of a movable thing tell that it moved along. */
    public static boolean saysMoved(String words) {
        return MOVED.matcher(words.toLowerCase(Locale.ROOT)).find();
    }

    /** Whether they tell that the camera broke it. */
    public static boolean saysBroken(String words) {
        return BROKEN.matcher(words.toLowerCase(Locale.ROOT)).find();
    }
}
