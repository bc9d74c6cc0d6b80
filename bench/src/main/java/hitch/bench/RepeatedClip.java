package hitch.bench;

import hitch.media.MediaException;
import hitch.media.clip.ClipIndex;
import hitch.media.clip.Demuxer;
import hitch.media.clip.PacketCopy;
import java.nio.file.Path;
import org.bytedeco.ffmpeg.avcodec.AVPacket;

/** Writes a long clip by copying a short one's packets again and again, for measuring on clips of hours. */
public final class RepeatedClip {
    private RepeatedClip() {}

    /**
     * Writes at least {@code seconds} of pictures, without sound.
     *
     * @return how many frames were written
     */
    public static int write(Path source, ClipIndex index, double seconds, Path out) throws MediaException {
        long step =
                Math.max(1, Math.round((double) length(index) / index.frames().count()));
        long wanted = index.frames().base().ticks(seconds);
        int written = 0;
        long lastDts = -step;
        try (Demuxer about = new Demuxer(source);
                PacketCopy copy = new PacketCopy(about, out)) {
            while (lastDts < wanted) {
                try (Demuxer demuxer = new Demuxer(source)) {
                    demuxer.onlyPicture();
                    AVPacket p = demuxer.nextPicture();
                    // Each round follows the last packet of the one before by one ordinary step.
                    long shift = p == null ? 0 : p.dts() - lastDts - step;
                    for (; p != null; p = demuxer.nextPicture()) {
                        lastDts = p.dts() - shift;
                        copy.picture(p, shift);
                        written++;
                    }
                }
            }
            copy.finish();
        }
        return written;
    }

    private static long length(ClipIndex index) {
        return index.frames().endPts() - index.frames().firstPts();
    }
}
