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

    private static PipeChange material(long at, Material before, Material after) {
        return new PipeChange(
                new Station(at),
                Optional.ofNullable(before),
                Optional.ofNullable(after),
                Optional.empty(),
                Optional.empty());
    }

    private static PipeChange size(long at, int before, int after) {
        return new PipeChange(
                new Station(at),
                Optional.empty(),
                Optional.empty(),
                Optional.of(new PipeSize(before)),
                Optional.of(new PipeSize(after)));
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
                List.of(
                        material(4000, Material.CLAY, Material.PVC),
                        material(-4000, Material.CAST_IRON, Material.CLAY)));
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
        List<PipeSpan> spans = PipeSpans.reckon(seen(0, 9000), List.of(), List.of(material(3000, Material.CLAY, null)));
        assertThat(spans.get(0).material()).contains(Material.CLAY);
        assertThat(spans.get(1).material()).isEmpty();
        assertThat(spans.get(1).words()).isEqualTo("unknown pipe");
    }

    @Test
    void aLiningBeginsAndEndsInThePipeThatGoesOn() {
        List<PipeChange> changes = List.of(
                material(2000, null, Material.LINED),
                size(3000, 4, 6),
                material(5000, Material.LINED, null),
                material(7000, Material.CLAY, Material.PVC));
        assertThat(PipeSpans.reckon(seen(0, 9000), OPENING, changes))
                .extracting(PipeSpan::words)
                .containsExactly("4 in clay", "4 in clay, lined", "6 in clay, lined", "6 in clay", "6 in PVC");
    }

    @Test
    void whatALiningHidesIsOnlyCalledLined() {
        assertThat(PipeSpans.reckon(seen(0, 9000), List.of(), List.of(material(2000, null, Material.LINED))))
                .extracting(PipeSpan::words)
                .containsExactly("unknown pipe", "lined");
    }

    @Test
    void changesOutsideWhatWasSeenAreLeftOut() {
        assertThat(PipeSpans.reckon(seen(0, 5000), OPENING, List.of(material(8000, Material.CLAY, Material.PVC))))
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
                .map(at -> material(at, at % 2 == 0 ? Material.CLAY : null, at % 3 == 0 ? null : Material.PVC))
                .list()
                .ofMaxSize(12);
    }
}
