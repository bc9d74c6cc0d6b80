package hitch.core.note.grammar;

import hitch.core.finding.FindingKind;
import hitch.core.note.Act;
import java.util.ArrayList;
import java.util.List;

/**
 * Gives each candidate its place. Places and candidates are taken in the order of the words: where the sentence begins
 * with a place, places go before what they belong to ("at 42 roots, at 50 an offset"), else behind it ("roots at 42, an
 * offset at 50"). Things without a place between them share one; several places for one thing make several.
 */
final class Places {
    /** Candidates or places that follow each other without one of the other sort between them. */
    private record Group(List<Candidate> things, List<Phrase> places) {}

    private final Phrases parts;

    private Places(Phrases parts) {
        this.parts = parts;
    }

    /** The candidates with their places, more of them where one stands at several. */
    static List<Candidate> give(Phrases parts, List<Candidate> candidates) {
        List<Candidate> takers = candidates.stream().filter(Places::takes).toList();
        if (takers.stream().anyMatch(c -> !c.is(FindingKind.FIXTURE_TEST))) {
            // Water is run in a room; what is met on the way has the place.
            takers =
                    takers.stream().filter(c -> !c.is(FindingKind.FIXTURE_TEST)).toList();
        }
        List<Candidate> all = new ArrayList<>(candidates);
        if (takers.isEmpty()) {
            // With nothing else to have it, a wish or a promise has the place.
            takers = candidates;
        }
        new Places(parts).give(takers, all);
        return all;
    }

    private static boolean takes(Candidate c) {
        return c.isFinding() && !c.is(FindingKind.ADVICE) && !c.is(FindingKind.SYMPTOM) || c.matter() == Act.ZERO;
    }

    /**
     * Cuts the sentence where a joining word parts two statements, each with a thing and a place of its own, and gives
     * places within each.
     */
    private void give(List<Candidate> takers, List<Candidate> all) {
        int start = 0;
        for (int i = 0; i < parts.size(); i++) {
            boolean joint = parts.is(i, Glue.AND) || parts.is(i, Glue.BUT) || parts.says(i, ",", "then", "next");
            if (joint && isAside(takers, start, i)) {
                start = i + 1;
            } else if (joint && isCut(takers, start, i)) {
                giveWithin(groups(takers, start, i), all);
                start = i + 1;
            }
        }
        giveWithin(groups(takers, start, parts.size()), all);
    }

    private boolean isCut(List<Candidate> takers, int start, int cut) {
        boolean listed = parts.has(cut + 1, Meaning.Place.class);
        List<Group> left = groups(takers, start, cut);
        List<Group> right = groups(takers, cut + 1, parts.size());
        if (listed || !isWhole(left) || !isWhole(right)) {
            return false;
        }
        return !left.getFirst().things().isEmpty() || right.getFirst().things().isEmpty();
    }

    /** "Clear from 10 to 20, then roots at 22": a place of nothing, before a statement that has its own. */
    private boolean isAside(List<Candidate> takers, int start, int cut) {
        List<Group> left = groups(takers, start, cut);
        boolean nothing = left.size() == 1 && left.getFirst().things().isEmpty();
        return nothing
                && !parts.has(cut + 1, Meaning.Place.class)
                && tellsOfNothing(start, cut)
                && isWhole(groups(takers, cut + 1, parts.size()));
    }

    private boolean tellsOfNothing(int start, int cut) {
        for (int i = start; i < cut; i++) {
            if (parts.is(i, Glue.NONE)
                    || parts.says(i, "clear", "good", "clean", "fine", "nothing", "okay", "ok", "nice")) {
                return true;
            }
        }
        return false;
    }

    private static boolean isWhole(List<Group> groups) {
        return groups.stream().anyMatch(g -> !g.things().isEmpty())
                && groups.stream().anyMatch(g -> !g.places().isEmpty());
    }

    private void giveWithin(List<Group> groups, List<Candidate> all) {
        boolean leading = !groups.isEmpty() && groups.getFirst().things().isEmpty();
        boolean trailing = !groups.isEmpty() && !groups.getLast().things().isEmpty();
        for (int g = 0; g < groups.size(); g++) {
            Group group = groups.get(g);
            if (group.things().isEmpty()) {
                continue;
            }
            List<Phrase> before = g > 0 ? groups.get(g - 1).places() : List.of();
            List<Phrase> after = g + 1 < groups.size() ? groups.get(g + 1).places() : List.of();
            if (leading && (trailing || after.isEmpty())) {
                settle(group.things(), before, all);
            } else if (leading && g == 1 && !before.isEmpty() && !after.isEmpty()) {
                split(group.things(), before, after, all);
            } else if (!after.isEmpty()) {
                settle(group.things(), after, all);
            } else if (g > 1 && inherits(group.things().getFirst())) {
                settle(
                        group.things(),
                        before.isEmpty() ? List.of() : before.subList(before.size() - 1, before.size()),
                        all);
            }
        }
    }

    /** "At 42 roots, an offset at 50": the first thing has the place before, the last the place behind. */
    private static void split(List<Candidate> things, List<Phrase> before, List<Phrase> after, List<Candidate> all) {
        if (things.size() == 1) {
            boolean stretch = after.stream()
                    .anyMatch(p ->
                            p.meaning() instanceof Meaning.Place m && !m.from().equals(m.to()));
            settle(things, stretch || isHere(before) ? after : before, all);
        } else {
            settle(things.subList(0, things.size() - 1), before, all);
            settle(things.subList(things.size() - 1, things.size()), after, all);
        }
    }

    private static boolean isHere(List<Phrase> places) {
        return places.stream().allMatch(p -> p.meaning() instanceof Meaning.Here);
    }

    /** "Roots at 42 with an offset": what is joined on has the same place. */
    private boolean inherits(Candidate c) {
        for (int i = c.at() - 1; i >= 0 && i >= c.at() - 5; i--) {
            if (parts.has(i, Meaning.Place.class) || parts.has(i, Meaning.Here.class)) {
                return true;
            }
            if (parts.says(i, "then", "next", "further", "and then", "later") || parts.is(i, Glue.SORRY)) {
                return false;
            }
        }
        return false;
    }

    private static void settle(List<Candidate> things, List<Phrase> places, List<Candidate> all) {
        List<Phrase> real = places.stream()
                .filter(p -> p.meaning() instanceof Meaning.Place)
                .toList();
        for (Candidate thing : things) {
            if (real.isEmpty()) {
                if (!places.isEmpty()) {
                    thing.setHere();
                }
                continue;
            }
            for (int i = 0; i < real.size(); i++) {
                Candidate one = i == 0 ? thing : thing.copy();
                one.setPlace(real.get(i));
                if (i > 0) {
                    all.add(all.indexOf(thing) + i, one);
                }
            }
        }
    }

    private List<Group> groups(List<Candidate> takers, int start, int end) {
        List<Group> groups = new ArrayList<>();
        for (int i = start; i < end; i++) {
            int at = i;
            List<Candidate> here = takers.stream().filter(c -> c.at() == at).toList();
            boolean place = parts.has(i, Meaning.Place.class) || parts.has(i, Meaning.Here.class);
            if (!here.isEmpty()) {
                if (groups.isEmpty() || groups.getLast().things().isEmpty()) {
                    groups.add(new Group(new ArrayList<>(), new ArrayList<>()));
                }
                groups.getLast().things().addAll(here);
            } else if (place) {
                if (groups.isEmpty() || !groups.getLast().things().isEmpty()) {
                    groups.add(new Group(new ArrayList<>(), new ArrayList<>()));
                }
                groups.getLast().places().add(parts.at(i));
            }
        }
        return groups;
    }
}
