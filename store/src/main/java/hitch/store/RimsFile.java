package hitch.store;

import hitch.core.gauge.ClipRims;
import hitch.core.gauge.JointTrail.Rim;
import hitch.core.gauge.LensView;
import hitch.core.gauge.RimLook;
import java.io.BufferedInputStream;
import java.io.BufferedOutputStream;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.util.ArrayList;
import java.util.List;

/** The rims seen along a clip, as a file. */
final class RimsFile {
    private static final int VERSION = 2;
    /** It told nothing of the lens, which was a usual one. */
    private static final int OF_USUAL_LENSES = 1;

    /** No clip has more; a greater number is a damaged file. */
    private static final int MOST = 1_000_000;

    private RimsFile() {}

    static void write(ClipRims rims, OutputStream out) throws IOException {
        DataOutputStream data = new DataOutputStream(new BufferedOutputStream(out));
        data.writeInt(VERSION);
        data.writeDouble(rims.degrees());
        data.writeInt(rims.looks().size());
        for (RimLook look : rims.looks()) {
            data.writeLong(look.pts());
            data.writeInt(look.rims().size());
            for (Rim rim : look.rims()) {
                data.writeDouble(rim.ahead());
                data.writeDouble(rim.sure());
            }
        }
        data.flush();
    }

    static ClipRims read(InputStream in) throws IOException {
        DataInputStream data = new DataInputStream(new BufferedInputStream(in));
        int version = data.readInt();
        if (version != VERSION && version != OF_USUAL_LENSES) {
            throw new IOException("rims kept by another version");
        }
        double degrees = version == VERSION ? data.readDouble() : LensView.USUAL_DEGREES;
        int count = number(data);
        List<RimLook> looks = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            long pts = data.readLong();
            int rims = number(data);
            List<Rim> seen = new ArrayList<>();
            for (int k = 0; k < rims; k++) {
                seen.add(new Rim(data.readDouble(), data.readDouble()));
            }
            looks.add(new RimLook(pts, seen));
        }
        return new ClipRims(degrees, looks);
    }

    private static int number(DataInputStream data) throws IOException {
        int number = data.readInt();
        if (number < 0 || number > MOST) {
            throw new IOException("rims that are damaged");
        }
        return number;
    }
}
