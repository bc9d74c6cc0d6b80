package hitch.store.intake;

import hitch.core.caption.Cue;
import hitch.core.footage.Clip;
import hitch.core.heard.HeardLines;
import hitch.core.heard.HeardWord;
import hitch.core.note.NoteReader;
import hitch.core.talk.Commentary;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.media.ears.Listener;
import hitch.media.ears.Listening;
import hitch.store.ClipShelf;
import hitch.store.Footage;
import hitch.store.HeardSoFar;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What is said on a clip, written down piece by piece: stopped, it goes on from there. */
public final class Listened {
    private Listened() {}

    /** All that is said on it; what was heard before is not heard again. */
    public static List<HeardWord> to(Footage footage, Listening ears, Clip clip, Progress progress)
            throws MediaException {
        ClipShelf shelf = footage.shelf();
        HeardSoFar before = shelf.heard(clip);
        if (before.whole()) {
            return before.words();
        }
        try (Listener.Source sound = Listener.of(footage.file(clip), footage.clipIndex(clip))) {
            List<HeardWord> words = ears.listen(
                    sound,
                    before.words(),
                    before.upTo(),
                    (at, all) -> shelf.keepHeard(clip, new HeardSoFar(at, false, all)),
                    progress);
            shelf.keepHeard(clip, new HeardSoFar(sound.seconds(), true, words));
            return words;
        }
    }

    /** The captions of what was heard; empty where nobody speaks. */
    public static Optional<Commentary> captions(Clip clip, List<HeardWord> words, NoteReader reader) {
        List<Cue> cues = HeardLines.of(words, reader);
        return cues.isEmpty()
                ? Optional.empty()
                : Optional.of(new Commentary(id(clip), clip.id(), clip.fileName() + ", as heard", cues, 0, Map.of()));
    }

    /** The name of those captions within the job. */
    public static String id(Clip clip) {
        return "heard-" + clip.id();
    }
}
