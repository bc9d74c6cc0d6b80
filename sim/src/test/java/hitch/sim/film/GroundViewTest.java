package hitch.sim.film;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.pipe.Material;
import hitch.sim.TestPipe;
import hitch.sim.scene.Scenario;
import hitch.sim.scene.Take;
import java.util.List;
import java.util.function.Predicate;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class GroundViewTest {
    private static final int WIDE = 120;
    private static final int HIGH = 90;

    private static float[] walk(double from, Scenario.Mark... marks) {
        Take take = new Take(
                "a.mp4", "", "", "", List.of(new Take.Stand(0, from), new Take.Stand(9, from)), null, null, null);
        Scenario scenario = TestPipe.of(new Scenario.Pipe(0, 20, Material.CLAY, 6, 3, ""), List.of(take))
                .withAbove(List.of(marks));
        float[] rgb = new float[WIDE * HIGH * 3];
        new GroundView(scenario, take).draw(2, WIDE, HIGH, rgb);
        return rgb;
    }

    private static int count(float[] rgb, Predicate<float[]> like) {
        int count = 0;
        for (int i = 0; i < rgb.length; i += 3) {
            count += like.test(new float[] {rgb[i], rgb[i + 1], rgb[i + 2]}) ? 1 : 0;
        }
        return count;
    }

    private static boolean orange(float[] c) {
        return c[0] > 1.6f * c[1] && c[1] > 1.5f * c[2];
    }

    private static boolean grey(float[] c) {
        return Math.abs(c[0] - c[1]) < 0.03f && Math.abs(c[1] - c[2]) < 0.05f;
    }

    /** What is put on the lawn is seen when one walks there, and not when one is far past it. */
    @ParameterizedTest(name = "{0}")
    @CsvSource({"paint, 9", "stake, 4", "cleanout, 4", "walk, 9", "street, 99", "tree, 4"})
    void whatLiesAboveIsSeenWhereItLies(String what, double to) {
        Scenario.Mark mark = new Scenario.Mark(what, 0, 4, to);
        Predicate<float[]> like = switch (what) {
            case "paint", "stake" -> GroundViewTest::orange;
            case "tree" -> c -> c[0] > 1.1f * c[1] && c[0] < 1.6f * c[1];
            default -> GroundViewTest::grey;
        };
        int bare = count(walk(3), like);
        assertThat(count(walk(3, mark), like)).isGreaterThan(bare + 5);
        if (!what.equals("street")) {
            assertThat(count(walk(40, mark), like)).isLessThanOrEqualTo(count(walk(40), like) + 3);
        }
    }
}
