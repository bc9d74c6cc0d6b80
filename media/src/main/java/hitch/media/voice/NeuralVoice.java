package hitch.media.voice;

import ai.onnxruntime.OnnxTensor;
import ai.onnxruntime.OrtEnvironment;
import ai.onnxruntime.OrtException;
import ai.onnxruntime.OrtSession;
import hitch.media.MediaException;
import hitch.models.Model;
import hitch.models.ModelException;
import hitch.models.ModelFolder;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.FloatBuffer;
import java.nio.LongBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The shipped voice. Its model is loaded when it first speaks, which takes a second or two, and let go by {@link #rest}. It speaks one text
 * at a time, even in loudness, without silence before and after.
 */
public final class NeuralVoice implements Narrator {
    /** Symbols that the model takes at once, without the two that bound them. */
    private static final int MOST = 508;

    private static final int STYLE = 256;
    private static final int OWN_RATE = 24_000;
    private static final Pattern SYMBOL = Pattern.compile("\"((?:\\\\.|[^\"\\\\])+)\"\\s*:\\s*(\\d+)");

    private final ModelFolder models;
    private final Speaker speaker;
    private final float speed;
    private Loaded loaded;

    /**
     * @param speed how fast, 1 as it was trained, 0.7 to 1.3
     */
    public NeuralVoice(ModelFolder models, Speaker speaker, double speed) {
        this.models = models;
        this.speaker = speaker;
        this.speed = (float) speed;
    }

    private record Loaded(OrtSession session, Pronunciation pronunciation, Map<String, Long> symbols, float[] styles)
            implements AutoCloseable {
        @Override
        public void close() throws OrtException {
            session.close();
        }
    }

    @Override
    public String id() {
        return speaker.word() + "-" + speed + "-" + ModelFolder.VERSION;
    }

    /** Lets go of the model; it is loaded again when something is to be spoken. */
    @Override
    public synchronized void rest() {
        if (loaded != null) {
            try {
                loaded.close();
            } catch (OrtException e) {
                throw new IllegalStateException(e);
            }
            loaded = null;
        }
    }

    @Override
    public synchronized Sound speak(String text) throws MediaException {
        if (text.isBlank()) {
            return new Sound(new float[0], RATE);
        }
        try {
            if (loaded == null) {
                loaded = load();
            }
            List<float[]> parts = new ArrayList<>();
            for (String symbols : pieces(loaded.pronunciation().of(text))) {
                parts.add(infer(symbols));
            }
            return Evened.of(Doubled.of(Trimmed.of(Floats.joined(parts), OWN_RATE)), RATE);
        } catch (ModelException e) {
            throw new VoiceException("The voice cannot speak. " + e.getMessage(), e);
        } catch (OrtException | IOException e) {
            throw new VoiceException("The voice cannot speak: " + e.getMessage() + ".", e);
        }
    }

    private Loaded load() throws ModelException, OrtException, IOException, MediaException {
        Map<String, Long> symbols = new HashMap<>();
        Matcher symbol = SYMBOL.matcher(Files.readString(models.file(Model.SYMBOLS), StandardCharsets.UTF_8));
        while (symbol.find()) {
            symbols.put(symbol.group(1).replace("\\\"", "\""), Long.parseLong(symbol.group(2)));
        }
        FloatBuffer styles = ByteBuffer.wrap(Files.readAllBytes(models.file(speaker.style())))
                .order(ByteOrder.LITTLE_ENDIAN)
                .asFloatBuffer();
        float[] rows = new float[styles.remaining()];
        styles.get(rows);
        try (OrtSession.SessionOptions options = new OrtSession.SessionOptions()) {
            options.addConfigEntry("session.disable_quant_qdq", "1");
            options.setIntraOpNumThreads(Math.min(4, Runtime.getRuntime().availableProcessors()));
            OrtSession session = OrtEnvironment.getEnvironment()
                    .createSession(models.file(Model.VOICE).toString(), options);
            return new Loaded(session, new Pronunciation(), symbols, rows);
        }
    }

    /** Splits what is too long for the model at its commas and, where there are none, at a blank. */
    private static List<String> pieces(String symbols) {
        List<String> pieces = new ArrayList<>();
        String left = symbols;
        while (left.length() > MOST) {
            int cut = Math.max(left.lastIndexOf(',', MOST - 1), left.lastIndexOf('.', MOST - 1)) + 1;
            cut = cut > 0 ? cut : left.lastIndexOf(' ', MOST - 1) + 1;
            cut = cut > 0 ? cut : MOST;
            pieces.add(left.substring(0, cut).strip());
            left = left.substring(cut).strip();
        }
        pieces.add(left);
        return pieces;
    }

    private float[] infer(String symbols) throws OrtException {
        List<Long> known = symbols.codePoints()
                .mapToObj(Character::toString)
                .filter(loaded.symbols()::containsKey)
                .map(loaded.symbols()::get)
                .toList();
        long[] tokens = new long[known.size() + 2];
        for (int i = 0; i < known.size(); i++) {
            tokens[i + 1] = known.get(i);
        }
        int row = Math.min(known.size(), loaded.styles().length / STYLE - 1);
        OrtEnvironment ort = OrtEnvironment.getEnvironment();
        try (OnnxTensor input = OnnxTensor.createTensor(ort, LongBuffer.wrap(tokens), new long[] {1, tokens.length});
                OnnxTensor style = OnnxTensor.createTensor(
                        ort,
                        FloatBuffer.wrap(loaded.styles(), row * STYLE, STYLE).slice(),
                        new long[] {1, STYLE});
                OnnxTensor pace = OnnxTensor.createTensor(ort, FloatBuffer.wrap(new float[] {speed}), new long[] {1});
                OrtSession.Result out = loaded.session().run(Map.of("tokens", input, "style", style, "speed", pace))) {
            FloatBuffer audio = ((OnnxTensor) out.get(0)).getFloatBuffer();
            float[] samples = new float[audio.remaining()];
            audio.get(samples);
            return samples;
        }
    }
}
