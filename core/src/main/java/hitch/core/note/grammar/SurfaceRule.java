package hitch.core.note.grammar;

import hitch.core.detail.Detail;
import hitch.core.finding.FindingKind;
import hitch.core.line.GroundMark.Surface;
import hitch.core.measure.Distance;
import hitch.core.note.Act;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;

/** The ground above a stretch: "driveway 12-17, then lawn to 23", "the first twelve feet are under the slab". */
final class SurfaceRule implements MoreRules.Rule {
    private static final Pattern FIRST = Pattern.compile("\\b(?:the )?first\\b");
    private static final Pattern TREE_ABOVE = Pattern.compile(
            "\\b(?:above|over|overhead|beside|next to|right by|close to|on top of|near|by)\\b|\\bsits\\b|\\bstands\\b|\\bgrows\\b|\\b(?:off|from) the line\\b");
    private static final Pattern OVER = Pattern.compile("\\b(?:under|underneath|below|beneath|over|above|on top)\\b");

    @Override
    public void read(Sense sense) {
        List<Integer> clues = new ArrayList<>();
        for (int i = 0; i < sense.parts().size(); i++) {
            if (clue(sense, i).isPresent()) {
                clues.add(i);
            }
        }
        if (clues.isEmpty()) {
            return;
        }
        Optional<Candidate> owner = sense.found().stream()
                .filter(c -> c.asks(Detail.SURFACE) && !c.is(FindingKind.SURFACE))
                .findFirst();
        boolean other = sense.found().stream()
                .anyMatch(c -> (c.isFinding() || c.matter() instanceof Act)
                        && !c.is(FindingKind.DEBRIS)
                        && !c.is(FindingKind.STANDING_WATER));
        Sense.Match words = new Sense.Match(clues.getFirst(), clues.getFirst(), List.of());
        if (owner.isPresent()) {
            sense.say(owner.get(), Detail.SURFACE, clue(sense, clues.getFirst()).orElseThrow(), words);
            return;
        }
        boolean tree = clues.stream().allMatch(i -> clue(sense, i).orElseThrow() == Surface.TREE);
        boolean place = sense.has(Meaning.Place.class) || sense.find(FIRST).isPresent() && onward(sense) >= 0;
        boolean alone =
                sense.typed() && sense.parts().has(clues.getFirst(), Meaning.Clue.class) && clues.getFirst() == 0;
        boolean says = sense.typed() || sense.says(OVER) || tree && sense.says(TREE_ABOVE);
        if (other || !place || !says || tree && !alone && !sense.says(TREE_ABOVE)) {
            return;
        }
        sense.drop(FindingKind.DEBRIS, FindingKind.STANDING_WATER);
        if (clues.size() == 1) {
            join(sense);
        }
        Distance before = null;
        for (int at : clues) {
            Candidate made = sense.add(FindingKind.SURFACE, at);
            sense.say(made, Detail.SURFACE, clue(sense, at).orElseThrow(), new Sense.Match(at, at, List.of()));
            before = place(sense, made, at, before);
        }
    }

    /** "From forty on it is under the street, out to sixty": two places of one surface are its ends. */
    private static void join(Sense sense) {
        int first = sense.next(0, Meaning.Place.class);
        int second = first < 0 ? -1 : sense.next(first + 1, Meaning.Place.class);
        if (second < 0 || !sense.parts().is(sense.parts().before(second), Glue.TO)) {
            return;
        }
        Meaning.Place from = sense.parts().as(first, Meaning.Place.class).orElseThrow();
        Meaning.Place to = sense.parts().as(second, Meaning.Place.class).orElseThrow();
        if (from.from().equals(from.to()) && from.from().compareTo(to.to()) < 0) {
            sense.parts().set(first, new Meaning.Place(from.from(), to.to()));
            sense.parts().set(second, new Meaning.Other());
        }
    }

    /** Gives a surface its stretch: one that only ends goes on where the last one ended. */
    private static Distance place(Sense sense, Candidate made, int at, Distance before) {
        int length = onward(sense);
        if (before == null && sense.find(FIRST).isPresent() && length >= 0) {
            Distance to = sense.parts()
                    .as(length, Meaning.Length.class)
                    .map(Meaning.Length::length)
                    .or(() -> sense.parts().as(length, Meaning.Onward.class).map(Meaning.Onward::length))
                    .orElseThrow();
            sense.parts().set(length, new Meaning.Place(Distance.ZERO, to));
            made.setPlace(sense.parts().at(length));
            return to;
        }
        int next = sense.next(at, Meaning.Place.class);
        if (next < 0) {
            return before;
        }
        Meaning.Place place = sense.parts().as(next, Meaning.Place.class).orElseThrow();
        boolean ends = sense.parts().is(sense.parts().before(next), Glue.TO)
                && place.from().equals(place.to());
        if (ends && before != null && before.compareTo(place.to()) < 0) {
            sense.parts().set(next, new Meaning.Place(before, place.to()));
            made.setPlace(sense.parts().at(next));
        }
        return place.to();
    }

    private static int onward(Sense sense) {
        int length = sense.next(0, Meaning.Length.class);
        return length >= 0 ? length : sense.next(0, Meaning.Onward.class);
    }

    private static Optional<Surface> clue(Sense sense, int i) {
        return sense.parts()
                .as(i, Meaning.Clue.class)
                .filter(c -> c.kind() == FindingKind.SURFACE)
                .flatMap(c -> Detail.SURFACE.read(c.value()));
    }
}
