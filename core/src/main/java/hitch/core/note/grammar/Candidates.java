package hitch.core.note.grammar;

import hitch.core.finding.FindingKind;
import hitch.core.finding.FindingKind.Family;
import hitch.core.note.Act;
import hitch.core.note.Certainty;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;

/** Picks out of a sentence what it really speaks of: each becomes a candidate in the order of the words. */
final class Candidates {
    private static final Set<String> NEAR = Set.of(
            "at",
            "in",
            "from",
            "through",
            "past",
            "before",
            "after",
            "by",
            "near",
            "to",
            "toward",
            "towards",
            "of",
            "into",
            "around",
            "behind",
            "under",
            "on",
            "between",
            "inside",
            "beyond",
            "until",
            "out",
            "via",
            "off",
            "beneath",
            "down to",
            "up to",
            "thru",
            "out to",
            "all the way to",
            "below",
            "beside",
            "across",
            "next to",
            "till",
            "with",
            "going into",
            "goes into",
            "reaching",
            "towards the",
            "since",
            "over",
            "along",
            "for");
    private static final Set<String> FIXTURES = Set.of(
            "sink",
            "toilet",
            "tub",
            "shower",
            "kitchen",
            "bath",
            "bathroom",
            "laundry",
            "washer",
            "faucet",
            "hose",
            "water",
            "dishwasher",
            "basin",
            "lavatory",
            "dye",
            "fixture",
            "fixtures",
            "commode",
            "bathtub",
            "washing",
            "drain",
            "spigot",
            "bib",
            "toilets",
            "sinks",
            "drains",
            "tap");
    private static final Set<String> OTHER_RUNS = Set.of(
            "camera",
            "line",
            "cable",
            "pipe",
            "counter",
            "head",
            "video",
            "snake",
            "light",
            "lights",
            "locator",
            "jetter",
            "machine",
            "recorder",
            "screen",
            "scope",
            "cutter",
            "main",
            "monitor",
            "with",
            "same",
            "whole",
            "length");

    private final Parts parts;
    private final boolean typed;
    private final Scopes scopes;
    private final String spoken;
    private final boolean placed;
    private final boolean carried;
    private final List<Candidate> found = new ArrayList<>();

    private Candidates(Parts parts, boolean typed, boolean carried) {
        this.parts = parts;
        this.typed = typed;
        this.scopes = new Scopes(parts, typed);
        this.spoken = " " + parts.text() + " ";
        this.placed = carried || any(Meaning.Place.class);
        this.carried = carried;
    }

    /**
     * @param changes changes of pipe that are already known
     * @param carried whether the sentence before gave a place for this one
     */
    static List<Candidate> in(Parts parts, boolean typed, List<Candidate> changes, boolean carried) {
        Candidates candidates = new Candidates(parts, typed, carried);
        for (int i = 0; i < parts.size(); i++) {
            candidates.at(i);
        }
        candidates.add(changes);
        candidates.found.sort(Comparator.comparingInt(Candidate::at));
        candidates.sayWhere();
        return candidates.found;
    }

    private void at(int i) {
        parts.as(i, Meaning.Thing.class).ifPresent(t -> thing(i, t));
        parts.as(i, Meaning.Doing.class).ifPresent(d -> doing(i, d));
        if (parts.has(i, Meaning.Deep.class) && found.stream().noneMatch(c -> c.is(FindingKind.LOCATE))) {
            found.add(new Candidate(FindingKind.LOCATE, i));
        }
        if (parts.has(i, Meaning.Angle.class)
                && !anyThing(FindingKind.BEND)
                && !anyThing(FindingKind.TIE_IN)
                && !parts.says(parts.after(i), "wye", "tee")) {
            found.add(new Candidate(FindingKind.BEND, i));
        }
        if (scopes.isAdvice(i) && found.stream().noneMatch(c -> c.is(FindingKind.ADVICE)) && !scopes.isTalk(i, true)) {
            found.add(new Candidate(FindingKind.ADVICE, i));
        }
    }

    private void thing(int i, Meaning.Thing thing) {
        FindingKind kind = thing.kind();
        if (scopes.isDenied(i)) {
            if (kind.family() != Family.LIMIT && kind.family() != Family.TOLD) {
                found.add(new Candidate(kind, i).sure(Certainty.RULED_OUT));
            }
            return;
        }
        if (!typed && !placed && isOldHat(i, kind)) {
            return;
        }
        boolean advised = scopes.isAdvised(i) && !(kind == FindingKind.LOCATE && any(Meaning.Deep.class));
        boolean asked = !typed && parts.size() == 2 && parts.says(1, "?");
        if (asked || scopes.isNone(i) || advised || scopes.isTalk(i, placed) || thing.weak() && !weakStands(i, kind)) {
            return;
        }
        if (!stands(i, kind) || !typed && !carried && !new Claim(parts).isMade(i, kind)) {
            return;
        }
        found.add(new Candidate(kind, i).sure(scopes.certainty(i)));
    }

    /** "That offset", "the cleanout cap": named as known already, not as found now. */
    private boolean isOldHat(int i, FindingKind kind) {
        if (any(Meaning.Here.class)
                || anyText(
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

    private boolean weakStands(int i, FindingKind kind) {
        if (typed) {
            return kind == FindingKind.OFFSET
                    ? !isNear(i)
                    : kind != FindingKind.BREAK || !anyThing(FindingKind.OPENING);
        }
        return switch (kind) {
            case STANDING_WATER ->
                !anyThing(FindingKind.FIXTURE_TEST)
                        && (placed
                                        && !anyText(
                                                "running", "run", "flowing", "flows", "coming", "drains", "drain",
                                                "drained")
                                || any(Meaning.Share.class)
                                || parts.is(i - 1, Glue.OF) && parts.has(i - 2, Meaning.Size.class)
                                || parts.is(i - 1, Glue.OF) && parts.has(i - 2, Meaning.Length.class));
            case OPENING -> false;
            case GAP -> anyThing(FindingKind.JOINT);
            case BREAK ->
                parts.says(i, "missing", "broke")
                        ? placed && !anyThing(FindingKind.OPENING)
                        : parts.says(i - 1, "a", "the", "that", "this") && placed;
            case OFFSET -> placed && !isNear(i);
            default -> placed || any(Meaning.Share.class) || any(Meaning.Size.class) || anyDenied();
        };
    }

    private boolean stands(int i, FindingKind kind) {
        return switch (kind) {
            case FIXTURE_TEST -> isTest(i);
            case LOCATE -> any(Meaning.Deep.class) || locates(i);
            case JOINT -> typed || placed && !parts.says(i, "joints", "hubs");
            case BEND ->
                typed
                        || placed
                        || parts.says(i - 1, "a", "another", "this", "sharp", "hard")
                                && !parts.says(i, "turn", "bends");
            case BOUNDARY -> !isNearSurface(i);
            case MAIN_CONNECTION ->
                typed || anyText("made it", "reached", "hit", "made", "reach") || placed && !headsFor(i) || reached(i);
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
                        && parts.says(i + 1, "off", "down", "it", "the", "away", "that", "this", "my")
                || parts.says(i, "scale") && parts.is(i + 1, Glue.OF)) {
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

    private boolean isTest(int i) {
        if (scopes.isUndone(i) && !typed && !anyText("saw", "see", "came", "seen")) {
            return false;
        }
        if (parts.says(i - 1, "cut", "to", "is") && parts.says(i, "flush")
                || parts.says(i, "flush") && parts.says(i + 1, "with")) {
            return false;
        }
        if (parts.at(i).text().startsWith("flush") && parts.has(i + 1, Meaning.Thing.class) && !anyFixture()) {
            return false;
        }
        if (parts.says(i, "flushing", "flush") && parts.says(i - 1, "the", "from", "after")) {
            return false;
        }
        for (int j = i + 1; j <= i + 3 && !FIXTURES.contains(parts.at(j).text()); j++) {
            if (OTHER_RUNS.contains(parts.at(j).text())) {
                return false;
            }
        }
        if (parts.at(i).text().matches("flush.*|.*toilet.*|.*dye.*|.*fixture.*|.*sink.*|.*shower.*|.*tub.*")) {
            return !parts.says(i, "flush") || !placed || anyFixture();
        }
        return anyFixture();
    }

    private boolean anyFixture() {
        for (int j = 0; j < parts.size(); j++) {
            for (String word : parts.at(j).text().split(" ")) {
                if (FIXTURES.contains(word)) {
                    return true;
                }
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
        boolean surface = anyText(
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
        return says && (placed || any(Meaning.Here.class) || typed || surface);
    }

    /** A sidewalk or a wall that a mark stands by. */
    private boolean isNearSurface(int i) {
        return any(Meaning.Deep.class) || anyThing(FindingKind.LOCATE) || isNear(i) && !placed && !typed;
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
                && anyText(
                        "hit",
                        "heres",
                        "thats",
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
                && anyText(
                        "to show", "to look", "show", "look", "photo", "picture", "to flush", "record", "recording"));
    }

    private void doing(int i, Meaning.Doing doing) {
        if (scopes.isNone(i) || scopes.isTalk(i, true) && doing.act() != Act.PROMISE) {
            return;
        }
        boolean stands = switch (doing.act()) {
            case ZERO -> !doing.weak() || smallPlace();
            case PROMISE ->
                !anyText("promised", "here it is", "as promised")
                        && (!doing.weak()
                                || typed
                                || !parts.says(i, "come back")
                                        && anyText(
                                                "will", "well", "look", "check", "get", "catch", "see", "grab", "ill"));
            case PHOTO ->
                (!doing.weak() || typed && !anyFinding()) && !parts.says(i, "a picture")
                        || anyText("get", "take", "grab", "need", "want", "snap", "took");
        };
        boolean doubled = found.stream().anyMatch(c -> c.matter() == doing.act());
        if (stands && !doubled) {
            found.add(new Candidate(doing.act(), i));
        }
    }

    private boolean anyFinding() {
        return found.stream().anyMatch(Candidate::isFinding);
    }

    /** A figure so small that the counter may have been set to it. */
    private boolean smallPlace() {
        for (int i = 0; i < parts.size(); i++) {
            if (parts.as(i, Meaning.Place.class)
                    .map(p -> p.from().inFeet() <= 15)
                    .orElse(false)) {
                return true;
            }
        }
        return parts.says(0, "zero") || typed;
    }

    private void add(List<Candidate> changes) {
        for (Candidate change : changes) {
            boolean meant = !scopes.isTalk(change.at(), placed)
                    && !scopes.isAdvised(change.at())
                    && !scopes.isNone(change.at());
            if (meant) {
                change.sure(scopes.certainty(change.at()));
                found.removeIf(c -> c.is(FindingKind.MATERIAL_CHANGE) || c.is(FindingKind.SIZE_CHANGE));
                found.removeIf(c -> c.is(FindingKind.COUPLING)
                        && Math.abs(c.at() - change.at()) < 4
                        && parts.says(c.at() - 1, "transition"));
            }
        }
        found.addAll(changes.stream()
                .filter(c -> !scopes.isTalk(c.at(), placed) && !scopes.isAdvised(c.at()) && !scopes.isNone(c.at()))
                .toList());
    }

    /** Drops what is only named to say where something else is: "roots at the joint", "blocked with wipes". */
    private void sayWhere() {
        List<Candidate> all = List.copyOf(found);
        // "Offset, paper on it": the paper stays in the words of the offset.
        found.removeIf(c -> typed
                && c.is(FindingKind.DEBRIS)
                && weak(c.at())
                && all.stream().anyMatch(o -> o != c && o.isCondition()));
        found.removeIf(c -> c.is(FindingKind.DEBRIS)
                && parts.says(c.at(), "gravel", "dirt", "sand", "mud", "rocks", "rock", "stones")
                && all.stream().anyMatch(o -> o.is(FindingKind.HOLE) || o.is(FindingKind.BREAK)));
        boolean condition = all.stream().anyMatch(Candidate::isCondition);
        found.removeIf(c -> {
            if (c.certainty() == Certainty.RULED_OUT || !c.isFinding()) {
                return false;
            }
            boolean others = all.stream().anyMatch(o -> o != c && o.isFinding() && !o.is(FindingKind.ADVICE));
            boolean feature = !c.isCondition() && ((FindingKind) c.matter()).family() == Family.FEATURE;
            if (isNear(c.at()) && !c.is(FindingKind.LOCATE) && all.stream().anyMatch(o -> o.is(FindingKind.LOCATE))) {
                return true;
            }
            if (c.is(FindingKind.JOINT) && condition) {
                return true;
            }
            if (feature && !hasChange(c) && !placed && all.stream().anyMatch(o -> o.is(FindingKind.LIMIT))) {
                return true;
            }
            if (isNear(c.at()) && feature && !hasChange(c)) {
                boolean within = c.is(FindingKind.OPENING)
                        && !parts.isAny(c.at() - 1, Glue.AT)
                        && !parts.is(c.at() - 2, Glue.AT);
                return others || !typed && (!placed || within);
            }
            if (isNear(c.at())
                    && c.isCondition()
                    && others
                    && isBy(c.at())
                    && all.stream()
                            .anyMatch(
                                    o -> o != c && o.isCondition() && !o.is(FindingKind.BLOCKAGE) && o.at() < c.at())) {
                return true;
            }
            return c.is(FindingKind.BLOCKAGE)
                    && parts.says(
                            c.at(),
                            "blocked",
                            "plugged",
                            "clogged",
                            "choked",
                            "plugged up",
                            "clogged up",
                            "blocked up",
                            "obstructed",
                            "choked off",
                            "plugged solid",
                            "jammed",
                            "blocked off")
                    && all.stream()
                            .anyMatch(o -> o.is(FindingKind.ROOTS)
                                    || o.is(FindingKind.WIPES)
                                    || o.is(FindingKind.DEBRIS)
                                    || o.is(FindingKind.GREASE));
        });
        found.removeIf(c -> c.is(FindingKind.LIMIT)
                && all.stream().anyMatch(o -> o.is(FindingKind.LIMIT) && o.at() < c.at())
                && !parts.is(c.at() - 1, Glue.BUT));
    }

    private boolean weak(int i) {
        return parts.as(i, Meaning.Thing.class).map(Meaning.Thing::weak).orElse(false);
    }

    private static boolean hasChange(Candidate c) {
        return c.is(FindingKind.MATERIAL_CHANGE) || c.is(FindingKind.SIZE_CHANGE);
    }

    /** Whether a word of place stands before it: "at the joint", "in through the cleanout". */
    private boolean isNear(int i) {
        int j = i - 1;
        while (parts.says(
                        j,
                        "the",
                        "a",
                        "an",
                        "this",
                        "that",
                        "each",
                        "every",
                        "first",
                        "next",
                        "old",
                        "same",
                        "kitchen",
                        "buried",
                        "front",
                        "back",
                        "our",
                        "last",
                        "second",
                        "exterior",
                        "interior",
                        "two",
                        "way",
                        "lower",
                        "upper",
                        "main",
                        "yard",
                        "roof",
                        "one",
                        "those",
                        "these",
                        "its",
                        "bathroom",
                        "basement",
                        "outside")
                || parts.has(j, Meaning.Pipe.class)
                || parts.has(j, Meaning.Round.class)) {
            j--;
        }
        int k = j;
        while (k > j - 2 && parts.has(k, Meaning.Plain.class) && !parts.at(k).isSign() && !isNearWord(k)) {
            k--;
        }
        while (k < j && parts.says(k, "the", "a", "an", "that", "this")) {
            k--;
        }
        if (isNearWord(k) && k < j) {
            return true;
        }
        boolean both = parts.is(j, Glue.AND) && parts.has(j - 1, Meaning.Thing.class);
        return isNearWord(j) || both && isNear(j - 1);
    }

    private boolean isNearWord(int j) {
        return NEAR.contains(parts.at(j).text());
    }

    /** "Coming through a crack", but not "a crack with roots". */
    private boolean isBy(int i) {
        int j = i - 1;
        while (parts.says(j, "the", "a", "an", "this", "that", "each", "every")) {
            j--;
        }
        return parts.says(
                j, "through", "from", "at", "in", "into", "past", "around", "behind", "on", "of", "by", "near", "thru");
    }

    private boolean anyDenied() {
        for (int i = 0; i < parts.size(); i++) {
            if (parts.is(i, Glue.DENIED)
                    || parts.says(i, "caught", "hung", "stuck", "hanging", "catching", "snagged")) {
                return true;
            }
        }
        return false;
    }

    private boolean anyThing(FindingKind kind) {
        for (int i = 0; i < parts.size(); i++) {
            if (parts.as(i, Meaning.Thing.class).map(t -> t.kind() == kind).orElse(false)) {
                return true;
            }
        }
        return false;
    }

    private boolean any(Class<? extends Meaning> type) {
        for (int i = 0; i < parts.size(); i++) {
            if (parts.has(i, type)) {
                return true;
            }
        }
        return false;
    }

    private boolean anyText(String... words) {
        for (String word : words) {
            if (spoken.contains(" " + word + " ")) {
                return true;
            }
        }
        return false;
    }
}
