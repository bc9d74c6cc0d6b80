package hitch.core.propose;

import hitch.core.Sample;
import hitch.core.caption.Cue;
import hitch.core.counter.CounterMark;
import hitch.core.counter.CounterTrace;
import hitch.core.counter.Zeroing;
import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.measure.Distance;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** A made-up clip of which it is known what its counter showed and what was said on it. */
final class MadeClip {
    private final Clip clip;
    private final List<CounterMark> marks = new ArrayList<>();
    private final List<Cue> cues = new ArrayList<>();
    private double air;
    private boolean turned;
    private final List<Passed> passed = new ArrayList<>();

    MadeClip(String name, String recorded) {
        clip = Sample.clip(new ClipId(name), 120).withRecorded(recorded).withFile(name + ".mp4");
    }

    MadeClip at(double second, double feet) {
        marks.add(Sample.reading(second, feet));
        return this;
    }

    MadeClip zeroed(double second, double feet) {
        marks.add(Zeroing.byHand((long) (second * 1000), Distance.feet(feet)));
        return this;
    }

    MadeClip says(double second, String words) {
        cues.add(new Cue(second, second + 3, words));
        return this;
    }

    MadeClip passes(double feet, String side) {
        passed.add(new Passed(feet, side.equals("right")));
        return this;
    }

    MadeClip inOpenAir() {
        air = 1;
        return this;
    }

    MadeClip upsideDown() {
        turned = true;
        return this;
    }

    Clip clip() {
        return clip;
    }

    ClipClues clues() {
        return new ClipClues(
                clip,
                Optional.of(CounterTrace.fit(clip.base(), marks)),
                SaidSentence.of(cues, 0),
                OptionalDouble.of(air),
                turned,
                passed);
    }
}
