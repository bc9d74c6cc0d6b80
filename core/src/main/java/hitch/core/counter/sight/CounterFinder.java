package hitch.core.counter.sight;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Finds the counter among all that is written on a clip: the number that stands in one place and changes as a cable can,
 * which a date, a job number and a pipe size do not, and a clock does only in one way. A few of the pictures are searched
 * all over, the others only where those had numbers.
 */
public final class CounterFinder {
    /** Pictures searched all over. */
    private static final int WHOLE = 8;
    /** Places looked at in the other pictures. */
    private static final int PLACES = 10;
    /** How much a place must behave like a counter for the search to end there. */
    private static final double ENOUGH = 0.3;
    /** Dark writing is rarer, and the outlines of bright writing look like it; so with writing on its head. */
    private static final double DARK_DOUBT = 0.7;

    private static final double TURNED_DOUBT = 0.8;

    private record Look(double seconds, GreyPicture picture) {}

    private record Rated(CounterPlace place, double rate) {}

    private final LineReader reader = new LineReader(GlyphNet.shipped());
    private final List<Look> looks = new ArrayList<>();
    private final CounterUnit told;

    /**
     * @param told how the counter counts, by the user's word; {@link CounterUnit#UNSAID} to see for itself
     */
    public CounterFinder(CounterUnit told) {
        this.told = told;
    }

    /** A finder that nothing was told. */
    public CounterFinder() {
        this(CounterUnit.UNSAID);
    }

    /** Takes one more picture to look at, in order of time; some dozens spread over the clip are enough. */
    public void look(double seconds, GreyPicture picture) {
        looks.add(new Look(seconds, picture));
    }

    /** The likeliest counter of what was looked at; empty where nothing behaves like one. */
    public Optional<CounterPlace> found() {
        List<Rated> all = new ArrayList<>();
        for (boolean thorough : new boolean[] {false, true}) {
            for (CounterPlace.Manner manner : CounterPlace.Manner.values()) {
                best(manner, thorough).ifPresent(all::add);
                if (all.stream().anyMatch(r -> r.rate() >= ENOUGH)) {
                    return likeliest(all);
                }
            }
            if (!all.isEmpty()) {
                break;
            }
        }
        return likeliest(all);
    }

    private static Optional<CounterPlace> likeliest(List<Rated> all) {
        return all.stream().max(Comparator.comparingDouble(Rated::rate)).map(Rated::place);
    }

    private Optional<Rated> best(CounterPlace.Manner manner, boolean thorough) {
        List<NumberTrail> trails = thorough ? searched(manner, 1) : places(manner);
        double doubt = (manner.isDark() ? DARK_DOUBT : 1) * (manner.isTurned() ? TURNED_DOUBT : 1);
        return trails.stream()
                .filter(t -> t.rate(looks.size()) > 0)
                .max(Comparator.comparingDouble(t -> t.rate(looks.size())))
                .map(t -> new Rated(place(t, manner), doubt * t.rate(looks.size())));
    }

    private CounterPlace place(NumberTrail trail, CounterPlace.Manner manner) {
        GreyPicture any = looks.getFirst().picture();
        Region stored = manner.stored(trail.region(), any.width(), any.height());
        return new CounterPlace(
                stored, manner, trail.decimals(), trail.height(), told == CounterUnit.UNSAID ? trail.unit() : told);
    }

    /** Numbers all over every {@code step}th picture. */
    private List<NumberTrail> searched(CounterPlace.Manner manner, int step) {
        List<NumberTrail> trails = new ArrayList<>();
        for (int i = 0; i < looks.size(); i += step) {
            look(looks.get(i).seconds(), manner.of(looks.get(i).picture()), 0, 0, trails);
        }
        return trails;
    }

    /** Numbers in every picture where some pictures had any. */
    private List<NumberTrail> places(CounterPlace.Manner manner) {
        int step = Math.max(1, looks.size() / WHOLE);
        List<Region> places = searched(manner, step).stream()
                .sorted(Comparator.comparingDouble(NumberTrail::weight).reversed())
                .limit(PLACES)
                .map(t -> t.region().grown(t.height(), 0))
                .toList();
        List<NumberTrail> trails = new ArrayList<>();
        for (Look look : looks) {
            GreyPicture picture = manner.of(look.picture());
            for (Region place : places) {
                Region inside = place.within(picture.width(), picture.height());
                look(look.seconds(), picture.crop(inside), inside.x(), inside.y(), trails);
            }
        }
        return trails;
    }

    /** Whether {@code text} is written as a counter of the told unit writes. */
    private boolean mayBe(CounterText text) {
        return told == CounterUnit.UNSAID || told == CounterUnit.FEET_INCHES == text.decimals() < 0;
    }

    private void look(double seconds, GreyPicture picture, int x, int y, List<NumberTrail> trails) {
        for (LineText line : reader.lines(picture)) {
            for (CounterText text : CounterText.in(line)) {
                if (!mayBe(text)) {
                    continue;
                }
                CounterText there = text.moved(x, y);
                NumberTrail trail =
                        trails.stream().filter(t -> t.takes(there)).findFirst().orElse(null);
                if (trail == null) {
                    trail = new NumberTrail();
                    trails.add(trail);
                }
                trail.add(seconds, there);
            }
        }
    }
}
