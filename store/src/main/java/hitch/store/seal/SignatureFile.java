package hitch.store.seal;

import hitch.core.parcel.Marks;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.GeneralSecurityException;
import java.util.Base64;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** {@code signature.json}: the signature of a manifest, byte for byte, with the public key that it is checked with. */
public final class SignatureFile {
    /** What it is called within a parcel. */
    public static final String NAME = "signature.json";

    private static final long LARGEST = 1 << 16;
    private static final JsonMapper MAPPER =
            JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

    private SignatureFile() {}

    /** Signs the manifest of a folder. */
    public static void write(Path folder, String manifest, SigningKey key) throws IOException {
        byte[] bytes = Files.readAllBytes(folder.resolve(manifest));
        Map<String, Object> root = new LinkedHashMap<>();
        root.put("signs", manifest);
        root.put("algorithm", SigningKey.ALGORITHM);
        root.put("public_key", Base64.getEncoder().encodeToString(key.open()));
        root.put("key_sha256", key.fingerprint());
        root.put("signature", Base64.getEncoder().encodeToString(key.sign(bytes)));
        Files.writeString(folder.resolve(NAME), MAPPER.writeValueAsString(root));
    }

    /** How a manifest is signed. */
    public enum State {
        /** With the key that the signature names, and every byte is as it was. */
        GOOD,
        /** The manifest, the key or the signature was changed after it was signed. */
        BROKEN,
        /** There is no signature. */
        NONE
    }

    /**
     * What was found.
     *
     * @param key fingerprint of the key; blank where there is none
     */
    public record Found(State state, String key) {}

    /** Checks the manifest of a folder against the signature beside it. */
    static Found check(Path folder, String manifest) throws IOException {
        Path file = folder.resolve(NAME);
        if (!Files.isRegularFile(file)) {
            return new Found(State.NONE, "");
        }
        if (Files.size(file) > LARGEST) {
            return new Found(State.BROKEN, "");
        }
        Optional<JsonNode> root = read(file);
        if (root.isEmpty()) {
            return new Found(State.BROKEN, "");
        }
        try {
            byte[] key =
                    Base64.getDecoder().decode(root.get().path("public_key").asString(""));
            byte[] signature =
                    Base64.getDecoder().decode(root.get().path("signature").asString(""));
            boolean good =
                    SigningKey.isSigned(Files.readAllBytes(folder.resolve(manifest)), signature, SigningKey.open(key));
            return new Found(good ? State.GOOD : State.BROKEN, Marks.of(key));
        } catch (GeneralSecurityException | IllegalArgumentException e) {
            return new Found(State.BROKEN, "");
        }
    }

    private static Optional<JsonNode> read(Path file) throws IOException {
        try {
            return Optional.of(JsonMapper.shared().readTree(Files.readAllBytes(file)));
        } catch (JacksonException e) {
            return Optional.empty();
        }
    }
}
