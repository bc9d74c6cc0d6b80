package hitch.media.clip;

import static org.bytedeco.ffmpeg.global.avutil.av_frame_alloc;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_free;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_move_ref;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_unref;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Map;
import java.util.NavigableMap;
import java.util.TreeMap;
import org.bytedeco.ffmpeg.avutil.AVFrame;

/**
 * Decoded frames kept as they came from the decoder, so that stepping back need not decode again. Bounded: the frame
 * farthest from the one last asked for goes first.
 */
final class FrameShelf implements AutoCloseable {
    private final NavigableMap<Integer, AVFrame> frames = new TreeMap<>();
    private final Deque<AVFrame> spare = new ArrayDeque<>();
    private final long room;
    private int most = Integer.MAX_VALUE;

    /**
     * @param room bytes that the kept pictures may take
     */
    FrameShelf(long room) {
        this.room = room;
    }

    boolean has(int number) {
        return frames.containsKey(number);
    }

    AVFrame get(int number) {
        return frames.get(number);
    }

    /** The kept frame nearest before {@code number}, or the nearest after it; null where none is kept. */
    Map.Entry<Integer, AVFrame> nearest(int number) {
        Map.Entry<Integer, AVFrame> before = frames.floorEntry(number);
        return before != null ? before : frames.ceilingEntry(number);
    }

    /** Takes {@code decoded} over as frame {@code number}; {@code wanted} is the one that must not be dropped. */
    void put(int number, AVFrame decoded, int wanted) {
        AVFrame place = frames.get(number);
        if (place == null) {
            place = spare.isEmpty() ? av_frame_alloc() : spare.pop();
        } else {
            av_frame_unref(place);
        }
        if (most == Integer.MAX_VALUE) {
            // Twelve bits a pixel is the usual picture; richer ones only make the shelf a little larger.
            long bytes = Math.max(1, (long) decoded.width() * decoded.height() * 3 / 2);
            most = (int) Math.clamp(room / bytes, 4, 600);
        }
        av_frame_move_ref(place, decoded);
        frames.put(number, place);
        while (frames.size() > most) {
            int first = frames.firstKey();
            int last = frames.lastKey();
            int far = wanted - first >= last - wanted ? first : last;
            AVFrame dropped = frames.remove(far);
            av_frame_unref(dropped);
            spare.push(dropped);
        }
    }

    @Override
    public void close() {
        frames.values().forEach(f -> av_frame_free(f));
        spare.forEach(f -> av_frame_free(f));
        frames.clear();
        spare.clear();
    }
}
