package hitch.sim.body;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hitch.core.pipe.Material;
import hitch.sim.TestPipe;
import hitch.sim.pipe.Bore;
import hitch.sim.scene.Kind;
import hitch.sim.scene.Scenario;
import hitch.sim.scene.Take;
import hitch.sim.scene.Thing;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BodiesTest {
    private static Scenario pipe(int inches) {
        Take take = new Take(
                "a.mp4", "", "run", "main", List.of(new Take.Stand(0, 0), new Take.Stand(9, 5)), null, null, null);
        return TestPipe.of(new Scenario.Pipe(0, 10, Material.CLAY, inches, 3, ""), List.of(take));
    }

    @ParameterizedTest(name = "{0} {1} of {2} in {3} in")
    @CsvSource({
        "ROOTS, hair, 0.1, 4",
        "ROOTS, hair, 0.4, 6",
        "ROOTS, clump, 0.25, 4",
        "ROOTS, clump, 0.6, 8",
        "ROOTS, mass, 0.85, 4",
        "ROOTS, hangers, 0.08, 4",
        "WIPES, caught, 0.15, 4",
        "WIPES, caught, 0.4, 3",
        "PAPER, clump, 0.2, 6",
        "PAPER, clump, 0.85, 4",
        "PLUG, soft, 0.9, 4",
    })
    void coversTheShareThatWasAskedFor(Kind kind, String sort, double share, int inches) {
        Scenario scenario = pipe(inches);
        Thing thing = Thing.at(kind, 5, 12, share, sort);
        assertThat(Bodies.covered(scenario, new Bore(scenario), thing))
                .isCloseTo(share, within(kind == Kind.ROOTS ? 0.02 + 0.05 * share : 0.1));
    }
}
