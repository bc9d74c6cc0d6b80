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
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The model that all speakers share. It is loaded when it is first asked, and let go by {@link #rest}. It answers one call at a time. */
final class VoiceModel {
    /**
     * Symbols that are handed to the model at once. It takes 508, but the memory it needs grows with them and is not given back while it speaks:
     * a sentence of 200 took 280 MB more than one of 160.
     */
    private static final int MOST = 160;

    private static final int STYLE = 256;
    private static final Pattern SYMBOL = Pattern.compile("\"((?:\\\\.|[^\"\\\\])+)\"\\s*:\\s*(\\d+)");

    private final ModelFolder models;
    private Loaded loaded;

    VoiceModel(ModelFolder models) {
        this.models = models;
    }

    private record Loaded(
            OrtSession session, Pronunciation pronunciation, Map<String, Long> symbols, Map<Speaker, float[]> styles)
            implements AutoCloseable {
        @Override
        public void close() throws OrtException {
            session.close();
        }
    }

    /** A text at the model's own rate, in one piece after another. */
    synchronized List<float[]> speak(String text, Speaking how)
            throws ModelException, OrtException, IOException, MediaException {
        if (loaded == null) {
            loaded = load();
        }
        if (!loaded.styles().containsKey(how.speaker())) {
            loaded.styles().put(how.speaker(), style(how.speaker()));
        }
        List<float[]> parts = new ArrayList<>();
        for (String symbols : pieces(loaded.pronunciation().of(text))) {
            parts.add(infer(symbols, how));
        }
        return parts;
    }

    synchronized void rest() {
        if (loaded != null) {
            try {
                loaded.close();
            } catch (OrtException e) {
                throw new IllegalStateException(e);
            }
            loaded = null;
            NativeMemory.giveBack();
        }
    }

    private Loaded load() throws ModelException, OrtException, IOException, MediaException {
        Map<String, Long> symbols = new HashMap<>();
        Matcher symbol = SYMBOL.matcher(Files.readString(models.file(Model.SYMBOLS), StandardCharsets.UTF_8));
        while (symbol.find()) {
            symbols.put(symbol.group(1).replace("\\\"", "\""), Long.parseLong(symbol.group(2)));
        }
        try (OrtSession.SessionOptions options = new OrtSession.SessionOptions()) {
            options.addConfigEntry("session.disable_quant_qdq", "1");
            options.setMemoryPatternOptimization(false);
            options.setIntraOpNumThreads(Math.min(4, Runtime.getRuntime().availableProcessors()));
            OrtSession session = OrtEnvironment.getEnvironment()
                    .createSession(models.file(Model.VOICE).toString(), options);
            return new Loaded(session, new Pronunciation(), symbols, new EnumMap<>(Speaker.class));
        }
    }

    private float[] style(Speaker speaker) throws ModelException, IOException {
        FloatBuffer styles = ByteBuffer.wrap(Files.readAllBytes(models.file(speaker.style())))
                .order(ByteOrder.LITTLE_ENDIAN)
                .asFloatBuffer();
        float[] rows = new float[styles.remaining()];
        styles.get(rows);
        return rows;
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

    private float[] infer(String symbols, Speaking how) throws OrtException {
        List<Long> known = symbols.codePoints()
                .mapToObj(Character::toString)
                .filter(loaded.symbols()::containsKey)
                .map(loaded.symbols()::get)
                .toList();
        long[] tokens = new long[known.size() + 2];
        for (int i = 0; i < known.size(); i++) {
            tokens[i + 1] = known.get(i);
        }
        float[] styles = loaded.styles().get(how.speaker());
        int row = Math.min(known.size(), styles.length / STYLE - 1);
        OrtEnvironment ort = OrtEnvironment.getEnvironment();
        try (OnnxTensor input = OnnxTensor.createTensor(ort, LongBuffer.wrap(tokens), new long[] {1, tokens.length});
                OnnxTensor style = OnnxTensor.createTensor(
                        ort, FloatBuffer.wrap(styles, row * STYLE, STYLE).slice(), new long[] {1, STYLE});
                OnnxTensor pace = OnnxTensor.createTensor(
                        ort, FloatBuffer.wrap(new float[] {(float) how.pace()}), new long[] {1});
                OrtSession.Result out = loaded.session().run(Map.of("tokens", input, "style", style, "speed", pace))) {
            FloatBuffer audio = ((OnnxTensor) out.get(0)).getFloatBuffer();
            float[] samples = new float[audio.remaining()];
            audio.get(samples);
            return samples;
        }
    }
}
