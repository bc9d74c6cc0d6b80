package hitch.media.film;

import hitch.core.disclosure.Disclosure;
import hitch.core.footage.ClipId;
import hitch.core.sketch.FilmMap;
import hitch.core.story.Cutting;
import hitch.core.story.Story;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.media.clip.ClipIndex;
import hitch.media.render.VideoWriter;
import hitch.media.voice.Narrator;
import java.awt.Color;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Plays a story that has been cut into one MP4. */
public final class StoryRenderer {
    /** Seconds in which one shot gives way to the next. */
    private static final double DISSOLVE = 0.4;

    /** A clip's file with its frames. */
    public record Source(Path file, ClipIndex index) {}

    /**
     * What a film is made of.
     *
     * @param cutting the story laid out in time
     * @param spoken its narrations
     * @param sources the clips it shows
     * @param map the line drawn; empty where it may not be seen
     * @param cards colour of the band on cards
     * @param recordings folder of what people recorded
     */
    public record Film(
            Story story,
            Disclosure may,
            Cutting cutting,
            SpokenStory spoken,
            Map<ClipId, Source> sources,
            Optional<FilmMap> map,
            Color cards,
            Path recordings) {}

    private final Film film;
    private final FilmShape shape;
    private final Scenes scenes;
    private final Sheet sheet;
    private final FilmSound sound;

    private StoryRenderer(Film film, FilmShape shape) {
        this.film = film;
        this.shape = shape;
        this.scenes = new Scenes(film.may(), film.sources(), film.map(), film.cards(), shape);
        this.sheet = new Sheet(shape);
        this.sound = new FilmSound(film.may(), film.spoken(), film.sources(), film.recordings());
    }

    /** Writes a film's video to {@code out}. */
    public static void render(Film film, FilmShape shape, Path out, Progress progress) throws MediaException {
        StoryRenderer renderer = new StoryRenderer(film, shape);
        try (renderer.sheet;
                renderer.scenes) {
            renderer.run(out, progress);
        }
    }

    private void run(Path out, Progress progress) throws MediaException {
        List<VideoWriter.ChapterMark> marks = new ArrayList<>();
        film.cutting()
                .placed()
                .forEach(p -> marks.add(new VideoWriter.ChapterMark(p.shot().title(), p.start(), p.end())));
        VideoWriter.Shape coded =
                new VideoWriter.Shape(shape.width(), shape.height(), shape.rate(), shape.bits(), FilmShape.SOUND_BITS);
        try (VideoWriter writer = new VideoWriter(out, coded, film.story().title(), marks);
                EncodingThread encoding = new EncodingThread(writer)) {
            play(encoding, progress);
            encoding.finish();
            writer.finish();
        }
    }

    /** Draws a film's pictures for whoever takes them. */
    public static void play(Film film, FilmShape shape, FilmSink sink, Progress progress) throws MediaException {
        StoryRenderer renderer = new StoryRenderer(film, shape);
        try (renderer.sheet;
                renderer.scenes) {
            renderer.play(sink, progress);
        }
    }

    private void play(FilmSink sink, Progress progress) throws MediaException {
        int[] before = null;
        for (Cutting.Placed placed : film.cutting().placed()) {
            shot(placed, before, sink, progress);
            before = sheet.pixels().clone();
        }
    }

    private void shot(Cutting.Placed placed, int[] before, FilmSink sink, Progress progress) throws MediaException {
        long total = Math.round(film.cutting().seconds() * shape.rate());
        long first = Math.round(placed.start() * shape.rate());
        long end = Math.round(placed.end() * shape.rate());
        long mixed = before == null ? first : first + Math.round(DISSOLVE * shape.rate());
        Scene scene = scenes.of(placed);
        sink.sound(soundOf(placed));
        Object shown = null;
        for (long picture = first; picture < end; picture++) {
            progress.at((double) picture / total, "filming \"" + placed.shot().title() + "\"");
            double seconds = (double) picture / shape.rate();
            Object look = scene.look(seconds);
            if (picture >= mixed && look.equals(shown)) {
                sink.again();
                continue;
            }
            scene.draw(seconds, sheet);
            if (picture < mixed) {
                double share = (picture - first + 1.0) / (mixed - first + 1);
                sheet.dissolve(before, share * share * (3 - 2 * share));
                shown = null;
            } else {
                shown = look;
            }
            sink.picture(sheet.pixels());
        }
    }

    /** What is heard over a shot, exactly as long as its pictures. */
    private float[] soundOf(Cutting.Placed placed) throws MediaException {
        long from = samples(Math.round(placed.start() * shape.rate()));
        long to = samples(Math.round(placed.end() * shape.rate()));
        return sound.of(placed, from, to);
    }

    private long samples(long pictures) {
        return pictures * Narrator.RATE / shape.rate();
    }
}
