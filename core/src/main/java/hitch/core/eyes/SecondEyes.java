package hitch.core.eyes;

import hitch.core.finding.LocatedFinding;
import hitch.core.footage.ClipId;
import hitch.core.footage.FrameRef;
import hitch.core.job.Job;
import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import hitch.core.measure.Station;
import hitch.core.run.Run;
import hitch.core.survey.Survey;
import hitch.core.survey.spoken.SpokenLine;
import hitch.core.talk.Commentary;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Where nobody has marked or spoken of anything and something stands out, the best first. */
public final class SecondEyes {
    /** So near to it, what is marked is the same. */
    static final Distance NEAR = Distance.feet(1.25);
    /** What is no longer counts as one thing. */
    private static final Distance SHORT = Distance.feet(4);
    /** No more are pointed at on so much pipe. */
    private static final double ONE_EACH = Distance.MM_PER_FOOT * 10;

    private final Job job;
    private final Survey survey;
    private final Map<ClipId, SeenWall> walls;
    private final List<FrameRef> spoken;

    /**
     * @param survey of the job
     * @param walls of the clips that were looked at
     * @param spoken where something was said that is worth a draft
     */
    public SecondEyes(Job job, Survey survey, Map<ClipId, SeenWall> walls, List<FrameRef> spoken) {
        this.job = job;
        this.survey = survey;
        this.walls = Map.copyOf(walls);
        this.spoken = List.copyOf(spoken);
    }

    /** Where somebody spoke of something; what was refused is as good as unsaid. */
    public static List<FrameRef> spokenOf(List<SpokenLine> lines) {
        return lines.stream()
                .filter(l -> l.settled().map(Commentary.Settled::kept).orElse(true))
                .map(l -> new FrameRef(l.clip().id(), l.clip().ptsAt(l.seconds())))
                .toList();
    }

    /** All places of the job, run by run. */
    public List<LookHere> places() {
        List<double[]> known = new ArrayList<>();
        for (FrameRef waved : job.waved()) {
            Optional.ofNullable(walls.get(waved.clip())).ifPresent(w -> known.addAll(w.about(waved)));
        }
        List<LookHere> all = new ArrayList<>();
        for (Run run : job.runs()) {
            all.addAll(places(run, known));
        }
        return List.copyOf(all);
    }

    private List<LookHere> places(Run run, List<double[]> known) {
        List<LookHere> found = new ArrayList<>();
        double length = 0;
        for (ClipId id : run.clips()) {
            SeenWall wall = walls.get(id);
            if (wall != null) {
                length = Math.max(length, wall.length());
                for (StandOut one : wall.standing(known)) {
                    FrameRef frame = wall.showing(one);
                    survey.stationAt(frame)
                            .ifPresent(at -> found.add(new LookHere(frame, at, one.by(), LookHere.Why.WALL)));
                }
                survey.clip(id).ifPresent(c -> found.addAll(Silences.of(survey, c, job.talk())));
            }
        }
        found.sort(Comparator.comparingDouble(LookHere::by).reversed());
        List<LookHere> told = new ArrayList<>();
        long most = Math.max(1, Math.round(length / ONE_EACH));
        for (LookHere one : found) {
            if (told.size() < most
                    && told.stream().noneMatch(t -> isNear(t.station(), one.station()))
                    && !isKnown(run, one)) {
                told.add(one);
            }
        }
        return told;
    }

    private boolean isKnown(Run run, LookHere place) {
        String pipe = survey.line().pipeAt(run, place.station());
        return survey.noted().stream().anyMatch(f -> f.branch().equals(pipe) && isNear(f, place.station()))
                || spoken.stream().anyMatch(f -> isAt(run, f, place.station()))
                || job.waved().stream().anyMatch(f -> isAt(run, f, place.station()));
    }

    private boolean isAt(Run run, FrameRef frame, Station place) {
        return run.clips().contains(frame.clip())
                && survey.stationAt(frame).filter(s -> isNear(s, place)).isPresent();
    }

    private static boolean isNear(LocatedFinding found, Station place) {
        Optional<Extent> extent = found.extent();
        // Within a long stretch of one thing there may be another that nobody spoke of.
        return extent.isPresent()
                && (isNear(extent.get().from(), place)
                        || isNear(extent.get().to(), place)
                        || extent.get().length().compareTo(SHORT) <= 0
                                && extent.get().covers(place));
    }

    private static boolean isNear(Station one, Station other) {
        return one.to(other).compareTo(NEAR) <= 0;
    }
}
