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
import hitch.core.pipe.Branch;
import hitch.core.pipe.Opening;
import hitch.core.pipe.PipeSize;
import hitch.core.run.Direction;
import hitch.core.run.Equipment;
import hitch.core.run.Phase;
import hitch.core.run.Run;
import hitch.core.run.RunId;
import hitch.core.run.Zero;
import hitch.core.talk.Commentary;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.sim.film.SpokenTake;
import hitch.sim.scene.Scenario;
import hitch.sim.scene.Take;
import hitch.sim.view.CameraPath;
import hitch.store.Footage;
import hitch.store.JobFolder;
import hitch.store.Stills;
import hitch.store.StoreException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Does with a recorded scenario what a careful reviewer would have done with its clips: facts, runs, readings, notes. */
final class FilledJob {
    private FilledJob() {}

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
        LineFacts line = LineFacts.NONE.withGround(Ground.slope(scenario.ground()));
        for (Scenario.Branch branch : scenario.branches()) {
            line = line.withBranch(
                    new Branch(branch.name(), Optional.empty(), Optional.of(station(branch.at())), Optional.empty()));
        }
        job.apply(new Edit.DescribeLine(line));
        Map<Take, Clip> clips = new LinkedHashMap<>();
        for (Take take : scenario.clips()) {
            Clip clip = footage.takeIn(job.folder().resolve("clips").resolve(take.file()), job.job(), Progress.NONE);
            job.apply(new Edit.PutClip(clip));
            clips.put(take, clip);
        }
        runs(scenario, clips).forEach((name, run) -> applyQuietly(job, new Edit.PutRun(run)));
        for (Map.Entry<Take, Clip> entry : clips.entrySet()) {
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
    private static void talk(JobFolder job, Take take, Clip clip) throws StoreException {
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

    private static Station station(double feet) {
        return new Station(Distance.feet(feet).mm());
    }

    private static Map<String, Run> runs(Scenario scenario, Map<Take, Clip> clips) {
        Map<String, Run> runs = new LinkedHashMap<>();
        clips.forEach((take, clip) -> {
            if (take.aboveGround()) {
                return;
            }
            List<ClipId> ids = new ArrayList<>();
            if (runs.containsKey(take.run())) {
                ids.addAll(runs.get(take.run()).clips());
            }
            ids.add(clip.id());
            runs.put(take.run(), run(scenario, take, ids));
        });
        return runs;
    }

    private static Run run(Scenario scenario, Take take, List<ClipId> clips) {
        Optional<Scenario.Branch> branch = scenario.branch(take);
        Scenario.Pipe pipe = scenario.pipeOf(take).pipeAt(0);
        Opening opening = new Opening(
                branch.map(Scenario.Branch::opening).orElse(scenario.visit().opening()),
                branch.map(Scenario.Branch::place).orElse(scenario.visit().place()),
                pipe.material(),
                PipeSize.inches(pipe.size()));
        return new Run(
                new RunId(take.run().replace(' ', '-')),
                take.run(),
                opening,
                // What lies up a branch stands as far before its join.
                branch.map(b -> station(b.at() - b.length())).orElse(Station.DATUM),
                take.sign() > 0 ? Direction.WITH_FLOW : Direction.AGAINST_FLOW,
                Distance.ZERO,
                clips,
                take.branch(),
                false,
                Zero.BASE,
                Equipment.NOT_SAID,
                switch (take.phase()) {
                    case "before" -> Phase.BEFORE;
                    case "after" -> Phase.AFTER;
                    default -> Phase.NOT_SAID;
                });
    }

    /** Types the counter's reading wherever the camera set off or came to a stand, halfway between, and at each note. */
    private static void readCounter(JobFolder job, Footage footage, Scenario scenario, Take take, Clip clip)
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

    private static void note(JobFolder job, Footage footage, Take take, Clip clip)
            throws StoreException, MediaException {
        NoteReader reader = new TradeNoteReader();
        FrameIndex index = footage.index(clip);
        for (Take.Line line : take.notes()) {
            FrameRef frame = new FrameRef(clip.id(), index.pts(index.numberAt(clip.ptsAt(line.t()))));
            for (Draft draft : reader.read(line.text(), LengthUnit.FEET).drafts()) {
                var finding = draft.at(job.job().nextId(), frame, job.job().runOf(clip.id()));
                job.apply(new Edit.AddFinding(finding));
                Stills.take(job, footage, finding);
            }
        }
    }
}
