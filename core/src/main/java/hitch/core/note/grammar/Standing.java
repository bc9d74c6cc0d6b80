package hitch.core.note.grammar;

import hitch.core.finding.FindingKind;
import hitch.core.finding.FindingKind.Family;

/** Tells whether a word of the trade stands for its thing in a sentence, or happens to be said. */
final class Standing {

    private final Phrases parts;
    private final boolean typed;
    private final boolean placed;
    private final Hints hints;
    private final Nearness near;

    Standing(Phrases parts, boolean typed, boolean placed) {
        this.parts = parts;
        this.typed = typed;
        this.placed = placed;
        this.hints = new Hints(parts);
        this.near = new Nearness(parts);
    }

    /** "That offset", "the cleanout cap": named as known already, not as found now. */
    boolean isOldHat(int i, FindingKind kind) {
        if (hints.any(Meaning.Here.class)
                || hints.anyText(
                        "heres",
                        "theres",
                        "there is",
                        "here is",
                        "this is",
                        "thats",
                        "that is",
                        "see",
                        "have",
                        "got",
                        "find",
                        "found",
                        "hit",
                        "reach",
                        "reached",
                        "into",
                        "there are",
                        "at",
                        "now",
                        "not seen")) {
            return false;
        }
        boolean pointed = parts.says(i - 1, "that", "those", "these", "this");
        boolean known = kind.family() == Family.FEATURE && parts.says(i - 1, "the", "your", "our", "my", "their");
        return pointed || known;
    }

    boolean weakStands(int i, FindingKind kind) {
        if (typed) {
            if (kind == FindingKind.BOUNDARY) {
                // "ROW 77", but not "lot b, row 12".
                return i == 0;
            }
            return kind == FindingKind.OFFSET
                    ? !near.isNear(i)
                    : kind != FindingKind.BREAK || !hints.anyThing(FindingKind.OPENING);
        }
        return switch (kind) {
            case STANDING_WATER ->
                !(parts.says(i - 1, "the") && parts.says(i - 2, "with", "for", "because of", "through", "in"))
                        && !hints.anyThing(FindingKind.FIXTURE_TEST)
                        && (placed
                                        && !hints.anyText(
                                                "running", "run", "flowing", "flows", "coming", "drains", "drain",
                                                "drained")
                                || hints.any(Meaning.Share.class)
                                || parts.is(i - 1, Glue.OF) && parts.has(i - 2, Meaning.Size.class)
                                || parts.is(i - 1, Glue.OF) && parts.has(i - 2, Meaning.Length.class));
            case OPENING -> false;
            case GAP -> hints.anyThing(FindingKind.JOINT);
            case BREAK ->
                parts.says(i, "missing", "broke")
                        ? placed && !hints.anyThing(FindingKind.OPENING)
                        : parts.says(i - 1, "a", "the", "that", "this") && placed;
            case OFFSET -> placed && !near.isNear(i);
            default -> placed || hints.any(Meaning.Share.class) || hints.any(Meaning.Size.class) || hints.anyDenied();
        };
    }

    boolean stands(int i, FindingKind kind) {
        return switch (kind) {
            case FIXTURE_TEST -> new FixtureTests(parts, typed, placed).isMadeAt(i);
            case LOCATE -> hints.any(Meaning.Deep.class) || locates(i);
            case JOINT -> typed || placed && !parts.says(i, "joints", "hubs");
            case BEND ->
                typed
                        || placed
                        || parts.says(i - 1, "a", "another", "this", "sharp", "hard")
                                && !parts.says(i, "turn", "bends");
            case BOUNDARY -> parts.says(i, "boundary", "property line") && typed || !isNearSurface(i);
            case MAIN_CONNECTION ->
                typed
                        || hints.anyText("made it", "reached", "hit", "made", "reach")
                        || placed && !headsFor(i)
                        || reached(i);
            case TIE_IN ->
                typed
                        || !parts.says(
                                i,
                                "lateral",
                                "laterals",
                                "connection",
                                "connections",
                                "branches",
                                "kitchen line",
                                "laundry line",
                                "bathroom line")
                        || placed
                        || parts.says(i - 1, "a", "another");
            case OPENING ->
                typed
                        || !(parts.is(i - 1, Glue.NONE))
                                && !parts.says(i, "access", "cap", "riser", "opening", "openings")
                        || placed && !parts.says(i, "opening")
                        || parts.says(i - 1, "buried");
            case LIMIT -> limits(i);
            case MATERIAL_CHANGE -> typed || !parts.says(i, "new pipe", "newer pipe", "adapter") || placed;
            case ROOTS, OFFSET, GAP, CRACK, BREAK, HOLE, DEFORMATION, SCALE, DEBRIS, GREASE, WIPES, BLOCKAGE ->
                !isExplained(i);
            default -> true;
        };
    }

    /** "What we call an offset" and the like. */
    private boolean isExplained(int i) {
        if (parts.says(i, "wipe", "wipes", "rag")
                        && parts.says(i + 1, "off", "right", "clean", "down", "it", "the", "away", "that", "this", "my")
                || parts.says(i, "scale") && parts.is(i + 1, Glue.OF)
                || isOfMetal(i)
                || parts.says(i, "broken", "cracked", "missing", "busted")
                        && parts.says(i + 1, "cap", "lid", "cover", "plug", "handle")) {
            return true;
        }
        return parts.says(i - 1, "root", "flush") && parts.says(i, "cut")
                || parts.says(
                        i + 1,
                        "cutter",
                        "saw",
                        "killer",
                        "blade",
                        "foam",
                        "treatment",
                        "nozzle",
                        "machine",
                        "remover",
                        "guy",
                        "company",
                        "of salt",
                        "barrier");
    }

    /** "The bands are rusted": no rust of the pipe's wall. */
    private boolean isOfMetal(int i) {
        boolean rust = parts.says(i, "rust", "rusted", "rusty", "corroded");
        for (int j = i - 1; rust && j >= i - 3; j--) {
            if (parts.says(j, "band", "bands", "clamp", "clamps", "screws", "screw", "bolts", "lid", "cover", "cap")) {
                return true;
            }
        }
        return false;
    }

    private boolean locates(int i) {
        if (parts.says(i, "located") && !parts.says(i - 1, "i", "we", "have", "ive", "weve") && !typed) {
            return false;
        }
        boolean says = parts.says(
                i,
                "locate",
                "locating",
                "located",
                "marked it",
                "paint mark",
                "paint dot",
                "marked on",
                "put a mark",
                "put a flag",
                "flagged",
                "painted",
                "marked out",
                "staked",
                "stake",
                "locates");
        says |= parts.at(i).text().startsWith("put ");
        boolean surface = hints.anyText(
                "grass",
                "lawn",
                "sidewalk",
                "curb",
                "driveway",
                "street",
                "paint",
                "flag",
                "yard",
                "stake",
                "walk",
                "asphalt",
                "garden");
        return says && (placed || hints.any(Meaning.Here.class) || typed || surface);
    }

    /** A sidewalk or a wall that a mark stands by. */
    private boolean isNearSurface(int i) {
        return hints.any(Meaning.Deep.class)
                || hints.anyThing(FindingKind.LOCATE)
                || near.isNear(i) && !placed && !typed;
    }

    private boolean headsFor(int i) {
        return parts.says(parts.before(i), "toward", "towards", "out to", "before")
                || parts.says(i - 2, "toward", "towards");
    }

    private boolean reached(int i) {
        if (parts.at(i).text().matches("(?:were|we are|im|i am|now) .*")) {
            return true;
        }
        return !headsFor(i)
                && hints.anyText(
                        "hit",
                        "heres",
                        "thats",
                        "that is",
                        "reached",
                        "reach",
                        "this is",
                        "made it",
                        "there is",
                        "theres",
                        "into",
                        "at",
                        "see",
                        "find",
                        "got",
                        "found",
                        "entering",
                        "goes into",
                        "going into",
                        "here")
                && !parts.says(
                        i + 1,
                        "line",
                        "drain",
                        "stack",
                        "thing",
                        "issue",
                        "problem",
                        "concern",
                        "entrance",
                        "house",
                        "reason",
                        "cleanout",
                        "part",
                        "floor",
                        "point",
                        "bathroom",
                        "sewer",
                        "areas",
                        "water",
                        "concerns")
                && !parts.says(i, "main")
                && !parts.says(parts.before(i), "all the way to", "for", "from");
    }

    private boolean limits(int i) {
        boolean stop = parts.says(
                i,
                "stopped at",
                "stopped by",
                "had to stop",
                "have to stop",
                "need to stop",
                "going to stop",
                "hung up here",
                "stopped here");
        return !(stop
                && hints.anyText(
                        "to show", "to look", "show", "look", "photo", "picture", "to flush", "record", "recording"));
    }
}
