package hitch.store;

import hitch.core.caption.CaptionReader;
import hitch.core.caption.Cue;
import hitch.core.footage.Clip;
import hitch.core.talk.Commentary;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** Captions on the disk. */
public final class CaptionFile {
    private CaptionFile() {}

    /** Whether the name is one that captions have. */
    public static boolean isOne(Path file) {
        String name = file.getFileName().toString().toLowerCase(Locale.ROOT);
        return name.endsWith(".srt") || name.endsWith(".vtt") || name.endsWith(".txt");
    }

    /**
     * The captions of a file, for a clip. A name that the job has already stands for the same captions.
     *
     * @throws StoreException if it cannot be read or holds no captions; the message says what to do
     */
    public static Commentary read(Path file, Clip clip) throws StoreException {
        List<Cue> cues = CaptionReader.read(TextFile.read(file));
        String name = file.getFileName().toString();
        if (cues.isEmpty()) {
            throw new StoreException(
                    "In " + name + " there are no captions. Hitch reads SubRip (.srt), WebVTT (.vtt) and "
                            + "lines that begin with a time, such as [1:05] roots at 12. Nothing was changed.");
        }
        return new Commentary(clip.id().value() + "/" + name, clip.id(), name, cues, 0, Map.of());
    }
}
