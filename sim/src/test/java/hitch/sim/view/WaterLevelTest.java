package hitch.sim.view;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hitch.core.pipe.Material;
import hitch.sim.TestPipe;
import hitch.sim.pipe.Bore;
import hitch.sim.scene.Act;
import hitch.sim.scene.Deed;
import hitch.sim.scene.Kind;
import hitch.sim.scene.Scenario;
import hitch.sim.scene.Take;
import hitch.sim.scene.Thing;
import java.util.List;
import org.junit.jupiter.api.Test;

class WaterLevelTest {
    private static WaterLevel level(List<Deed> does, Thing... things) {
        Take take = new Take(
                "a.mp4", "", "run", "main", List.of(new Take.Stand(0, 0), new Take.Stand(20, 15)), does, null, null);
        Scenario scenario = TestPipe.of(new Scenario.Pipe(0, 20, Material.CLAY, 6, 3, ""), List.of(take))
                .withThings(List.of(things));
        return new WaterLevel(scenario, new Bore(scenario), take);
    }

    private static Thing water(Kind kind, String sort) {
        return new Thing(kind, 4, 12, 12, 0.4, sort, List.of());
    }

    @Test
    void aSagIsDeepestInItsMiddle() {
        WaterLevel sag = level(List.of(), water(Kind.SAG, "belly"));
        assertThat(sag.at(8, 0)).isCloseTo(0.2, within(1e-6));
        assertThat(sag.at(5, 0)).isBetween(0.01, 0.15);
        assertThat(sag.at(3.9, 0)).isZero();
    }

    @Test
    void heldWaterIsDeepestWhereItIsHeld() {
        WaterLevel held = level(List.of(), water(Kind.SAG, "held"));
        assertThat(held.at(11.9, 0)).isGreaterThan(held.at(8, 0)).isCloseTo(0.2, within(0.01));
        assertThat(held.at(12.01, 0)).isZero();
    }

    @Test
    void runningWaterFallsAndStandingWaterStays() {
        List<Deed> drained = List.of(new Deed(Act.WATER, 5, 10, 0.1));
        WaterLevel flow = level(drained, water(Kind.FLOW, "running"));
        assertThat(flow.at(8, 2)).isCloseTo(0.2, within(1e-6));
        assertThat(flow.at(8, 15)).isCloseTo(0.02, within(1e-6));
        WaterLevel sag = level(drained, water(Kind.SAG, "belly"));
        assertThat(sag.at(8, 15)).isCloseTo(0.2, within(1e-6));
    }

    @Test
    void aFlushComesDownThePipeAndRunsOff() {
        WaterLevel flush = level(List.of(new Deed(Act.FLUSH, 2, Double.POSITIVE_INFINITY, 0.5)));
        assertThat(flush.at(8, 1)).isZero();
        assertThat(flush.at(8, 6)).isZero();
        assertThat(flush.at(8, 7.6)).isGreaterThan(0.15);
        assertThat(flush.at(8, 18)).isLessThan(0.06);
    }
}
