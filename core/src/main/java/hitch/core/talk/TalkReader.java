package hitch.core.talk;

import hitch.core.caption.Cue;
import hitch.core.measure.LengthUnit;
import hitch.core.note.NoteReader;
import hitch.core.talk.place.Course;
import hitch.core.talk.place.SaidUnit;
import hitch.core.talk.place.Transcript;
import java.util.List;

/**
 * Reads captions into drafts, in steps: the captions are one text ({@link Transcript}), in which the places are found that the camera
 * was told to pass ({@link Course}); it is cut into passages ({@link Passages}), and each is read with what was said before it in mind
 * ({@link Following}).
 */
public final class TalkReader {
    private final NoteReader reader;
    private final LengthUnit unit;

    public TalkReader(NoteReader reader, LengthUnit unit) {
        this.reader = reader;
        this.unit = unit;
    }

    /** What was said in {@code cues}, given in order of time. */
    public Spoken.All read(List<Cue> cues) {
        if (cues.isEmpty()) {
            return new Spoken.All(List.of(), List.of());
        }
        Transcript transcript = Transcript.of(cues);
        LengthUnit said = SaidUnit.of(transcript, unit);
        Course course = Course.of(transcript, reader, said);
        Following following = new Following(reader, said, transcript, course);
        Passages.of(transcript, course).forEach(following::read);
        return following.all();
    }
}
