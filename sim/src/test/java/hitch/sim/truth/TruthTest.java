package hitch.sim.truth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hitch.core.pipe.Material;
import hitch.sim.TestPipe;
import hitch.sim.pipe.Bore;
import hitch.sim.pipe.Skin;
import hitch.sim.scene.Kind;
import hitch.sim.scene.Scenario;
import hitch.sim.scene.Take;
import hitch.sim.scene.Thing;
import hitch.sim.view.CameraPath;
import hitch.sim.view.PipeView;
import java.util.List;
import org.junit.jupiter.api.Test;

class TruthTest {
    private static final Take OUT = take("out.mp4", 0.5, 6.5);
    private static final Take BACK = take("back.mp4", 6.5, 0.5);

    private static Take take(String file, double from, double to) {
        return new Take(
                file, "", "run", "main", List.of(new Take.Stand(0, from), new Take.Stand(6, to)), null, null, null);
    }

    private static Scenario pipe(Thing... things) {
        return TestPipe.of(new Scenario.Pipe(0, 9, Material.CLAY, 4, 3, ""), List.of(OUT, BACK))
                .withThings(List.of(things));
    }

    @Test
    void aThingIsSeenWhileItLiesBeforeTheLens() {
        Thing hole = Thing.at(Kind.HOLE, 4, 3, 2, "void");
        Truth truth = Truth.of(pipe(hole), OUT);
        for (Truth.Moment m : truth.moments()) {
            double ahead = 4 - m.stationFt();
            if (ahead > 0.4 && ahead < 2) {
                assertThat(m.visible()).as("at " + m.stationFt()).contains("hole 4.0");
            } else if (ahead < -0.15) {
                assertThat(m.visible()).as("at " + m.stationFt()).isEmpty();
            }
        }
        assertThat(truth.things()).singleElement().satisfies(t -> {
            assertThat(t.seen()).hasSize(1);
            assertThat(t.counts()).isEqualTo("inches");
        });
    }

    @Test
    void whatStandsBehindABlockageIsNotSeen() {
        Thing plug = Thing.at(Kind.PLUG, 3, 12, 0.97, "soft");
        Thing hole = Thing.at(Kind.HOLE, 4, 3, 2, "void");
        Truth truth = Truth.of(pipe(plug, hole), OUT);
        for (Truth.Moment m : truth.moments()) {
            if (m.stationFt() < 2.3) {
                assertThat(m.visible()).as("at " + m.stationFt()).doesNotContain("hole 4.0");
            }
        }
        // The head breaks the plug; what lies behind it comes into sight, and on the way back nothing stands before it.
        assertThat(truth.moments()).anySatisfy(m -> assertThat(m.visible()).contains("hole 4.0"));
    }

    @Test
    void whatIsOnlyOnOneTakeIsTrueOfThatOne() {
        Thing water = new Thing(Kind.SAG, 2, 6, 12, 0.4, "belly", List.of("out.mp4"));
        double deepest = Truth.of(pipe(water), OUT).moments().stream()
                .mapToDouble(Truth.Moment::waterIn)
                .max()
                .orElseThrow();
        assertThat(deepest).isCloseTo(1.6, within(0.05));
        assertThat(Truth.of(pipe(water), OUT).water())
                .extracting(Truth.Depth::stationFt)
                .containsExactly(2.5, 3.0, 3.5, 4.0, 4.5, 5.0, 5.5);
        assertThat(Truth.of(pipe(water), BACK).water()).isEmpty();
        assertThat(Truth.of(pipe(water), BACK).moments())
                .allSatisfy(m -> assertThat(m.waterIn()).isZero());
        assertThat(Truth.of(pipe(water), BACK).things()).isEmpty();
    }

    @Test
    void passesAndReadingsFollowTheHead() {
        List<Truth.Moment> back = Truth.of(pipe(), BACK).moments();
        assertThat(back.get(10).pass()).isEqualTo("back");
        assertThat(back).allSatisfy(m -> assertThat(m.readingFt()).isCloseTo(m.stationFt(), within(0.051)));
    }

    /** Along the ellipse that is told the joint is dark; just within and without it is wall. */
    @Test
    void theRimOfAJointIsWhereThePictureShowsIt() {
        Scenario scenario = pipe();
        Truth truth = Truth.of(scenario, OUT);
        Bore bore = new Bore(scenario);
        PipeView view = new PipeView(scenario, bore, new Skin(scenario, bore, List.of()), OUT);
        int tried = 0;
        for (Truth.Moment m : truth.moments()) {
            for (Rim rim : m.rims()) {
                if (rim.a() < 45 || rim.a() > 110) {
                    continue;
                }
                float[] rgb = new float[320 * 240 * 3];
                float[] depth = new float[320 * 240];
                view.draw(new CameraPath(scenario, OUT).lens(bore, m.t()), m.t(), 320, 240, rgb, depth);
                double step = change(rgb, rim, 1.0, 1.0 - 0.05);
                double wall = change(rgb, rim, 1.12, 1.12 + 0.05);
                assertThat(step).as("at %s, rim %s", m.t(), rim).isGreaterThan(1.5 * wall);
                assertThat(rim.boreIn()).isEqualTo(4);
                tried++;
            }
        }
        assertThat(tried).isGreaterThan(3);
    }

    /** How much the light changes from one ellipse to another, on the average over their upper three quarters. */
    private static double change(float[] rgb, Rim rim, double from, double to) {
        double sum = 0;
        int n = 0;
        for (int i = 0; i < 60; i++) {
            double a = light(rgb, rim, i, from);
            double b = light(rgb, rim, i, to);
            if (a >= 0 && b >= 0) {
                sum += Math.abs(a - b) / (a + b + 1e-6);
                n++;
            }
        }
        return sum / n;
    }

    private static double light(float[] rgb, Rim rim, int i, double scale) {
        double angle = 2 * Math.PI * i / 60;
        double turn = Math.toRadians(rim.turn());
        double u = rim.a() * scale * Math.cos(angle);
        double v = rim.b() * scale * Math.sin(angle);
        int x = (int) Math.round(rim.x() + u * Math.cos(turn) - v * Math.sin(turn));
        int y = (int) Math.round(rim.y() + u * Math.sin(turn) + v * Math.cos(turn));
        return x < 0 || y < 0 || x >= 320 || y >= 240 ? -1 : rgb[(y * 320 + x) * 3 + 1];
    }
}
