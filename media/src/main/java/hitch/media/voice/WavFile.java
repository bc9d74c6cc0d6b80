package hitch.media.voice;

import hitch.media.MediaException;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.UnsupportedAudioFileException;

/** One channel of sound as a WAV file of 16-bit samples. */
public final class WavFile {
    private static final float FULL = 32767f;
    private static final int BYTES = 2;

    private WavFile() {}

    /** Writes it whole or not at all. */
    public static void write(Sound sound, Path file) throws IOException {
        ByteBuffer bytes = ByteBuffer.allocate(sound.samples().length * BYTES).order(ByteOrder.LITTLE_ENDIAN);
        for (float s : sound.samples()) {
            bytes.putShort((short) Math.round(Math.clamp(s, -1f, 1f) * FULL));
        }
        AudioFormat format = new AudioFormat(sound.rate(), 8 * BYTES, 1, true, false);
        Path part = Files.createTempFile(file.toAbsolutePath().getParent(), "take", ".part");
        try (AudioInputStream in =
                new AudioInputStream(new ByteArrayInputStream(bytes.array()), format, sound.samples().length)) {
            AudioSystem.write(in, AudioFileFormat.Type.WAVE, part.toFile());
            Files.move(part, file, StandardCopyOption.REPLACE_EXISTING);
        } finally {
            Files.deleteIfExists(part);
        }
    }

    /**
     * Reads a stretch of what was written here.
     *
     * @param from seconds
     * @param seconds how much of it; silence beyond its end
     * @throws MediaException where it is missing or no such file
     */
    public static Sound read(Path file, double from, double seconds) throws MediaException {
        try (AudioInputStream in = AudioSystem.getAudioInputStream(file.toFile())) {
            AudioFormat format = in.getFormat();
            if (format.getChannels() != 1 || format.getSampleSizeInBits() != 8 * BYTES) {
                throw new MediaException(file.getFileName() + " is no recording made here.");
            }
            int rate = (int) format.getSampleRate();
            in.skipNBytes(Math.min(in.getFrameLength(), Math.round(from * rate)) * BYTES);
            float[] samples = new float[(int) Math.round(seconds * rate)];
            ByteBuffer bytes =
                    ByteBuffer.wrap(in.readNBytes(samples.length * BYTES)).order(ByteOrder.LITTLE_ENDIAN);
            for (int i = 0; bytes.remaining() >= BYTES; i++) {
                samples[i] = bytes.getShort() / FULL;
            }
            return new Sound(samples, rate);
        } catch (IOException | UnsupportedAudioFileException e) {
            throw new MediaException(
                    "The recording " + file.getFileName() + " cannot be read: " + e.getMessage()
                            + ". Record that paragraph again, or let the narrator speak it.",
                    e);
        }
    }
}
