package hitch.core.survey;

import hitch.core.counter.CounterTrace;
import hitch.core.counter.Heading;
import hitch.core.footage.ClipId;
import hitch.core.footage.FrameRef;
import hitch.core.footage.Watched;
import hitch.core.measure.Distance;
import hitch.core.measure.Station;
import hitch.core.rules.LineRules;
import hitch.core.run.Run;
import hitch.core.survey.align.Tied;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Chooses the frame that shows a thing best: one that is not hidden, on the pass the house rules prefer, sharp, with the
 * head slow and near the thing. Only frames that somebody marked are asked; the first wins where all else is alike. The
 * bounds are ours.
 */
public final class BestPicture {
    /** A hidden frame is worse than anything. */
    private static final double HIDDEN = 100;

    private static final double OTHER_PASS = 1;
    /** A foot away is half as bad as the other pass. */
    private static final double A_FOOT_AWAY = 0.5;
    /** A picture with half the detail of a sharp one is worse than the other pass. */
    private static final double SOFT = 2.5;

    private final Tied tied;
    private final Map<ClipId, Watched> watched;
    private final LineRules rules;
    private final Map<ClipId, Run> runOf = new HashMap<>();

    public BestPicture(Tied tied, Map<ClipId, Watched> watched, LineRules rules) {
        this.tied = tied;
        this.watched = watched;
        this.rules = rules;
        tied.runs().forEach(r -> r.clips().forEach(c -> runOf.put(c, r)));
    }

    /** The best of some frames, at least one, for a thing at a station. */
    public FrameRef of(List<FrameRef> frames, Station at) {
        if (frames.size() == 1) {
            return frames.getFirst();
        }
        return frames.stream()
                .min(Comparator.comparingDouble(f -> badness(f, at)))
                .orElseThrow();
    }

    private double badness(FrameRef frame, Station at) {
        CounterTrace trace = tied.traces().get(frame.clip());
        Run run = runOf.get(frame.clip());
        if (trace == null || run == null) {
            return HIDDEN;
        }
        Watched clip = watched.getOrDefault(frame.clip(), Watched.NOTHING);
        boolean other = rules.seeing().backPreferred() && trace.headingAt(frame.pts()) == Heading.OUT;
        Station head = run.stationOf(trace.cableAt(frame.pts()).orElseThrow());
        double feetAway = head.to(at).mm() / Distance.MM_PER_FOOT;
        double feetASecond = Math.abs(trace.speedAt(frame.pts())) / Distance.MM_PER_FOOT;
        return (clip.isHidden(frame.pts()) ? HIDDEN : 0)
                + (other ? OTHER_PASS : 0)
                + SOFT * (1 - clip.sharpness(frame.pts()))
                + feetASecond
                + A_FOOT_AWAY * feetAway;
    }
}
