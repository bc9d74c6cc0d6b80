package hitch.core.counter.sight;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

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
    /** Room beside a place for the unit's letters, in heights of its digits. */
    private static final int BESIDE = 3;
    /** One patch in so many that two heights of one counter's digits may differ by. */
    private static final int SIZE_APART = 4;
    /** Other ways of reading that are tried beside the likeliest. */
    private static final int RIVALS = 2;
    /** Dark writing is rarer, and the outlines of bright writing look like it; so with writing on its head. */
    private static final double DARK_DOUBT = 0.7;

    private static final double TURNED_DOUBT = 0.8;

    private record Look(double seconds, GreyPicture picture) {}

    /** A patch of a picture, and where on the picture it lies. */
    private record Patch(double seconds, GreyPicture picture, int x, int y) {}

    /** A number, where it stands on the picture. */
    private record Seen(double seconds, CounterText text) {}

    private record Rated(CounterPlace place, double rate) {}

    /** Room round a place in which the same writing is looked for the other way up, in heights of its digits. */
    private static final int ROUND = 3;

    private final LineReader reader = new LineReader(GlyphNet.shipped());
    private final List<Look> looks = new ArrayList<>();
    private final CounterUnit told;
    private final Optional<Boolean> turned;

    /**
     * @param told how the counter counts, by the user's word; {@link CounterUnit#UNSAID} to see for itself
     * @param turned whether it stands on its head, by the user's word; empty to see for itself
     */
    public CounterFinder(CounterUnit told, Optional<Boolean> turned) {
        this.told = told;
        this.turned = turned;
    }

    /** A finder that nothing was told. */
    public CounterFinder() {
        this(CounterUnit.UNSAID, Optional.empty());
    }

    /** Takes one more picture to look at, in order of time; some dozens spread over the clip are enough. */
    public void look(double seconds, GreyPicture picture) {
        looks.add(new Look(seconds, picture));
    }

    /** The likeliest counter of what was looked at; empty where nothing behaves like one. */
    public Optional<CounterPlace> found() {
        List<Rated> all = new ArrayList<>();
        for (boolean thorough : new boolean[] {false, true}) {
            for (CounterPlace.Manner manner : manners()) {
                best(manner, thorough).ifPresent(all::add);
                if (all.stream().anyMatch(r -> r.rate() >= CounterPlace.SURELY)) {
                    return likeliest(all);
                }
            }
            if (!all.isEmpty()) {
                break;
            }
        }
        return likeliest(all);
    }

    /**
     * The likeliest counter and what else it may be: the same number read the other way up, or its place on a picture
     * that was turned over half-way. All of them are to be read, since one that stands on its head can be read into
     * another number.
     */
    public List<CounterPlace> rivals() {
        List<CounterPlace> rivals = new ArrayList<>();
        found().ifPresent(first -> {
            rivals.add(first);
            CounterPlace.Manner over = first.manner().over();
            if (turned.isEmpty()) {
                Region picture = first.picture();
                Region there = first.ink().grown(ROUND * first.height(), first.height());
                Region mirrored = over.stored(there, picture.width(), picture.height());
                trails(over, List.of(there, mirrored)).stream()
                        .filter(t -> t.mayRival(looks.size()) && isLike(first, t, over))
                        .sorted(Comparator.comparingDouble(NumberTrail::weight).reversed())
                        .limit(RIVALS)
                        .forEach(t -> rivals.add(place(t, over)));
            }
        });
        return rivals;
    }

    /**
     * Whether numbers the other way up may be the same counter. Where a picture was turned over it shows what it showed
     * before; where the first was misread, the right reading has a point, which nonsense seldom has.
     */
    private static boolean isLike(CounterPlace first, NumberTrail trail, CounterPlace.Manner over) {
        boolean sameSize = Math.abs(trail.height() - first.height()) <= Math.max(2, first.height() / SIZE_APART);
        Region there = over.stored(
                trail.region(), first.picture().width(), first.picture().height());
        boolean turnedOver = there.overlapAcross(first.ink()) <= 0
                || there.y() >= first.ink().bottom()
                || first.ink().y() >= there.bottom();
        return sameSize
                && (turnedOver ? trail.decimals() == first.decimals() : trail.decimals() != 0 || first.decimals() == 0);
    }

    private List<CounterPlace.Manner> manners() {
        return Stream.of(CounterPlace.Manner.values())
                .filter(m -> turned.isEmpty() || turned.get() == m.isTurned())
                .toList();
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
        return new CounterPlace(
                new Region(0, 0, any.width(), any.height()),
                manner.stored(trail.region(), any.width(), any.height()),
                manner.stored(trail.ink(), any.width(), any.height()),
                manner,
                trail.decimals(),
                trail.height(),
                trail.rate(looks.size()),
                trail.forFeet());
    }

    /** Numbers all over every {@code step}th picture. */
    private List<NumberTrail> searched(CounterPlace.Manner manner, int step) {
        return trails(IntStream.range(0, (looks.size() + step - 1) / step)
                .mapToObj(i -> looks.get(i * step))
                .map(l -> new Patch(l.seconds(), manner.of(l.picture()), 0, 0)));
    }

    /** Numbers in every picture where some pictures had any. */
    private List<NumberTrail> places(CounterPlace.Manner manner) {
        int step = Math.max(1, looks.size() / WHOLE);
        List<Region> places = searched(manner, step).stream()
                .sorted(Comparator.comparingDouble(NumberTrail::weight).reversed())
                .limit(PLACES)
                .map(t -> t.region().grown(BESIDE * t.height(), 0))
                .toList();
        return trails(manner, places);
    }

    /** Numbers in every picture inside {@code places}, as they lie on a picture looked at in that manner. */
    private List<NumberTrail> trails(CounterPlace.Manner manner, List<Region> places) {
        return trails(looks.stream().flatMap(look -> {
            GreyPicture picture = manner.of(look.picture());
            return places.stream().map(place -> {
                Region inside = place.within(picture.width(), picture.height());
                return new Patch(look.seconds(), picture.crop(inside), inside.x(), inside.y());
            });
        }));
    }

    /** Whether {@code text} is written as a counter of the told unit writes. */
    private boolean mayBe(CounterText text) {
        return told == CounterUnit.UNSAID || told == CounterUnit.FEET_INCHES == text.decimals() < 0;
    }

    /** Numbers in {@code patches}, each laid to those that stood in its place before. */
    private List<NumberTrail> trails(Stream<Patch> patches) {
        List<NumberTrail> trails = new ArrayList<>();
        // Reading a patch leans on no other; laying its numbers to those before does.
        patches.toList().parallelStream().map(this::seen).toList().forEach(seen -> seen.forEach(s -> add(s, trails)));
        return trails;
    }

    private List<Seen> seen(Patch patch) {
        return reader.lines(patch.picture()).stream()
                .flatMap(line -> CounterText.in(line).stream())
                .filter(this::mayBe)
                .map(text -> new Seen(patch.seconds(), text.moved(patch.x(), patch.y())))
                .toList();
    }

    private static void add(Seen seen, List<NumberTrail> trails) {
        NumberTrail trail =
                trails.stream().filter(t -> t.takes(seen.text())).findFirst().orElse(null);
        if (trail == null) {
            trail = new NumberTrail();
            trails.add(trail);
        }
        trail.add(seen.seconds(), seen.text());
    }
}
