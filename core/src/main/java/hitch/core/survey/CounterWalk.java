package hitch.core.survey;

import hitch.core.counter.CounterMark;
import hitch.core.counter.CounterTrace;
import hitch.core.counter.Doubtful;
import hitch.core.counter.Heading;
import hitch.core.counter.MarkSource;
import hitch.core.counter.Zeroing;
import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.footage.ClockText;
import hitch.core.footage.FrameRef;
import hitch.core.job.Job;
import hitch.core.measure.Distance;
import hitch.core.measure.LengthUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The places of a clip that a person had better look at: doubtful readings, zeroings that only the reader saw, and where the joints
 * fall out of step until somebody has read the counter there.
 */
public final class CounterWalk {
    /**
     * One of them.
     *
     * @param pts the frame to look at
     * @param question what is to be decided, in words
     * @param reading what the counter is taken to show there, as it is typed; empty where nothing is known
     * @param zeroing the zeroing in question, if it is one
     */
    public record Stop(long pts, String question, String reading, Optional<Zeroing> zeroing) {}

    private CounterWalk() {}

    /** How many there are on all clips of a job. */
    public static int open(Job job, Survey survey, Map<ClipId, Rhythm> joints) {
        return job.clipsInUse().stream()
                .mapToInt(c -> of(c, job.marksOf(c.id()), survey, joints.getOrDefault(c.id(), Rhythm.NONE))
                        .size())
                .sum();
    }

    /**
     * In order of time.
     *
     * @param marks what is known of the clip's counter
     * @param joints what is known of its joints
     */
    public static List<Stop> of(Clip clip, List<CounterMark> marks, Survey survey, Rhythm joints) {
        List<Stop> stops = new ArrayList<>();
        CounterTrace trace = survey.traces().get(clip.id());
        if (trace == null) {
            return stops;
        }
        LengthUnit unit = survey.facts().unit();
        for (Doubtful doubt : trace.unsettled()) {
            long middle = (doubt.fromPts() + doubt.toPts()) / 2;
            stops.add(new Stop(
                    middle,
                    "Counter unsure from " + ClockText.of(clip.secondsInto(doubt.fromPts())) + " to "
                            + ClockText.of(clip.secondsInto(doubt.toPts())),
                    reading(trace, middle, unit),
                    Optional.empty()));
        }
        for (CounterMark mark : marks) {
            if (mark instanceof Zeroing zeroing && zeroing.by() == MarkSource.READ_OFF) {
                boolean toZero = zeroing.shown().mm() == 0;
                stops.add(new Stop(
                        zeroing.pts(),
                        toZero
                                ? "Was the counter zeroed here"
                                : "Was the counter set to " + unit.show(zeroing.shown()) + " here",
                        unit.number(zeroing.shown()),
                        Optional.of(zeroing)));
            }
        }
        for (Rhythm.Slip slip : joints.slips()) {
            slipped(clip, marks, survey, slip)
                    .ifPresent(p -> stops.add(new Stop(p, sentence(slip), reading(trace, p, unit), Optional.empty())));
        }
        stops.sort(Comparator.comparingLong(Stop::pts));
        return List.copyOf(stops);
    }

    private static String sentence(Rhythm.Slip slip) {
        return slip.words().substring(0, slip.words().length() - 1);
    }

    /** The frame in the middle of a slip; empty where the clip does not show it, or where somebody has read the counter there. */
    private static Optional<Long> slipped(Clip clip, List<CounterMark> marks, Survey survey, Rhythm.Slip slip) {
        for (Heading heading : List.of(Heading.OUT, Heading.BACK)) {
            ClipPass pass = new ClipPass(clip.id(), heading);
            Optional<FrameRef> one = pass.at(survey, slip.from());
            Optional<FrameRef> other = pass.at(survey, slip.to());
            if (one.isPresent() && other.isPresent()) {
                long from = Math.min(one.get().pts(), other.get().pts());
                long to = Math.max(one.get().pts(), other.get().pts());
                boolean read =
                        marks.stream().anyMatch(m -> m.by() == MarkSource.BY_HAND && m.pts() >= from && m.pts() <= to);
                return read ? Optional.empty() : Optional.of((from + to) / 2);
            }
        }
        return Optional.empty();
    }

    private static String reading(CounterTrace trace, long pts, LengthUnit unit) {
        return unit.number(
                new Distance(Math.max(0, Math.round(trace.shownAt(pts).orElse(0)))));
    }
}
