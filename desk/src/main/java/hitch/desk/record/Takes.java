package hitch.desk.record;

import hitch.core.job.Recording;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.media.clip.Fingerprint;
import hitch.media.ears.Ears;
import hitch.media.ears.TakeReader;
import hitch.media.voice.Sound;
import hitch.media.voice.WavFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;

/** Makes recordings of takes: keeps all that was heard in a file of its own, and finds in it what is used. Used off the interface's thread. */
final class Takes implements AutoCloseable {
    /** Letters of a fingerprint that a file is named by. */
    private static final int NAME = 16;

    private final Path folder;
    private final Ears.Opening opening;
    private Ears ears;
    private Optional<String> deaf = Optional.empty();

    Takes(Path folder, Ears.Opening opening) {
        this.folder = folder;
        this.opening = opening;
    }

    /**
     * What came of a take.
     *
     * @param sound all that was heard
     * @param recording as it would be used, for the words that were to be read
     * @param take what was heard in it
     * @param unheard why the words could not be compared; empty where they were
     */
    record Made(Sound sound, Recording recording, TakeReader.Take take, Optional<String> unheard) {}

    /**
     * @throws MediaException where nobody speaks in it, or the disk refuses
     */
    Made make(Sound sound, String words) throws MediaException {
        TakeReader.Take take = new TakeReader(this::hear).read(sound, words);
        try {
            Files.createDirectories(folder);
            Path part = folder.resolve("take.part");
            WavFile.write(sound, part);
            String name = Fingerprint.of(part, Progress.NONE).substring(0, NAME) + ".wav";
            Files.move(part, folder.resolve(name), java.nio.file.StandardCopyOption.REPLACE_EXISTING);
            return new Made(
                    sound,
                    new Recording(
                            name, take.from(), take.to(), words, take.aloud().sentences()),
                    take,
                    deaf);
        } catch (IOException e) {
            throw new MediaException(
                    "The recording could not be kept in " + folder + ": " + e.getMessage()
                            + ". The words are as they were. Free some space, then record it again.",
                    e);
        }
    }

    private String hear(Sound sound) throws MediaException {
        if (ears == null && deaf.isEmpty()) {
            try {
                ears = opening.open();
            } catch (MediaException e) {
                deaf = Optional.of(e.getMessage());
            }
        }
        return ears == null ? "" : ears.hear(sound).text();
    }

    @Override
    public void close() throws MediaException {
        if (ears != null) {
            ears.close();
            ears = null;
        }
    }
}
