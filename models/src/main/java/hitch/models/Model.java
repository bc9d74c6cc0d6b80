package hitch.models;

/** A file of a model. */
public enum Model {
    VOICE("voice/voice.onnx"),
    SYMBOLS("voice/symbols.json"),
    WARM("voice/warm.bin"),
    PLAIN("voice/plain.bin"),
    CLEAR("voice/clear.bin"),
    DEEP("voice/deep.bin"),
    ENCODER("ears/encoder.ort"),
    DECODER("ears/decoder.ort"),
    TOKENS("ears/tokens.bin"),
    SPEECH("ears/speech.onnx");

    private final String file;

    Model(String file) {
        this.file = file;
    }

    /** Its file within the models, with strokes. */
    public String file() {
        return file;
    }
}
