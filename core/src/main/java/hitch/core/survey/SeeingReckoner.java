package hitch.core.survey;

import hitch.core.counter.Heading;
import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.measure.Cover;
import hitch.core.measure.Extent;
import hitch.core.measure.Station;
import hitch.core.pipe.PipeSize;
import hitch.core.run.Equipment;
import hitch.core.run.Run;
import hitch.core.run.RunId;
import hitch.core.survey.told.GearBook;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;

/**
 * Tells for each stretch of pipe how it was seen on the way out and on the way back. Water hides the pipe on the pass on
 * which it was seen and on no other: what was under water going out may be dry coming back.
 */
final class SeeingReckoner {
    private static final String UNDER_WATER = "the lens was under water";
    private static final String FOAM = "foam";

    private final Evidence evidence;
    private final List<Track> tracks;
    private final GearBook gear;

    SeeingReckoner(Evidence evidence, List<Track> tracks) {
        this.evidence = evidence;
        this.tracks = tracks;
        this.gear = GearBook.of(evidence.findings());
    }

    Seeing of(List<Way> ways) {
        List<SeenPart> parts = new ArrayList<>();
        ways.forEach(w -> parts.addAll(parts(w)));
        return new Seeing(parts, new WallReckoner(evidence, tracks).of(ways, parts));
    }

    /** What passed in one direction on any run: how it was seen there, the best of them. */
    private record Passed(Cover well, Cover poorly, Cover wet) {
        private Look look(Extent extent) {
            if (Seeing.inside(extent, well)) {
                return Look.WELL;
            }
            if (Seeing.inside(extent, poorly)) {
                return Look.POORLY;
            }
            return Seeing.inside(extent, wet) ? Look.UNDER_WATER : Look.NOT_LOOKED;
        }
    }

    private List<SeenPart> parts(Way way) {
        List<Water> waters = waters(way);
        Passed out = passed(way.name(), Heading.OUT, waters);
        Passed back = passed(way.name(), Heading.BACK, waters);
        Map<String, Cover> troubles = troubles(way.name());
        Map<String, Cover> water = byReason(waters);
        TreeSet<Station> cuts = new TreeSet<>();
        cuts.add(way.whole().from());
        cuts.add(way.whole().to());
        List<Cover> covers = new ArrayList<>(
                List.of(way.reached(), out.well(), out.poorly(), out.wet(), back.well(), back.poorly(), back.wet()));
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
            Way way, Extent extent, Passed out, Passed back, Map<String, Cover> troubles, Map<String, Cover> water) {
        if (!Seeing.inside(extent, way.reached())) {
            return new SeenPart(
                    way.name(),
                    extent,
                    Look.NOT_REACHED,
                    Look.NOT_REACHED,
                    Look.NOT_REACHED,
                    "the camera did not get there");
        }
        Look outward = out.look(extent);
        Look backward = back.look(extent);
        Look best = outward.better(backward);
        String why = best == Look.WELL ? "" : first(best == Look.UNDER_WATER ? water : troubles, extent);
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
    private Passed passed(String branch, Heading heading, List<Water> waters) {
        Cover well = Cover.NONE;
        Cover poorly = Cover.NONE;
        Cover wet = Cover.NONE;
        for (Run run : evidence.tied().runs()) {
            Cover water = Cover.of(waters.stream()
                    .filter(w -> w.run().equals(run.id()) && w.heading() == heading)
                    .map(Water::extent)
                    .toList());
            Cover clear = Cover.of(extents(run.id(), branch, heading, true));
            Cover troubled = Cover.of(extents(run.id(), branch, heading, false));
            well = well.plus(clear.minus(water));
            poorly = poorly.plus(troubled.minus(water));
            wet = wet.plus(clear.plus(troubled).and(water));
        }
        return new Passed(well, poorly, wet);
    }

    private List<Extent> extents(RunId run, String branch, Heading heading, boolean well) {
        return tracks.stream()
                .filter(t -> t.run().equals(run)
                        && t.branch().equals(branch)
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

    /** Where the lens was under water or in foam on one pass. */
    private record Water(RunId run, Heading heading, Extent extent, String why) {}

    /** As marked, or where standing water is as deep as the lens is high; on every pass on which it was seen. */
    private List<Water> waters(Way way) {
        List<Water> waters = new ArrayList<>();
        evidence.on(way.name(), FindingKind.UNDER_WATER).forEach(f -> {
            boolean foamy =
                    f.finding().wording().toLowerCase(java.util.Locale.ROOT).contains(FOAM);
            add(f, foamy ? FOAM : UNDER_WATER, waters);
        });
        evidence.on(way.name(), FindingKind.STANDING_WATER)
                .filter(f -> coversLens(way, f))
                .forEach(f -> add(f, UNDER_WATER, waters));
        return waters;
    }

    private void add(LocatedFinding found, String why, List<Water> waters) {
        Extent extent = found.extent().orElseThrow();
        Pass.of(found, evidence.tied()).forEach(p -> waters.add(new Water(p.run(), p.heading(), extent, why)));
    }

    private static Map<String, Cover> byReason(List<Water> waters) {
        Map<String, Cover> covers = new LinkedHashMap<>();
        waters.forEach(w -> covers.merge(w.why(), Cover.of(w.extent()), Cover::plus));
        return covers;
    }

    private boolean coversLens(Way way, LocatedFinding found) {
        PipeSize bore = way.spanAt(found.extent().orElseThrow().middle())
                .flatMap(s -> s.size())
                .orElse(PipeSize.USUAL);
        Equipment pushed =
                found.run().map(r -> gear.at(r, found.finding().frame())).orElse(Equipment.NOT_SAID);
        double lens = 100.0 * pushed.lensHeight(bore).inInches() / bore.inInches();
        // Unless the equipment was named, only water over the middle of the pipe is sure to cover the lens.
        double covered = pushed.equals(Equipment.NOT_SAID) ? 50 : lens;
        return found.finding().traits().share().map(s -> s >= covered).orElse(false);
    }
}
