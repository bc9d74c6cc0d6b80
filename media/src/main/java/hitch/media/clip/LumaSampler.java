package hitch.media.clip;

import org.bytedeco.ffmpeg.avutil.AVFrame;
import org.bytedeco.javacpp.BytePointer;

/** Takes brightness samples spread over a decoded frame, as few as measuring it needs. */
final class LumaSampler implements AutoCloseable {
    private static final int ACROSS = 128;
    private static final int DOWN = 96;
    /** How far to the right the neighbour lies that detail is told by, pixels. */
    private static final int BESIDE = 2;

    private byte[] grey = new byte[0];
    private byte[] beside = new byte[0];
    private final LumaPlane plane = new LumaPlane();

    void sample(AVFrame frame) {
        int width = frame.width();
        int height = frame.height();
        BytePointer luma = frame.data(0);
        int stride = frame.linesize(0);
        if (!LumaPlane.isPlain(frame.format())) {
            luma = plane.convert(frame);
            stride = width;
        }
        int across = Math.min(ACROSS, width);
        int down = Math.min(DOWN, Math.max(1, height / 2));
        grey = new byte[across * down];
        beside = new byte[across * down];
        byte[] row = new byte[width];
        int place = 0;
        for (int y = 0; y < down; y++) {
            // Even lines only, so that the two fields of an interlaced picture are not taken for motion.
            luma.position((long) (y * (height / 2) / down) * 2 * stride).get(row);
            for (int x = 0; x < across; x++) {
                int column = x * width / across;
                grey[place] = row[column];
                beside[place++] = row[Math.min(width - 1, column + BESIDE)];
            }
        }
        luma.position(0);
    }

    byte[] grey() {
        return grey;
    }

    byte[] beside() {
        return beside;
    }

    @Override
    public void close() {
        plane.close();
    }
}
