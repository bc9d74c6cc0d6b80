package hitch.store.seal;

import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.media.clip.Fingerprint;
import hitch.store.StoreException;
import hitch.store.out.OutFolder;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A folder that was handed over, held against its manifest, file by file. */
public final class Verified {
    /** What vouches for a parcel. */
    public static final String MANIFEST = "manifest.json";

    /** Bytes of the largest manifest that is read. */
    private static final long LARGEST = 32L << 20;

    /** What became of a file. */
    public enum State {
        UNCHANGED("unchanged"),
        CHANGED("changed"),
        MISSING("missing"),
        /** It is there and the manifest does not know it. */
        ADDED("added");

        private final String word;

        State(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    /**
     * @param name the file's name within the folder
     * @param state what became of it
     */
    public record Line(String name, State state) {}

    private final JsonNode manifest;
    private final List<Line> lines;
    private final SignatureFile.Found signature;

    private Verified(JsonNode manifest, List<Line> lines, SignatureFile.Found signature) {
        this.manifest = manifest;
        this.lines = List.copyOf(lines);
        this.signature = signature;
    }

    /**
     * Holds a folder against its manifest; nothing in it is changed.
     *
     * @throws StoreException where it has no manifest, or one that cannot be read or names files outside the folder
     */
    public static Verified of(Path folder, Progress progress) throws StoreException {
        JsonNode manifest = manifest(folder);
        Map<String, String> known = new LinkedHashMap<>();
        for (JsonNode file : manifest.path("products")) {
            String name = file.path("file").asString("");
            inside(folder, name);
            known.put(name, file.path("sha256").asString(""));
        }
        if (known.isEmpty()) {
            throw new StoreException(
                    "The " + MANIFEST + " of " + folder + " names no file, so nothing can be held against it.");
        }
        List<Line> lines = new ArrayList<>();
        int done = 0;
        for (Map.Entry<String, String> file : known.entrySet()) {
            lines.add(new Line(file.getKey(), state(folder.resolve(file.getKey()), file.getValue())));
            progress.at((double) ++done / known.size(), "checking " + file.getKey());
        }
        added(folder, known.keySet()).forEach(name -> lines.add(new Line(name, State.ADDED)));
        try {
            return new Verified(manifest, lines, SignatureFile.check(folder, MANIFEST));
        } catch (IOException e) {
            throw new StoreException("The signature of " + folder + " cannot be read: " + e.getMessage(), e);
        }
    }

    private static JsonNode manifest(Path folder) throws StoreException {
        Path file = folder.resolve(MANIFEST);
        try {
            if (!Files.isRegularFile(file)) {
                throw new StoreException(folder + " was not handed over by Hitch: it holds no " + MANIFEST + ".");
            }
            if (Files.size(file) > LARGEST) {
                throw new StoreException("The " + MANIFEST + " of " + folder + " is too large to be one.");
            }
            return JsonMapper.shared().readTree(Files.readString(file));
        } catch (IOException | JacksonException e) {
            throw new StoreException(
                    "The " + MANIFEST + " of " + folder + " cannot be read, so nothing can be held against it.", e);
        }
    }

    private static void inside(Path folder, String name) throws StoreException {
        Optional<Path> place = Optional.empty();
        try {
            place = Optional.of(folder.resolve(name).normalize());
        } catch (InvalidPathException e) {
            // Told below.
        }
        if (name.isBlank()
                || place.isEmpty()
                || !place.get().startsWith(folder.normalize())
                || Path.of(name).isAbsolute()) {
            throw new StoreException("The " + MANIFEST + " of " + folder + " names \"" + name
                    + "\", which is no file inside it. It was changed after it was made.");
        }
    }

    private static State state(Path file, String sha256) throws StoreException {
        if (!Files.isRegularFile(file, LinkOption.NOFOLLOW_LINKS)) {
            return State.MISSING;
        }
        try {
            return Fingerprint.of(file, Progress.NONE).equals(sha256) ? State.UNCHANGED : State.CHANGED;
        } catch (MediaException e) {
            throw new StoreException(e.getMessage(), e);
        }
    }

    private static List<String> added(Path folder, java.util.Set<String> known) throws StoreException {
        try {
            return OutFolder.filesIn(folder).stream()
                    .filter(n -> !n.equals(MANIFEST) && !n.equals(SignatureFile.NAME) && !known.contains(n))
                    .toList();
        } catch (IOException e) {
            throw new StoreException(folder + " cannot be looked through: " + e.getMessage(), e);
        }
    }

    /** Whom it was made for; blank where the manifest does not say. */
    public String recipient() {
        return manifest.path("for").asString("");
    }

    /** When it was made, ISO instant; blank likewise. */
    public String madeAt() {
        return manifest.path("made_at").asString("");
    }

    /** Who made it, as the manifest says; blank likewise. */
    public String firm() {
        return manifest.path("firm").asString("");
    }

    /** How the manifest is signed. */
    public SignatureFile.Found signature() {
        return signature;
    }

    /** The manifest itself. */
    JsonNode manifest() {
        return manifest;
    }

    /** File by file: those of the manifest in its order, then those that were added. */
    public List<Line> lines() {
        return lines;
    }

    /** Whether every file is as it was handed over, no other is there, and the signature, where there is one, holds. */
    public boolean isWhole() {
        return lines.stream().allMatch(l -> l.state() == State.UNCHANGED)
                && signature.state() != SignatureFile.State.BROKEN;
    }
}
