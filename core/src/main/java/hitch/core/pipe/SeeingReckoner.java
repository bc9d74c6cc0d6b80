package hitch.core.pipe;

import hitch.core.counter.Heading;
import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.line.Cover;
import hitch.core.line.Equipment;
import hitch.core.line.Extent;
import hitch.core.line.PipeSize;
import hitch.core.line.Run;
import hitch.core.line.Station;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;

/** Tells for each stretch of pipe how it was seen on the way out and on the way back. */
final class SeeingReckoner {
    private static final String UNDER_WATER = "the lens was under water";
    private static final String FOAM = "foam";

    private final Evidence evidence;
    private final List<Track> tracks;

    SeeingReckoner(Evidence evidence, List<Track> tracks) {
        this.evidence = evidence;
        this.tracks = tracks;
    }

    Seeing of(List<Way> ways) {
        List<SeenPart> parts = new ArrayList<>();
        ways.forEach(w -> parts.addAll(parts(w)));
        return new Seeing(parts);
    }

    /** What passed in one direction: how it was seen there. */
    private static final class Direction {
        private Cover well = Cover.NONE;
        private Cover poorly = Cover.NONE;

        private Look look(Extent extent, boolean water) {
            if (!Seeing.inside(extent, well) && !Seeing.inside(extent, poorly)) {
                return Look.NOT_LOOKED;
            }
            if (water) {
                return Look.UNDER_WATER;
            }
            return Seeing.inside(extent, well) ? Look.WELL : Look.POORLY;
        }
    }

    private List<SeenPart> parts(Way way) {
        Direction out = direction(way.name(), Heading.OUT);
        Direction back = direction(way.name(), Heading.BACK);
        Map<String, Cover> troubles = troubles(way.name());
        Map<String, Cover> water = water(way);
        TreeSet<Station> cuts = new TreeSet<>();
        cuts.add(way.whole().from());
        cuts.add(way.whole().to());
        List<Cover> covers = new ArrayList<>(List.of(way.reached(), out.well, out.poorly, back.well, back.poorly));
        covers.addAll(troubles.values());
        covers.addAll(water.values());
        for (Cover cover : covers) {
            cover.parts().forEach(e -> {
                cuts.add(e.from());
                cuts.add(e.to());
            });
        }
        List<SeenPart> parts = new ArrayList<>();
        Station before = null;
        for (Station cut : cuts) {
            if (before != null) {
                Extent extent = new Extent(before, cut);
                join(parts, part(way, extent, out, back, troubles, water));
            }
            before = cut;
        }
        return parts;
    }

    private static SeenPart part(
            Way way,
            Extent extent,
            Direction out,
            Direction back,
            Map<String, Cover> troubles,
            Map<String, Cover> water) {
        if (!Seeing.inside(extent, way.reached())) {
            return new SeenPart(
                    way.name(),
                    extent,
                    Look.NOT_REACHED,
                    Look.NOT_REACHED,
                    Look.NOT_REACHED,
                    "the camera did not get there");
        }
        String wet = first(water, extent);
        Look outward = out.look(extent, !wet.isEmpty());
        Look backward = back.look(extent, !wet.isEmpty());
        Look best = outward.better(backward);
        String why = best == Look.WELL ? "" : best == Look.UNDER_WATER ? wet : first(troubles, extent);
        return new SeenPart(way.name(), extent, outward, backward, best, why);
    }

    private static String first(Map<String, Cover> reasons, Extent extent) {
        return reasons.entrySet().stream()
                .filter(r -> Seeing.inside(extent, r.getValue()))
                .findFirst()
                .map(Map.Entry::getKey)
                .orElse("");
    }

    private static void join(List<SeenPart> parts, SeenPart next) {
        SeenPart last = parts.isEmpty() ? null : parts.getLast();
        boolean same = last != null
                && last.out() == next.out()
                && last.back() == next.back()
                && last.best() == next.best()
                && last.why().equals(next.why());
        if (same) {
            parts.removeLast();
            parts.add(new SeenPart(
                    last.branch(),
                    new Extent(last.extent().from(), next.extent().to()),
                    last.out(),
                    last.back(),
                    last.best(),
                    last.why()));
        } else {
            parts.add(next);
        }
    }

    /** A head that stands sees what it saw going there: standing counts for neither way. */
    private Direction direction(String branch, Heading heading) {
        Direction direction = new Direction();
        direction.well = Cover.of(extents(branch, heading, true));
        direction.poorly = Cover.of(extents(branch, heading, false)).minus(direction.well);
        return direction;
    }

    private List<Extent> extents(String branch, Heading heading, boolean well) {
        return tracks.stream()
                .filter(t -> t.branch().equals(branch)
                        && t.heading() == heading
                        && t.trouble().isEmpty() == well)
                .map(Track::extent)
                .toList();
    }

    private Map<String, Cover> troubles(String branch) {
        Map<String, List<Extent>> extents = new LinkedHashMap<>();
        tracks.stream()
                .filter(t -> t.branch().equals(branch) && !t.trouble().isEmpty())
                .forEach(t -> extents.computeIfAbsent(t.trouble(), k -> new ArrayList<>())
                        .add(t.extent()));
        Map<String, Cover> covers = new LinkedHashMap<>();
        extents.forEach((why, where) -> covers.put(why, Cover.of(where)));
        return covers;
    }

    /** Where the lens is under water or in foam: as marked, or where standing water is as deep as the lens is high. */
    private Map<String, Cover> water(Way way) {
        List<Extent> wet = new ArrayList<>();
        List<Extent> foam = new ArrayList<>();
        evidence.on(way.name(), FindingKind.UNDER_WATER).forEach(f -> {
            boolean foamy =
                    f.finding().wording().toLowerCase(java.util.Locale.ROOT).contains(FOAM);
            (foamy ? foam : wet).add(f.extent().orElseThrow());
        });
        evidence.on(way.name(), FindingKind.STANDING_WATER)
                .filter(f -> coversLens(way, f))
                .forEach(f -> wet.add(f.extent().orElseThrow()));
        Map<String, Cover> covers = new LinkedHashMap<>();
        covers.put(UNDER_WATER, Cover.of(wet));
        covers.put(FOAM, Cover.of(foam));
        return covers;
    }

    private static boolean coversLens(Way way, LocatedFinding found) {
        PipeSize bore = way.spanAt(found.extent().orElseThrow().middle())
                .flatMap(s -> s.size())
                .orElse(new PipeSize(4));
        Equipment pushed = found.run().map(Run::equipment).orElse(Equipment.NOT_SAID);
        double lens = 100.0 * pushed.lensHeight(bore).inInches() / bore.inches();
        // Unless the equipment was named, only water over the middle of the pipe is sure to cover the lens.
        double covered = pushed.equals(Equipment.NOT_SAID) ? 50 : lens;
        return found.finding().traits().share().map(s -> s >= covered).orElse(false);
    }
}
