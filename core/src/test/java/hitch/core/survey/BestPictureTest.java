package hitch.core.survey;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.LineJob;
import hitch.core.footage.Stretch;
import hitch.core.rules.SeeingRules;
import hitch.core.run.Direction;
import java.util.Arrays;
import org.junit.jupiter.api.Test;

/** Which of two marked frames shows a thing best: at 20 s going out, at 100 s coming back, both at 20 ft. */
class BestPictureTest {
    private static final int OUT = 20;
    private static final int BACK = 100;

    private final LineJob job = new LineJob()
            .run("street", Direction.WITH_FLOW, 0, 60)
            .note("street", OUT, "roots top light")
            .note("street", BACK, "roots top light");

    private long best() {
        return job.survey().findings().getFirst().best().pts() / 1000;
    }

    /** All pictures sharp but one. */
    private void soften(int second, double share) {
        double[] details = new double[121];
        Arrays.fill(details, 1);
        details[second] = share;
        job.sharp("street", details);
    }

    @Test
    void theWayBackIsPreferred() {
        assertThat(best()).isEqualTo(BACK);
    }

    @Test
    void aPictureMuchSofterIsNot() {
        soften(BACK, 0.2);
        assertThat(best()).isEqualTo(OUT);
    }

    @Test
    void aPictureALittleSofterIs() {
        soften(BACK, 0.8);
        assertThat(best()).isEqualTo(BACK);
    }

    @Test
    void withoutAPreferenceTheSharperWins() {
        job.rules(r -> new SeeingRules(r.seeing().fastest(), false));
        soften(OUT, 0.9);
        assertThat(best()).isEqualTo(BACK);
        soften(BACK, 0.9);
        assertThat(best()).isEqualTo(OUT);
    }

    @Test
    void aHiddenPictureIsTheLast() {
        soften(OUT, 0);
        job.hide("street", BACK - 1, BACK + 1, Stretch.Reason.DAMAGED);
        assertThat(best()).isEqualTo(OUT);
    }
}
