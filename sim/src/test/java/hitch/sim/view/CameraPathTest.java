package hitch.sim.view;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hitch.core.pipe.Material;
import hitch.sim.TestPipe;
import hitch.sim.pipe.Bore;
import hitch.sim.pipe.Skin;
import hitch.sim.scene.Act;
import hitch.sim.scene.Deed;
import hitch.sim.scene.Kind;
import hitch.sim.scene.Scenario;
import hitch.sim.scene.Take;
import hitch.sim.scene.Thing;
import java.util.List;
import org.junit.jupiter.api.Test;

class CameraPathTest {
    private static final int WIDE = 96;
    private static final int HIGH = 72;

    private static Take take(Deed... does) {
        return new Take(
                "a.mp4",
                "",
                "run",
                "main",
                List.of(new Take.Stand(0, 2), new Take.Stand(20, 2)),
                List.of(does),
                null,
                null);
    }

    private static Scenario pipe(Take take) {
        return TestPipe.of(new Scenario.Pipe(0, 5, Material.PVC, 4, 10, ""), List.of(take));
    }

    /** Which side of the picture is stained by the flow: its mean place, from -1 left or top to 1. */
    private static double[] stained(Take take, double t) {
        Scenario scenario = pipe(take);
        Bore bore = new Bore(scenario);
        float[] rgb = new float[WIDE * HIGH * 3];
        float[] depth = new float[WIDE * HIGH];
        new PipeView(scenario, bore, new Skin(scenario, bore, List.of()), take)
                .draw(new CameraPath(scenario, take).lens(bore, t), t, WIDE, HIGH, rgb, depth);
        double x = 0;
        double y = 0;
        double sum = 0;
        for (int i = 0; i < depth.length; i++) {
            // The bottom is yellowed, the rest of white plastic is not.
            double yellow = depth[i] < 1.5 ? Math.max(0, rgb[i * 3] - 1.12 * rgb[i * 3 + 2]) : 0;
            x += yellow * (2.0 * (i % WIDE) / WIDE - 1);
            y += yellow * (2.0 * (i / WIDE) / HIGH - 1);
            sum += yellow;
        }
        return new double[] {x / sum, y / sum};
    }

    @Test
    void aRolledHeadShowsTheBottomElsewhere() {
        assertThat(stained(take(), 4)[1]).as("below").isGreaterThan(0.3);
        double[] rolled = stained(take(new Deed(Act.ROLL, 0, 2, 90)), 4);
        assertThat(rolled[0])
                .as("turned clockwise, the bottom stands on the right")
                .isGreaterThan(0.3);
        assertThat(stained(take(new Deed(Act.ROLL, 0, 2, 180)), 4)[1])
                .as("above")
                .isLessThan(-0.3);
    }

    @Test
    void theGuideLiftsTheLensToTheMiddle() {
        Take with = take(new Deed(Act.GUIDE, 5, 5, 1));
        Scenario scenario = pipe(with);
        Bore bore = new Bore(scenario);
        CameraPath path = new CameraPath(scenario, with);
        assertThat(path.height(bore, 2)).isCloseTo(0.118, within(1e-6));
        assertThat(path.height(bore, 8)).isCloseTo(2 / 12.0, within(1e-6));
    }

    @Test
    void theHeadRidesOnSludge() {
        Take out = take();
        Scenario scenario = pipe(out).withThings(List.of(new Thing(Kind.SLUDGE, 1, 4, 12, 0.35, "black", List.of())));
        Bore bore = new Bore(scenario);
        assertThat(new CameraPath(scenario, out).height(bore, 2)).isGreaterThan(Bore.heightOf(0.35, 2 / 12.0));
    }
}
