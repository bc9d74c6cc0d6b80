package hitch.core.survey;

import hitch.core.counter.CounterTrace;
import hitch.core.counter.Heading;
import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.footage.FrameRef;
import hitch.core.footage.Stretch;
import hitch.core.footage.Watched;
import hitch.core.measure.Extent;
import hitch.core.measure.Station;
import hitch.core.pipe.Branch;
import hitch.core.run.Equipment;
import hitch.core.run.Run;
import hitch.core.survey.told.GearBook;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/** Follows the camera through every clip, cut where anything changes. */
final class TrackBook {
    /** What is known from above, or from papers, without the camera having been there. */
    private static final Set<FindingKind> ABOVE =
            EnumSet.of(FindingKind.SURFACE, FindingKind.BOUNDARY, FindingKind.LOCATE, FindingKind.OPENING);

    private static final String TOO_FAST = "passed too fast";

    private final Evidence evidence;
    private final Optional<Station> main;
    private final List<Track> tracks = new ArrayList<>();
    private final GearBook gear;

    private TrackBook(Evidence evidence) {
        this.evidence = evidence;
        this.main = evidence.main();
        this.gear = GearBook.of(evidence.findings());
    }

    static List<Track> of(Evidence evidence) {
        TrackBook book = new TrackBook(evidence);
        Map<ClipId, Clip> clips = new HashMap<>();
        evidence.clips().forEach(c -> clips.put(c.id(), c));
        for (Run run : evidence.tied().runs()) {
            if (run.clips().stream().noneMatch(clips::containsKey)) {
                book.described(run);
            }
            for (ClipId id : run.clips()) {
                CounterTrace trace = evidence.tied().traces().get(id);
                if (trace != null && clips.containsKey(id)) {
                    book.follow(run, clips.get(id), trace);
                }
            }
        }
        return book.tracks;
    }

    /** A run without footage, of which a record was written by hand: it went as far as the farthest thing that was found on it. */
    private void described(Run run) {
        List<LocatedFinding> found = evidence.findings().stream()
                .filter(f -> f.run().filter(r -> r.id().equals(run.id())).isPresent()
                        && f.extent().isPresent()
                        && !ABOVE.contains(f.finding().kind()))
                .toList();
        double far = found.stream().mapToDouble(f -> ahead(run, f)).max().orElse(0);
        double from = 0;
        Equipment pushed = run.equipment();
        for (LocatedFinding change : found.stream()
                .filter(f -> f.finding().kind() == FindingKind.EQUIPMENT)
                .sorted(Comparator.comparingDouble(f -> ahead(run, f)))
                .toList()) {
            described(run, from, ahead(run, change), pushed);
            from = Math.max(from, ahead(run, change));
            pushed = gear.at(run, change.finding().frame());
        }
        described(run, from, far, pushed);
    }

    private void described(Run run, double from, double to, Equipment pushed) {
        double opening = run.atThePipe().mm();
        if (to > from) {
            add(run, opening + from, opening + to, pushed, "");
        }
    }

    /** How far from its opening a run must have gone to see something, millimetres; negative behind it. */
    private static double ahead(Run run, LocatedFinding found) {
        int sign = run.direction().sign();
        return Math.max(
                sign * (found.extent().orElseThrow().from().mm() - run.start().mm()),
                sign * (found.extent().orElseThrow().to().mm() - run.start().mm()));
    }

    private void follow(Run run, Clip clip, CounterTrace trace) {
        List<Stretch> hiding = evidence.watched().getOrDefault(clip.id(), Watched.NOTHING).stretches().stream()
                .filter(s -> s.reason().hides())
                .toList();
        TreeSet<Long> cuts = new TreeSet<>();
        cuts.add(clip.firstPts());
        cuts.add(clip.endPts());
        trace.knots().forEach(k -> cuts.add(k.pts()));
        cuts.addAll(gear.changesOn(clip.id()));
        hiding.forEach(s -> {
            cuts.add(s.fromPts());
            cuts.add(s.toPts());
        });
        Long before = null;
        for (long pts : cuts.subSet(clip.firstPts(), true, clip.endPts(), true)) {
            if (before != null) {
                long middle = (before + pts) / 2;
                Optional<String> hidden = hiding.stream()
                        .filter(s -> s.covers(middle))
                        .findFirst()
                        .map(s -> s.reason().word());
                double from = trace.cableAt(before).orElseThrow();
                double to = trace.cableAt(pts).orElseThrow();
                double seconds = clip.base().seconds(pts - before);
                boolean fast = Math.abs(to - from)
                        > evidence.rules().seeing().fastest().mm() * seconds;
                Equipment pushed = gear.at(run, new FrameRef(clip.id(), middle));
                add(run, from, to, pushed, hidden.orElse(fast ? TOO_FAST : ""));
            }
            before = pts;
        }
    }

    private void add(Run run, double fromCable, double toCable, Equipment pushed, String trouble) {
        // With less cable out than the opening takes, the head is not in the pipe yet.
        double opening = run.atThePipe().mm();
        Station from = run.stationOf(Math.max(fromCable, opening));
        Station to = run.stationOf(Math.max(toCable, opening));
        Heading heading = fromCable == toCable ? Heading.STILL : fromCable < toCable ? Heading.OUT : Heading.BACK;
        Extent extent = Extent.between(from, to);
        String branch = run.branch();
        // Past its join a branch's stations are those of the pipe it joins.
        while (!branch.equals(Branch.LINE)) {
            Optional<Station> join = Optional.ofNullable(evidence.tied().joins().get(branch));
            if (join.isEmpty() || extent.to().compareTo(join.get()) <= 0) {
                tracks.add(new Track(run.id(), branch, extent, heading, pushed, trouble));
                return;
            }
            if (extent.from().compareTo(join.get()) < 0) {
                tracks.add(
                        new Track(run.id(), branch, new Extent(extent.from(), join.get()), heading, pushed, trouble));
                extent = new Extent(join.get(), extent.to());
            }
            branch = evidence.tied().into(branch);
        }
        if (branch.equals(Branch.LINE) && main.isPresent() && extent.to().compareTo(main.get()) > 0) {
            Station end = main.get();
            if (extent.from().compareTo(end) < 0) {
                tracks.add(new Track(run.id(), Branch.LINE, new Extent(extent.from(), end), heading, pushed, trouble));
            }
            Station in = extent.from().compareTo(end) < 0 ? end : extent.from();
            tracks.add(new Track(run.id(), Branch.MAIN, new Extent(in, extent.to()), heading, pushed, trouble));
            return;
        }
        tracks.add(new Track(run.id(), branch, extent, heading, pushed, trouble));
    }
}
