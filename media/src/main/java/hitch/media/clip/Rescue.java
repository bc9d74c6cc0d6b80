package hitch.media.clip;

import hitch.media.MediaException;
import hitch.media.Progress;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Optional;

/**
 * Recovers the pictures of an MP4 or MOV whose index was never written, by scanning its data for them. H.264 needs the
 * picture settings that were in the lost index; they are taken from the data where the recorder put them there too, else
 * from another clip of the same recorder. Sound is not recovered, and time is counted at the other clip's rate. The
 * source is only read; what is found is written to a new file.
 */
public final class Rescue {
    private static final double USUAL_RATE = 25;

    /**
     * @param frames how many frames were recovered
     * @param rate frames a second that they were laid out at
     * @param rateKnown whether that rate was read from another clip, not assumed
     */
    public record Outcome(int frames, double rate, boolean rateKnown) {}

    private final Path file;
    private final Optional<Path> like;

    private Rescue(Path file, Optional<Path> like) {
        this.file = file;
        this.like = like;
    }

    /** Whether {@code file} is one that this may help: begun as MP4 or MOV, with data but no index. */
    static boolean mayHelp(Path file) {
        try {
            BoxWalk boxes = BoxWalk.of(file);
            return boxes.isMp4() && !boxes.indexed() && boxes.dataFrom() >= 0;
        } catch (IOException e) {
            return false;
        }
    }

    /**
     * @param like a whole clip of the same recorder
     * @param out the MP4 to write
     * @throws MediaException saying exactly why nothing could be recovered
     */
    public static Outcome recover(Path file, Optional<Path> like, Path out, Progress progress) throws MediaException {
        return new Rescue(file, like).run(out, progress);
    }

    private Outcome run(Path out, Progress progress) throws MediaException {
        String name = file.getFileName().toString();
        Path raw = null;
        try {
            Openable.check(file);
            BoxWalk boxes = BoxWalk.of(file);
            if (!boxes.isMp4() || boxes.dataFrom() < 0) {
                throw new MediaException(
                        name + " is no MP4 or MOV with recorded data in it; there is nothing to scan.");
            }
            if (boxes.indexed()) {
                refuseReadable(name);
            }
            double rate =
                    like.isPresent() ? ClipIndexer.index(like.get()).frames().rate() : 0;
            Files.createDirectories(out.toAbsolutePath().getParent());
            raw = Files.createTempFile(out.toAbsolutePath().getParent(), ".recover", "");
            String form = scan(boxes, raw, progress.part(0, 0.5));
            Path named = raw.resolveSibling(raw.getFileName() + form);
            Files.move(raw, named);
            raw = named;
            ClipFacts found = ClipIndexer.index(raw, progress.part(0.5, 0.7));
            double used = rate > 0 ? rate : USUAL_RATE;
            ClipIndex paced = Pace.at(found.index(), used);
            UntouchedClip.cut(
                    raw, paced, paced.frames().firstPts(), paced.frames().endPts(), out, progress.part(0.7, 1));
            return new Outcome(paced.frames().count(), used, rate > 0);
        } catch (IOException e) {
            throw new MediaException(name + " could not be recovered: " + e.getMessage(), e);
        } finally {
            if (raw != null) {
                raw.toFile().delete();
            }
        }
    }

    /**
     * Tells a file that can be read as it is; one whose index is there and cannot be read is recovered like one without.
     */
    private void refuseReadable(String name) throws MediaException {
        ClipFacts facts;
        try {
            facts = ClipIndexer.index(file);
        } catch (MediaException e) {
            return;
        }
        throw new MediaException(
                facts.damage().isEmpty()
                        ? name + " has its index; it needs no recovering. Add it as it is."
                        : name + " is damaged (" + String.join("; ", facts.damage())
                                + "), but its index can be read, and nothing more can be had from its data. Add it as it is:"
                                + " what is whole is shown, and the damage is told.");
    }

    private String scan(BoxWalk boxes, Path raw, Progress progress) throws IOException, MediaException {
        try (FileChannel channel = FileChannel.open(file, StandardOpenOption.READ);
                OutputStream sink = new BufferedOutputStream(Files.newOutputStream(raw), 1 << 20)) {
            Windows data = new Windows(channel, boxes.dataFrom(), boxes.dataTo(), Windows.USUAL);
            ByteBuffer first = data.first();
            if (JpegScan.looksLike(first)) {
                JpegScan scan = new JpegScan();
                data.each((window, last) -> scan.copy(window, sink), progress);
                if (scan.count() > 0) {
                    return ".mjpeg";
                }
                throw nothingFound("pictures of Motion JPEG");
            }
            H264Settings settings = H264Settings.within(first)
                    .or(() -> like.flatMap(H264Settings::of))
                    .orElseThrow(() -> new MediaException(file.getFileName()
                            + " cannot be recovered by itself: the settings its pictures need were in the index that "
                            + "was never written. Name a whole clip of the same recorder with --like, or drop one "
                            + "beside it. Nothing was changed."));
            sink.write(settings.asStream());
            H264Scan scan = new H264Scan(settings);
            data.each((window, last) -> scan.copy(window, last, sink), progress);
            if (scan.slices() == 0) {
                throw nothingFound("H.264 pictures with the settings of the other clip");
            }
            return ".h264";
        }
    }

    private MediaException nothingFound(String what) {
        return new MediaException(file.getFileName() + " was scanned to its end and holds no " + what
                + ". It may be coded another way. Nothing was changed.");
    }
}
