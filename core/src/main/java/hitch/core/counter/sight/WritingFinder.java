package hitch.core.counter.sight;

import hitch.core.footage.Patch;
import hitch.core.footage.TimeBase;
import hitch.core.footage.Writing;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Finds what is written on a clip beside the counter, in any letters: edges that stay while the pipe behind them moves.
 * It is not read. What is shown for less than {@value #LOOKS} looks may be missed.
 */
public final class WritingFinder {
    /** Looks that are held against one another. */
    static final int LOOKS = 6;
    /** Pictures wider than this are looked at in every second pixel. */
    private static final int WIDE = 1000;
    /** Looks that are kept to tell the counter from other writing. */
    private static final int KEPT = 12;
    /** One in so many times that writing was found where it stands on the whole clip; glare hides it at others. */
    private static final int ALL_ALONG = 2;
    /** Room about writing for its outline and for letters that were not told from the pipe, in heights of it. */
    private static final double ROOM = 0.5;
    /** Room in which the whole number is looked for of which a part stands still, in heights of it. */
    private static final int BESIDE = 8;
    /** Words beside a counter that are this wide belong to it, in heights. */
    private static final int LABEL = 5;

    private record Look(long pts, GreyPicture picture) {}

    private record Seen(Region region, long fromPts, long toPts) {}

    /** Looks that a standing number is read in. */
    private static final int READ = 3;
    /** Share of a row's width that a number takes up where nothing else is written there. */
    private static final double ALONE = 0.7;

    private final LineReader reader = new LineReader(GlyphNet.shipped());
    private final TimeBase base;
    private final List<Look> kept = new ArrayList<>();
    private final List<Seen> seen = new ArrayList<>();
    private final List<Long> times = new ArrayList<>();
    private int keepEvery = 1;
    private int settled;
    private StillEdges older;
    private StillEdges newer;
    private int width;
    private int height;

    /**
     * @param base what the times of the pictures are counted in
     */
    public WritingFinder(TimeBase base) {
        this.base = base;
    }

    /** Takes one more picture, in order of time; two a second are enough. */
    public void look(long pts, GreyPicture whole) {
        GreyPicture picture = whole.width() > WIDE ? halved(whole) : whole;
        if (older == null || picture.width() != width || picture.height() != height) {
            width = picture.width();
            height = picture.height();
            older = new StillEdges(width, height);
            newer = new StillEdges(width, height);
            kept.clear();
        }
        keep(pts, picture);
        times.add(pts);
        older.take(picture);
        if (older.pictures() > LOOKS / 2) {
            newer.take(picture);
        }
        if (older.pictures() == LOOKS) {
            settle(pts);
            older = newer;
            newer = new StillEdges(width, height);
        }
    }

    private void keep(long pts, GreyPicture picture) {
        if (times.size() % keepEvery == 0) {
            kept.add(new Look(pts, picture));
        }
        if (kept.size() > 2 * KEPT) {
            for (int i = kept.size() - 1; i > 0; i -= 2) {
                kept.remove(i);
            }
            keepEvery *= 2;
        }
    }

    private void settle(long pts) {
        settled++;
        // It may have come and gone a window earlier or later without standing through all of one.
        long from = times.size() <= 2 * LOOKS ? Long.MIN_VALUE : times.get(times.size() - 2 * LOOKS);
        long window = pts - times.get(Math.max(0, times.size() - LOOKS));
        long to = pts > Long.MAX_VALUE - window ? Long.MAX_VALUE : pts + window;
        new StillRows(older.found(), width, height).found().forEach(r -> seen.add(new Seen(r, from, to)));
    }

    /**
     * What was found.
     *
     * @param fromPts the clip's first time, ticks
     * @param toPts the time after its last
     */
    public List<Writing> found(long fromPts, long toPts) {
        if (older != null && older.pictures() > LOOKS / 2 && older.pictures() < LOOKS) {
            settle(times.getLast());
        }
        Optional<Region> counter = counter();
        List<Writing> all = new ArrayList<>();
        for (List<Seen> same : places()) {
            Region place = same.stream().map(Seen::region).reduce(Region::with).orElseThrow();
            for (Region part : isNumber(place) ? List.<Region>of() : without(place, counter)) {
                int room = (int) Math.ceil(ROOM * place.height());
                Region shown = part.grown(room, room).within(width, height);
                Patch patch = Patch.of(shown.x(), shown.y(), shown.right(), shown.bottom(), width, height);
                boolean along = same.size() * ALL_ALONG >= settled;
                long from = along ? fromPts : Math.max(fromPts, same.getFirst().fromPts());
                long to = along ? toPts : Math.min(toPts, same.getLast().toPts());
                all.add(new Writing(patch, from, Math.max(from + 1, to)));
            }
        }
        return List.copyOf(all);
    }

    private List<List<Seen>> places() {
        List<List<Seen>> places = new ArrayList<>();
        for (Seen one : seen) {
            places.stream()
                    .filter(p -> isLike(p.getLast().region(), one.region()))
                    .findFirst()
                    .orElseGet(() -> {
                        places.add(new ArrayList<>());
                        return places.getLast();
                    })
                    .add(one);
        }
        return places;
    }

    private static boolean isLike(Region a, Region b) {
        int down = Math.min(a.bottom(), b.bottom()) - Math.max(a.y(), b.y());
        return a.overlapAcross(b) > 0 && down >= 0.6 * Math.min(a.height(), b.height());
    }

    /** Where the counter stands among what was found; its unit and its first digits may stand still for long. */
    private Optional<Region> counter() {
        CounterFinder finder = new CounterFinder();
        List<Region> rows = places().stream()
                .map(p -> p.stream().map(Seen::region).reduce(Region::with).orElseThrow())
                .map(r -> r.grown(BESIDE * r.height(), r.height()).within(width, height))
                .toList();
        if (rows.isEmpty()) {
            return Optional.empty();
        }
        kept.forEach(l -> finder.look(base.seconds(l.pts()), only(l.picture(), rows)));
        return finder.found().map(CounterPlace::region);
    }

    /** Whether a row says nothing but one number with a point, or feet and inches: a counter that stood all the while. */
    private boolean isNumber(Region row) {
        Region round = row.grown(2 * row.height(), row.height()).within(width, height);
        return !kept.isEmpty()
                && kept.stream()
                        .limit(READ)
                        .allMatch(l -> reader.lines(l.picture().crop(round)).stream()
                                .flatMap(line -> CounterText.in(line).stream())
                                .anyMatch(t -> isCounting(t) && width(t) >= ALONE * row.width()));
    }

    /** Whether it has a point, or the marks of feet and of inches; a date, misread, has neither. */
    private static boolean isCounting(CounterText text) {
        return text.decimals() > 0 || text.decimals() < 0 && text.behind() == UnitLetters.MARKED;
    }

    private static int width(CounterText text) {
        return text.behind()
                .box()
                .map(text.region()::with)
                .orElse(text.region())
                .width();
    }

    /** The picture with nothing on it but what lies in {@code rows}. */
    private static GreyPicture only(GreyPicture picture, List<Region> rows) {
        byte[] grey = new byte[picture.width() * picture.height()];
        for (Region row : rows) {
            for (int y = row.y(); y < row.bottom(); y++) {
                int at = y * picture.width() + row.x();
                System.arraycopy(picture.grey(), at, grey, at, row.width());
            }
        }
        return new GreyPicture(picture.width(), picture.height(), grey);
    }

    /** What of a row is not the counter, nor a short word that stands beside it. */
    private static List<Region> without(Region row, Optional<Region> counter) {
        if (counter.isEmpty() || !isLike(row, counter.get())) {
            return List.of(row);
        }
        List<Region> rest = new ArrayList<>();
        int label = LABEL * row.height();
        if (counter.get().x() - row.x() > label) {
            rest.add(new Region(row.x(), row.y(), counter.get().x() - row.x(), row.height()));
        }
        if (row.right() - counter.get().right() > label) {
            rest.add(new Region(
                    counter.get().right(), row.y(), row.right() - counter.get().right(), row.height()));
        }
        return rest;
    }

    private static GreyPicture halved(GreyPicture whole) {
        int w = whole.width() / 2;
        int h = whole.height() / 2;
        byte[] grey = new byte[w * h];
        for (int y = 0; y < h; y++) {
            for (int x = 0; x < w; x++) {
                grey[y * w + x] = whole.grey()[2 * y * whole.width() + 2 * x];
            }
        }
        return new GreyPicture(w, h, grey);
    }
}
