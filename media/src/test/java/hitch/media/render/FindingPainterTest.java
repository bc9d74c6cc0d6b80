package hitch.media.render;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.finding.ClockPosition;
import hitch.core.finding.FindingId;
import hitch.core.footage.FrameRef;
import hitch.core.job.Job;
import hitch.core.story.FindingShot;
import hitch.core.survey.Reckoner;
import hitch.core.survey.Survey;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.util.Arrays;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What stands on the slip beside the footage, while it runs and while a frame is held. */
class FindingPainterTest {
    private static final int SLIP_LEFT = 960;

    private final Job job = Sample.note(Sample.job(), Sample.DOWN, 20, "roots top, 30%");
    private final Survey survey = Reckoner.survey(job);

    private static FindingShot shot(Optional<ClockPosition> pointer) {
        FrameRef frame = new FrameRef(Sample.DOWN, 20_000);
        return new FindingShot("t", new FindingId("F1"), frame, 2, 1, "Roots at the top", 2, pointer, "words");
    }

    private BufferedImage painted(double second, boolean held, Optional<ClockPosition> pointer) {
        BufferedImage canvas = new BufferedImage(1280, 720, BufferedImage.TYPE_INT_RGB);
        BufferedImage footage = new BufferedImage(640, 480, BufferedImage.TYPE_INT_RGB);
        FrameRef camera = new FrameRef(Sample.DOWN, Math.round(second * 1000));
        new FindingPainter(Disclosure.of(survey, Recipient.HOMEOWNER))
                .paint(shot(pointer), footage, camera, held, canvas);
        return canvas;
    }

    private static int[] slip(BufferedImage canvas) {
        return canvas.getRGB(SLIP_LEFT, 0, 320, 720, null, 0, 320);
    }

    private static int[] rows(BufferedImage canvas, int from, int to) {
        return canvas.getRGB(SLIP_LEFT, from, 320, to - from, null, 0, 320);
    }

    private static long copper(BufferedImage canvas) {
        int[] pixels = ((DataBufferInt) canvas.getRaster().getDataBuffer()).getData();
        return Arrays.stream(pixels)
                .mapToObj(Color::new)
                .filter(c -> c.getRed() > 150 && c.getRed() - c.getBlue() > 80)
                .count();
    }

    @Test
    void aHeldPictureTellsTheFindingsPlaceAndNotTheCameras() {
        // Wherever the camera stood, the slip beside the held picture is the same one.
        assertThat(slip(painted(24, true, Optional.empty()))).isEqualTo(slip(painted(20, true, Optional.empty())));
    }

    @Test
    void theCamerasPlaceIsToldWhileItMoves() {
        assertThat(slip(painted(14, false, Optional.empty()))).isNotEqualTo(slip(painted(17, false, Optional.empty())));
        assertThat(rows(painted(14, false, Optional.empty()), 165, 190))
                .isNotEqualTo(rows(painted(14, true, Optional.empty()), 165, 190));
    }

    @Test
    void theLargeNumberIsTheFindingsWhateverTheCameraDoes() {
        assertThat(rows(painted(14, false, Optional.empty()), 85, 135))
                .isEqualTo(rows(painted(20, true, Optional.empty()), 85, 135));
    }

    @Test
    void thePointerShowsOnlyOnTheHeldPicture() {
        Optional<ClockPosition> top = Optional.of(ClockPosition.at(12));
        long without = copper(painted(20, true, Optional.empty()));
        assertThat(copper(painted(20, true, top))).isGreaterThan(without + 200);
        assertThat(copper(painted(18, false, top))).isLessThanOrEqualTo(copper(painted(18, false, Optional.empty())));
    }

    @Test
    void aFindingThatIsGoneLeavesASlipThatSaysSo() {
        Survey empty = Reckoner.survey(Sample.job());
        BufferedImage canvas = new BufferedImage(1280, 720, BufferedImage.TYPE_INT_RGB);
        BufferedImage footage = new BufferedImage(640, 480, BufferedImage.TYPE_INT_RGB);
        new FindingPainter(Disclosure.of(empty, Recipient.HOMEOWNER))
                .paint(shot(Optional.empty()), footage, new FrameRef(Sample.DOWN, 20_000), true, canvas);
        assertThat(rows(canvas, 85, 135)).isNotEqualTo(rows(painted(20, true, Optional.empty()), 85, 135));
    }
}
