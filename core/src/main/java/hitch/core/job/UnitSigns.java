package hitch.core.job;

import hitch.core.caption.Cue;
import hitch.core.counter.Counted;
import hitch.core.counter.sight.CounterUnit;
import hitch.core.counter.sight.UnitHints;
import hitch.core.footage.Clip;
import hitch.core.measure.LengthUnit;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** What a job tells of the unit that one of its counters counts in. */
public final class UnitSigns {
    private static final Pattern FEET = Pattern.compile("\\b(feet|foot|ft)\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern METRES = Pattern.compile("\\b(met(re|er)s?)\\b", Pattern.CASE_INSENSITIVE);

    private UnitSigns() {}

    public static UnitHints of(Job job, Clip clip) {
        LengthUnit measured = job.facts().unit();
        // A job in which nothing was written yet is in feet only because something must be.
        CounterUnit chosen = job.facts().equals(PropertyFacts.BLANK) ? CounterUnit.UNSAID : counter(measured);
        List<CounterUnit> others = job.clipsInUse().stream()
                .filter(c -> !c.id().equals(clip.id()))
                .flatMap(c -> job.counterOf(c.id()).counted().stream())
                .filter(Counted::unitSure)
                .map(c -> counter(c.unit()))
                .distinct()
                .toList();
        return new UnitHints(
                chosen,
                others.size() == 1 ? others.getFirst() : CounterUnit.UNSAID,
                said(job, clip, FEET),
                said(job, clip, METRES));
    }

    private static CounterUnit counter(LengthUnit unit) {
        return unit == LengthUnit.METRES ? CounterUnit.METRES : CounterUnit.FEET;
    }

    private static int said(Job job, Clip clip, Pattern word) {
        Stream<String> texts = job.talk().stream()
                .filter(t -> t.clip().equals(clip.id()))
                .flatMap(t -> t.cues().stream())
                .map(Cue::text);
        return (int) texts.mapToLong(t -> word.matcher(t).results().count()).sum();
    }
}
