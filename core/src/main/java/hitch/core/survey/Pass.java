package hitch.core.survey;

import hitch.core.counter.CounterTrace;
import hitch.core.counter.Heading;
import hitch.core.finding.LocatedFinding;
import hitch.core.finding.Sighting;
import hitch.core.footage.FrameRef;
import hitch.core.run.RunId;
import hitch.core.survey.align.Tied;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * One way of one run: out or back.
 *
 * @param run the run
 * @param heading which way
 */
record Pass(RunId run, Heading heading) {
    /** The passes on which a finding was seen; the way out where its footage has no counter. */
    static List<Pass> of(LocatedFinding found, Tied tied) {
        return Stream.concat(
                        Stream.of(found.finding().frame()),
                        found.finding().sightings().stream().map(Sighting::frame))
                .flatMap(frame -> at(frame, tied).stream())
                .distinct()
                .toList();
    }

    private static Optional<Pass> at(FrameRef frame, Tied tied) {
        Optional<CounterTrace> trace = Optional.ofNullable(tied.traces().get(frame.clip()));
        return tied.runs().stream()
                .filter(r -> r.clips().contains(frame.clip()))
                .findFirst()
                .map(r -> new Pass(
                        r.id(),
                        // A run that was only described went out, as far as anybody told.
                        trace.map(t -> t.passHeadingAt(frame.pts())).orElse(Heading.OUT)));
    }
}
