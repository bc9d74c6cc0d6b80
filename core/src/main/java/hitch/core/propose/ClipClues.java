package hitch.core.propose;

import hitch.core.counter.CounterTrace;
import hitch.core.counter.Zeroing;
import hitch.core.footage.Clip;
import hitch.core.measure.Distance;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What is known of a clip before anybody said which run it is of.
 *
 * @param clip the clip
 * @param trace what its counter shows; empty where none was read
 * @param said what was said on it, in order of time
 * @param openAir share of its pictures that look like the open air rather than a pipe; empty where nobody looked
 * @param turned whether its counter stands on its head
 * @param passed tie-ins that were told or marked on it
 */
public record ClipClues(
        Clip clip,
        Optional<CounterTrace> trace,
        List<SaidSentence> said,
        OptionalDouble openAir,
        boolean turned,
        List<Passed> passed) {
    public ClipClues {
        trace = trace.filter(t -> !t.isEmpty());
        said = List.copyOf(said);
        passed = List.copyOf(passed);
    }

    /** What the counter shows when the clip begins, feet; empty without a counter. */
    OptionalDouble begins() {
        return trace.map(t -> shown(t, t.knots().getFirst().pts())).orElse(OptionalDouble.empty());
    }

    /** What it shows when the clip ends. */
    OptionalDouble ends() {
        return trace.map(t -> shown(t, t.knots().getLast().pts())).orElse(OptionalDouble.empty());
    }

    /** How much cable was out at a second of the clip, feet; empty where nobody knows. */
    OptionalDouble cableAt(double seconds) {
        return trace.map(t -> inFeet(t.cableAt(clip.ptsAt(seconds)))).orElse(OptionalDouble.empty());
    }

    /** How much cable was out at most, feet. */
    double most() {
        return trace.stream()
                .flatMap(t -> t.knots().stream())
                .mapToDouble(CounterTrace.Knot::cable)
                .map(mm -> mm / Distance.MM_PER_FOOT)
                .max()
                .orElse(0);
    }

    List<Zeroing> zeroings() {
        return trace.map(CounterTrace::zeroings).orElse(List.of());
    }

    private static OptionalDouble shown(CounterTrace trace, long pts) {
        return inFeet(trace.shownAt(pts));
    }

    private static OptionalDouble inFeet(OptionalDouble mm) {
        return mm.isPresent() ? OptionalDouble.of(mm.getAsDouble() / Distance.MM_PER_FOOT) : mm;
    }
}
