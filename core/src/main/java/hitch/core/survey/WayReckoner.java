package hitch.core.survey;

import hitch.core.finding.FindingKind;
import hitch.core.measure.Cover;
import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import hitch.core.measure.Station;
import hitch.core.pipe.Branch;
import hitch.core.run.Direction;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Reckons how far each pipe of the line goes and what it is made of. */
final class WayReckoner {
    /** An end seen, or an opening, this near to the farthest the camera got is that end. */
    private static final long AT_THE_END_MM = Math.round(3 * Distance.MM_PER_FOOT);

    private final Evidence evidence;
    private final List<Track> tracks;

    WayReckoner(Evidence evidence, List<Track> tracks) {
        this.evidence = evidence;
        this.tracks = tracks;
    }

    /** How far the camera was pushed on into the main; empty where it was not. */
    Optional<Extent> beyond() {
        return tracks.stream()
                .filter(t -> t.branch().equals(Branch.MAIN))
                .map(Track::extent)
                .reduce(Extent::joined);
    }

    /** The line first, where anything of it was reached, then its branches by name. */
    List<Way> all() {
        List<Way> ways = new ArrayList<>();
        way(Branch.LINE, Optional.empty()).ifPresent(ways::add);
        for (Branch branch : evidence.tied().branches()) {
            way(branch.name(), Optional.of(evidence.tied().into(branch.name()))).ifPresent(ways::add);
        }
        return List.copyOf(ways);
    }

    private Optional<Way> way(String name, Optional<String> into) {
        List<Extent> extents = tracks.stream()
                .filter(t -> t.branch().equals(name))
                .map(Track::extent)
                .toList();
        Cover reached = Cover.of(extents);
        if (extents.isEmpty()) {
            return Optional.empty();
        }
        Extent all = extents.stream().reduce(Extent::joined).orElseThrow();
        Optional<Station> join = Optional.ofNullable(evidence.tied().joins().get(name));
        Optional<Station> lower = into.isPresent() ? join : main();
        Extent whole = lower.filter(s -> s.compareTo(all.to()) > 0)
                .map(s -> new Extent(all.from(), s))
                .orElse(all);
        boolean line = into.isEmpty();
        Optional<Station> wall = line ? wall() : Optional.empty();
        Extent from = wall.filter(s -> s.compareTo(whole.from()) < 0)
                .map(s -> new Extent(s, whole.to()))
                .orElse(whole);
        return Optional.of(new Way(
                name,
                into,
                join,
                from,
                reached,
                new SpansSeen(evidence, name).over(from, reached),
                wall.isPresent() || endAt(name, all.from(), Direction.AGAINST_FLOW),
                lower.isPresent()));
    }

    /** Where the line meets the main: as typed, else as seen. */
    Optional<Station> main() {
        return evidence.main();
    }

    /** Where the line passes the building's wall: as typed, else the boundary that speaks of it. */
    Optional<Station> wall() {
        return evidence.facts()
                .wall()
                .or(() -> evidence.on(Branch.LINE, FindingKind.BOUNDARY)
                        .filter(f -> !f.finding().certainty().isGuess())
                        .filter(f -> f.finding()
                                .wording()
                                .toLowerCase(java.util.Locale.ROOT)
                                .contains("wall"))
                        .findFirst()
                        .map(f -> f.extent().orElseThrow().from()));
    }

    private boolean endAt(String name, Station end, Direction side) {
        boolean opening = evidence.tied().runs().stream()
                .anyMatch(r -> evidence.tied().openedInto(r).equals(name)
                        && r.start().to(end).mm() <= AT_THE_END_MM
                        && r.direction() != side
                        && r.opening().ways() == hitch.core.pipe.Opening.Ways.ONE);
        return opening
                || evidence.on(name, FindingKind.END)
                        .anyMatch(f -> f.extent().orElseThrow().from().to(end).mm() <= AT_THE_END_MM);
    }
}
