package hitch.core;

import hitch.core.counter.CounterMark;
import hitch.core.counter.Reading;
import hitch.core.finding.Finding;
import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.footage.FrameRef;
import hitch.core.footage.TimeBase;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.job.PropertyFacts;
import hitch.core.measure.Distance;
import hitch.core.measure.LengthUnit;
import hitch.core.measure.Station;
import hitch.core.note.grammar.TradeNoteReader;
import hitch.core.pipe.Material;
import hitch.core.pipe.Opening;
import hitch.core.pipe.PipeSize;
import hitch.core.run.Direction;
import hitch.core.run.Run;
import hitch.core.run.RunId;
import java.util.List;

/** A made-up job: one clip up to the building, one down to the main, one above ground. */
public final class Sample {
    /** A thousandth of a second a tick. */
    public static final TimeBase MS = new TimeBase(1, 1000);

    public static final ClipId UP = new ClipId("up");
    public static final ClipId DOWN = new ClipId("down");
    public static final ClipId YARD = new ClipId("yard");
    public static final Opening OPENING =
            new Opening("two-way cleanout", "side path", Material.CLAY, PipeSize.inches(4));

    /** What a speaker of whom rules know little says along a run; that there is a rag only sounds so. */
    public static final String NEW_SPEAKER = """
            [0:05] Zero at the cap.
            [0:08] Five feet. Grease on the top.
            [0:12] Nine feet. A mop of it dangling off the crown, your hedge is thirsty.
            [0:20] Thirteen feet. It's holding a bathtub's worth, up over my lens.
            [0:24] Seventeen feet. A rag would be good for my hands.
            [0:28] Twenty one feet. A crack on the left.
            """;

    private Sample() {}

    public static Clip clip(ClipId id, int seconds) {
        String sha = String.format("%064x", id.value().hashCode() & 0xffffffffL);
        return new Clip(id, id + ".mp4", sha, 1000, MS, 0, seconds * 1000L, seconds * 25, 640, 480, true, "");
    }

    public static Run run(String name, Direction direction, ClipId... clips) {
        return new Run(
                new RunId(name.replace(' ', '-')),
                name,
                OPENING,
                Station.DATUM,
                direction,
                Distance.ZERO,
                List.of(clips));
    }

    public static Reading reading(double second, double feet) {
        return Reading.byHand(Math.round(second * 1000), Distance.feet(feet));
    }

    /** The job without findings: 20 ft up, 60 ft down and back. */
    public static Job job() {
        Job job = Job.EMPTY
                .with(new Edit.DescribeProperty(new PropertyFacts(
                        "3 Larkspur Close",
                        "Wendle",
                        "A. Client",
                        "2026-05-02",
                        "R. Viewer",
                        "Wendle Drains",
                        LengthUnit.FEET,
                        "The buried line.",
                        List.of("The drains beneath the building."),
                        false)))
                .with(new Edit.PutClip(clip(UP, 60)))
                .with(new Edit.PutClip(clip(DOWN, 120)))
                .with(new Edit.PutClip(clip(YARD, 20)))
                .with(new Edit.PutRun(run("building run", Direction.AGAINST_FLOW, UP)))
                .with(new Edit.PutRun(run("street run", Direction.WITH_FLOW, DOWN)));
        for (CounterMark mark : List.of(reading(0, 0), reading(40, 20))) {
            job = job.with(new Edit.SetMark(UP, mark));
        }
        for (CounterMark mark : List.of(reading(0, 0), reading(60, 60), reading(120, 0))) {
            job = job.with(new Edit.SetMark(DOWN, mark));
        }
        return job;
    }

    /** {@code job} with a note at a second of a clip. */
    public static Job note(Job job, ClipId clip, double second, String note) {
        return job.with(new Edit.AddFinding(finding(job, clip, second, note)));
    }

    public static Finding finding(Job job, ClipId clip, double second, String note) {
        return new TradeNoteReader()
                .read(note, job.facts().unit())
                .first()
                .at(job.nextId(), new FrameRef(clip, Math.round(second * 1000)), job.runOf(clip));
    }

    /** The job with a handful of findings on both runs and above ground. */
    public static Job marked() {
        Job job = job();
        job = note(job, UP, 10, "offset 1/4 in right");
        job = note(job, UP, 26, "clay to cast iron");
        job = note(job, UP, 40, "can't get past, bend at the wall");
        job = note(job, DOWN, 9, "roots top heavy, a third of the bore");
        job = note(job, DOWN, 31, "standing water 31-38, 20%");
        job = note(job, DOWN, 45, "boundary, at the hedge");
        job = note(job, DOWN, 60, "main connection");
        return note(job, YARD, 5, "cap is by the hose bib");
    }
}
