package hitch.media.render;

import hitch.core.disclosure.Disclosure;
import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.footage.FrameIndex;
import hitch.core.footage.FrameRef;
import hitch.core.story.CardShot;
import hitch.core.story.Cutting;
import hitch.core.story.FindingShot;
import hitch.core.story.ShownFrames;
import hitch.core.story.Story;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.media.clip.ClipIndex;
import hitch.media.clip.FrameReader;
import hitch.media.clip.Picture;
import hitch.media.clip.PictureShape;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Plays a story that has been cut into one MP4. */
public final class StoryRenderer {
    /** Pictures a second of a delivered video. */
    public static final int RATE = 25;

    /** Bytes of decoded pictures kept at hand: a film goes forward, and seldom looks back. */
    private static final long ROOM = 24L << 20;

    private static final int WIDTH = 1280;
    private static final int HEIGHT = 720;

    /** A clip's file with its frames. */
    public record Source(Path file, ClipIndex index) {}

    private final Story story;
    private final Disclosure may;
    private final Cutting cutting;
    private final SpokenStory spoken;
    private final Map<ClipId, Source> sources;
    private final BufferedImage canvas = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
    private final FindingPainter painter;
    private FrameReader reader;
    private ClipId readerClip;

    private StoryRenderer(
            Story story, Disclosure may, Cutting cutting, SpokenStory spoken, Map<ClipId, Source> sources) {
        this.story = story;
        this.may = may;
        this.cutting = cutting;
        this.spoken = spoken;
        this.sources = sources;
        this.painter = new FindingPainter(may);
    }

    /** Writes the video of {@code story} to {@code out}. */
    public static void render(
            Story story,
            Disclosure may,
            Cutting cutting,
            SpokenStory spoken,
            Map<ClipId, Source> sources,
            Path out,
            Progress progress)
            throws MediaException {
        StoryRenderer renderer = new StoryRenderer(story, may, cutting, spoken, sources);
        try {
            renderer.run(out, progress);
        } finally {
            renderer.closeReader();
        }
    }

    private void run(Path out, Progress progress) throws MediaException {
        List<VideoWriter.ChapterMark> marks = new ArrayList<>();
        cutting.placed()
                .forEach(p -> marks.add(new VideoWriter.ChapterMark(p.shot().title(), p.start(), p.end())));
        VideoWriter.Shape shape = new VideoWriter.Shape(WIDTH, HEIGHT, RATE, 2_400_000, 96_000);
        try (VideoWriter writer = new VideoWriter(out, shape, story.title(), marks)) {
            long total = Math.round(cutting.seconds() * RATE);
            for (Cutting.Placed placed : cutting.placed()) {
                shot(placed, total, writer, progress);
            }
            writer.finish();
        }
    }

    private void shot(Cutting.Placed placed, long total, VideoWriter writer, Progress progress) throws MediaException {
        long end = Math.round(placed.end() * RATE);
        Optional<ShownFrames> frames = frames(placed);
        Showing before = null;
        while (writer.pictureCount() < end) {
            progress.at(
                    (double) writer.pictureCount() / total,
                    "filming \"" + placed.shot().title() + "\"");
            long picture = writer.pictureCount();
            Showing now = frames.map(f -> new Showing(f.frames().pts(f.at(picture)), f.isHeld(picture)))
                    .orElse(Showing.CARD);
            if (now.equals(before)) {
                writer.again();
            } else {
                draw(placed, now);
                writer.picture(((DataBufferInt) canvas.getRaster().getDataBuffer()).getData());
            }
            before = now;
        }
        writer.sound(soundOf(placed));
    }

    /** What is on the canvas; two equal ones look the same. */
    private record Showing(long pts, boolean held) {
        static final Showing CARD = new Showing(0, false);
    }

    /** The footage of a shot; none for a card. */
    private Optional<ShownFrames> frames(Cutting.Placed placed) {
        return switch (placed.shot()) {
            case CardShot card -> Optional.empty();
            case FindingShot shot -> {
                FrameIndex index = sources.get(shot.frame().clip()).index().frames();
                yield Optional.of(ShownFrames.of(placed, shot, index, RATE, may));
            }
        };
    }

    private void draw(Cutting.Placed placed, Showing now) throws MediaException {
        switch (placed.shot()) {
            case CardShot card -> CardPainter.paint(card, footer(), canvas);
            case FindingShot shot -> {
                Picture stored = reader(shot.frame().clip()).at(now.pts());
                Picture picture = SeenPicture.of(may, shot.frame().clip(), stored);
                painter.paint(
                        shot, Still.image(picture), new FrameRef(shot.frame().clip(), now.pts()), now.held(), canvas);
            }
        }
    }

    private String footer() {
        String firm = may.facts().firm();
        return may.title() + (firm.isBlank() ? "" : "  ·  " + firm);
    }

    /** The shot's narration on silence, exactly as long as its pictures. */
    private float[] soundOf(Cutting.Placed placed) {
        long from = samples(Math.round(placed.start() * RATE));
        long to = samples(Math.round(placed.end() * RATE));
        float[] sound = new float[(int) (to - from)];
        float[] voice = spoken.sound(placed.shot()).samples();
        // A shot's pictures may begin a little after its time, and its voice with the first of them.
        int at = (int) Math.clamp(Math.round(placed.voice() * SoundEncoder.RATE) - from, 0, sound.length);
        System.arraycopy(voice, 0, sound, at, Math.min(voice.length, sound.length - at));
        return sound;
    }

    private static long samples(long pictures) {
        return pictures * SoundEncoder.RATE / RATE;
    }

    private FrameReader reader(ClipId clip) throws MediaException {
        if (!clip.equals(readerClip)) {
            closeReader();
            Source source = sources.get(clip);
            reader = new FrameReader(source.file(), source.index(), PictureShape.AS_SHOWN, ROOM);
            readerClip = clip;
        }
        return reader;
    }

    private void closeReader() {
        if (reader != null) {
            reader.close();
            reader = null;
            readerClip = null;
        }
    }

    /** The seconds of footage there are around a shot's frame, at most what it asks for. */
    public static double[] around(FindingShot shot, Clip clip) {
        double into = clip.secondsInto(shot.frame().pts());
        return new double[] {
            Math.clamp(shot.before(), 0, Math.max(0, into)),
            Math.clamp(shot.after(), 0, Math.max(0, clip.seconds() - into))
        };
    }
}
