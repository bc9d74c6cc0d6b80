package hitch.core.gauge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hitch.core.exchange.GaugeJson;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class FrameGaugeTest {
    private static final DrawnPipe PIPE = DrawnPipe.plain().joint(3.6, 0.3, 0.3, 0, 1);

    private static FrameGauge gauge(double bore) {
        return FrameGauge.of(PIPE.picture(5), PIPE.lens(), bore, FrameGauge.USUAL_LENS_MM);
    }

    @Test
    void theSameRingsAreTwiceAsLargeInAPipeTwiceAsWide() {
        JointGauge four = gauge(100).joints().getFirst();
        JointGauge eight = gauge(200).joints().getFirst();
        assertThat(four.step().mm()).isCloseTo(15, within(3.0));
        assertThat(eight.step().mm()).isCloseTo(2 * four.step().mm(), within(1e-6));
        assertThat(eight.step().error()).isCloseTo(2 * four.step().error(), within(1e-6));
    }

    @Test
    void theTruthLiesWithinTheErrorThatIsClaimed() {
        JointGauge joint = gauge(100).joints().getFirst();
        assertThat(joint.step().straddles(15)).isTrue();
        assertThat(joint.gap().straddles(15)).isTrue();
    }

    /** One rim may stand in more than the other, which nothing on one picture tells: a narrow gap is a guess, a wide one is none. */
    @Test
    void aGapIsSureOnlyWhereItIsWiderThanWhatRimsMayDiffer() {
        Measured narrow = gap(DrawnPipe.plain().joint(4.5, 0.15, 0, 0, 0.05));
        Measured wide = gap(DrawnPipe.plain().joint(2.6, 0.45, 0, 0, 0.05));
        assertThat(narrow.straddles(7.5)).isTrue();
        assertThat(narrow.sure()).isLessThan(Measured.LIKELY);
        assertThat(wide.straddles(22.5)).isTrue();
        assertThat(wide.sure()).isGreaterThanOrEqualTo(Measured.LIKELY);
        assertThat(wide.error()).isLessThan(wide.mm() / 2);
    }

    private static Measured gap(DrawnPipe pipe) {
        return FrameGauge.of(pipe.picture(5), pipe.lens(), 100, FrameGauge.USUAL_LENS_MM)
                .joints()
                .getFirst()
                .gap();
    }

    /** A large picture is looked at as finely as a small one, so that it claims no more. */
    @Test
    void aLargePictureClaimsNoSmallerError() {
        DrawnPipe large = PIPE.seenBy(LensView.across(1920, 1440, 85));
        JointGauge joint = FrameGauge.of(large.picture(5), large.lens(), 100, FrameGauge.USUAL_LENS_MM)
                .joints()
                .getFirst();
        assertThat(joint.step().straddles(15)).isTrue();
        assertThat(joint.step().error())
                .isCloseTo(gauge(100).joints().getFirst().step().error(), within(0.4));
    }

    /** Deep in the dark two chance rings may lie a yard apart. */
    @Test
    void whatIsWiderThanTheBoreIsProposedAsNoJoint() {
        DrawnPipe missing = DrawnPipe.plain().joint(6.5, 2.4, 0, 0, 0.05);
        FrameGauge seen = FrameGauge.of(missing.picture(5), missing.lens(), 100, FrameGauge.USUAL_LENS_MM);
        assertThat(seen.found().joints()).anyMatch(j -> j.gap() > 2);
        assertThat(seen.joints()).noneMatch(j -> j.gap().mm() > 100);
    }

    @Test
    void noPipeIsSoWide() {
        assertThatThrownBy(() -> gauge(10)).hasMessageContaining("25 to 1500 mm");
        assertThatThrownBy(() -> LensView.across(640, 480, 5)).hasMessageContaining("20 to 170 degrees");
    }

    @Test
    void asJsonItNamesPixelsAndLengths() {
        JsonNode all = JsonMapper.shared().readTree(GaugeJson.write(Map.of("file", "a.png"), gauge(100)));
        assertThat(all.get("width").asInt()).isEqualTo(640);
        JsonNode joint = all.get("joints").get(0);
        assertThat(joint.get("near").get("x").asDouble()).isBetween(250.0, 400.0);
        assertThat(joint.get("step").get("mm").asDouble()).isCloseTo(15, within(3.0));
        assertThat(joint.get("step").get("error_mm").asDouble()).isPositive();
        assertThat(joint.get("step").get("share_of_bore").asDouble()).isCloseTo(0.15, within(0.03));
        assertThat(all.get("water").isNull()).isTrue();
        assertThat(all.get("rings")).isNotEmpty();
    }
}
