package hitch.media.voice;

import hitch.media.MediaException;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * What was spoken once, kept in a folder by its text and its speaker, as 16-bit samples. A file that cannot be read is spoken anew; a folder
 * that cannot be written costs only time.
 */
public final class KeptSpeech implements Narrator {
    private static final Logger LOG = LoggerFactory.getLogger(KeptSpeech.class);
    private static final float FULL = 32767f;
    private static final int NAME_BYTES = 12;

    private final Narrator voice;
    private final Path folder;

    public KeptSpeech(Narrator voice, Path folder) {
        this.voice = voice;
        this.folder = folder;
    }

    @Override
    public String id() {
        return voice.id();
    }

    @Override
    public void rest() {
        voice.rest();
    }

    @Override
    public Sound speak(String text) throws MediaException {
        Path file = folder.resolve(name(text) + ".pcm");
        try {
            if (Files.isRegularFile(file)) {
                return read(file);
            }
        } catch (IOException e) {
            LOG.warn("speech {} is spoken anew: {}", file.getFileName(), e.getMessage());
        }
        Sound spoken = voice.speak(text);
        try {
            keep(spoken, file);
            // The very samples that will be read next time.
            return read(file);
        } catch (IOException e) {
            LOG.warn("speech could not be kept: {}", e.getMessage());
        }
        return spoken;
    }

    /** Whether a text would be spoken without the voice. */
    public boolean has(String text) {
        return Files.isRegularFile(folder.resolve(name(text) + ".pcm"));
    }

    private String name(String text) {
        try {
            byte[] hash = MessageDigest.getInstance("SHA-256")
                    .digest((voice.id() + "\n" + text).getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(hash, 0, NAME_BYTES);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }

    private static Sound read(Path file) throws IOException {
        ByteBuffer bytes = ByteBuffer.wrap(Files.readAllBytes(file)).order(ByteOrder.LITTLE_ENDIAN);
        float[] samples = new float[bytes.remaining() / 2];
        for (int i = 0; i < samples.length; i++) {
            samples[i] = bytes.getShort() / FULL;
        }
        return new Sound(samples, RATE);
    }

    private void keep(Sound sound, Path file) throws IOException {
        Files.createDirectories(folder);
        ByteBuffer bytes = ByteBuffer.allocate(sound.samples().length * 2).order(ByteOrder.LITTLE_ENDIAN);
        for (float s : sound.samples()) {
            bytes.putShort((short) Math.round(Math.clamp(s, -1f, 1f) * FULL));
        }
        Path part = Files.createTempFile(folder, "spoken", ".part");
        Files.write(part, bytes.array());
        Files.move(part, file, StandardCopyOption.REPLACE_EXISTING);
    }
}
