package hitch.bench;

import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.footage.ClipId;
import hitch.core.footage.FrameRef;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.sketch.FilmMap;
import hitch.core.story.Cutting;
import hitch.core.story.Length;
import hitch.core.story.LiveFacts;
import hitch.core.story.Rearranging;
import hitch.core.story.Script;
import hitch.core.story.ScriptLine;
import hitch.core.story.Shot;
import hitch.core.story.StoryWish;
import hitch.core.survey.Reckoner;
import hitch.core.survey.Survey;
import hitch.media.MediaException;
import hitch.media.draw.Palette;
import hitch.media.film.FilmShape;
import hitch.media.film.ShotPreview;
import hitch.media.film.StoryRenderer;
import hitch.store.Footage;
import hitch.store.JobFolder;
import hitch.store.StoreException;
import hitch.store.described.DescribedException;
import hitch.store.described.DescribedLine;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.function.Consumer;
import java.util.function.LongSupplier;

/** How long a long story keeps whoever writes in it waiting: to be written anew behind them, and until its film begins anywhere. */
public final class ScriptTimes {
    private static final int FINDINGS = 170;
    private static final int TIMES = 15;
    private static final FilmShape SHAPE = new FilmShape(960, 540, 25, 1_000_000);
    private static final List<String> FOUND =
            List.of("roots heavy", "offset up 3/4 in", "gap 1 in", "crack top", "hole", "scale heavy", "grease");
    /** What happens at a key: facts are looked for in the paragraph under the hand. */
    private static final Allowed KEY_MS = Allowed.most(50);

    private static final Allowed BEGIN_S = Allowed.most(1.5);

    private ScriptTimes() {}

    /** A long story without footage. */
    public static void writing(LongSupplier nanos, Consumer<String> say) throws DescribedException {
        Survey survey = Reckoner.survey(job());
        long[] anew = new long[TIMES];
        Script script = null;
        Disclosure may = null;
        for (int i = 0; i < TIMES; i++) {
            long start = nanos.getAsLong();
            may = Disclosure.of(survey, Recipient.HOMEOWNER);
            script = Script.of(may, StoryWish.USUAL.lasting(Length.FULL));
            anew[i] = nanos.getAsLong() - start;
        }
        Cutting cutting = Cutting.of(script.told(), Cutting.Speech.USUAL, s -> new double[] {2, 1});
        long[] keys = new long[script.lines().size()];
        for (int i = 0; i < keys.length; i++) {
            ScriptLine line = script.lines().get(i);
            LiveFacts facts = LiveFacts.of(line.shot(), may);
            long start = nanos.getAsLong();
            facts.in(line.shot().narration());
            keys[i] = nanos.getAsLong() - start;
        }
        long start = nanos.getAsLong();
        String last = script.lines().getLast().proposed().key();
        new Rearranging(script, may).move(last, "");
        double moved = (nanos.getAsLong() - start) / 1e6;
        Arrays.sort(anew);
        Arrays.sort(keys);
        say.accept(String.format(
                Locale.ROOT,
                "%d shots, %.0f s of film: written anew behind the hand in %.0f ms; facts found in a paragraph in at most %.2f ms %s; a move reckoned in %.1f ms",
                script.told().shots().size(),
                cutting.seconds(),
                anew[TIMES / 2] / 1e6,
                keys[keys.length - 1] / 1e6,
                KEY_MS.verdict(keys[keys.length - 1] / 1e6),
                moved));
    }

    /** Until the first picture of a shot stands, for each shot of the demo's film, its clips not yet open. */
    public static void beginning(JobFolder folder, LongSupplier nanos, Consumer<String> say)
            throws MediaException, StoreException {
        Job job = folder.job();
        Footage footage = new Footage(folder.folder());
        Survey survey = Reckoner.survey(job, footage.watched(job));
        Disclosure may = Disclosure.of(survey, Recipient.HOMEOWNER);
        double worst = 0;
        double sum = 0;
        List<Shot> shots = Script.of(may).told().shots();
        for (Shot shot : shots) {
            long start = nanos.getAsLong();
            Map<ClipId, StoryRenderer.Source> sources = new HashMap<>();
            for (FrameRef frame : shot.shown()) {
                var clip = may.source(frame.clip()).orElseThrow();
                sources.put(clip.id(), new StoryRenderer.Source(footage.file(clip), footage.clipIndex(clip)));
            }
            Cutting.Placed placed =
                    Cutting.placed(shot, 0, 4, s -> may.footage().around(s.frame(), s.before(), s.after()));
            try (ShotPreview preview = new ShotPreview(may, sources, FilmMap.of(survey), Palette.SLATE, SHAPE)) {
                preview.at(placed, 0);
            }
            double took = (nanos.getAsLong() - start) / 1e9;
            worst = Math.max(worst, took);
            sum += took;
        }
        say.accept(String.format(
                Locale.ROOT,
                "the film begins %.2f s after it was asked for, at most %.2f s over %d shots %s",
                sum / shots.size(),
                worst,
                shots.size(),
                BEGIN_S.verdict(worst)));
    }

    private static Job job() throws DescribedException {
        Random random = new Random(21);
        StringBuilder yaml = new StringBuilder(
                "job: {recorded: 2026-08-03, built: 1950, property: 12 Cotter Rise}\nruns:\n"
                        + "  - {name: run, opening: {kind: two-way cleanout, pipe: 4 in clay}, goes: toward the main}\nfindings:\n");
        for (int i = 0; i < FINDINGS; i++) {
            yaml.append("  - says: ")
                    .append(FOUND.get(random.nextInt(FOUND.size())))
                    .append(" at ")
                    .append(3 + 2 * i)
                    .append('\n');
        }
        Job job = Job.EMPTY;
        for (Edit edit : DescribedLine.read(yaml.toString())) {
            job = job.with(edit);
        }
        return job;
    }
}
