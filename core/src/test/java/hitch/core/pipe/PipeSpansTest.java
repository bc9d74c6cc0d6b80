package hitch.core.pipe;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.measure.Extent;
import hitch.core.measure.Station;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

class PipeSpansTest {
    private static final List<PipeSpans.OpeningAt> OPENING =
            List.of(new PipeSpans.OpeningAt(Station.DATUM, Sample.OPENING));

    private static PipeChange wall(long at, Wall before, Wall after) {
        return new PipeChange(new Station(at), of(before), of(after));
    }

    private static Pipe of(Wall wall) {
        return switch (wall) {
            case null -> Pipe.UNKNOWN;
            case Material m -> Pipe.of(m);
            case Lining l -> Pipe.of(l);
        };
    }

    private static PipeChange size(long at, int before, int after) {
        return new PipeChange(new Station(at), Pipe.of(PipeSize.inches(before)), Pipe.of(PipeSize.inches(after)));
    }

    private static Extent seen(long from, long to) {
        return new Extent(new Station(from), new Station(to));
    }

    @Test
    void withoutChangesTheOpeningSpeaksForAll() {
        List<PipeSpan> spans = PipeSpans.reckon(seen(-5000, 9000), OPENING, List.of());
        assertThat(spans).singleElement().satisfies(s -> assertThat(s.words()).isEqualTo("4 in clay"));
    }

    @Test
    void aChangeSpeaksForItsTwoSides() {
        List<PipeSpan> spans = PipeSpans.reckon(
                seen(-9000, 9000),
                OPENING,
                List.of(wall(4000, Material.CLAY, Material.PVC), wall(-4000, Material.CAST_IRON, Material.CLAY)));
        assertThat(spans).extracting(PipeSpan::words).containsExactly("4 in cast iron", "4 in clay", "4 in PVC");
        assertThat(spans).extracting(s -> s.length().mm()).containsExactly(5000L, 8000L, 5000L);
    }

    @Test
    void materialGoesOnThroughAChangeOfSize() {
        List<PipeSpan> spans = PipeSpans.reckon(seen(0, 9000), OPENING, List.of(size(3000, 4, 6)));
        assertThat(spans).extracting(PipeSpan::words).containsExactly("4 in clay", "6 in clay");
    }

    @Test
    void anUnsaidSideStaysUnknown() {
        List<PipeSpan> spans = PipeSpans.reckon(seen(0, 9000), List.of(), List.of(wall(3000, Material.CLAY, null)));
        assertThat(spans.get(0).material()).contains(Material.CLAY);
        assertThat(spans.get(1).material()).isEmpty();
        assertThat(spans.get(1).words()).isEqualTo("unknown pipe");
    }

    @Test
    void aLiningBeginsAndEndsInThePipeThatGoesOn() {
        List<PipeChange> changes = List.of(
                wall(2000, null, Lining.LINER),
                size(3000, 4, 6),
                wall(5000, Lining.LINER, null),
                wall(7000, Material.CLAY, Material.PVC));
        assertThat(PipeSpans.reckon(seen(0, 9000), OPENING, changes))
                .extracting(PipeSpan::words)
                .containsExactly("4 in clay", "4 in clay, lined", "6 in clay, lined", "6 in clay", "6 in PVC");
    }

    @Test
    void whatALiningHidesIsOnlyCalledLined() {
        assertThat(PipeSpans.reckon(seen(0, 9000), List.of(), List.of(wall(2000, null, Lining.LINER))))
                .extracting(PipeSpan::words)
                .containsExactly("unknown pipe", "unknown pipe, lined");
    }

    @Test
    void theYearAPipeWasLaidGoesNoFartherThanThePipe() {
        Opening old = Sample.OPENING.withPipe(Sample.OPENING.pipe().withLaid(Optional.of(1931)));
        List<PipeSpan> spans = PipeSpans.reckon(
                seen(0, 9000),
                List.of(new PipeSpans.OpeningAt(Station.DATUM, old)),
                List.of(size(3000, 4, 6), wall(6000, Material.CLAY, Material.PVC)));
        assertThat(spans)
                .extracting(PipeSpan::words)
                .containsExactly("4 in clay, laid 1931", "6 in clay, laid 1931", "6 in PVC");
    }

    @Test
    void changesOutsideWhatWasSeenAreLeftOut() {
        assertThat(PipeSpans.reckon(seen(0, 5000), OPENING, List.of(wall(8000, Material.CLAY, Material.PVC))))
                .hasSize(1);
    }

    @Property
    void spansFillTheLineExactly(@ForAll("changes") List<PipeChange> changes) {
        Extent seen = seen(-20_000, 20_000);
        List<PipeSpan> spans = PipeSpans.reckon(seen, OPENING, changes);
        assertThat(spans.getFirst().extent().from()).isEqualTo(seen.from());
        assertThat(spans.getLast().extent().to()).isEqualTo(seen.to());
        for (int i = 1; i < spans.size(); i++) {
            assertThat(spans.get(i).extent().from())
                    .isEqualTo(spans.get(i - 1).extent().to());
        }
        assertThat(spans.stream().mapToLong(s -> s.length().mm()).sum())
                .isEqualTo(seen.length().mm());
    }

    @Provide
    Arbitrary<List<PipeChange>> changes() {
        return Arbitraries.longs()
                .between(-25_000, 25_000)
                .map(at -> wall(at, at % 2 == 0 ? Material.CLAY : null, at % 3 == 0 ? null : Material.PVC))
                .list()
                .ofMaxSize(12);
    }
}
