package hitch.sim;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.counter.CounterTrace;
import hitch.core.counter.Reading;
import hitch.core.eyes.ClipWall;
import hitch.core.eyes.SeenWall;
import hitch.core.footage.ClipId;
import hitch.core.footage.FrameIndex;
import hitch.core.gauge.FrameGauge;
import hitch.core.gauge.LensView;
import hitch.core.measure.Distance;
import hitch.media.Progress;
import hitch.media.clip.ClipFacts;
import hitch.media.clip.ClipIndexer;
import hitch.media.clip.WallScan;
import hitch.sim.scene.Kind;
import hitch.sim.scene.Take;
import hitch.sim.scene.Thing;
import hitch.sim.view.CameraPath;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The wall of the demo's street run, of which it is known what was drawn into it. */
class SecondEyesOnTheDemoTest {
    private static final double RADIUS = 2 * Distance.MM_PER_INCH;

    @TempDir
    Path folder;

    @Test
    void whatWasDrawnIsPointedAtAndHardlyAnythingElse() throws Exception {
        Path file = folder.resolve("street.mp4");
        try (InputStream in = DemoJob.FIRST.shipped("B1-street-out.mp4")) {
            Files.copy(in, file);
        }
        Take take = DemoJob.FIRST.scenario().clips().stream()
                .filter(t -> t.file().equals("B1-street-out.mp4"))
                .findFirst()
                .orElseThrow();
        CameraPath path = new CameraPath(DemoJob.FIRST.scenario(), take);
        ClipFacts facts = ClipIndexer.index(file);
        FrameIndex frames = facts.frames();
        List<Reading> marks = new ArrayList<>();
        for (double t = 0; t < take.seconds(); t++) {
            marks.add(Reading.byHand(
                    frames.firstPts() + frames.base().ticks(t), Distance.feet(Math.max(0, path.cable(t)))));
        }
        List<Double> asked = new ArrayList<>();
        ClipWall wall = new ClipWall(WallScan.read(
                file,
                facts.index(),
                LensView.USUAL_DEGREES,
                FrameGauge.held(2 * RADIUS, FrameGauge.USUAL_LENS_MM),
                seconds -> {
                    asked.add(seconds);
                    return OptionalDouble.of(path.cable(seconds) * Distance.MM_PER_FOOT);
                },
                Progress.NONE));
        // Only new ground is looked at, and that in order.
        assertThat(asked).isSorted();
        assertThat(wall.looks().size()).isBetween(500, asked.size());
        List<Double> feet = SeenWall.of(
                        new ClipId("street"), wall, CounterTrace.fit(frames.base(), marks), RADIUS, List.of())
                .orElseThrow()
                .standing(List.of())
                .stream()
                .map(p -> p.at() / Distance.MM_PER_FOOT)
                .toList();
        assertThat(feet).hasSizeBetween(6, 12);
        assertThat(feet.subList(0, 5)).allMatch(at -> drawn(take, at));
        assertThat(feet.stream().filter(at -> !drawn(take, at))).hasSizeLessThanOrEqualTo(2);
        for (Kind kind : List.of(Kind.OFFSET, Kind.ROOTS, Kind.DEBRIS)) {
            for (Thing thing : DemoJob.FIRST.scenario().things(kind)) {
                if (thing.at() > 0) {
                    assertThat(feet).as(thing.name()).anyMatch(at -> Math.abs(at - thing.at()) < 0.5);
                }
            }
        }
    }

    private static boolean drawn(Take take, double feet) {
        return DemoJob.FIRST.scenario().things().stream()
                .anyMatch(t -> t.isOn(take) && t.kind() != Kind.FLOW && feet > t.at() - 0.7 && feet < t.to() + 0.7);
    }
}
