package hitch.media.clip;

import hitch.core.footage.ClipScan;
import hitch.core.footage.FrameIndex;
import hitch.core.footage.Glance;
import hitch.core.footage.Patch;
import hitch.core.footage.Stretch;
import hitch.core.footage.TimeBase;
import hitch.core.footage.Writing;
import java.io.BufferedInputStream;
import java.io.BufferedOutputStream;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.zip.GZIPInputStream;
import java.util.zip.GZIPOutputStream;

/** Keeps what was learnt of a clip, so that it need not be read through again. A file of another edition is refused. */
public final class IndexFile {
    private static final int INDEX_EDITION = 0x48495801;
    private static final int SCAN_EDITION = 0x48495803;

    private IndexFile() {}

    public static void write(ClipIndex index, OutputStream to) throws IOException {
        try (DataOutputStream out = packed(to)) {
            FrameIndex frames = index.frames();
            PacketTable table = index.packets();
            out.writeInt(INDEX_EDITION);
            out.writeInt(frames.base().num());
            out.writeInt(frames.base().den());
            out.writeInt(frames.count());
            out.writeInt(table.packets());
            for (int i = 0; i < frames.count(); i++) {
                out.writeLong(frames.pts(i));
                out.writeBoolean(frames.isKey(i));
                out.writeInt(table.ordinalOf(i));
            }
            out.writeLong(frames.endPts());
            out.writeInt(table.starts());
            for (int i = 0; i < table.starts(); i++) {
                PacketTable.Start start = table.start(i);
                out.writeInt(start.ordinal());
                out.writeLong(start.pos());
                out.writeInt(start.size());
                out.writeLong(start.pts());
                out.writeLong(start.dts());
            }
        }
    }

    /**
     * @throws IOException where it is no index, or one of another edition
     */
    public static ClipIndex readIndex(InputStream from) throws IOException {
        try (DataInputStream in = unpacked(from)) {
            edition(in, INDEX_EDITION);
            TimeBase base = new TimeBase(in.readInt(), in.readInt());
            int count = in.readInt();
            int packets = in.readInt();
            long[] pts = new long[count];
            boolean[] keys = new boolean[count];
            int[] ordinals = new int[count];
            for (int i = 0; i < count; i++) {
                pts[i] = in.readLong();
                keys[i] = in.readBoolean();
                ordinals[i] = in.readInt();
            }
            long end = in.readLong();
            PacketTable.Start[] starts = new PacketTable.Start[in.readInt()];
            for (int i = 0; i < starts.length; i++) {
                starts[i] =
                        new PacketTable.Start(in.readInt(), in.readLong(), in.readInt(), in.readLong(), in.readLong());
            }
            return new ClipIndex(new FrameIndex(base, pts, keys, end), new PacketTable(packets, ordinals, starts));
        } catch (RuntimeException e) {
            throw new IOException("it is damaged", e);
        }
    }

    public static void write(ClipScan scan, OutputStream to) throws IOException {
        try (DataOutputStream out = packed(to)) {
            out.writeInt(SCAN_EDITION);
            out.writeInt(scan.glances().size());
            for (Glance glance : scan.glances()) {
                out.writeLong(glance.pts());
                out.writeFloat(glance.light());
                out.writeFloat(glance.glare());
                out.writeFloat(glance.detail());
                out.writeFloat(glance.motion());
            }
            out.writeInt(scan.damaged().size());
            for (Stretch stretch : scan.damaged()) {
                out.writeLong(stretch.fromPts());
                out.writeLong(stretch.toPts());
            }
            out.writeInt(scan.writing().size());
            for (Writing writing : scan.writing()) {
                out.writeInt(writing.patch().left());
                out.writeInt(writing.patch().top());
                out.writeInt(writing.patch().right());
                out.writeInt(writing.patch().bottom());
                out.writeLong(writing.fromPts());
                out.writeLong(writing.toPts());
            }
        }
    }

    /**
     * @throws IOException where it is no scan, or one of another edition
     */
    public static ClipScan readScan(InputStream from) throws IOException {
        try (DataInputStream in = unpacked(from)) {
            edition(in, SCAN_EDITION);
            int count = in.readInt();
            List<Glance> glances = new ArrayList<>();
            for (int i = 0; i < count; i++) {
                glances.add(new Glance(in.readLong(), in.readFloat(), in.readFloat(), in.readFloat(), in.readFloat()));
            }
            int spans = in.readInt();
            List<Stretch> damaged = new ArrayList<>();
            for (int i = 0; i < spans; i++) {
                damaged.add(new Stretch(in.readLong(), in.readLong(), Stretch.Reason.DAMAGED));
            }
            int rows = in.readInt();
            List<Writing> writing = new ArrayList<>();
            for (int i = 0; i < rows; i++) {
                Patch patch = new Patch(in.readInt(), in.readInt(), in.readInt(), in.readInt());
                writing.add(new Writing(patch, in.readLong(), in.readLong()));
            }
            return new ClipScan(glances, damaged, writing);
        } catch (RuntimeException e) {
            throw new IOException("it is damaged", e);
        }
    }

    private static void edition(DataInputStream in, int wanted) throws IOException {
        if (in.readInt() != wanted) {
            throw new IOException("it is of another edition");
        }
    }

    private static DataOutputStream packed(OutputStream to) throws IOException {
        return new DataOutputStream(new BufferedOutputStream(new GZIPOutputStream(to), 1 << 16));
    }

    private static DataInputStream unpacked(InputStream from) throws IOException {
        return new DataInputStream(new BufferedInputStream(new GZIPInputStream(from), 1 << 16));
    }
}
