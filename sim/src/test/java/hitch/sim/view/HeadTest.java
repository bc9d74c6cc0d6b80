package hitch.sim.view;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hitch.core.pipe.Material;
import hitch.sim.TestPipe;
import hitch.sim.scene.Kind;
import hitch.sim.scene.Scenario;
import hitch.sim.scene.Take;
import hitch.sim.scene.Thing;
import java.util.List;
import org.junit.jupiter.api.Test;

class HeadTest {
    private static final Take OUT = take("out.mp4", 0, 10);
    private static final Take BACK = take("back.mp4", 10, 0);
    private static final Scenario SCENARIO =
            TestPipe.of(new Scenario.Pipe(0, 20, Material.CLAY, 6, 3, ""), List.of(OUT, BACK));

    private static Take take(String file, double from, double to) {
        return new Take(
                file, "", "run", "main", List.of(new Take.Stand(0, from), new Take.Stand(10, to)), null, null, null);
    }

    @Test
    void aWipeIsShovedAheadAndStaysWhereItWasLetGo() {
        Thing wipe = new Thing(Kind.WIPES, 3, 7, 12, 0.1, "pushed", List.of());
        Head out = new Head(SCENARIO, OUT);
        assertThat(out.station(wipe, 1)).isEqualTo(3);
        assertThat(out.station(wipe, 5)).isCloseTo(5.45, within(0.1));
        assertThat(out.station(wipe, 9.5)).isEqualTo(7);
        assertThat(new Head(SCENARIO, BACK).station(wipe, 8))
                .as("on the way back")
                .isEqualTo(7);
    }

    @Test
    void whatIsCaughtStays() {
        Thing wipe = new Thing(Kind.WIPES, 3, 3, 12, 0.1, "caught", List.of());
        assertThat(new Head(SCENARIO, OUT).station(wipe, 9)).isEqualTo(3);
    }

    @Test
    void aSoftPlugFallsWhenTheHeadIsThereAndStaysFallen() {
        Thing plug = Thing.at(Kind.PLUG, 5, 12, 0.9, "soft");
        Head out = new Head(SCENARIO, OUT);
        assertThat(out.broken(plug, 3)).isZero();
        assertThat(out.broken(plug, 9)).isEqualTo(1);
        assertThat(new Head(SCENARIO, BACK).broken(plug, 0)).isEqualTo(1);
    }
}
