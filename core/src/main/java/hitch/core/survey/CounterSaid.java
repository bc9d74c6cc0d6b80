package hitch.core.survey;

import hitch.core.counter.MarkSource;
import hitch.core.counter.Zeroing;
import hitch.core.finding.Finding;
import hitch.core.footage.FrameRef;
import hitch.core.measure.Distance;
import hitch.core.measure.LengthUnit;
import hitch.core.measure.Station;
import hitch.core.note.Draft;
import java.util.Optional;

/** What a note tells of the counter: that it was zeroed, or a distance that is another than it gives. */
public final class CounterSaid {
    /** A typed distance and the counter's may differ by this much without a word, since people look ahead. */
    private static final Distance TOLERATED = Distance.feet(2);

    private CounterSaid() {}

    /** The zeroing that a draft tells of, at a frame. */
    public static Zeroing zeroing(Survey survey, Draft draft, FrameRef at) {
        var trace = survey.traces().get(at.clip());
        long cable = trace == null ? 0 : Math.round(trace.cableAt(at.pts()).orElse(0));
        Distance shown = draft.place().map(Draft.Place::from).orElse(Distance.ZERO);
        return new Zeroing(at.pts(), new Distance(cable), shown, MarkSource.BY_HAND);
    }

    /** Where a typed distance and the counter differ, what to do about it; empty where they do not. */
    public static Optional<String> differs(Survey survey, Finding made, FrameRef at) {
        Optional<Station> counter = survey.stationAt(at);
        Optional<Station> typed = made.typed()
                .map(e -> e.movedBy(survey.line().tied().movedMm(at.clip())).from());
        boolean apart = counter.isPresent()
                && typed.map(t -> t.to(counter.get()).compareTo(TOLERATED) > 0).orElse(false);
        if (!apart) {
            return Optional.empty();
        }
        LengthUnit unit = survey.facts().unit();
        return Optional.of("You typed " + unit.show(typed.get().fromDatum()) + "; the counter gives "
                + unit.show(counter.get().fromDatum()) + ", and " + made.id()
                + " stands there. To keep what was typed, amend it (E) and press Shift+Enter.");
    }
}
