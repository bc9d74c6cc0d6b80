package hitch.sim.line;

import hitch.core.counter.CounterMark;
import hitch.core.counter.MarkSource;
import hitch.core.counter.Reading;
import hitch.core.counter.Zeroing;
import hitch.core.finding.FindingId;
import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.footage.FrameRef;
import hitch.core.footage.Stretch;
import hitch.core.footage.TimeBase;
import hitch.core.footage.Watched;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.measure.Distance;
import hitch.core.measure.LengthUnit;
import hitch.core.measure.Station;
import hitch.core.note.NoteReader;
import hitch.core.note.grammar.TradeNoteReader;
import hitch.core.pipe.Opening;
import hitch.core.pipe.PipeSize;
import hitch.core.run.Direction;
import hitch.core.run.Run;
import hitch.core.run.RunId;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;

/** The job that a reviewer makes of a made-up line. The footage itself is not drawn: the line is reckoned without it. */
public final class PlannedJob {
    private static final NoteReader NOTES = new TradeNoteReader();
    private static final TimeBase MILLISECONDS = new TimeBase(1, 1000);
    private static final int RATE = 20;
    /** Seconds between two readings of the counter. */
    private static final double READ_EVERY = 1;
    /** Standard error of where a person marks a thing, feet. */
    private static final double EYE = 0.12;
    /** Nobody marks a thing further beside it than this, feet. */
    private static final double FARTHEST = 0.3;

    private static final double NOTED_OUT = 0.7;
    private static final double NOTED_BACK = 0.85;

    private final LinePlan plan;
    private final Random random;
    private final Map<FindingId, LinePlan.Thing> truth = new LinkedHashMap<>();
    private final Map<ClipId, Watched> watched = new LinkedHashMap<>();
    private Job job = Job.EMPTY;

    public PlannedJob(LinePlan plan) {
        this.plan = plan;
        this.random = new Random(77_000 + plan.number());
        for (LinePlan.Trip trip : plan.trips()) {
            record(trip);
        }
    }

    public Job job() {
        return job;
    }

    /** What each finding truly is. */
    public Map<FindingId, LinePlan.Thing> truth() {
        return truth;
    }

    public Map<ClipId, Watched> watched() {
        return watched;
    }

    /** A part of a trip on one clip, from a second of the trip to another. */
    private record Leg(ClipId clip, double from, double to) {}

    private void record(LinePlan.Trip trip) {
        List<Leg> parts = new ArrayList<>();
        String name = trip.name().replace(' ', '-');
        double half = trip.turn() + LinePlan.Trip.REST / 2;
        if (trip.split()) {
            parts.add(new Leg(new ClipId(name + "-out"), 0, half));
            parts.add(new Leg(new ClipId(name + "-back"), half, trip.seconds()));
        } else {
            parts.add(new Leg(new ClipId(name), 0, trip.seconds()));
        }
        for (Leg part : parts) {
            job = job.with(new Edit.PutClip(clip(part)));
            watched.put(part.clip(), Watched.of(dark(trip, part)));
        }
        job = job.with(new Edit.PutRun(run(trip, parts)));
        for (Leg part : parts) {
            List<CounterMark> marks = marks(trip, part);
            job = job.with(new Edit.ReadCounter(
                    part.clip(), marks, List.of(), java.util.Optional.empty(), java.util.Optional.empty()));
        }
        note(trip, parts);
    }

    private static Clip clip(Leg part) {
        long end = Math.round((part.to() - part.from()) * 1000);
        return new Clip(
                part.clip(),
                part.clip().value() + ".mp4",
                "0".repeat(64),
                1_000_000,
                MILLISECONDS,
                0,
                end,
                (int) (end * RATE / 1000),
                640,
                480,
                false,
                "");
    }

    private static List<Stretch> dark(LinePlan.Trip trip, Leg part) {
        List<Stretch> dark = new ArrayList<>();
        for (double[] d : trip.dark()) {
            double from = Math.max(d[0], part.from());
            double to = Math.min(d[1], part.to());
            if (to - from > 0.01) {
                dark.add(new Stretch(pts(part, from), pts(part, to), Stretch.Reason.DARK));
            }
        }
        return dark;
    }

    private static long pts(Leg part, double t) {
        return Math.round((t - part.from()) * 1000);
    }

    private Run run(LinePlan.Trip trip, List<Leg> parts) {
        LinePlan.Pipe pipe = plan.pipe(plan.pipeAt(trip, trip.start()));
        LinePlan.Span span = pipe.spans().stream()
                .filter(s -> trip.start() <= s.to())
                .findFirst()
                .orElse(pipe.spans().getLast());
        String kind =
                trip.tied() ? "cleanout of the " + trip.name() : trip.start() == 0 ? "two-way cleanout" : "cleanout";
        Opening opening = new Opening(kind, "", span.material(), PipeSize.inches(span.inches()));
        return new Run(
                        new RunId(trip.name().replace(' ', '-')),
                        trip.name(),
                        opening,
                        Station.DATUM,
                        trip.sign() > 0 ? Direction.WITH_FLOW : Direction.AGAINST_FLOW,
                        Distance.feet(trip.lip()),
                        parts.stream().map(Leg::clip).toList())
                .startingAt(new Station(Distance.feet(trip.guess()).mm()), trip.tied())
                .on(trip.branch());
    }

    /** What is read off the counter, a number every second. Who reads it sees it drop and knows what it showed before. */
    private static List<CounterMark> marks(LinePlan.Trip trip, Leg part) {
        List<CounterMark> marks = new ArrayList<>();
        boolean told = false;
        int last = (int) Math.ceil((part.to() - part.from()) / READ_EVERY);
        for (int i = 0; i <= last; i++) {
            double t = Math.min(part.from() + i * READ_EVERY, part.to());
            if (trip.isZeroed(t) && !told) {
                double moment = Math.max(trip.zeroSecond(), part.from());
                double shown = Math.max(0, trip.shown(moment));
                marks.add(zeroing(part, moment, trip.counted(moment) - trip.shown(moment) + shown, shown));
                told = true;
            }
            if (trip.shown(t) >= 0) {
                marks.add(new Reading(pts(part, t), tenth(trip.shown(t)), MarkSource.READ_OFF));
            } else {
                // It counts on below nothing, which a reading cannot say.
                marks.add(zeroing(part, t, trip.counted(t), 0));
            }
        }
        return marks;
    }

    private static Zeroing zeroing(Leg part, double t, double cable, double shown) {
        return new Zeroing(pts(part, t), tenth(cable), tenth(shown), MarkSource.READ_OFF);
    }

    private static Distance tenth(double feet) {
        return Distance.feet(Math.round(feet * 10) / 10.0);
    }

    private void note(LinePlan.Trip trip, List<Leg> parts) {
        for (LinePlan.Sight sight : plan.sights(trip)) {
            boolean out = sight.second() < trip.turn();
            boolean only = !out && truth.values().stream().noneMatch(t -> t == sight.thing());
            if (!only && random.nextDouble() > (out ? NOTED_OUT : NOTED_BACK)) {
                continue;
            }
            double speed = out ? LinePlan.Trip.OUT_SPEED : LinePlan.Trip.BACK_SPEED;
            double t = Math.clamp(
                    sight.second() + Math.clamp(random.nextGaussian() * EYE, -FARTHEST, FARTHEST) / speed,
                    out ? 0 : trip.turn(),
                    trip.seconds() - 0.01);
            Leg part = parts.stream().filter(p -> t < p.to()).findFirst().orElse(parts.getLast());
            String words =
                    trip.sign() > 0 ? sight.thing().with() : sight.thing().against();
            FindingId id = job.nextId();
            FrameRef frame = new FrameRef(part.clip(), Math.max(0, pts(part, t)));
            job = job.with(new Edit.AddFinding(
                    NOTES.read(words, LengthUnit.FEET).first().at(id, frame, job.runOf(part.clip()))));
            truth.put(id, sight.thing());
        }
    }
}
