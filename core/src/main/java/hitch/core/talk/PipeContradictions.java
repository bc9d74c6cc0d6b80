package hitch.core.talk;

import hitch.core.finding.Certainty;
import hitch.core.finding.FindingKind;
import hitch.core.measure.Distance;
import hitch.core.measure.LengthUnit;
import hitch.core.note.Draft;
import hitch.core.pipe.Pipe;
import hitch.core.talk.Contradiction.Sort;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;

/**
 * Size and material said otherwise later: the same change with other sides, or a change from a pipe that is not the one
 * the last change led to.
 */
final class PipeContradictions {
    private static final double SAME_CHANGE_FT = 3;

    /** A change and where it is. */
    private record Change(Spoken said, double feet, Pipe before, Pipe after) {}

    private final Spoken.All all;
    private final Whereabouts where;
    private final LengthUnit unit;
    private final List<Contradiction> found = new ArrayList<>();

    PipeContradictions(Spoken.All all, Whereabouts where, LengthUnit unit) {
        this.all = all;
        this.where = where;
        this.unit = unit;
    }

    List<Contradiction> all() {
        List<Change> changes = new ArrayList<>();
        for (Spoken spoken : all.drafts()) {
            Draft draft = spoken.draft();
            boolean change = draft.matter() == FindingKind.MATERIAL_CHANGE || draft.matter() == FindingKind.SIZE_CHANGE;
            if (change && draft.certainty() != Certainty.RULED_OUT) {
                at(spoken)
                        .ifPresent(feet -> changes.add(new Change(
                                spoken,
                                feet,
                                draft.traits().before(),
                                draft.traits().after())));
            }
        }
        // By place, so that each is held against those said near it alone, and told once.
        TreeMap<Double, List<Change>> said = new TreeMap<>();
        for (Change change : changes) {
            said.subMap(change.feet() - SAME_CHANGE_FT, true, change.feet() + SAME_CHANGE_FT, true).values().stream()
                    .flatMap(List::stream)
                    .filter(earlier -> isAgainst(earlier, change))
                    .findFirst()
                    .ifPresent(earlier -> againstSame(earlier, change));
            said.computeIfAbsent(change.feet(), f -> new ArrayList<>()).add(change);
        }
        inOrder(changes);
        return found;
    }

    private Optional<Double> at(Spoken spoken) {
        return spoken.place(where.cableAt(spoken.seconds()))
                .map(Draft.Place::from)
                .map(Distance::inFeet);
    }

    /** The same change said twice: seen going back its sides are exchanged, which is no contradiction. */
    private static boolean isAgainst(Change first, Change second) {
        boolean agrees =
                !first.before().clashes(second.before()) && !first.after().clashes(second.after());
        boolean mirrored =
                !first.before().clashes(second.after()) && !first.after().clashes(second.before());
        return !agrees && !mirrored;
    }

    private void againstSame(Change first, Change second) {
        add(
                second.said(),
                words(second) + " was said here, and " + words(first) + " at "
                        + Contradictions.clock(first.said().seconds()));
    }

    /** Along the line, each change begins with the pipe the last one led to. */
    private void inOrder(List<Change> changes) {
        List<Change> along = changes.stream()
                .sorted(Comparator.comparingDouble(Change::feet))
                .toList();
        for (int i = 1; i < along.size(); i++) {
            Change near = along.get(i - 1);
            Change far = along.get(i);
            boolean apart = far.feet() - near.feet() > SAME_CHANGE_FT;
            if (apart && near.after().clashes(far.before())) {
                Change later = near.said().seconds() > far.said().seconds() ? near : far;
                add(
                        later.said(),
                        "the pipe from " + ft(near.feet()) + " is said to be "
                                + near.after().words() + ", and before " + ft(far.feet()) + " "
                                + far.before().words());
            }
        }
        for (Spoken.PipeSaid said : all.pipes()) {
            where.cableAt(said.seconds()).ifPresent(cable -> mention(said, cable.inFeet(), along));
        }
    }

    private void mention(Spoken.PipeSaid said, double feet, List<Change> along) {
        for (int i = 0; i + 1 <= along.size(); i++) {
            double from = along.get(i).feet() + 2;
            double to = i + 1 < along.size() ? along.get(i + 1).feet() - 2 : Double.POSITIVE_INFINITY;
            Pipe here = along.get(i).after();
            if (feet > from && feet < to && here.clashes(said.pipe())) {
                Spoken about = along.get(i).said();
                add(
                        about,
                        said.pipe().words() + " was said at " + Contradictions.clock(said.seconds())
                                + ", where the pipe is " + here.words() + " by this change");
                return;
            }
        }
    }

    private static String words(Change change) {
        String before =
                change.before().isUnknown() ? "something" : change.before().words();
        String after = change.after().isUnknown() ? "something" : change.after().words();
        return before + " to " + after;
    }

    private String ft(double feet) {
        return unit.show(Distance.feet(feet));
    }

    private void add(Spoken about, String words) {
        boolean told = found.stream().anyMatch(c -> c.key().equals(about.key()));
        if (!told) {
            found.add(new Contradiction(Sort.PIPE, about.key(), words, Optional.empty()));
        }
    }
}
