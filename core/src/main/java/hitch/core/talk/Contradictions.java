package hitch.core.talk;

import hitch.core.finding.Certainty;
import hitch.core.finding.FindingKind;
import hitch.core.measure.Distance;
import hitch.core.measure.LengthUnit;
import hitch.core.note.Draft;
import hitch.core.talk.Contradiction.Sort;
import hitch.core.talk.place.OddPlace;
import hitch.core.talk.place.TongueSlips;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Finds what in a commentary does not agree with itself, or with the counter. */
public final class Contradictions {
    /** A speaker looks ahead of the lens: how far beyond the counter a place may be said without a doubt. */
    static final Distance LOOK_AHEAD = Distance.feet(4);
    /** How far behind the counter it may be said; people round, and read late. */
    static final Distance BEHIND = Distance.feet(2);

    private static final Distance SLACK = Distance.feet(2);
    /** A run that begins anew is told of from not far behind its zero, feet. */
    private static final double NEW_ZERO_FT = 12;

    private static final Distance SAME_PLACE = Distance.feet(3);

    private final List<Spoken> drafts;
    private final Whereabouts where;
    private final LengthUnit unit;
    private final List<Contradiction> found = new ArrayList<>();
    private final SaidPlaces places;

    private Contradictions(Spoken.All all, Whereabouts where, LengthUnit unit) {
        this.drafts = all.drafts();
        this.where = where;
        this.unit = unit;
        this.places = new SaidPlaces(all.drafts(), where);
    }

    /**
     * The contradictions in {@code all}, at most one of each sort to a draft, in order of time.
     *
     * @param unit what their words tell distances in
     */
    public static List<Contradiction> in(Spoken.All all, Whereabouts where, LengthUnit unit) {
        Contradictions search = new Contradictions(all, where, unit);
        List<Spoken> placed = all.drafts().stream()
                .filter(s -> s.source() == Spoken.Source.SAID && isInPipe(s.draft()))
                .toList();
        int at = 0;
        for (int i = 0; i < all.drafts().size(); i++) {
            if (at < placed.size() && placed.get(at) == all.drafts().get(i)) {
                search.place(placed, at++);
            }
            search.promise(i);
            search.denied(i);
        }
        all.withdrawn().forEach(search::withdrawn);
        if (where.farthest().isEmpty()) {
            all.odd().forEach(search::odd);
        }
        search.found.addAll(new PipeContradictions(all, where, unit).all());
        return List.copyOf(search.found);
    }

    private static boolean isInPipe(Draft draft) {
        return draft.matter() instanceof FindingKind k && k.family() != FindingKind.Family.TOLD;
    }

    private void place(List<Spoken> placed, int i) {
        Spoken spoken = placed.get(i);
        Draft.Place said = spoken.draft().place().orElseThrow();
        Optional<Distance> cable = where.cableAt(spoken.seconds());
        Optional<Distance> end = where.farthest();
        if (end.isPresent() && said.to().compareTo(end.get().plus(LOOK_AHEAD)) > 0) {
            Optional<Distance> likely =
                    cable.flatMap(c -> TongueSlips.between(said.from(), c.minus(BEHIND), c.plus(LOOK_AHEAD)));
            add(Sort.BEYOND, spoken, show(said.to()) + " was said, and the run ends at " + show(end.get()), likely);
        } else if (cable.isPresent() && where.confidenceAt(spoken.seconds()) >= 0.5) {
            againstCounter(
                    spoken, said, cable.get(), where.shownAt(spoken.seconds()).orElse(cable.get()));
        } else {
            order(placed, i);
        }
    }

    /** A distance may be said as the counter shows it, from its last zero, or as it was reckoned from the opening. */
    private void againstCounter(Spoken spoken, Draft.Place said, Distance cable, Distance shown) {
        if (!touches(said, cable) && !touches(said, shown)) {
            add(
                    Sort.COUNTER,
                    spoken,
                    show(said.from()) + " was said, and the counter shows " + show(shown),
                    TongueSlips.between(said.from(), shown.minus(BEHIND), shown.plus(LOOK_AHEAD)));
        }
    }

    private static boolean touches(Draft.Place said, Distance counter) {
        return said.to().compareTo(counter.minus(BEHIND)) >= 0 && said.from().compareTo(counter.plus(LOOK_AHEAD)) <= 0;
    }

    /** Without a counter: a place out of the order of those said before and after it. */
    private void order(List<Spoken> placed, int i) {
        Spoken spoken = placed.get(i);
        if (i < 1 || i + 1 >= placed.size()) {
            return;
        }
        Distance before = from(placed.get(i - 1));
        Distance here = from(spoken);
        Distance after = from(placed.get(i + 1));
        boolean back = before.compareTo(after) > 0;
        Distance low = (back ? after : before).minus(SLACK);
        Distance high = (back ? before : after).plus(SLACK);
        if (!turns(placed, i) && (here.compareTo(low) < 0 || here.compareTo(high) > 0)) {
            // Only a likely slip makes it a contradiction.
            TongueSlips.between(here, low.plus(SLACK), high.minus(SLACK))
                    .ifPresent(likely -> add(Sort.ORDER, spoken, between(here, before, after), Optional.of(likely)));
        }
    }

    /**
     * Whether the camera may have turned there, or begun again from a new zero, which is no slip: at a slip the places
     * said before it and after it go one way, and on past it.
     */
    private static boolean turns(List<Spoken> placed, int i) {
        double before = from(placed.get(i - 1)).inFeet();
        double here = from(placed.get(i)).inFeet();
        double after = from(placed.get(i + 1)).inFeet();
        double way = Math.signum(after - before);
        double ahead = i >= 2 ? Math.signum(before - from(placed.get(i - 2)).inFeet()) : 0;
        double behind =
                i + 2 < placed.size() ? Math.signum(from(placed.get(i + 2)).inFeet() - after) : 0;
        boolean against = ahead == -way || behind == -way;
        boolean farthest = here > Math.max(before, after) && ahead != way && behind != way && way > 0
                || here > Math.max(before, after) && ahead == 0 && way < 0;
        boolean anew = here < Math.min(before, after) && here <= NEW_ZERO_FT && behind >= 0;
        return Math.abs(before - after) < 3 || against || farthest || anew;
    }

    private static Distance from(Spoken spoken) {
        return spoken.draft().place().orElseThrow().from();
    }

    private void promise(int i) {
        Spoken promise = drafts.get(i);
        if (promise.draft().matter() != FindingKind.PROMISE) {
            return;
        }
        Optional<Distance> at = places.of(i).or(() -> placeBefore(i));
        if (at.isEmpty()) {
            return;
        }
        boolean kept = places.isSaidAfter(promise.seconds() + 15, at.get(), SAME_PLACE);
        if (!kept) {
            add(Sort.PROMISE, promise, "nothing more was said of " + show(at.get()), Optional.empty());
        }
    }

    private Optional<Distance> placeBefore(int i) {
        for (int j = i - 1; j >= 0 && j >= i - 3; j--) {
            Optional<Draft.Place> place = drafts.get(j).draft().place();
            if (place.isPresent()) {
                return place.map(Draft.Place::from);
            }
        }
        return Optional.empty();
    }

    private void denied(int i) {
        Spoken denial = drafts.get(i);
        if (denial.draft().certainty() != Certainty.RULED_OUT) {
            return;
        }
        places.before(i)
                .ifPresent(earlier -> add(
                        Sort.DENIED,
                        earlier,
                        earlier.draft().matter().word() + " was said, and taken back at " + clock(denial.seconds()),
                        Optional.empty()));
    }

    private void withdrawn(Spoken.Withdrawn guess) {
        add(
                Sort.DENIED,
                guess.first(),
                guess.first().draft().matter().word() + " was said, and taken back at " + clock(guess.seconds()),
                Optional.empty());
    }

    private void odd(Spoken.Odd odd) {
        boolean told = found.stream().anyMatch(c -> c.key().equals(odd.about().key()) && c.sort() == Sort.ORDER);
        OddPlace place = odd.place();
        if (!told) {
            add(Sort.ORDER, odd.about(), between(place.said(), place.before(), place.after()), place.likely());
        }
    }

    private String between(Distance said, Distance before, Distance after) {
        return show(said) + " was said between " + show(before) + " and " + show(after) + " going "
                + (before.compareTo(after) > 0 ? "back" : "out");
    }

    private void add(Sort sort, Spoken about, String words, Optional<Distance> likely) {
        found.add(new Contradiction(sort, about.key(), words, likely));
    }

    private String show(Distance distance) {
        return unit.show(distance);
    }

    static String clock(double seconds) {
        long whole = Math.round(seconds);
        return String.format(Locale.ROOT, "%d:%02d", whole / 60, whole % 60);
    }
}
