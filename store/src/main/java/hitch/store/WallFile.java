package hitch.store;

import hitch.core.eyes.ClipWall;
import hitch.core.eyes.WallLook;
import hitch.core.gauge.WallBand;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.zip.DeflaterOutputStream;
import java.util.zip.InflaterInputStream;

/** The wall along a clip, as a file. */
final class WallFile {
    private static final int VERSION = 1;
    /** No clip has more; a greater number is a damaged file. */
    private static final int MOST = 200_000;

    private WallFile() {}

    static void write(ClipWall wall, OutputStream out) throws IOException {
        DeflaterOutputStream packed = new DeflaterOutputStream(out);
        DataOutputStream data = new DataOutputStream(packed);
        data.writeInt(VERSION);
        data.writeInt(wall.looks().size());
        for (WallLook look : wall.looks()) {
            data.writeLong(look.pts());
            data.write(look.band().light());
            data.write(look.band().hue());
        }
        data.flush();
        packed.finish();
    }

    static ClipWall read(InputStream in) throws IOException {
        DataInputStream data = new DataInputStream(new InflaterInputStream(in));
        if (data.readInt() != VERSION) {
            throw new IOException("a wall kept by another version");
        }
        int count = data.readInt();
        if (count < 0 || count > MOST) {
            throw new IOException("a wall that is damaged");
        }
        List<WallLook> looks = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            long pts = data.readLong();
            byte[] light = new byte[WallBand.DEEP * WallBand.ROUND];
            byte[] hue = new byte[WallBand.DEEP * WallBand.HUES * 2];
            data.readFully(light);
            data.readFully(hue);
            looks.add(new WallLook(pts, new WallBand(light, hue)));
        }
        return new ClipWall(looks);
    }
}
