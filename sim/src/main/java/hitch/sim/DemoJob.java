package hitch.sim;

import hitch.core.counter.Reading;
import hitch.core.detail.Details;
import hitch.core.finding.Finding;
import hitch.core.finding.PhotoPlace;
import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.footage.FrameIndex;
import hitch.core.footage.FrameRef;
import hitch.core.job.Edit;
import hitch.core.job.PropertyFacts;
import hitch.core.job.PropertyFactsBuilder;
import hitch.core.line.Ground;
import hitch.core.line.LineFacts;
import hitch.core.measure.Distance;
import hitch.core.measure.LengthUnit;
import hitch.core.measure.Station;
import hitch.core.note.Draft;
import hitch.core.note.NoteReader;
import hitch.core.note.grammar.TradeNoteReader;
import hitch.core.pipe.Opening;
import hitch.core.pipe.PipeSize;
import hitch.core.run.Direction;
import hitch.core.run.Run;
import hitch.core.run.RunId;
import hitch.core.talk.Commentary;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.store.Footage;
import hitch.store.JobFolder;
import hitch.store.Stills;
import hitch.store.StoreException;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Sets up a fresh copy of the demo job: the shipped clips, and what a reviewer has done with them so far. */
public final class DemoJob {
    private static final String SHIPPED = "/hitch/demo/";

    private DemoJob() {}

    /** The shipped scenario, from which the shipped clips were recorded. */
    public static Scenario scenario() {
        try (InputStream in = DemoJob.class.getResourceAsStream(SHIPPED + "scenario.yaml")) {
            if (in == null) {
                throw new IllegalStateException("the demo scenario is missing from the program");
            }
            return ScenarioFile.read(in);
        } catch (IOException e) {
            throw new IllegalStateException("the demo scenario cannot be read", e);
        }
    }

    /** Makes the demo job in {@code folder}, which must not hold a job yet, and closes it again. */
    public static void create(Path folder, Progress progress) throws StoreException, MediaException {
        Scenario scenario = scenario();
        copyClips(scenario, folder.resolve("clips"));
        try (JobFolder job = JobFolder.create(folder)) {
            fill(job, scenario, progress);
        }
    }

    private static void copyClips(Scenario scenario, Path clips) throws StoreException {
        try {
            Files.createDirectories(clips);
            for (Scenario.Take take : scenario.clips()) {
                copy(take.file(), clips);
            }
            for (Scenario.Photo photo : scenario.photos()) {
                copy(photo.file(), clips);
            }
        } catch (IOException e) {
            throw new StoreException("The demo job could not be copied to " + clips + ": " + e.getMessage(), e);
        }
    }

    private static void copy(String file, Path clips) throws StoreException, IOException {
        try (InputStream in = DemoJob.class.getResourceAsStream(SHIPPED + file)) {
            if (in == null) {
                throw new StoreException("The demo's " + file
                        + " is missing from the program. Record it anew with: ./hitch sim demo --out DIR");
            }
            Files.copy(in, clips.resolve(file));
        }
    }

    /** Enters a recorded scenario into {@code job}, whose clips lie in its own {@code clips} folder. */
    static void fill(JobFolder job, Scenario scenario, Progress progress) throws StoreException, MediaException {
        Footage footage = new Footage(job.folder());
        Scenario.Visit visit = scenario.visit();
        job.apply(new Edit.DescribeProperty(PropertyFactsBuilder.builder(PropertyFacts.BLANK)
                .property(visit.property())
                .town(visit.town())
                .client(visit.client())
                .inspectedOn(visit.date())
                .reviewer(visit.reviewer())
                .firm(visit.firm())
                .examined(visit.examined())
                .notExamined(visit.notExamined())
                .more(Details.of(visit.more()))
                .build()));
        job.apply(new Edit.DescribeLine(LineFacts.NONE.withGround(Ground.slope(scenario.ground()))));
        Map<Scenario.Take, Clip> clips = new LinkedHashMap<>();
        for (Scenario.Take take : scenario.clips()) {
            Clip clip = footage.takeIn(job.folder().resolve("clips").resolve(take.file()), job.job(), Progress.NONE);
            job.apply(new Edit.PutClip(clip));
            clips.put(take, clip);
        }
        runs(scenario, clips).forEach((name, run) -> applyQuietly(job, new Edit.PutRun(run)));
        for (Map.Entry<Scenario.Take, Clip> entry : clips.entrySet()) {
            progress.at(
                    (double) job.job().findings().size() / scenario.notes(),
                    "setting up " + entry.getKey().file());
            readCounter(job, footage, scenario, entry.getKey(), entry.getValue());
            note(job, footage, entry.getKey(), entry.getValue());
            talk(job, entry.getKey(), entry.getValue());
        }
        for (Scenario.Photo photo : scenario.photos()) {
            place(
                    job,
                    photo,
                    footage.takeIn(job.folder().resolve("clips").resolve(photo.file()), job.job(), Progress.NONE));
        }
    }

    private static void place(JobFolder job, Scenario.Photo photo, Clip taken) throws StoreException {
        job.apply(new Edit.PutClip(taken));
        Optional<Finding> shown = job.job().findings().stream()
                .filter(f -> f.wording().contains(photo.mark()))
                .findFirst();
        if (shown.isPresent()) {
            job.apply(new Edit.PlacePhoto(
                    taken.id(), Optional.of(new PhotoPlace.OfFinding(shown.get().id()))));
        }
    }

    /** What the technician says comes as captions, as another tool would have written them down. */
    private static void talk(JobFolder job, Scenario.Take take, Clip clip) throws StoreException {
        if (!take.aboveGround()) {
            String name = take.file().replace(".mp4", ".srt");
            job.apply(new Edit.PutCommentary(new Commentary(
                    clip.id().value() + "/" + name, clip.id(), name, SpokenTake.cues(take), 0, Map.of())));
        }
    }

    private static void applyQuietly(JobFolder job, Edit edit) {
        try {
            job.apply(edit);
        } catch (StoreException e) {
            throw new IllegalStateException(e);
        }
    }

    private static Map<String, Run> runs(Scenario scenario, Map<Scenario.Take, Clip> clips) {
        Map<String, Run> runs = new LinkedHashMap<>();
        clips.forEach((take, clip) -> {
            if (take.aboveGround()) {
                return;
            }
            Scenario.Pipe pipe = scenario.pipeAt(0);
            Opening opening = new Opening(
                    scenario.visit().opening(),
                    scenario.visit().place(),
                    pipe.material(),
                    PipeSize.inches(pipe.size()));
            List<ClipId> ids = new ArrayList<>();
            if (runs.containsKey(take.run())) {
                ids.addAll(runs.get(take.run()).clips());
            }
            ids.add(clip.id());
            runs.put(
                    take.run(),
                    new Run(
                            new RunId(take.run().replace(' ', '-')),
                            take.run(),
                            opening,
                            Station.DATUM,
                            take.sign() > 0 ? Direction.WITH_FLOW : Direction.AGAINST_FLOW,
                            Distance.ZERO,
                            ids));
        });
        return runs;
    }

    /** Types the counter's reading wherever the camera set off or came to a stand, halfway between, and at each note. */
    private static void readCounter(JobFolder job, Footage footage, Scenario scenario, Scenario.Take take, Clip clip)
            throws StoreException, MediaException {
        if (take.aboveGround()) {
            return;
        }
        FrameIndex index = footage.index(clip);
        CameraPath path = new CameraPath(scenario, take);
        List<Double> times = new ArrayList<>();
        for (int i = 0; i < take.path().size(); i++) {
            if (i > 0) {
                times.add((take.path().get(i - 1).t() + take.path().get(i).t()) / 2);
            }
            times.add(take.path().get(i).t());
        }
        // A careful reviewer reads the counter at every frame that is noted.
        take.notes().forEach(n -> times.add(n.t()));
        for (double t : times) {
            int frame = index.numberAt(clip.ptsAt(t));
            double shown = Math.round(path.cable((double) frame / scenario.rate()) * 10) / 10.0;
            job.apply(new Edit.SetMark(clip.id(), Reading.byHand(index.pts(frame), Distance.feet(shown))));
        }
    }

    private static void note(JobFolder job, Footage footage, Scenario.Take take, Clip clip)
            throws StoreException, MediaException {
        NoteReader reader = new TradeNoteReader();
        FrameIndex index = footage.index(clip);
        for (Scenario.Line line : take.notes()) {
            FrameRef frame = new FrameRef(clip.id(), index.pts(index.numberAt(clip.ptsAt(line.t()))));
            for (Draft draft : reader.read(line.text(), LengthUnit.FEET).drafts()) {
                var finding = draft.at(job.job().nextId(), frame, job.job().runOf(clip.id()));
                job.apply(new Edit.AddFinding(finding));
                Stills.take(job, footage, finding);
            }
        }
    }
}
