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
    /** The passes on which a finding was seen; none where its footage has no counter. */
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
                .flatMap(r -> trace.map(t -> new Pass(r.id(), t.passHeadingAt(frame.pts()))));
    }
}
