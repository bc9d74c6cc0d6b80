package hitch.media.clip;

import static org.bytedeco.ffmpeg.avutil.AVFrame.AV_FRAME_FLAG_CORRUPT;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_alloc;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_free;

import hitch.core.counter.sight.GreyPicture;
import hitch.core.counter.sight.WritingFinder;
import hitch.core.footage.ClipScan;
import hitch.core.footage.FrameIndex;
import hitch.core.footage.Glance;
import hitch.core.footage.Stretch;
import hitch.core.footage.Writing;
import hitch.media.MediaException;
import hitch.media.Progress;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.bytedeco.ffmpeg.avcodec.AVPacket;
import org.bytedeco.ffmpeg.avutil.AVFrame;

/**
 * Looks through all of a clip's pictures once: measures them, finds damage, and takes small pictures for the filmstrip on
 * the way.
 */
public final class ClipScanner {
    /** Glances a second. */
    private static final double GLANCES = 8;
    /** Looks a second for what is written on the pictures. */
    private static final double LOOKS = 2;
    /** Pixels of a filmstrip picture's longer side. */
    private static final int SMALL = 160;

    /** Takes the filmstrip's pictures. */
    public interface Pictures {
        /** Wants none. */
        Pictures NONE = new Pictures() {
            @Override
            public int wanted() {
                return 0;
            }

            @Override
            public void take(int place, Picture picture) {}
        };

        /** How many pictures to take, spread evenly over the clip. */
        int wanted();

        /** Takes picture {@code place} of {@link #wanted}, counted from 0. */
        void take(int place, Picture picture) throws MediaException;
    }

    /**
     * @param scan what was found
     * @param decoded how many frames could be decoded
     */
    public record Outcome(ClipScan scan, int decoded) {}

    private final FrameIndex frames;
    private final PacketTable table;
    private final Pictures pictures;
    private final LumaSampler sampler = new LumaSampler();
    private final LumaPlane luma = new LumaPlane();
    private final WritingFinder writing;
    private final List<Glance> glances = new ArrayList<>();
    private final boolean[] came;
    private final boolean[] hurt;
    private final int every;
    private final int lookEvery;
    private byte[] before;
    private int nextPicture;
    private List<Writing> written = List.of();
    private RgbConverter converter;
    private Beside beside;

    private ClipScanner(ClipIndex index, Pictures pictures) {
        this.frames = index.frames();
        this.table = index.packets();
        this.pictures = pictures;
        this.came = new boolean[frames.count()];
        this.hurt = new boolean[frames.count()];
        this.every = Math.max(1, (int) Math.round(frames.rate() / GLANCES));
        this.lookEvery = Math.max(1, (int) Math.round(frames.rate() / LOOKS));
        this.writing = new WritingFinder(frames.base());
    }

    /** Decodes the whole of {@code file} once. */
    public static Outcome scan(Path file, ClipIndex index, Pictures pictures, Progress progress) throws MediaException {
        ClipScanner scanner = new ClipScanner(index, pictures);
        try (Demuxer demuxer = new Demuxer(file);
                PictureDecoder decoder = new PictureDecoder(demuxer, 0);
                RgbConverter converter = new RgbConverter(demuxer.pictureStream(), new PictureShape(true, SMALL));
                LumaSampler sampler = scanner.sampler;
                LumaPlane luma = scanner.luma;
                Beside beside = new Beside()) {
            demuxer.onlyPicture();
            scanner.converter = converter;
            scanner.beside = beside;
            scanner.run(demuxer, decoder, progress);
            beside.finish();
            scanner.written = scanner.written(demuxer.pictureStream());
        }
        int decoded = 0;
        for (boolean one : scanner.came) {
            decoded += one ? 1 : 0;
        }
        return new Outcome(new ClipScan(scanner.glances, scanner.damaged(), scanner.written), decoded);
    }

    private void run(Demuxer demuxer, PictureDecoder decoder, Progress progress) throws MediaException {
        AVFrame frame = av_frame_alloc();
        try {
            boolean more = true;
            for (int ordinal = 0; more; ordinal++) {
                AVPacket packet = ordinal < table.packets() ? demuxer.nextPicture() : null;
                more = packet != null;
                if (!more) {
                    decoder.end();
                } else if (!decoder.send(packet, ordinal)) {
                    hurt(ordinal);
                }
                while (decoder.receive(frame)) {
                    look(frame);
                }
                if (ordinal % 32 == 0) {
                    progress.at(
                            (double) ordinal / table.packets(),
                            "looking through " + demuxer.file().getFileName());
                }
            }
        } finally {
            av_frame_free(frame);
        }
    }

    private List<Writing> written(ClipFacts.PictureStream stream) {
        return writing.found(frames.firstPts(), frames.endPts()).stream()
                .map(w -> w.turned(stream.mirrored(), stream.turn()))
                .toList();
    }

    private void hurt(int ordinal) {
        int number = table.numberOf(ordinal);
        if (number >= 0) {
            hurt[number] = true;
        }
    }

    private void look(AVFrame frame) throws MediaException {
        int number = table.numberOf(frame.pts());
        if (number < 0) {
            return;
        }
        came[number] = true;
        hurt[number] |= (frame.flags() & AV_FRAME_FLAG_CORRUPT) != 0 || frame.decode_error_flags() != 0;
        if (number % every == 0) {
            sampler.sample(frame);
            glances.add(Glance.of(frames.pts(number), sampler.grey(), sampler.beside(), before));
            before = sampler.grey();
        }
        if (number % lookEvery == 0) {
            // Searched beside the decoding, which it would hold up.
            GreyPicture grey = luma.of(frame);
            beside.add(() -> writing.look(frames.pts(number), grey));
        }
        int wanted = pictures.wanted();
        if (nextPicture < wanted && number >= (long) nextPicture * frames.count() / wanted) {
            pictures.take(nextPicture++, converter.convert(frame, frames.pts(number)));
        }
    }

    /** Frames lost or hurt, each with those after it up to the next keyframe, which may lean on it. */
    private List<Stretch> damaged() {
        List<Stretch> found = new ArrayList<>();
        int from = -1;
        boolean clean = true;
        for (int n = 0; n < frames.count(); n++) {
            boolean bad = hurt[n] || !came[n];
            clean = !bad && (clean || frames.isKey(n));
            if (!clean && from < 0) {
                from = n;
            } else if (clean && from >= 0) {
                found.add(new Stretch(frames.pts(from), frames.pts(n), Stretch.Reason.DAMAGED));
                from = -1;
            }
        }
        if (from >= 0) {
            found.add(new Stretch(frames.pts(from), frames.endPts(), Stretch.Reason.DAMAGED));
        }
        return found;
    }
}
