package hitch.desk.mark;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

class ChartViewTest {
    @Property
    void staysInsideTheWholeHoweverItIsZoomed(
            @ForAll @DoubleRange(min = 0.01, max = 100) double factor, @ForAll @DoubleRange(max = 1) double about) {
        ChartView view = ChartView.ALL.zoomed(factor, about).deepened(factor, about);
        assertThat(view.from()).isBetween(0.0, 1.0);
        assertThat(view.from() + view.share()).isLessThanOrEqualTo(1 + 1e-9);
        assertThat(view.low() + view.depth()).isLessThanOrEqualTo(1 + 1e-9);
    }

    @Test
    void thePlaceUnderThePointerStays() {
        ChartView view = ChartView.ALL.zoomed(4, 0.4);
        assertThat(view.share()).isCloseTo(0.25, within(1e-9));
        assertThat(view.shareAt(0.4)).isCloseTo(0.4, within(1e-9));
        assertThat(view.from(5).from()).isCloseTo(0.75, within(1e-9));
    }
}
