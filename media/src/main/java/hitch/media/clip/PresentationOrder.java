package hitch.media.clip;

import static org.bytedeco.ffmpeg.global.avcodec.AVDISCARD_ALL;
import static org.bytedeco.ffmpeg.global.avutil.AV_NOPTS_VALUE;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_alloc;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_free;

import hitch.media.MediaException;
import hitch.media.Progress;
import java.nio.file.Path;
import java.util.Arrays;
import org.bytedeco.ffmpeg.avcodec.AVPacket;
import org.bytedeco.ffmpeg.avutil.AVFrame;

/**
 * The order in which a clip's packets are shown. Where every packet carries its own presentation time that order is read
 * from the times; where the file is less careful, its pictures are decoded once, as roughly as the decoder can, and the
 * order they come out in is the order.
 */
final class PresentationOrder {
    private final Path file;
    private final PacketList packets;

    PresentationOrder(Path file, PacketList packets) {
        this.file = file;
        this.packets = packets;
    }

    /** The packets' numbers in the order shown; those never shown are left out. */
    int[] find(Progress progress) throws MediaException {
        if (!timesCanBeTrusted()) {
            return decoded(packets.count, progress);
        }
        int[] order = byTime();
        return startsClean(order) ? order : withoutUndecodableHead(order, progress);
    }

    private boolean timesCanBeTrusted() {
        long[] times = new long[packets.count];
        for (int i = 0; i < times.length; i++) {
            if (packets.pts[i] == AV_NOPTS_VALUE || packets.is(i, PacketList.CORRUPT)) {
                return false;
            }
            // A clock that was reset mid-file runs backward in decoding order.
            if (i > 0 && packets.dts[i] != AV_NOPTS_VALUE && packets.dts[i] < packets.dts[i - 1]) {
                return false;
            }
            times[i] = packets.pts[i];
        }
        Arrays.sort(times);
        for (int i = 1; i < times.length; i++) {
            if (times[i] == times[i - 1]) {
                return false;
            }
        }
        return true;
    }

    private int[] byTime() {
        // Sorting pairs as one array of times, then finding each time again, needs no boxed numbers.
        long[][] pairs = new long[packets.count][];
        int shown = 0;
        for (int i = 0; i < packets.count; i++) {
            // The container itself says when a frame is not to be shown; no decoder will give it.
            if (!packets.is(i, PacketList.DISCARD)) {
                pairs[shown++] = new long[] {packets.pts[i], i};
            }
        }
        pairs = Arrays.copyOf(pairs, shown);
        Arrays.sort(pairs, (a, b) -> Long.compare(a[0], b[0]));
        int[] order = new int[shown];
        for (int i = 0; i < shown; i++) {
            order[i] = (int) pairs[i][1];
        }
        return order;
    }

    /** Whether the first packet is a keyframe and is shown before every other. */
    private boolean startsClean(int[] order) {
        return packets.is(0, PacketList.KEY)
                && (packets.is(0, PacketList.DISCARD) || order.length == 0 || order[0] == 0);
    }

    /** A clip that was cut begins with pictures that lean on lost ones; decoding its head tells which are shown. */
    private int[] withoutUndecodableHead(int[] order, Progress progress) throws MediaException {
        int keys = 0;
        int head = 0;
        while (head < packets.count && keys < 3) {
            keys += packets.is(head, PacketList.KEY) ? 1 : 0;
            head++;
        }
        // Beyond the third keyframe everything can be decoded; of what came out before it nothing is to be missed.
        int sure = Math.min(packets.count, head + 32);
        int[] shownHead = decoded(sure, progress);
        boolean[] shown = new boolean[packets.count];
        for (int ordinal : shownHead) {
            shown[ordinal] = true;
        }
        int settled = head;
        return Arrays.stream(order).filter(o -> o >= settled || shown[o]).toArray();
    }

    private int[] decoded(int many, Progress progress) throws MediaException {
        int[] order = new int[packets.count + 64];
        boolean[] met = new boolean[packets.count];
        int shown = 0;
        try (Demuxer demuxer = new Demuxer(file);
                PictureDecoder decoder = new PictureDecoder(demuxer, 0)) {
            demuxer.onlyPicture();
            // Only the order matters, not what the pictures look like.
            decoder.context().skip_loop_filter(AVDISCARD_ALL);
            decoder.context().skip_idct(AVDISCARD_ALL);
            AVFrame frame = av_frame_alloc();
            try {
                for (int ordinal = 0; ordinal <= many; ordinal++) {
                    AVPacket packet = ordinal < many ? demuxer.nextPicture() : null;
                    if (packet == null) {
                        decoder.end();
                    } else {
                        decoder.send(packet, ordinal);
                    }
                    while (decoder.receive(frame)) {
                        int at = (int) Math.clamp(frame.pts(), -1, packets.count);
                        if (at >= 0 && at < packets.count && !met[at]) {
                            met[at] = true;
                            order[shown++] = at;
                        }
                    }
                    if (packet == null) {
                        break;
                    }
                    if (ordinal % 64 == 0) {
                        progress.at((double) ordinal / many, "listing the frames of " + file.getFileName());
                    }
                }
            } finally {
                av_frame_free(frame);
            }
        }
        return Arrays.copyOf(order, shown);
    }
}
