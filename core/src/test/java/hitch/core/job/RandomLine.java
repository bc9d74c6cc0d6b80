package hitch.core.job;

import hitch.core.line.Ground;
import hitch.core.line.LineFacts;
import hitch.core.line.ReadFrom;
import hitch.core.line.SpanGiven;
import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import hitch.core.measure.Station;
import hitch.core.pipe.Branch;
import hitch.core.pipe.Lining;
import hitch.core.pipe.Material;
import hitch.core.pipe.Pipe;
import hitch.core.pipe.PipeSize;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;

/** Things people say of a line. */
final class RandomLine {
    private RandomLine() {}

    static Arbitrary<Edit> edit() {
        Arbitrary<Station> station =
                Arbitraries.longs().between(-30_000, 60_000).map(Station::new);
        Arbitrary<Ground> ground = Arbitraries.oneOf(
                Arbitraries.of(Ground.NOT_SAID, Ground.LEVEL),
                Arbitraries.doubles().between(-20, 20).map(Ground::slope),
                station.list()
                        .ofMinSize(1)
                        .ofMaxSize(4)
                        .map(all -> Ground.heights(all.stream()
                                .map(s -> new Ground.Height(s, new Distance(s.mm() / 10)))
                                .toList())));
        Arbitrary<Set<SpanGiven.Part>> denied =
                Arbitraries.of(SpanGiven.Part.values()).set();
        Arbitrary<SpanGiven> span = Combinators.combine(station, station, Arbitraries.of(Material.values()), denied)
                .as((a, b, m, not) -> new SpanGiven(
                        Branch.LINE,
                        Extent.between(a, b),
                        new Pipe(
                                Optional.of(m).filter(x -> !not.contains(SpanGiven.Part.MATERIAL)),
                                Optional.of(PipeSize.inches(1.5)).filter(x -> !not.contains(SpanGiven.Part.SIZE)),
                                Optional.of(Lining.COATING).filter(x -> !not.contains(SpanGiven.Part.LINING)),
                                Optional.of(1962).filter(x -> !not.contains(SpanGiven.Part.LAID))),
                        not));
        return Combinators.combine(
                        ground,
                        station.optional(),
                        Arbitraries.of(ReadFrom.values()),
                        span,
                        Arbitraries.of("kitchen", "wing"))
                .as((g, s, from, given, name) -> new Edit.DescribeLine(
                        new LineFacts(List.of(Branch.named(name)), g, s, s, Optional.empty(), from, List.of())
                                .withSpan(given)));
    }
}
