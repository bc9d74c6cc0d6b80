package hitch.core.survey;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.footage.Clip;
import hitch.core.gauge.ClipRims;
import hitch.core.gauge.JointTrail.Rim;
import hitch.core.gauge.RimLook;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.job.PropertyFactsBuilder;
import hitch.core.measure.Distance;
import hitch.core.measure.LengthUnit;
import hitch.core.pipe.Opening;
import hitch.core.pipe.Pipe;
import hitch.core.pipe.PipeSize;
import hitch.core.run.Direction;
import hitch.core.run.Run;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What the rims of a pipe of known width tell, seen through a known lens: a foot a second, a joint every two and a half feet. */
class RimsTellTest {
    private static final double LAY_MM = 760;

    /** The rims that the clip shows on its way out, taken for those of a lens of 85 degrees. */
    private static ClipRims rims(double boreMm, double lens) {
        Random chance = new Random(7);
        double radius = boreMm / 2;
        List<RimLook> looks = new ArrayList<>();
        for (long pts = 0; pts < 60_000; pts += 100) {
            double at = pts / 1000.0 * Distance.feet(1).mm();
            List<Rim> rims = new ArrayList<>();
            for (double joint = 300; joint < 20_000; joint += LAY_MM) {
                double ahead = (joint - at) / radius;
                if (ahead > 1.2 && ahead < 8) {
                    double off = Math.atan(1 / ahead) * 85 / lens;
                    rims.add(new Rim(1 / Math.tan(off) * (1 + 0.02 * chance.nextGaussian()), 0.8));
                }
            }
            looks.add(new RimLook(pts, rims));
        }
        return new ClipRims(85, looks);
    }

    /** The sample's street run through an opening of which only so much is known. */
    private static Job job(Optional<PipeSize> bore, Optional<Integer> lens, LengthUnit unit) {
        Pipe pipe = new Pipe(Optional.empty(), bore, Optional.empty(), Optional.empty());
        Run run = Sample.run("street run", Direction.WITH_FLOW, Sample.DOWN)
                .from(new Opening("two-way cleanout", "side path", pipe, null, null));
        Job job = Sample.job().with(new Edit.RemoveRun(new hitch.core.run.RunId("building-run")));
        return job.with(new Edit.PutRun(run.with(run.equipment().withLens(lens))))
                .with(new Edit.DescribeProperty(
                        PropertyFactsBuilder.builder(job.facts()).unit(unit).build()));
    }

    private static RimsTell told(Job job, ClipRims rims) {
        Clip clip = job.clip(Sample.DOWN).orElseThrow();
        return RimsTell.of(Reckoner.survey(job), clip, rims);
    }

    @ParameterizedTest
    @CsvSource({"101.6, 4", "152.4, 6", "76.2, 3"})
    void theBoreThatPipeIsMadeInIsTold(double mm, int inches) {
        RimsTell told = told(job(Optional.empty(), Optional.of(85), LengthUnit.FEET), rims(mm, 85));
        assertThat(told.bore()).contains(PipeSize.inches(inches));
        assertThat(told.lens()).isEmpty();
        assertThat(told.words()).contains("in wide, give or take").endsWith(".").doesNotContain("usual");
    }

    @Test
    void whoMeasuresInMetresIsToldMillimetres() {
        RimsTell told = told(job(Optional.empty(), Optional.of(85), LengthUnit.METRES), rims(150, 85));
        assertThat(told.bore()).contains(new PipeSize(new Distance(150)));
        assertThat(told.words()).contains("mm wide");
    }

    @Test
    void withoutItsLensTheBoreIsToldWithThatDoubt() {
        RimsTell told = told(job(Optional.empty(), Optional.empty(), LengthUnit.FEET), rims(101.6, 85));
        assertThat(told.bore()).contains(PipeSize.inches(4));
        assertThat(told.words()).endsWith("if its lens is a usual one.");
    }

    @Test
    void whereTheBoreIsKnownTheLensIsTold() {
        RimsTell told = told(job(Optional.of(PipeSize.inches(4)), Optional.empty(), LengthUnit.FEET), rims(101.6, 70));
        assertThat(told.bore()).isEmpty();
        assertThat(told.lens().orElseThrow()).isBetween(66, 74);
        assertThat(told.words()).contains("this lens sees").contains("give or take");
    }

    @Test
    void whereBothAreKnownNothingIsTold() {
        Job job = job(Optional.of(PipeSize.inches(4)), Optional.of(85), LengthUnit.FEET);
        assertThat(told(job, rims(101.6, 85))).isEqualTo(RimsTell.NOTHING);
    }

    @Test
    void withoutRimsOrACounterNothingIsTold() {
        Job job = job(Optional.empty(), Optional.of(85), LengthUnit.FEET);
        assertThat(told(job, new ClipRims(85, List.of()))).isEqualTo(RimsTell.NOTHING);
        Clip yard = job.clip(Sample.YARD).orElseThrow();
        assertThat(RimsTell.of(Reckoner.survey(job), yard, rims(101.6, 85))).isEqualTo(RimsTell.NOTHING);
    }
}
