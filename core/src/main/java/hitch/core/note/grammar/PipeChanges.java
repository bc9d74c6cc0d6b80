package hitch.core.note.grammar;

import hitch.core.finding.FindingKind;
import hitch.core.pipe.Pipe;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** Finds where a sentence says that the pipe becomes another: "clay to PVC", "goes into 6 inch", "the liner starts". */
final class PipeChanges {
    private static final int BETWEEN = 9;
    private static final Set<FindingKind> DESCRIBED = Set.of(
            FindingKind.OPENING,
            FindingKind.TIE_IN,
            FindingKind.MAIN_CONNECTION,
            FindingKind.COUPLING,
            FindingKind.JOINT,
            FindingKind.BEND,
            FindingKind.BACKWATER_VALVE,
            FindingKind.DROP);

    private final Phrases parts;
    private final boolean typed;
    private final List<Candidate> changes = new ArrayList<>();
    private final List<Meaning.Pipe> context = new ArrayList<>();

    PipeChanges(Phrases parts, boolean typed) {
        this.parts = parts;
        this.typed = typed;
        int i = 0;
        while (i < parts.size()) {
            i = parts.has(i, Meaning.Pipe.class) ? at(i) : i + 1;
        }
    }

    private boolean placeBetween(int from, int to) {
        for (int j = from; j < to; j++) {
            if (parts.has(j, Meaning.Place.class)) {
                return true;
            }
        }
        return false;
    }

    /** The changes, one candidate each. */
    List<Candidate> changes() {
        return changes;
    }

    /** Pipes that are only mentioned. */
    List<Meaning.Pipe> context() {
        return context;
    }

    /** @return where to go on */
    private int at(int i) {
        Pipe here = part(i);
        int second = second(i);
        if (second > 0) {
            add(i, here, part(second));
            return second + 1;
        }
        boolean described = parts.as(i + 1, Meaning.Thing.class)
                .map(t -> DESCRIBED.contains(t.kind()))
                .orElse(false);
        int named = named(i);
        boolean ground = parts.as(i + 1, Meaning.Clue.class)
                .filter(c -> c.kind() == FindingKind.SURFACE)
                .isPresent();
        if (ground) {
            // A concrete walk is no pipe.
            return i + 1;
        }
        if (described) {
            context.add(new Meaning.Pipe(here));
        } else if (intoBefore(i) || begins(i) || ends(i) || named >= 0) {
            boolean from =
                    ends(i) || parts.is(parts.before(i), Glue.FROM) || parts.says(parts.before(i), "of", "out of");
            if (from) {
                add(i, here, Pipe.UNKNOWN);
            } else {
                add(i, Pipe.UNKNOWN, here);
            }
        } else if (typed && here.wall().isPresent() && onlyPlaced()) {
            add(i, Pipe.UNKNOWN, here);
        } else {
            context.add(new Meaning.Pipe(here));
        }
        return i + 1;
    }

    private boolean anyPlace() {
        for (int j = 0; j < parts.size(); j++) {
            if (parts.has(j, Meaning.Place.class)) {
                return true;
            }
        }
        return false;
    }

    /** "6 in clay 12": a pipe and a place, and nothing else, typed where it begins. */
    private boolean onlyPlaced() {
        boolean place = false;
        for (int j = 0; j < parts.size(); j++) {
            place |= parts.has(j, Meaning.Place.class);
            if (parts.has(j, Meaning.Thing.class)) {
                return false;
            }
        }
        return place;
    }

    private void add(int i, Pipe before, Pipe after) {
        boolean material = before.wall().isPresent() || after.wall().isPresent();
        boolean same = before.wall().isPresent()
                && before.wall().equals(after.wall())
                && after.size().isPresent();
        // "Clay to PVC, and it goes to six inch" is one change.
        boolean more = before.isUnknown()
                && after.wall().isEmpty()
                && !changes.isEmpty()
                && !placeBetween(changes.getLast().at(), i)
                && changes.getLast().addSize(after);
        if (more) {
            return;
        }
        FindingKind kind = material && !same ? FindingKind.MATERIAL_CHANGE : FindingKind.SIZE_CHANGE;
        changes.add(new Candidate(kind, i).between(before, after));
    }

    private int second(int i) {
        boolean linked = false;
        for (int j = i + 1; j < parts.size() && j <= i + BETWEEN; j++) {
            if (parts.has(j, Meaning.Pipe.class)) {
                boolean beside = typed
                        && j == i + 1
                        && part(i).wall().isPresent()
                        && part(j).wall().isPresent();
                return (linked || beside) && !part(j).equals(part(i)) ? j : -1;
            }
            linked |= parts.isAny(j, Glue.INTO, Glue.TO) || parts.says(j, ">", "-");
            boolean other = parts.as(j, Meaning.Thing.class)
                    .map(t -> t.kind() != FindingKind.MATERIAL_CHANGE
                            && t.kind() != FindingKind.SIZE_CHANGE
                            && t.kind() != FindingKind.COUPLING
                            && t.kind() != FindingKind.JOINT)
                    .orElse(false);
            if (other) {
                return -1;
            }
        }
        return -1;
    }

    private boolean intoBefore(int i) {
        for (int j = i - 1; j >= 0 && j >= i - 5; j--) {
            if (parts.is(j, Glue.INTO)) {
                return true;
            }
            if (parts.says(j, "back to")) {
                return true;
            }
            boolean plain =
                    parts.has(j, Meaning.Plain.class) && !parts.at(j).isSign() || parts.has(j, Meaning.Much.class);
            if (!plain) {
                return false;
            }
        }
        return false;
    }

    private boolean ends(int i) {
        return parts.says(i + 1, "ends", "end", "stops", "ends at")
                || parts.is(i - 1, Glue.OF) && parts.says(i - 2, "end");
    }

    private boolean begins(int i) {
        boolean here = parts.has(i + 1, Meaning.Here.class) || parts.is(i + 1, Glue.HERE);
        return here && anyPlace()
                || parts.says(i + 1, "now")
                || parts.says(i - 1, "now")
                || parts.says(i + 1, "starts", "begins", "start", "starting", "starts at", "begins at", "here")
                        && !parts.says(i + 1, "here")
                || parts.says(i - 1, "start of", "beginning of")
                || parts.is(i - 1, Glue.OF) && parts.says(i - 2, "start", "beginning")
                || parts.says(i - 1, "the") && parts.says(i - 3, "start", "beginning") && parts.is(i - 2, Glue.OF);
    }

    /** Where the sentence names a change that this pipe may be the far side of. */
    private int named(int i) {
        for (int j = Math.max(0, i - 8); j <= i + 4 && j < parts.size(); j++) {
            boolean change = parts.as(j, Meaning.Thing.class)
                    .map(t -> t.kind() == FindingKind.MATERIAL_CHANGE || t.kind() == FindingKind.SIZE_CHANGE)
                    .orElse(false);
            if (change) {
                return j;
            }
        }
        return -1;
    }

    private Pipe part(int i) {
        return parts.as(i, Meaning.Pipe.class).orElseThrow().part();
    }
}
