package hitch.core.gauge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

class EllipseTest {
    @Property(tries = 200)
    void isFoundThroughPointsOnIt(
            @ForAll @DoubleRange(min = -300, max = 900) double x,
            @ForAll @DoubleRange(min = -300, max = 900) double y,
            @ForAll @DoubleRange(min = 30, max = 300) double b,
            @ForAll @DoubleRange(min = 1.1, max = 3) double longer,
            @ForAll @DoubleRange(min = -85, max = 85) double turn) {
        double[] px = new double[40];
        double[] py = new double[40];
        double t = Math.toRadians(turn);
        for (int i = 0; i < px.length; i++) {
            double u = b * longer * Math.cos(i * 0.157);
            double v = b * Math.sin(i * 0.157);
            px[i] = x + u * Math.cos(t) - v * Math.sin(t);
            py[i] = y + u * Math.sin(t) + v * Math.cos(t);
        }
        Ellipse found = Ellipse.through(px, py).orElseThrow();
        assertThat(found.x()).isCloseTo(x, within(0.01));
        assertThat(found.y()).isCloseTo(y, within(0.01));
        assertThat(found.a()).isCloseTo(b * longer, within(0.01));
        assertThat(found.b()).isCloseTo(b, within(0.01));
        assertThat(Math.abs(Math.IEEEremainder(found.turn() - turn, 180))).isLessThan(0.1);
    }

    @Test
    void pointsOnALineHaveNone() {
        assertThat(Ellipse.through(new double[] {0, 1, 2, 3, 4, 5}, new double[] {0, 1, 2, 3, 4, 5}))
                .isEmpty();
    }
}
