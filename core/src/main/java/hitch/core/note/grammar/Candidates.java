package hitch.core.note.grammar;

import hitch.core.finding.Certainty;
import hitch.core.finding.FindingKind;
import hitch.core.finding.FindingKind.Family;
import hitch.core.note.Act;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Picks out of a sentence what it really speaks of: each becomes a candidate in the order of the words. */
final class Candidates {

    private final Phrases parts;
    private final boolean typed;
    private final Scopes scopes;
    private final Contrasts contrasts;
    private final Hints hints;
    private final Nearness near;
    private final Standing standing;
    private final boolean placed;
    private final boolean carried;
    private final List<Candidate> found = new ArrayList<>();

    private Candidates(Phrases parts, boolean typed, boolean carried) {
        this.parts = parts;
        this.typed = typed;
        this.scopes = new Scopes(parts, typed);
        this.contrasts = new Contrasts(parts);
        this.hints = new Hints(parts);
        this.near = new Nearness(parts);
        this.placed = carried || hints.any(Meaning.Place.class);
        this.carried = carried;
        this.standing = new Standing(parts, typed, placed);
    }

    /**
     * @param changes changes of pipe that are already known
     * @param carried whether the sentence before gave a place for this one
     */
    static List<Candidate> in(Phrases parts, boolean typed, List<Candidate> changes, boolean carried) {
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
        if (parts.has(i, Meaning.Deep.class) && !anyLocate()) {
            found.add(new Candidate(FindingKind.LOCATE, i));
        }
        if (parts.has(i, Meaning.Angle.class)
                && !hints.anyThing(FindingKind.BEND)
                && !hints.anyThing(FindingKind.TIE_IN)
                && !parts.says(parts.after(i), "wye", "tee")) {
            found.add(new Candidate(FindingKind.BEND, i));
        }
        if (scopes.isAdvice(i) && found.stream().noneMatch(c -> c.is(FindingKind.ADVICE)) && !scopes.isTalk(i, true)) {
            found.add(new Candidate(FindingKind.ADVICE, i));
        }
    }

    private void thing(int i, Meaning.Thing thing) {
        FindingKind kind = thing.kind();
        if (contrasts.isLikened(i) || contrasts.isContrasted(i)) {
            return;
        }
        if (scopes.isDenied(i)) {
            if (kind.family() != Family.LIMIT && kind.family() != Family.TOLD) {
                found.add(new Candidate(kind, i).sure(Certainty.RULED_OUT));
            }
            return;
        }
        if (!typed && !placed && standing.isOldHat(i, kind)) {
            return;
        }
        if (kind == FindingKind.LOCATE && parts.says(i, "deep", "depth") && anyLocate()) {
            // "Locate at 28, 5 ft deep": the depth is that of what was located.
            return;
        }
        if (isNoneAt(i, kind)) {
            found.add(new Candidate(kind, i).sure(Certainty.RULED_OUT));
            return;
        }
        boolean advised = scopes.isAdvised(i) && !(kind == FindingKind.LOCATE && hints.any(Meaning.Deep.class));
        boolean asked = !typed && parts.size() == 2 && parts.says(1, "?");
        if (asked
                || scopes.isNone(i) && !(kind == FindingKind.LIMIT && thingSinceNo(i))
                || advised
                || scopes.isTalk(i, placed)
                || thing.weak() && !standing.weakStands(i, kind)) {
            return;
        }
        if (!standing.stands(i, kind) || !typed && !carried && !new Claim(parts).isMade(i, kind)) {
            return;
        }
        found.add(new Candidate(kind, i).sure(scopes.certainty(i)));
    }

    /** "No crack at 40.1": somebody looked there, and it is not. */
    private boolean isNoneAt(int i, FindingKind kind) {
        boolean at = parts.is(i + 1, Glue.AT) || parts.says(i + 1, "@");
        return typed
                && kind.family() == Family.CONDITION
                && parts.says(i - 1, "no")
                && at
                && parts.has(i + 2, Meaning.Place.class);
    }

    /** "No main seen, stopped at 83": the no is of something else. */
    private boolean thingSinceNo(int i) {
        for (int j = i - 1; j >= 0 && !parts.is(j, Glue.NONE); j--) {
            if (parts.isThing(j)) {
                return true;
            }
        }
        return false;
    }

    private boolean anyLocate() {
        return found.stream().anyMatch(c -> c.is(FindingKind.LOCATE));
    }

    private void doing(int i, Meaning.Doing doing) {
        if (scopes.isNone(i) || scopes.isTalk(i, true) && doing.act() != FindingKind.PROMISE) {
            return;
        }
        boolean stands = switch (doing.act()) {
            case Act.ZERO -> !doing.weak() || smallPlace();
            case FindingKind.PROMISE ->
                !hints.anyText("promised", "here it is", "as promised")
                        && (!doing.weak()
                                || typed
                                || !parts.says(i, "come back")
                                        && hints.anyText(
                                                "will", "well", "look", "check", "get", "catch", "see", "grab", "ill"));
            case Act.PHOTO ->
                doing.weak() || parts.says(i, "a picture")
                        ? typed && !anyFinding()
                                || hints.anyText(
                                        "get", "take", "grab", "need", "want", "snap", "took", "heres", "here is",
                                        "got")
                        : true;
            default -> false;
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
            int at = change.at();
            if (scopes.isTalk(at, placed) || scopes.isAdvised(at) || scopes.isNone(at)) {
                continue;
            }
            change.sure(scopes.certainty(at));
            // What it changes from and to says more than the bare words "material change".
            found.removeIf(
                    c -> (c.is(FindingKind.MATERIAL_CHANGE) || c.is(FindingKind.SIZE_CHANGE)) && !changes.contains(c));
            found.removeIf(c ->
                    c.is(FindingKind.COUPLING) && Math.abs(c.at() - at) < 4 && parts.says(c.at() - 1, "transition"));
            found.add(change);
        }
    }

    /** Drops what is only named to say where something else is: "roots at the joint", "blocked with wipes". */
    private void sayWhere() {
        List<Candidate> all = List.copyOf(found);
        // "Offset, paper on it": the paper stays in the words of the offset.
        found.removeIf(c -> typed
                && (c.is(FindingKind.DEBRIS) || c.is(FindingKind.PAPER))
                && weak(c.at())
                && all.stream().anyMatch(o -> o != c && o.isCondition()));
        found.removeIf(c -> c.is(FindingKind.DEBRIS)
                && parts.says(c.at(), "gravel", "dirt", "sand", "mud", "rocks", "rock", "stones")
                && all.stream().anyMatch(o -> o.is(FindingKind.HOLE) || o.is(FindingKind.BREAK)));
        // "Main at 112, a clay wye": how the main is met is no tie-in of its own.
        found.removeIf(c -> c.is(FindingKind.TIE_IN)
                && parts.says(c.at(), "wye", "tee", "saddle", "tap")
                && hints.count(Meaning.Place.class) == 1
                && all.stream().anyMatch(o -> o.is(FindingKind.MAIN_CONNECTION)));
        boolean one = hints.count(Meaning.Place.class) <= 1;
        // "Broken pipe, bottom missing" is one break; "sags, or just tub water" one sag.
        found.removeIf(c -> one
                && c.is(FindingKind.HOLE)
                && parts.at(c.at()).text().matches(".*\\b(?:missing|gone)")
                && all.stream().anyMatch(o -> o.is(FindingKind.BREAK) && o.at() < c.at()));
        found.removeIf(c -> one
                && weak(c.at())
                && c.is(FindingKind.STANDING_WATER)
                && all.stream().anyMatch(o -> o != c && o.is(FindingKind.STANDING_WATER) && !weak(o.at())));
        boolean condition = all.stream().anyMatch(Candidate::isCondition);
        found.removeIf(c -> {
            if (c.certainty() == Certainty.RULED_OUT || !c.isFinding()) {
                return false;
            }
            boolean others = all.stream().anyMatch(o -> o != c && o.isFinding() && !o.is(FindingKind.ADVICE));
            boolean feature = !c.isCondition() && ((FindingKind) c.matter()).family() == Family.FEATURE;
            if (near.isNear(c.at())
                    && !c.is(FindingKind.LOCATE)
                    && all.stream().anyMatch(o -> o.is(FindingKind.LOCATE))) {
                return true;
            }
            if (c.is(FindingKind.JOINT) && condition) {
                return true;
            }
            if (feature && !hasChange(c) && !placed && all.stream().anyMatch(o -> o.is(FindingKind.LIMIT))) {
                return true;
            }
            if (near.isNear(c.at()) && feature && !hasChange(c)) {
                boolean within = c.is(FindingKind.OPENING)
                        && !parts.isAny(c.at() - 1, Glue.AT)
                        && !parts.is(c.at() - 2, Glue.AT);
                return others || !typed && (!placed || within);
            }
            if (near.isNear(c.at())
                    && c.isCondition()
                    && others
                    && near.isBy(c.at())
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
                            "blocked off",
                            "clog")
                    && all.stream()
                            .anyMatch(o -> o.is(FindingKind.ROOTS)
                                    || o.is(FindingKind.PAPER)
                                    || o.is(FindingKind.SLUDGE)
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
}
