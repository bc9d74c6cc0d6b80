package hitch.sim.film;

import hitch.core.caption.Cue;
import hitch.core.counter.Heading;
import hitch.core.measure.Distance;
import hitch.core.talk.Whereabouts;
import hitch.sim.scene.Scenario;
import hitch.sim.scene.Take;
import hitch.sim.view.CameraPath;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What the technician says on a take, as captions, with the true place of the camera at each. */
public final class SpokenTake {
    private static final double SECONDS_A_WORD = 0.38;

    private SpokenTake() {}

    public static List<Cue> cues(Take take) {
        List<Cue> cues = new ArrayList<>();
        for (int i = 0; i < take.says().size(); i++) {
            Take.Line line = take.says().get(i);
            double next = i + 1 < take.says().size() ? take.says().get(i + 1).t() : take.seconds();
            double spoken = line.t() + line.text().split(" ").length * SECONDS_A_WORD;
            cues.add(new Cue(line.t(), Math.min(next, spoken), line.text()));
        }
        return cues;
    }

    /** Where the camera truly was; nowhere above ground. */
    public static Whereabouts where(Scenario scenario, Take take) {
        if (take.aboveGround()) {
            return Whereabouts.UNKNOWN;
        }
        CameraPath path = new CameraPath(scenario, take);
        return new Whereabouts() {
            @Override
            public Optional<Distance> cableAt(double seconds) {
                return Optional.of(Distance.feet(path.cable(seconds)));
            }

            @Override
            public Heading headingAt(double seconds) {
                double speed = path.speed(seconds);
                return Math.abs(speed) < 0.04 ? Heading.STILL : speed > 0 ? Heading.OUT : Heading.BACK;
            }

            @Override
            public double confidenceAt(double seconds) {
                return 1;
            }

            @Override
            public Optional<Distance> farthest() {
                return take.path().stream().map(s -> Distance.feet(s.ft())).max(Distance::compareTo);
            }
        };
    }
}
