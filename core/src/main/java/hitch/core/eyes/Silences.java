package hitch.core.eyes;

import hitch.core.caption.Cue;
import hitch.core.footage.Clip;
import hitch.core.footage.FrameRef;
import hitch.core.footage.Stretch;
import hitch.core.survey.Survey;
import hitch.core.talk.Commentary;
import java.util.ArrayList;
import java.util.List;

/** Where the camera stood, on a clip on which somebody talks, and nobody said a word. */
final class Silences {
    /** Whoever stands shorter only takes breath, seconds. */
    private static final double SHORTEST = 4;
    /** Whoever stands longer does not look: the reel is left alone. */
    private static final double LONGEST = 40;
    /** What is said so shortly before or after belongs to it, seconds. */
    private static final double BESIDE = 4;
    /** Where a clip begins and ends the camera stands for reasons of its own, seconds. */
    private static final double ENDS = 8;

    private Silences() {}

    static List<LookHere> of(Survey survey, Clip clip, List<Commentary> talk) {
        List<Commentary> here =
                talk.stream().filter(t -> t.clip().equals(clip.id())).toList();
        List<LookHere> stood = new ArrayList<>();
        for (Stretch stretch : survey.stretchesOf(clip.id())) {
            double from = clip.secondsInto(stretch.fromPts());
            double to = clip.secondsInto(stretch.toPts());
            boolean looks = stretch.reason() == Stretch.Reason.MOTIONLESS
                    && to - from >= SHORTEST
                    && to - from <= LONGEST
                    && from > ENDS
                    && to < clip.seconds() - ENDS;
            if (looks && !here.isEmpty() && here.stream().noneMatch(t -> speaks(t, from - BESIDE, to + BESIDE))) {
                FrameRef frame = new FrameRef(clip.id(), (stretch.fromPts() + stretch.toPts()) / 2);
                survey.stationAt(frame).ifPresent(at -> stood.add(new LookHere(frame, at, 1, LookHere.Why.STOOD)));
            }
        }
        return stood;
    }

    private static boolean speaks(Commentary talk, double from, double to) {
        return talk.cues().stream().anyMatch(c -> begin(talk, c) < to && end(talk, c) > from);
    }

    private static double begin(Commentary talk, Cue cue) {
        return cue.start() + talk.offset();
    }

    private static double end(Commentary talk, Cue cue) {
        return cue.end() + talk.offset();
    }
}
