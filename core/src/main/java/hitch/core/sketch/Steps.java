package hitch.core.sketch;

import hitch.core.measure.Distance;
import hitch.core.measure.LengthUnit;

/** How far apart the numbers of a scale stand. */
final class Steps {
    private static final double LEAST_PX = 48;
    private static final double[] FEET = {1, 2, 5, 10, 20, 50, 100, 200, 500, 1000, 2000, 5000};
    private static final double[] METRES = {0.5, 1, 2, 5, 10, 20, 50, 100, 200, 500, 1000, 2000};

    private Steps() {}

    static Distance along(View view, LengthUnit unit) {
        boolean metres = unit == LengthUnit.METRES;
        for (double step : metres ? METRES : FEET) {
            Distance distance = metres ? Distance.metres(step) : Distance.feet(step);
            if (distance.mm() * view.scale() >= LEAST_PX) {
                return distance;
            }
        }
        return metres ? Distance.metres(5000) : Distance.feet(20_000);
    }
}
