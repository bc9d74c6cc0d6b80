package hitch.media.clip;

import static org.bytedeco.ffmpeg.global.avutil.av_rescale_q;

import hitch.core.footage.FrameIndex;
import hitch.media.MediaException;
import hitch.media.Progress;
import java.nio.file.Path;
import java.util.Arrays;
import org.bytedeco.ffmpeg.avcodec.AVPacket;

/**
 * Cuts a stretch out of a clip without re-encoding: the stream's own packets, copied. The cut begins at the keyframe at
 * or before the asked time, since nothing later can be decoded without it; the true times are told. Presentation times
 * are those of the clip's index, so that a clip whose container leaves them out is cut as exactly as any other.
 */
public final class UntouchedClip {
    /** Presentation times of the first and last frame really copied, ticks of the source's picture stream. */
    public record TrueTimes(long firstPts, long lastPts) {}

    private final ClipIndex index;
    private final FrameIndex frames;
    private final PacketTable packets;
    private final int start;
    private final int lastNumber;
    private int endOrdinal;
    private long[] decodingTimes;
    private long first = Long.MAX_VALUE;
    private long last = Long.MIN_VALUE;

    private UntouchedClip(ClipIndex index, long fromPts, long toPts) {
        this.index = index;
        this.frames = index.frames();
        this.packets = index.packets();
        this.start = packets.startFor(frames.numberAt(fromPts));
        this.lastNumber = frames.numberAt(toPts);
        plan();
    }

    /**
     * Copies from {@code fromPts} to {@code toPts}, both in the source's time base, into {@code out}.
     *
     * @param out file to write; its ending chooses the container, best the source's own
     */
    public static TrueTimes cut(Path file, ClipIndex index, long fromPts, long toPts, Path out, Progress progress)
            throws MediaException {
        return cut(file, index, fromPts, toPts, true, out, progress);
    }

    /**
     * @param sound whether the sound goes along
     */
    public static TrueTimes cut(
            Path file, ClipIndex index, long fromPts, long toPts, boolean sound, Path out, Progress progress)
            throws MediaException {
        if (toPts < fromPts || toPts < index.frames().firstPts()) {
            throw new MediaException("No frames lie in that stretch of " + file.getFileName() + ".");
        }
        UntouchedClip cut = new UntouchedClip(index, fromPts, toPts);
        try (Demuxer pictures = opened(file, sound);
                Demuxer sounds = opened(file, sound);
                PacketCopy copy = new PacketCopy(pictures, out)) {
            SoundTrail trail = new SoundTrail(sounds, copy, cut);
            cut.copyPictures(file, copy, trail, progress);
            trail.upTo(Double.POSITIVE_INFINITY);
            copy.finish();
        }
        return new TrueTimes(cut.first, cut.last);
    }

    private static Demuxer opened(Path file, boolean sound) throws MediaException {
        Demuxer demuxer = new Demuxer(file);
        if (!sound) {
            demuxer.withoutSound();
        }
        return demuxer;
    }

    /** Finds the packets that the wanted frames need, and a decoding time for each that no presentation time precedes. */
    private void plan() {
        int from = packets.start(start).ordinal();
        endOrdinal = from;
        for (int n = packets.numberOf(from) < 0 ? 0 : packets.numberOf(from); n <= lastNumber; n++) {
            endOrdinal = Math.max(endOrdinal, packets.ordinalOf(n));
        }
        long[] shown = new long[endOrdinal - from + 1];
        int count = 0;
        for (int o = from; o <= endOrdinal; o++) {
            if (taken(o)) {
                shown[count++] = frames.pts(packets.numberOf(o));
            }
        }
        decodingTimes = Arrays.copyOf(shown, count);
        Arrays.sort(decodingTimes);
        long late = 0;
        for (int i = 0; i < count; i++) {
            late = Math.max(late, decodingTimes[i] - shown[i]);
        }
        for (int i = 0; i < count; i++) {
            decodingTimes[i] -= late;
        }
    }

    /** Whether packet {@code ordinal} belongs into the cut: shown, and neither before its keyframe nor beyond its end. */
    private boolean taken(int ordinal) {
        int number = packets.numberOf(ordinal);
        int least = packets.numberOf(packets.start(start).ordinal());
        return number >= 0 && number >= least && number <= lastNumber;
    }

    private void copyPictures(Path file, PacketCopy copy, SoundTrail trail, Progress progress) throws MediaException {
        try (PacketCursor cursor = new PacketCursor(new Demuxer(file), packets)) {
            cursor.demuxer().onlyPicture();
            cursor.goTo(start);
            int written = 0;
            for (int o = cursor.ordinal(); o <= endOrdinal; o++) {
                AVPacket packet = cursor.read();
                if (packet == null) {
                    break;
                }
                if (!taken(o)) {
                    continue;
                }
                long pts = frames.pts(packets.numberOf(o));
                first = Math.min(first, pts);
                last = Math.max(last, pts);
                trail.upTo(frames.base().seconds(decodingTimes[written]));
                packet.pts(pts);
                packet.dts(decodingTimes[written++]);
                long next = packets.numberOf(o) + 1 < frames.count()
                        ? frames.pts(packets.numberOf(o) + 1)
                        : frames.endPts();
                packet.duration(next - pts);
                copy.picture(packet, decodingTimes[0]);
                progress.at((double) written / decodingTimes.length, "copying " + file.getFileName());
            }
        }
        if (last == Long.MIN_VALUE) {
            throw new MediaException("No frames could be read in that stretch of " + file.getFileName() + ".");
        }
    }

    /** The sound between the cut's ends, copied alongside the pictures so that the two lie together in the file. */
    private static final class SoundTrail {
        private final Demuxer sounds;
        private final PacketCopy copy;
        private final double from;
        private final double to;
        private final long shift;
        private AVPacket waiting;

        SoundTrail(Demuxer sounds, PacketCopy copy, UntouchedClip cut) throws MediaException {
            this.sounds = sounds;
            this.copy = copy;
            FrameIndex frames = cut.frames;
            int key = Math.max(
                    0, cut.packets.numberOf(cut.packets.start(cut.start).ordinal()));
            from = frames.base().seconds(frames.pts(key));
            to = frames.base().seconds(frames.pts(cut.lastNumber));
            if (sounds.hasSound()) {
                shift = av_rescale_q(
                        cut.decodingTimes[0],
                        sounds.video().time_base(),
                        sounds.audio().time_base());
                sounds.seek(sounds.videoIndex(), frames.pts(key));
                waiting = nextSound();
            } else {
                shift = 0;
            }
        }

        void upTo(double seconds) throws MediaException {
            while (waiting != null) {
                double at = sounds.base(sounds.audio()).seconds(waiting.pts());
                if (at > to || at > seconds) {
                    return;
                }
                if (at >= from) {
                    copy.sound(waiting, shift);
                }
                waiting = nextSound();
            }
        }

        private AVPacket nextSound() {
            AVPacket packet = sounds.next();
            while (packet != null && packet.stream_index() != sounds.audioIndex()) {
                packet = sounds.next();
            }
            return packet;
        }
    }
}
