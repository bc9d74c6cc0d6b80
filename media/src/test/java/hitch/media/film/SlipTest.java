package hitch.media.film;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.finding.ClockPosition;
import hitch.core.footage.FrameRef;
import hitch.core.job.Job;
import hitch.core.survey.Reckoner;
import hitch.media.draw.Pen;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What stands beside footage, and what points into it. */
class SlipTest {
    private static final int LEFT = (int) Slip.WELL.width();
    private static final Sheet.Box FOOTAGE = new Sheet.Box(48, 0, 832, 624);

    private final Job job = Sample.note(Sample.job(), Sample.DOWN, 20, "roots top, 30%");
    private final Disclosure may = Disclosure.of(Reckoner.survey(job), Recipient.HOMEOWNER);
    private final Slip slip = new Slip(may);

    private static BufferedImage canvas() {
        return new BufferedImage(1280, 720, BufferedImage.TYPE_INT_RGB);
    }

    private BufferedImage slip(Optional<Double> camera) {
        BufferedImage canvas = canvas();
        Pen pen = Pen.on(canvas, 1);
        slip.finding(pen, Optional.of(may.findings().getFirst()), "Roots at the top", 2, Sample.DOWN);
        camera.ifPresent(second -> {
            FrameRef frame = new FrameRef(Sample.DOWN, Math.round(second * 1000));
            slip.camera(pen, frame, may.findings().getFirst());
        });
        pen.close();
        return canvas;
    }

    private static int[] rows(BufferedImage canvas, int from, int to) {
        return canvas.getRGB(LEFT, from, 1280 - LEFT, to - from, null, 0, 1280 - LEFT);
    }

    @Test
    void theCamerasPlaceIsToldBesideTheFindingsWhichStaysLarge() {
        assertThat(rows(slip(Optional.of(14.0)), 165, 195)).isNotEqualTo(rows(slip(Optional.of(17.0)), 165, 195));
        assertThat(rows(slip(Optional.of(14.0)), 60, 158)).isEqualTo(rows(slip(Optional.empty()), 60, 158));
    }

    @Test
    void aFindingThatIsGoneLeavesASlipThatSaysSo() {
        BufferedImage canvas = canvas();
        Pen pen = Pen.on(canvas, 1);
        slip.finding(pen, Optional.empty(), "Roots at the top", 2, Sample.DOWN);
        pen.close();
        assertThat(rows(canvas, 60, 158)).isNotEqualTo(rows(slip(Optional.empty()), 60, 158));
    }

    /** Where the copper of a pointer lies: the mean of its pixels, from the middle of the footage. */
    private static double[] copper(ClockPosition clock, double ahead) {
        BufferedImage canvas = canvas();
        Pen pen = Pen.on(canvas, 1);
        Pointer.draw(pen, clock, FOOTAGE, ahead);
        pen.close();
        double x = 0;
        double y = 0;
        double most = 0;
        int n = 0;
        for (int py = 0; py < 720; py++) {
            for (int px = 0; px < 1280; px++) {
                Color c = new Color(canvas.getRGB(px, py));
                if (c.getRed() > 150) {
                    x += px - FOOTAGE.middleX();
                    y += py - FOOTAGE.middleY();
                    most = Math.max(most, Math.hypot(px - FOOTAGE.middleX(), py - FOOTAGE.middleY()));
                    n++;
                }
            }
        }
        return new double[] {x / n, y / n, most};
    }

    @Test
    void thePointerLiesWhereTheClockSays() {
        assertThat(copper(ClockPosition.at(12), 0)[1]).isLessThan(-80);
        assertThat(copper(ClockPosition.at(6), 0)[1]).isGreaterThan(80);
        assertThat(copper(ClockPosition.at(3), 0)[0]).isGreaterThan(80);
        assertThat(copper(ClockPosition.at(9), 0)[0]).isLessThan(-80);
        assertThat(Math.abs(copper(ClockPosition.ALL_ROUND, 0)[0])).isLessThan(3);
        assertThat(Math.abs(copper(ClockPosition.BOTH_SIDES, 0)[0])).isLessThan(3);
    }

    /** Along a pipe the same place of the wall comes out from the middle as the camera nears it. */
    @Test
    void thePointerFollowsTheWallInDepth() {
        double far = copper(ClockPosition.at(12), 6)[2];
        double nearer = copper(ClockPosition.at(12), 2)[2];
        double held = copper(ClockPosition.at(12), 0)[2];
        assertThat(far).isLessThan(nearer);
        assertThat(nearer).isLessThan(held);
        assertThat(held).isLessThan(FOOTAGE.height() / 2);
    }
}
