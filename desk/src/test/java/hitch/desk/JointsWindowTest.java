package hitch.desk;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.finding.Finding;
import hitch.core.footage.Clip;
import hitch.core.gauge.ClipRims;
import hitch.core.gauge.JointTrail.Rim;
import hitch.core.gauge.LensView;
import hitch.core.gauge.RimLook;
import hitch.core.measure.Distance;
import hitch.core.run.Equipment;
import hitch.core.run.Run;
import hitch.store.Footage;
import hitch.store.JobFolder;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** A clip whose joints were found before: every 2.5 ft from 6 ft, half a foot out of step from 17 ft. */
class JointsWindowTest extends OpenWindow {
    private static final double RADIUS = 50.8;
    private static final Distance HEAD = Distance.inches(1.25);

    @Override
    protected Path create(Path job) throws Exception {
        Path made = SmallJob.create(job);
        try (JobFolder open = JobFolder.open(made)) {
            Clip clip = open.job().clips().getFirst();
            new Footage(made).shelf().keepRims(clip, new ClipRims(LensView.USUAL_DEGREES, looks(clip)));
        }
        return made;
    }

    /** The counter of the small job goes evenly from nothing to 39.8 ft. */
    private static List<RimLook> looks(Clip clip) {
        List<RimLook> looks = new ArrayList<>();
        for (double at = 0; at < 1; at += 0.0005) {
            double cable = at * 39.8 * Distance.MM_PER_FOOT;
            List<Rim> rims = new ArrayList<>();
            for (double joint = 6; joint < 32; joint += 2.5) {
                double lies = (joint > 17 ? joint + 0.5 : joint) * Distance.MM_PER_FOOT;
                double ahead = (lies - cable) / RADIUS;
                if (ahead > 1.5 && ahead < 9) {
                    rims.add(new Rim(ahead, 0.9));
                }
            }
            looks.add(new RimLook(clip.ptsAt(at * clip.seconds()), rims));
        }
        return looks;
    }

    private List<Finding> findings() {
        return job().work().now().job().findings();
    }

    @Test
    void theSameAtEveryJointToHereAndBackWithOneUndo() throws Exception {
        Clip clip = survey().clips().getFirst();
        until(() -> told(".counter-bar .label").stream().anyMatch(t -> t.contains("doubt")));
        interact(() -> job().player().seek(clip, clip.seconds() * 6 / 39.8));
        until(() -> Math.abs(job().player().shown().orElseThrow().seconds() - clip.seconds() * 6 / 39.8) < 0.1);
        marked("fine roots top");
        interact(() ->
                lookup("#findings").queryAs(ListView.class).getSelectionModel().select(0));
        interact(() -> job().player().seek(clip, clip.seconds() * 13.6 / 39.8));
        until(() -> job().player().shown().orElseThrow().seconds() > clip.seconds() * 13 / 39.8);
        push(KeyCode.SHIFT, KeyCode.A);
        until(() -> findings().size() == 4);
        assertThat(findings())
                .extracting(Finding::phrase)
                .containsOnly(findings().getFirst().phrase());
        assertThat(survey().findings().stream()
                        .map(f -> Math.round(f.extent()
                                                .orElseThrow()
                                                .middle()
                                                .to(survey().findings()
                                                        .getFirst()
                                                        .extent()
                                                        .orElseThrow()
                                                        .middle())
                                                .inFeet()
                                        * 2)
                                / 2.0))
                .containsExactly(0.0, 2.5, 5.0, 7.5);
        push(KeyCode.CONTROL, KeyCode.Z);
        until(() -> findings().size() == 1);
    }

    /** Nobody told the small job's lens: its rims come nearer as those of 4 in pipe seen through a usual lens do. */
    @Test
    void theRimsTellTheLensWhichIsTakenUndoneAndKnownForTheHead() throws Exception {
        until(() -> lookup("#rims-take").queryAll().stream()
                .anyMatch(n -> n.getParent().isVisible()));
        assertThat(told("#rims-tell .label")).anyMatch(t -> t.contains("this lens sees 85°"));
        job().work().changes().changeRun(run().id(), r -> r.with(r.equipment().withHead(Optional.of(HEAD))));
        until(() -> run().equipment().head().isPresent());
        clickOn("#rims-take");
        until(() -> run().equipment().lens().isPresent());
        assertThat(run().equipment().lens().orElseThrow()).isBetween(82, 88);
        assertThat(job().work()
                        .firm()
                        .heads()
                        .known(new Equipment(Optional.of(HEAD), Equipment.Guide.ON))
                        .lens())
                .isEqualTo(run().equipment().lens());
        push(KeyCode.CONTROL, KeyCode.Z);
        until(() -> run().equipment().lens().isEmpty());
    }

    private Run run() {
        return job().work().now().job().runs().getFirst();
    }

    @Test
    void theWalkOfDoubtsStopsWhereTheJointsFallOutOfStep() throws Exception {
        until(() -> told(".counter-bar .label").stream().anyMatch(t -> t.contains("doubt")));
        push(KeyCode.J);
        until(() -> told(".label").stream().anyMatch(t -> t.contains("out of step")));
        push(KeyCode.ENTER);
        until(() -> notice().startsWith("All doubtful places of this clip are settled"));
    }
}
