package hitch.core.survey.spoken;

import hitch.core.caption.Cue;
import hitch.core.footage.FrameRef;
import hitch.core.job.Job;
import hitch.core.measure.LengthUnit;
import hitch.core.note.NoteReader;
import hitch.core.survey.Survey;
import hitch.core.talk.Commentary;
import hitch.core.talk.Contradiction;
import hitch.core.talk.SaidAgainst;
import hitch.core.talk.Spoken;
import hitch.core.talk.TalkReader;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Captions that were read, so that what contradicts the record is known wherever the job is judged. */
public record Heard(Map<List<Cue>, Spoken.All> read) {
    public static final Heard NOTHING = new Heard(Map.of());

    public Heard {
        read = Map.copyOf(read);
    }

    /** Reads every commentary of a job; takes a second for ten minutes of talk. */
    public static Heard all(Job job, NoteReader reader, LengthUnit unit) {
        Map<List<Cue>, Spoken.All> read = new LinkedHashMap<>();
        for (Commentary commentary : job.talk()) {
            read.computeIfAbsent(commentary.cues(), c -> new TalkReader(reader, unit).read(c));
        }
        return new Heard(read);
    }

    /** The survey with what was said against it. */
    public Survey in(Survey survey, Job job) {
        List<SaidAgainst> against = job.talk().stream()
                .filter(c -> read.containsKey(c.cues()))
                .flatMap(c -> survey.clip(c.clip()).stream()
                        .flatMap(clip -> SpokenLines.of(survey, c, clip, read.get(c.cues())).stream()))
                .filter(SpokenLine::isOpen)
                .flatMap(l -> l.against().stream().map(a -> against(l, a)))
                .toList();
        return against.isEmpty() ? survey : survey.contradicted(against);
    }

    private static SaidAgainst against(SpokenLine line, Contradiction what) {
        return new SaidAgainst(
                line.commentary().id() + "/" + line.spoken().key(),
                new FrameRef(line.clip().id(), line.clip().ptsAt(line.seconds())),
                what.sort(),
                what.words());
    }
}
