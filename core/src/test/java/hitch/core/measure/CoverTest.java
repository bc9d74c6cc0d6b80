package hitch.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.BitSet;
import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;

/** Sets of stretches, held against sets of single millimetres. */
class CoverTest {
    @Provide
    Arbitrary<List<Extent>> extents() {
        Arbitrary<Station> station = Arbitraries.longs().between(0, 60).map(Station::new);
        return Combinators.combine(station, station).as(Extent::between).list().ofMaxSize(8);
    }

    private static BitSet bits(List<Extent> extents) {
        BitSet bits = new BitSet();
        extents.forEach(e -> bits.set((int) e.from().mm(), (int) e.to().mm()));
        return bits;
    }

    @Property
    void lengthsAreCountedOnce(@ForAll("extents") List<Extent> extents) {
        assertThat(Cover.of(extents).mm()).isEqualTo(bits(extents).cardinality());
    }

    @Property
    void sumsAndDifferencesAreThoseOfTheirPoints(@ForAll("extents") List<Extent> a, @ForAll("extents") List<Extent> b) {
        BitSet both = bits(a);
        both.and(bits(b));
        BitSet less = bits(a);
        less.andNot(bits(b));
        BitSet all = bits(a);
        all.or(bits(b));
        assertThat(bits(Cover.of(a).plus(Cover.of(b)).parts())).isEqualTo(all);
        assertThat(bits(Cover.of(a).minus(Cover.of(b)).parts())).isEqualTo(less);
        assertThat(bits(Cover.of(a).and(Cover.of(b)).parts())).isEqualTo(both);
    }

    @Property
    void partsAreInOrderAndNeverTouch(@ForAll("extents") List<Extent> extents) {
        List<Extent> parts = Cover.of(extents).parts();
        for (int i = 1; i < parts.size(); i++) {
            assertThat(parts.get(i).from()).isGreaterThan(parts.get(i - 1).to());
        }
    }
}
