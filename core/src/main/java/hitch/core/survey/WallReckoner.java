package hitch.core.survey;

import hitch.core.detail.Detail;
import hitch.core.finding.Degree;
import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.finding.WithFlow;
import hitch.core.measure.Extent;
import hitch.core.measure.Station;
import hitch.core.pipe.PipeSize;
import hitch.core.run.Equipment;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/**
 * Tells what part of the wall stayed hidden where the pipe itself was seen: water lies on the bottom, roots hang from the
 * crown, a low head does not see the crown. What was hidden on one pass and open on another was seen.
 */
final class WallReckoner {
    /** A lens lower than this share of the bore does not see the crown; a judgement, from pictures of low heads. */
    private static final double LOW = 0.2;
    /** What it does not see then. */
    private static final Sectors CROWN = new Sectors(1 << 11 | 1 | 1 << 1);
    /** Share of the bore from which roots are taken to hide the wall they hang from; percent. */
    private static final int HANGING = 25;

    /** Something that hides a part of the wall; on one pass, or, where that is not known, on all. */
    private record Hides(Optional<Pass> pass, Extent extent, Sectors sectors, String by) {}

    private final Evidence evidence;
    private final List<Track> tracks;

    WallReckoner(Evidence evidence, List<Track> tracks) {
        this.evidence = evidence;
        this.tracks = tracks;
    }

    /**
     * @param seen how each stretch was seen as a whole; what was not seen well is not told again
     */
    List<HiddenWall> of(List<Way> ways, List<SeenPart> seen) {
        List<HiddenWall> walls = new ArrayList<>();
        for (Way way : ways) {
            List<Hides> hides = hides(way);
            for (SeenPart part : hides.isEmpty() ? List.<SeenPart>of() : seen) {
                if (part.branch().equals(way.name()) && part.best() == Look.WELL) {
                    pieces(part.extent(), hides)
                            .forEach(piece -> hidden(way.name(), piece, hides).ifPresent(h -> join(walls, h)));
                }
            }
        }
        return walls;
    }

    private static List<Extent> pieces(Extent whole, List<Hides> hides) {
        TreeSet<Station> cuts = new TreeSet<>(List.of(whole.from(), whole.to()));
        hides.forEach(h -> {
            cuts.add(h.extent().from());
            cuts.add(h.extent().to());
        });
        List<Station> inside = cuts.stream().filter(whole::covers).toList();
        List<Extent> pieces = new ArrayList<>();
        for (int i = 1; i < inside.size(); i++) {
            pieces.add(new Extent(inside.get(i - 1), inside.get(i)));
        }
        return pieces;
    }

    private Optional<HiddenWall> hidden(String branch, Extent piece, List<Hides> hides) {
        List<Hides> here =
                hides.stream().filter(h -> h.extent().covers(piece.middle())).toList();
        if (here.isEmpty()) {
            return Optional.empty();
        }
        Sectors left = passes(branch, piece).stream()
                .map(pass -> here.stream()
                        .filter(h -> h.pass().isEmpty() || h.pass().get().equals(pass))
                        .map(Hides::sectors)
                        .reduce(Sectors.NONE, Sectors::plus))
                .reduce(Sectors::and)
                .orElseGet(() -> here.stream().map(Hides::sectors).reduce(Sectors.NONE, Sectors::plus));
        Set<String> by = new LinkedHashSet<>();
        here.stream().filter(h -> !h.sectors().and(left).isNone()).forEach(h -> by.add(h.by()));
        return left.isNone()
                ? Optional.empty()
                : Optional.of(new HiddenWall(branch, piece, left, String.join(" and ", by)));
    }

    /** The passes that showed a stretch. */
    private List<Pass> passes(String branch, Extent piece) {
        return tracks.stream()
                .filter(t -> t.branch().equals(branch)
                        && t.trouble().isEmpty()
                        && !t.extent().isPoint()
                        && t.extent().covers(piece.middle()))
                .map(t -> new Pass(t.run(), t.heading()))
                .distinct()
                .toList();
    }

    private static void join(List<HiddenWall> walls, HiddenWall next) {
        HiddenWall last = walls.isEmpty() ? null : walls.getLast();
        boolean on = last != null
                && last.branch().equals(next.branch())
                && last.hidden().equals(next.hidden())
                && Objects.equals(last.by(), next.by())
                && last.extent().to().equals(next.extent().from());
        if (on) {
            walls.removeLast();
            walls.add(new HiddenWall(last.branch(), last.extent().joined(next.extent()), last.hidden(), last.by()));
        } else {
            walls.add(next);
        }
    }

    private List<Hides> hides(Way way) {
        List<Hides> hides = new ArrayList<>();
        // Who notes that a part was hidden means it, whatever other passes there were.
        evidence.on(way.name(), FindingKind.PART_SEEN)
                .filter(f -> !clock(f).isNone() && !f.extent().orElseThrow().isPoint())
                .forEach(f -> hides.add(new Hides(
                        Optional.empty(),
                        f.extent().orElseThrow(),
                        clock(f).isSingle() ? clock(f).withNeighbours() : clock(f),
                        f.finding().traits().details().get(Detail.CAUSE).orElse("something in front of it"))));
        evidence.on(way.name(), FindingKind.STANDING_WATER)
                .forEach(f -> add(
                        f,
                        f.finding()
                                .traits()
                                .share()
                                .map(s -> Sectors.under(s / 100.0))
                                .orElse(Sectors.NONE),
                        "standing water",
                        hides));
        evidence.on(way.name(), FindingKind.ROOTS)
                .filter(WallReckoner::hangs)
                .forEach(f -> add(f, clock(f), "roots", hides));
        lowHeads(way, hides);
        return hides;
    }

    /** In the one frame that passes of several runs can be laid on each other in. */
    private static Sectors clock(LocatedFinding found) {
        return WithFlow.clock(found)
                .or(() -> found.finding().traits().clock())
                .map(Sectors::of)
                .orElse(Sectors.NONE);
    }

    private static boolean hangs(LocatedFinding roots) {
        return roots.finding().traits().degree().filter(d -> d == Degree.HEAVY).isPresent()
                || roots.finding().traits().share().filter(s -> s >= HANGING).isPresent();
    }

    private void add(LocatedFinding found, Sectors sectors, String by, List<Hides> hides) {
        Extent extent = found.extent().orElseThrow();
        if (sectors.isNone() || extent.isPoint() || found.lasting().isOver()) {
            return;
        }
        List<Pass> passes = Pass.of(found, evidence.tied());
        if (passes.isEmpty()) {
            hides.add(new Hides(Optional.empty(), extent, sectors, by));
        }
        passes.forEach(p -> hides.add(new Hides(Optional.of(p), extent, sectors, by)));
    }

    /** Stretches along which a head of known make lay on the bottom of a pipe much wider than itself. */
    private void lowHeads(Way way, List<Hides> hides) {
        for (Track track : tracks) {
            if (track.branch().equals(way.name())
                    && !track.extent().isPoint()
                    && !track.gear().equals(Equipment.NOT_SAID)) {
                Optional<Pass> pass = Optional.of(new Pass(track.run(), track.heading()));
                way.spans().stream()
                        .filter(s -> s.size()
                                .filter(bore -> isLow(track.gear(), bore))
                                .isPresent())
                        .flatMap(s -> s.extent().common(track.extent()).stream())
                        .filter(e -> !e.isPoint())
                        .forEach(e -> hides.add(new Hides(pass, e, CROWN, "a low camera")));
            }
        }
    }

    private static boolean isLow(Equipment pushed, PipeSize bore) {
        return pushed.lensHeight(bore).inInches() / bore.inInches() < LOW;
    }
}
