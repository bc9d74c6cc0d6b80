package hitch.bench;

import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.job.Job;
import hitch.core.sketch.FilmMap;
import hitch.core.story.Chapter;
import hitch.core.story.Cutting;
import hitch.core.story.Length;
import hitch.core.story.ScriptWriter;
import hitch.core.story.Shot;
import hitch.core.story.SpokenForm;
import hitch.core.story.Story;
import hitch.core.story.StoryWish;
import hitch.core.survey.Reckoner;
import hitch.core.survey.Survey;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.media.draw.Palette;
import hitch.media.film.FilmShape;
import hitch.media.film.FilmSink;
import hitch.media.film.SpokenStory;
import hitch.media.film.StoryRenderer;
import hitch.media.render.VideoWriter;
import hitch.media.voice.Narrator;
import hitch.media.voice.NeuralVoice;
import hitch.media.voice.Sound;
import hitch.media.voice.Speaking;
import hitch.models.ModelFolder;
import hitch.store.Footage;
import hitch.store.JobFolder;
import hitch.store.StoreException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Consumer;
import java.util.function.LongSupplier;

/**
 * How fast a film of the demo is made with its speech already kept: the whole of it against the plain encoder on the very same pictures, and
 * against real time; and how fast it is spoken where nothing is kept.
 */
public final class RenderTimes {
    private static final Allowed AGAINST_THE_ENCODER = Allowed.most(1.15);
    private static final Allowed AGAINST_REAL_TIME = Allowed.least(4);
    private static final Allowed SPOKEN = Allowed.least(1);
    /** So much of the film is tried: its pictures must find room in memory. */
    private static final double SECONDS = 45;

    private static final int SENTENCES = 8;
    private static final int ROUNDS = 3;

    private RenderTimes() {}

    /** Pictures and sound as they came. */
    private static final class Kept implements FilmSink {
        private final List<int[]> pictures = new ArrayList<>();
        private final List<float[]> sounds = new ArrayList<>();

        @Override
        public void picture(int[] rgb) {
            pictures.add(rgb.clone());
        }

        @Override
        public void again() {
            pictures.add(pictures.getLast());
        }

        @Override
        public void sound(float[] samples) {
            sounds.add(samples);
        }
    }

    /**
     * @param demo a demo job
     * @param scratch an empty folder
     */
    public static void run(Path demo, Path scratch, Path models, LongSupplier clock, Consumer<String> say)
            throws MediaException, StoreException {
        try (JobFolder folder = JobFolder.open(demo)) {
            StoryRenderer.Film film = film(folder);
            double seconds = film.cutting().seconds();
            Path out = scratch.resolve("film.mp4");
            StoryRenderer.render(film, FilmShape.USUAL, out, Progress.NONE);
            Kept kept = new Kept();
            long start = clock.getAsLong();
            StoryRenderer.play(film, FilmShape.USUAL, kept, Progress.NONE);
            double drawn = (clock.getAsLong() - start) / 1e9;
            // In turn, so that a machine that slows down slows both.
            double[] wholes = new double[ROUNDS];
            double[] ratios = new double[ROUNDS];
            double plain = 0;
            for (int i = 0; i < ROUNDS; i++) {
                start = clock.getAsLong();
                StoryRenderer.render(film, FilmShape.USUAL, out, Progress.NONE);
                wholes[i] = (clock.getAsLong() - start) / 1e9;
                plain = plain(kept, scratch.resolve("plain.mp4"), clock);
                ratios[i] = wholes[i] / plain;
            }
            double whole = middle(wholes);
            say.accept(String.format(
                    Locale.ROOT,
                    "%.0f s of film, 1280 x 720, %d pictures, %d of them drawn: made in %.1f s, drawn alone in %.1f s,"
                            + " coded alone in %.1f s",
                    seconds,
                    kept.pictures.size(),
                    kept.pictures.stream().distinct().count(),
                    whole,
                    drawn,
                    plain));
            say.accept(String.format(
                    Locale.ROOT,
                    "against the plain encoder: %.2f %s",
                    middle(ratios),
                    AGAINST_THE_ENCODER.verdict(middle(ratios))));
            say.accept(String.format(
                    Locale.ROOT,
                    "against real time: %.1f times as fast %s",
                    seconds / whole,
                    AGAINST_REAL_TIME.verdict(seconds / whole)));
            spoken(film, models, clock, say);
        }
    }

    private static double middle(double[] figures) {
        double[] sorted = figures.clone();
        java.util.Arrays.sort(sorted);
        return sorted[sorted.length / 2];
    }

    private static double plain(Kept kept, Path out, LongSupplier clock) throws MediaException {
        FilmShape shape = FilmShape.USUAL;
        long start = clock.getAsLong();
        try (VideoWriter writer = new VideoWriter(
                out,
                new VideoWriter.Shape(shape.width(), shape.height(), shape.rate(), shape.bits(), 96_000),
                "plain",
                List.of())) {
            int[] last = null;
            for (float[] sound : kept.sounds) {
                writer.sound(sound);
            }
            for (int[] picture : kept.pictures) {
                if (picture == last) {
                    writer.again();
                } else {
                    writer.picture(picture);
                }
                last = picture;
            }
            writer.finish();
        }
        return (clock.getAsLong() - start) / 1e9;
    }

    private static StoryRenderer.Film film(JobFolder folder) throws MediaException, StoreException {
        Job job = folder.job();
        Footage footage = new Footage(folder.folder());
        Survey survey = Reckoner.survey(job, footage.watched(job));
        Disclosure may = Disclosure.of(survey, Recipient.HOMEOWNER);
        Story all = ScriptWriter.write(may, StoryWish.USUAL.lasting(Length.FULL));
        // Sound of the right length, as it would come from where it is kept.
        Narrator kept = text -> new Sound(new float[(int) (text.length() / 15.5 * Narrator.RATE)], Narrator.RATE);
        SpokenStory spoken =
                SpokenStory.speak(all.shots().stream().map(Shot::narration).toList(), kept, Progress.NONE);
        List<Shot> shots = new ArrayList<>();
        Cutting cutting = null;
        Story story = all;
        // Cards stand and cost little: what plays is tried, and one card before it.
        List<Shot> plays =
                all.shots().stream().filter(s -> !s.shown().isEmpty()).toList();
        shots.add(all.shots().getFirst());
        for (Shot shot : plays) {
            shots.add(shot);
            story = new Story(all.recipient(), all.title(), List.of(new Chapter("film", shots)));
            cutting = Cutting.of(story, spoken, s -> may.footage().around(s.frame(), s.before(), s.after()));
            if (cutting.seconds() > SECONDS) {
                break;
            }
        }
        Map<hitch.core.footage.ClipId, StoryRenderer.Source> sources = new LinkedHashMap<>();
        for (Shot shot : shots) {
            for (var frame : shot.shown()) {
                var clip = may.source(frame.clip()).orElseThrow();
                sources.put(clip.id(), new StoryRenderer.Source(footage.file(clip), footage.clipIndex(clip)));
            }
        }
        return new StoryRenderer.Film(
                story, may, cutting, spoken, sources, FilmMap.of(survey), Palette.SLATE, Path.of("recordings"));
    }

    private static void spoken(StoryRenderer.Film film, Path models, LongSupplier clock, Consumer<String> say)
            throws MediaException {
        NeuralVoice voice = new NeuralVoice(new ModelFolder(models), Speaking.USUAL);
        voice.speak("One word.");
        long start = clock.getAsLong();
        double heard = 0;
        for (Cutting.Caption caption :
                film.cutting().captions().stream().limit(SENTENCES).toList()) {
            heard += voice.speak(SpokenForm.of(caption.text())).seconds();
        }
        double took = (clock.getAsLong() - start) / 1e9;
        voice.rest();
        say.accept(String.format(
                Locale.ROOT,
                "speech that is not kept: %.1f s in %.1f s, %.1f times as fast as it is spoken %s",
                heard,
                took,
                heard / took,
                SPOKEN.verdict(heard / took)));
    }
}
