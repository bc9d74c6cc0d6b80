package hitch.desk.record;

import hitch.media.voice.Narrator;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.DataLine;
import javax.sound.sampled.TargetDataLine;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** The machine's own microphone, through Java Sound. */
public final class DeviceMicrophone implements Microphone {
    private static final Logger LOG = LoggerFactory.getLogger(DeviceMicrophone.class);
    private static final int BYTES = 2;
    private static final float FULL = 32767f;

    private TargetDataLine line;

    @Override
    public boolean open() {
        try {
            AudioFormat format = new AudioFormat(Narrator.RATE, 8 * BYTES, 1, true, false);
            TargetDataLine found =
                    (TargetDataLine) AudioSystem.getLine(new DataLine.Info(TargetDataLine.class, format));
            found.open(format, Narrator.RATE * BYTES);
            found.start();
            line = found;
        } catch (Exception | LinkageError e) {
            // No device, no right to it, or no sound library on this machine: all the same to whoever wants to speak.
            LOG.info("no microphone: {}", e.toString());
        }
        return line != null;
    }

    @Override
    public float[] heard() {
        int there = line == null ? 0 : line.available() / BYTES * BYTES;
        byte[] bytes = new byte[there];
        int got = there == 0 ? 0 : line.read(bytes, 0, there);
        float[] samples = new float[got / BYTES];
        for (int i = 0; i < samples.length; i++) {
            samples[i] = (short) (bytes[2 * i] & 0xff | bytes[2 * i + 1] << 8) / FULL;
        }
        return samples;
    }

    @Override
    public void close() {
        if (line != null) {
            line.stop();
            line.close();
            line = null;
        }
    }
}
