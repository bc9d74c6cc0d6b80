package hitch.media.clip;

import static org.bytedeco.ffmpeg.global.avcodec.AV_PKT_FLAG_DISCARD;
import static org.bytedeco.ffmpeg.global.avcodec.AV_PKT_FLAG_KEY;
import static org.bytedeco.ffmpeg.global.avutil.AV_NOPTS_VALUE;

import hitch.core.footage.FrameIndex;
import hitch.media.MediaException;
import java.nio.file.Path;
import java.util.Arrays;
import org.bytedeco.ffmpeg.avcodec.AVPacket;

/** Lists every frame of a clip from its packets, without decoding any. */
public final class ClipIndexer {
    private long[] pts = new long[4096];
    private boolean[] keys = new boolean[4096];
    private int count;
    private long end = Long.MIN_VALUE;

    private ClipIndexer() {}

    public static ClipFacts index(Path file) throws MediaException {
        try (Demuxer demuxer = new Demuxer(file)) {
            ClipIndexer indexer = new ClipIndexer();
            indexer.readAll(demuxer);
            if (indexer.count == 0) {
                throw new MediaException(file.getFileName() + " holds no frames. Copy it again from the recorder.");
            }
            return new ClipFacts(
                    indexer.ordered(demuxer),
                    demuxer.video().codecpar().width(),
                    demuxer.video().codecpar().height(),
                    demuxer.hasSound(),
                    demuxer.note("creation_time"));
        }
    }

    private void readAll(Demuxer demuxer) {
        for (AVPacket packet = demuxer.next(); packet != null; packet = demuxer.next()) {
            if (packet.stream_index() != demuxer.videoIndex()) {
                continue;
            }
            if ((packet.flags() & AV_PKT_FLAG_DISCARD) != 0) {
                // The container itself says that this frame is not to be shown; no decoder will give it.
                continue;
            }
            long time = packet.pts() == AV_NOPTS_VALUE ? packet.dts() : packet.pts();
            if (time == AV_NOPTS_VALUE) {
                continue;
            }
            if (count == pts.length) {
                pts = Arrays.copyOf(pts, count * 2);
                keys = Arrays.copyOf(keys, count * 2);
            }
            pts[count] = time;
            keys[count] = (packet.flags() & AV_PKT_FLAG_KEY) != 0;
            count++;
            end = Math.max(end, time + Math.max(packet.duration(), 0));
        }
    }

    private FrameIndex ordered(Demuxer demuxer) {
        Integer[] order = new Integer[count];
        Arrays.setAll(order, i -> i);
        Arrays.sort(order, (a, b) -> Long.compare(pts[a], pts[b]));
        long[] times = new long[count];
        boolean[] marks = new boolean[count];
        int kept = 0;
        for (Integer i : order) {
            if (kept == 0 || pts[i] > times[kept - 1]) {
                times[kept] = pts[i];
                marks[kept++] = keys[i];
            }
        }
        long last = times[kept - 1];
        long step = kept > 1 ? Math.max(1, (last - times[0]) / (kept - 1)) : 1;
        return new FrameIndex(
                demuxer.base(demuxer.video()),
                Arrays.copyOf(times, kept),
                Arrays.copyOf(marks, kept),
                end > last ? end : last + step);
    }
}
