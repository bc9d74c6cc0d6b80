package hitch.store.seal;

import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.media.clip.ClipFacts;
import hitch.media.clip.ClipIndex;
import hitch.media.clip.ClipIndexer;
import hitch.media.clip.Fingerprint;
import hitch.media.clip.FrameReader;
import hitch.media.clip.Picture;
import hitch.media.render.Still;
import hitch.store.StoreException;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import tools.jackson.databind.JsonNode;

/**
 * Which moment of which recording each still and clip of a parcel shows, and, where the recording is at hand, whether it does: a
 * still is held pixel by pixel against the frame it names, a clip frame by frame at its beginning, its middle and its end.
 */
public final class ShownMoments {
    /** What was found of one file. */
    public enum State {
        /** It shows the frame that the manifest names, pixel by pixel. */
        SHOWS_IT("shows it, pixel by pixel"),
        /** It was changed on purpose, as the manifest says: turned, brightened, covered, or coded anew. */
        CHANGED_AS_TOLD("changed as the manifest tells, so it is not compared"),
        /** It shows something else. */
        SHOWS_OTHER("shows something else"),
        /** The recording is not at hand. */
        NO_SOURCE("its recording is not at hand");

        private final String words;

        State(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * One file and what it shows.
     *
     * @param file its name within the parcel
     * @param source file name of the recording
     * @param moment in words
     */
    public record Line(String file, String source, String moment, State state) {}

    private final Path folder;
    private final JsonNode manifest;
    private final Map<String, Path> recordings;
    private final Map<String, ClipIndex> indexes = new HashMap<>();

    private ShownMoments(Path folder, JsonNode manifest, Map<String, Path> recordings) {
        this.folder = folder;
        this.manifest = manifest;
        this.recordings = recordings;
    }

    /**
     * @param places files and folders in which recordings are looked for, by their fingerprints; may be empty
     */
    public static List<Line> of(Path folder, Verified verified, List<Path> places, Progress progress)
            throws StoreException {
        ShownMoments moments = new ShownMoments(
                folder, verified.manifest(), recordings(verified.manifest(), places, progress.part(0, 0.4)));
        List<Line> lines = new ArrayList<>();
        List<JsonNode> rows = new ArrayList<>();
        verified.manifest().path("stills").forEach(rows::add);
        int stills = rows.size();
        verified.manifest().path("footage").forEach(rows::add);
        for (int i = 0; i < rows.size(); i++) {
            progress.at(
                    0.4 + 0.6 * i / rows.size(),
                    "looking at " + rows.get(i).path("file").asString(""));
            lines.add(i < stills ? moments.still(rows.get(i)) : moments.clip(rows.get(i)));
        }
        return lines;
    }

    /** Recordings at hand, by their fingerprints: only files as long as one that is sought are read. */
    private static Map<String, Path> recordings(JsonNode manifest, List<Path> places, Progress progress)
            throws StoreException {
        Map<String, Path> found = new HashMap<>();
        List<Long> lengths = new ArrayList<>();
        manifest.path("sources").forEach(s -> lengths.add(s.path("bytes").asLong(-1)));
        for (Path place : places) {
            try (Stream<Path> all = Files.walk(place)) {
                for (Path file : all.filter(p -> Files.isRegularFile(p, LinkOption.NOFOLLOW_LINKS))
                        .toList()) {
                    if (lengths.contains(Files.size(file))) {
                        found.put(Fingerprint.of(file, progress), file);
                    }
                }
            } catch (IOException | MediaException e) {
                throw new StoreException("Recordings in " + place + " cannot be looked through: " + e.getMessage(), e);
            }
        }
        return found;
    }

    private Optional<JsonNode> source(JsonNode row) {
        for (JsonNode source : manifest.path("sources")) {
            if (source.path("clip").asString("").equals(row.path("clip").asString(" "))) {
                return Optional.of(source);
            }
        }
        return Optional.empty();
    }

    private Line still(JsonNode row) throws StoreException {
        Optional<JsonNode> source = source(row);
        String moment = String.format(Locale.ROOT, "%.3f s", row.path("time_s").asDouble(0));
        boolean told = row.has("adjusted") || row.has("covered");
        return line(row, source, moment, told, (recording, index) -> {
            Picture frame = frame(recording, index, row.path("pts").asLong());
            BufferedImage still =
                    ImageIO.read(folder.resolve(row.path("file").asString("")).toFile());
            return still != null && same(still, frame);
        });
    }

    private Line clip(JsonNode row) throws StoreException {
        Optional<JsonNode> source = source(row);
        long first = row.path("first_pts").asLong();
        long last = row.path("last_pts").asLong();
        String moment =
                source.map(s -> seconds(s, first) + " to " + seconds(s, last)).orElse("");
        return line(row, source, moment, row.has("altered"), (recording, index) -> {
            ClipFacts cut = ClipIndexer.index(folder.resolve(row.path("file").asString("")));
            int from = index.frames().numberAt(first);
            int count = index.frames().numberAt(last) - from + 1;
            if (cut.index().frames().count() != count) {
                return false;
            }
            try (FrameReader reader =
                    new FrameReader(folder.resolve(row.path("file").asString("")), cut.index())) {
                for (int at : new int[] {0, count / 2, count - 1}) {
                    Picture frame = frame(recording, index, index.frames().pts(from + at));
                    if (!same(Still.image(reader.frame(at)), frame)) {
                        return false;
                    }
                }
            }
            return true;
        });
    }

    private static String seconds(JsonNode source, long pts) {
        String[] base = source.path("time_base").asString("1/1").split("/");
        long zero = source.path("first_pts").asLong(0);
        return String.format(
                Locale.ROOT, "%.3f s", (pts - zero) * Double.parseDouble(base[0]) / Double.parseDouble(base[1]));
    }

    private interface Compared {
        boolean same(Path recording, ClipIndex index) throws MediaException, IOException;
    }

    private Line line(JsonNode row, Optional<JsonNode> source, String moment, boolean told, Compared compared)
            throws StoreException {
        String file = row.path("file").asString("");
        String named = source.map(s -> s.path("file").asString("")).orElse("");
        Path recording =
                source.map(s -> recordings.get(s.path("sha256").asString(""))).orElse(null);
        State state = State.NO_SOURCE;
        try {
            if (told) {
                state = State.CHANGED_AS_TOLD;
            } else if (recording != null && Files.isRegularFile(folder.resolve(file))) {
                state = compared.same(recording, index(recording)) ? State.SHOWS_IT : State.SHOWS_OTHER;
            }
        } catch (IOException e) {
            throw new StoreException(file + " cannot be looked at: " + e.getMessage(), e);
        } catch (MediaException e) {
            // What cannot be decoded does not show what it should.
            state = State.SHOWS_OTHER;
        }
        return new Line(file, named, moment, state);
    }

    private ClipIndex index(Path recording) throws MediaException {
        ClipIndex known = indexes.get(recording.toString());
        if (known == null) {
            known = ClipIndexer.index(recording).index();
            indexes.put(recording.toString(), known);
        }
        return known;
    }

    private static Picture frame(Path recording, ClipIndex index, long pts) throws MediaException {
        try (FrameReader reader = new FrameReader(recording, index)) {
            return reader.frame(index.frames().numberAt(pts));
        }
    }

    private static boolean same(BufferedImage still, Picture frame) {
        if (still.getWidth() != frame.width() || still.getHeight() != frame.height()) {
            return false;
        }
        int[] rgb = still.getRGB(0, 0, frame.width(), frame.height(), null, 0, frame.width());
        int[] other = frame.rgb();
        for (int i = 0; i < rgb.length; i++) {
            if ((rgb[i] & 0xFFFFFF) != (other[i] & 0xFFFFFF)) {
                return false;
            }
        }
        return true;
    }
}
