package hitch.media.clip;

import static org.bytedeco.ffmpeg.global.avcodec.AV_PKT_FLAG_CORRUPT;
import static org.bytedeco.ffmpeg.global.avcodec.AV_PKT_FLAG_DISCARD;
import static org.bytedeco.ffmpeg.global.avcodec.AV_PKT_FLAG_KEY;

import hitch.core.footage.FrameIndex;
import hitch.core.footage.TimeBase;
import hitch.media.MediaException;
import hitch.media.Progress;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.bytedeco.ffmpeg.avcodec.AVPacket;

/** Lists every frame of a clip, as a rule from its packets alone, without decoding any. */
public final class ClipIndexer {
    private final PacketList packets = new PacketList();
    private long longest;
    private long lastPts = Long.MIN_VALUE;
    private long lastDuration;
    private boolean readToTheEnd;

    private ClipIndexer() {}

    public static ClipFacts index(Path file) throws MediaException {
        return index(file, Progress.NONE);
    }

    /**
     * Reads the whole file once.
     *
     * @throws MediaException in plain words where it is not footage or holds no frame that can be shown
     */
    public static ClipFacts index(Path file, Progress progress) throws MediaException {
        try (Demuxer demuxer = new Demuxer(file)) {
            ClipIndexer indexer = new ClipIndexer();
            demuxer.onlyPicture();
            indexer.readAll(demuxer, progress.part(0, 0.5));
            int[] order = indexer.packets.count == 0
                    ? new int[0]
                    : new PresentationOrder(file, indexer.packets).find(progress.part(0.5, 1));
            if (order.length == 0) {
                throw new MediaException(file.getFileName()
                        + " holds no frame that can be shown. Nothing was changed. Copy it again from the recorder.");
            }
            return indexer.facts(demuxer, order);
        }
    }

    private void readAll(Demuxer demuxer, Progress progress) {
        double bytes = Math.max(1, demuxer.bytes());
        for (AVPacket packet = demuxer.nextPicture(); packet != null; packet = demuxer.nextPicture()) {
            int flags = packet.flags();
            packets.add(
                    packet.pts(),
                    packet.dts(),
                    packet.pos(),
                    packet.size(),
                    ((flags & AV_PKT_FLAG_KEY) != 0 ? PacketList.KEY : 0)
                            | ((flags & AV_PKT_FLAG_DISCARD) != 0 ? PacketList.DISCARD : 0)
                            | ((flags & AV_PKT_FLAG_CORRUPT) != 0 ? PacketList.CORRUPT : 0));
            if (demuxer.isPhoto()) {
                // What a telephone puts behind its picture, such as a brightness map, is no second one.
                break;
            }
            longest = Math.max(longest, packet.duration());
            if (packet.pts() >= lastPts) {
                lastPts = packet.pts();
                lastDuration = packet.duration();
            }
            if (packets.count % 256 == 0) {
                progress.at(
                        Math.min(1, packet.pos() / bytes),
                        "listing the frames of " + demuxer.file().getFileName());
            }
        }
        readToTheEnd = demuxer.atEnd();
    }

    private ClipFacts facts(Demuxer demuxer, int[] order) {
        TimeBase base = demuxer.base(demuxer.video());
        long nominal = nominalStep(demuxer, base);
        long[] times = FrameTimes.of(packets, order, nominal, demuxer.clockMayJump());
        boolean[] keys = new boolean[order.length];
        for (int i = 0; i < order.length; i++) {
            keys[i] = packets.is(order[i], PacketList.KEY);
        }
        long last = times[times.length - 1];
        long usualStep = times.length > 1 ? Math.max(1, (last - times[0]) / (times.length - 1)) : nominal;
        long lastStep = last == lastPts && lastDuration > 0 ? lastDuration : usualStep;
        FrameIndex frames = new FrameIndex(base, times, keys, last + lastStep);
        PacketTable table = new PacketTable(packets.count, order, packets.starts());
        return new ClipFacts(
                new ClipIndex(frames, table),
                demuxer.container(),
                demuxer.pictureStream(),
                demuxer.soundStream(),
                demuxer.recorded(),
                demuxer.isPhoto(),
                demuxer.isPhoto() ? List.of() : damage(demuxer, frames));
    }

    /** Ticks from a frame to the next by the rate the file names, or by its longest packet. */
    private long nominalStep(Demuxer demuxer, TimeBase base) {
        double rate = demuxer.namedRate();
        if (rate > 0) {
            return Math.max(1, base.ticks(1 / rate));
        }
        return longest > 0 ? longest : Math.max(1, base.ticks(0.04));
    }

    private List<String> damage(Demuxer demuxer, FrameIndex frames) {
        List<String> found = new ArrayList<>();
        double seconds = frames.base().seconds(frames.endPts() - frames.firstPts());
        double end = frames.base().seconds(frames.endPts());
        double named = demuxer.namedSeconds();
        if (!readToTheEnd) {
            found.add("the file cannot be read on after " + clock(seconds));
        } else if (named > Math.max(seconds, end) + 1.5 && demuxer.seemsCut()) {
            found.add("the file is cut off: it says " + clock(named) + " and holds " + clock(seconds));
        }
        if (found.isEmpty() && demuxer.namedFrames() > packets.count) {
            found.add("the file's index is damaged: it lists " + demuxer.namedFrames() + " pictures, and "
                    + packets.count + " could be found");
        }
        int kept = 0;
        for (int i = 0; i < packets.count; i++) {
            kept += packets.is(i, PacketList.DISCARD) ? 0 : 1;
        }
        if (found.isEmpty() && demuxer.namedFrames() > 0 && kept > frames.count()) {
            found.add((kept - frames.count()) + " of " + kept + " pictures cannot be shown");
        }
        int torn = 0;
        for (int i = 0; i < packets.count; i++) {
            torn += packets.is(i, PacketList.CORRUPT) ? 1 : 0;
        }
        if (torn > 0) {
            found.add(torn + (torn == 1 ? " packet is torn" : " packets are torn"));
        }
        return List.copyOf(found);
    }

    private static String clock(double seconds) {
        return String.format(Locale.ROOT, "%d:%04.1f", (int) seconds / 60, seconds % 60);
    }
}
