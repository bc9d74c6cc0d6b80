package hitch.app;

import hitch.core.exchange.LooksJson;
import hitch.core.eyes.LookHere;
import hitch.core.eyes.SecondEyes;
import hitch.core.eyes.SeenWall;
import hitch.core.eyes.WallState;
import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.footage.FrameRef;
import hitch.core.job.Job;
import hitch.core.note.grammar.TradeNoteReader;
import hitch.core.survey.PlaceWords;
import hitch.core.survey.Reckoner;
import hitch.core.survey.Survey;
import hitch.core.survey.spoken.SpokenLines;
import hitch.core.talk.Commentary;
import hitch.core.talk.TalkReader;
import hitch.media.MediaException;
import hitch.store.Footage;
import hitch.store.JobFolder;
import hitch.store.StoreException;
import hitch.store.intake.WallPage;
import java.io.PrintWriter;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
        name = "eyes",
        description = {
            "Tells where something stands out on the wall and nobody has marked or spoken of it, the best first of each run.",
            "It names nothing. Clips on a run whose counter is read are looked along once; what was seen is kept with the job."
        },
        footer = {"", "Example:", "  ./hitch eyes ~/jobs/elm-street", "  ./hitch eyes demo --json"},
        mixinStandardHelpOptions = true)
final class EyesCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Parameters(index = "0", paramLabel = "JOB", description = "Job folder, or demo for a fresh demo job.")
    private String job;

    @Option(names = "--json", description = "As JSON; docs/formats/take-in.md tells each field.")
    private boolean json;

    @Override
    public Integer call() throws StoreException, MediaException {
        try (JobFolder folder = Jobs.open(job, spec.commandLine().getErr())) {
            Job now = folder.job();
            Footage footage = new Footage(folder.folder());
            Survey survey = Reckoner.survey(now, footage.watched(now));
            Map<ClipId, SeenWall> walls = walls(now, survey, footage);
            if (walls.isEmpty()) {
                throw new StoreException("No clip of " + job
                        + " is on a run and has its counter read, so there is no wall to look along. "
                        + "Put clips on runs and read their counters first; nothing was changed.");
            }
            List<LookHere> looks = new SecondEyes(now, survey, walls, spoken(now, survey)).places();
            PrintWriter out = spec.commandLine().getOut();
            if (json) {
                out.println(LooksJson.write(survey, looks));
            } else if (looks.isEmpty()) {
                out.println("Nothing stands out that is not marked or spoken of.");
            } else {
                looks.forEach(l -> out.println(words(survey, l)));
            }
            out.flush();
        }
        return 0;
    }

    private Map<ClipId, SeenWall> walls(Job now, Survey survey, Footage footage) throws MediaException {
        Map<ClipId, SeenWall> walls = new HashMap<>();
        for (Clip clip : now.clipsInUse()) {
            if (now.runOf(clip.id()).isPresent()) {
                WallPage.look(
                        footage, clip, now, new Terminal(spec.commandLine().getErr()));
                footage.shelf()
                        .wall(clip)
                        .flatMap(w -> WallState.of(now, survey, clip, w).seen(survey))
                        .ifPresent(w -> walls.put(clip.id(), w));
            }
        }
        return walls;
    }

    private static List<FrameRef> spoken(Job now, Survey survey) {
        List<FrameRef> spoken = new ArrayList<>();
        TalkReader reader = new TalkReader(new TradeNoteReader(), survey.facts().unit());
        for (Commentary talk : now.talk()) {
            Optional<Clip> clip = survey.clip(talk.clip());
            clip.ifPresent(c -> SecondEyes.spokenOf(SpokenLines.of(survey, talk, c, reader.read(talk.cues())))
                    .forEach(spoken::add));
        }
        return spoken;
    }

    private static String words(Survey survey, LookHere look) {
        Clip clip = survey.clip(look.frame().clip()).orElseThrow();
        return String.format(
                Locale.ROOT,
                "%s (%s, %.1f s): %s.",
                survey.placeAt(look.frame()).map(PlaceWords::all).orElse("no station"),
                clip.fileName(),
                clip.secondsInto(look.frame().pts()),
                look.why().words());
    }
}
