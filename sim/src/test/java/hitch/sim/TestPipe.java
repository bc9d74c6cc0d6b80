package hitch.sim;

import hitch.sim.scene.Scenario;
import hitch.sim.scene.ScenarioBuilder;
import hitch.sim.scene.Take;
import java.util.List;

/** A piece of pipe with nothing in it, seen in a small picture. */
public final class TestPipe {
    private TestPipe() {}

    public static Scenario of(Scenario.Pipe pipe, List<Take> takes) {
        return ScenarioBuilder.builder()
                .seed(3)
                .width(320)
                .height(240)
                .rate(10)
                .bitRate(200_000)
                .pipes(List.of(pipe))
                .clips(takes)
                .build();
    }
}
