package hitch.media.voice;

import hitch.media.MediaException;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.Locale;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentMap;
import java.util.stream.Stream;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import marytts.LocalMaryInterface;
import marytts.exceptions.MaryConfigurationException;
import marytts.exceptions.SynthesisException;

/** The shipped voice. It starts once for the whole program, on first use, and speaks one text at a time. */
public final class BuiltInVoice implements Narrator {
    private static LocalMaryInterface mary;

    private final String effects;
    private final ConcurrentMap<String, Sound> spoken = new ConcurrentHashMap<>();

    private BuiltInVoice(String effects) {
        this.effects = effects;
    }

    /** The narrator of deliverables. */
    public static BuiltInVoice narrator() {
        return new BuiltInVoice("");
    }

    /** A second, lower voice, for the simulated technician. */
    public static BuiltInVoice technician() {
        return new BuiltInVoice("TractScaler(amount:1.22)+F0Scale(f0Scale:0.7)+F0Add(f0Add:-62.0)+Rate(durScale:0.93)");
    }

    @Override
    public Sound speak(String text) throws MediaException {
        if (text.isBlank()) {
            return new Sound(new float[0], RATE);
        }
        Sound known = spoken.get(text);
        if (known == null) {
            known = synthesize(text, effects);
            spoken.put(text, known);
        }
        return known;
    }

    /** A folder that is gone when the program ends. */
    private static Path scratch() throws IOException {
        Path folder = Files.createTempDirectory("hitch-voice");
        Runtime.getRuntime().addShutdownHook(new Thread(() -> {
            try (Stream<Path> all = Files.walk(folder)) {
                all.sorted(Comparator.reverseOrder()).forEach(p -> p.toFile().delete());
            } catch (IOException e) {
                // What is left is the system's to clear.
            }
        }));
        return folder;
    }

    private static synchronized Sound synthesize(String text, String effects) throws MediaException {
        try {
            if (mary == null) {
                // Without a base folder of its own the synthesizer would write beside the program.
                System.setProperty("mary.base", scratch().toString());
                mary = new LocalMaryInterface();
                mary.setLocale(Locale.US);
                mary.setVoice("cmu-slt-hsmm");
            }
            mary.setAudioEffects(effects);
            return read(mary.generateAudio(text));
        } catch (MaryConfigurationException | SynthesisException | IOException e) {
            throw new MediaException("The built-in voice could not speak \"" + text + "\".", e);
        }
    }

    private static Sound read(AudioInputStream speech) throws IOException {
        AudioFormat wanted = new AudioFormat(AudioFormat.Encoding.PCM_SIGNED, RATE, 16, 1, 2, RATE, false);
        AudioInputStream stream =
                speech.getFormat().matches(wanted) ? speech : AudioSystem.getAudioInputStream(wanted, speech);
        ByteBuffer bytes = ByteBuffer.allocate(1 << 16).order(ByteOrder.LITTLE_ENDIAN);
        byte[] block = new byte[1 << 15];
        // Read in a loop: the stream announces fewer bytes than it holds.
        for (int n = stream.read(block); n > 0; n = stream.read(block)) {
            if (bytes.remaining() < n) {
                ByteBuffer larger =
                        ByteBuffer.allocate(bytes.capacity() * 2 + n).order(ByteOrder.LITTLE_ENDIAN);
                bytes.flip();
                larger.put(bytes);
                bytes = larger;
            }
            bytes.put(block, 0, n);
        }
        bytes.flip();
        float[] samples = new float[bytes.remaining() / 2];
        for (int i = 0; i < samples.length; i++) {
            samples[i] = bytes.getShort() / 32768f;
        }
        return new Sound(samples, RATE);
    }
}
