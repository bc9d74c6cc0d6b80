package hitch.core.gauge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hitch.core.gauge.JointTrail.Look;
import hitch.core.gauge.JointTrail.Rim;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;

/** Rims that come nearer as the camera goes, with chance among them: how wide the pipe is, and what the lens sees, is known. */
class RimGrowthTest {
    private static final double LAY = 760;

    /** What a camera sees that goes 5 m along, taken for one with another lens; a third of all rims are of chance. */
    private static List<Look> looks(double radius, double lens, double takenFor, Random chance) {
        List<Look> looks = new ArrayList<>();
        for (double at = 0; at < 5000; at += radius / 2) {
            List<Rim> rims = new ArrayList<>();
            for (double joint = 300; joint < 7000; joint += LAY) {
                double ahead = (joint - at) / radius;
                if (ahead > 1.2 && ahead < 8) {
                    double off = Math.atan(1 / ahead) * takenFor / lens;
                    rims.add(new Rim(1 / Math.tan(off) * (1 + 0.02 * chance.nextGaussian()), 0.8));
                }
            }
            if (chance.nextInt(3) == 0) {
                rims.add(new Rim(1.5 + 6 * chance.nextDouble(), 0.5));
            }
            looks.add(new Look(at, rims));
        }
        return looks;
    }

    @Property(tries = 40)
    void theBoreIsTold(@ForAll @DoubleRange(min = 38, max = 160) double radius, @ForAll @IntRange(max = 999) int seed) {
        RimGrowth told = RimGrowth.of(looks(radius, 85, 85, new Random(seed))).orElseThrow();
        assertThat(told.sure()).isTrue();
        assertThat(told.radiusMm()).isCloseTo(radius, within(0.05 * radius));
        assertThat(Math.abs(told.radiusMm() - radius)).isLessThanOrEqualTo(told.error());
    }

    @Property(tries = 40)
    void theLensIsToldWhereTheBoreIsKnown(
            @ForAll @DoubleRange(min = 60, max = 120) double lens, @ForAll @IntRange(max = 999) int seed) {
        RimGrowth.LensSeen told =
                RimGrowth.lens(looks(75, lens, 85, new Random(seed)), 85, 150).orElseThrow();
        assertThat(told.degrees()).isCloseTo(lens, within(0.06 * lens));
        assertThat(Math.abs(told.degrees() - lens)).isLessThanOrEqualTo(told.error());
    }

    @Property(tries = 20)
    void chanceTellsNothing(@ForAll @IntRange(max = 999) int seed) {
        Random chance = new Random(seed);
        List<Look> looks = new ArrayList<>();
        for (int i = 0; i < 120; i++) {
            looks.add(new Look(i * 30, List.of(new Rim(1.5 + 6 * chance.nextDouble(), 0.5))));
        }
        assertThat(RimGrowth.of(looks).filter(RimGrowth::sure)).isEmpty();
    }

    @Property(tries = 5)
    void twoPicturesTellNothing() {
        assertThat(RimGrowth.of(List.of(new Look(0, List.of(new Rim(4, 1))), new Look(100, List.of(new Rim(2, 1))))))
                .isEmpty();
    }
}
