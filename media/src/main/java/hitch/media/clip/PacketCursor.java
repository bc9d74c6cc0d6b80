package hitch.media.clip;

import hitch.media.MediaException;
import org.bytedeco.ffmpeg.avcodec.AVPacket;

/**
 * Reads picture packets and knows the number of each. A seek is checked: where it landed is told by the place in the
 * file, and one that went too far is tried again from further back, in the end from the beginning.
 */
final class PacketCursor implements AutoCloseable {
    private static final int TRIES_BY_TIME = 4;

    private final PacketTable table;
    private Demuxer demuxer;
    private int next;
    private AVPacket found;

    PacketCursor(Demuxer demuxer, PacketTable table) {
        this.demuxer = demuxer;
        this.table = table;
    }

    Demuxer demuxer() {
        return demuxer;
    }

    /** The number of the packet that {@link #read} gives next. */
    int ordinal() {
        return next;
    }

    /** The next packet, valid until the next call; null at the end. */
    AVPacket read() {
        AVPacket packet = found != null ? found : demuxer.nextPicture();
        found = null;
        next++;
        return packet;
    }

    /** Makes start {@code which} the next packet. */
    void goTo(int which) throws MediaException {
        PacketTable.Start start = table.start(which);
        if (table.tellsPlaces() && which > 0 && (byPlace(start) || byTime(which))) {
            return;
        }
        fromTheBeginning(start.ordinal());
    }

    private boolean byPlace(PacketTable.Start start) {
        return demuxer.clockMayJump() && demuxer.seekByte(start.pos()) && readOnTo(start.ordinal());
    }

    private boolean byTime(int which) {
        int back = 0;
        for (int i = 0; i < TRIES_BY_TIME && back <= which; i++) {
            PacketTable.Start aim = table.start(which - back);
            if (demuxer.trySeek(aim.pts()) && readOnTo(table.start(which).ordinal())) {
                return true;
            }
            back = back == 0 ? 1 : back * 4;
        }
        return false;
    }

    /** Reads on until packet {@code ordinal} is the next; false where the seek landed after it or nowhere known. */
    private boolean readOnTo(int ordinal) {
        for (AVPacket packet = demuxer.nextPicture(); packet != null; packet = demuxer.nextPicture()) {
            int here = table.ordinalAt(packet.pos(), packet.size());
            if (here > ordinal) {
                return false;
            }
            if (here >= 0) {
                return skip(here, ordinal, packet);
            }
        }
        return false;
    }

    private boolean skip(int from, int to, AVPacket first) {
        AVPacket packet = first;
        for (int i = from; i < to; i++) {
            packet = demuxer.nextPicture();
            if (packet == null) {
                return false;
            }
        }
        next = to;
        found = packet;
        return true;
    }

    private void fromTheBeginning(int ordinal) throws MediaException {
        // Opening anew is the one way that is the same for every container.
        Demuxer fresh = new Demuxer(demuxer.file());
        demuxer.close();
        demuxer = fresh;
        demuxer.onlyPicture();
        AVPacket packet = demuxer.nextPicture();
        if (packet == null || !skip(0, ordinal, packet)) {
            throw new MediaException(demuxer.file().getFileName()
                    + " is shorter than when it was added. Put the original back, or add it again.");
        }
    }

    @Override
    public void close() {
        demuxer.close();
    }
}
