package hitch.core.finding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hitch.core.Sample;
import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.exchange.FindingRow;
import hitch.core.footage.FrameRef;
import hitch.core.gauge.SizeSort;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.measure.Distance;
import hitch.core.survey.Reckoner;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PictureSizeTest {
    private static final FindingId F1 = new FindingId("F1");

    private static PictureSize size(SizeSort sort, double value, double error, long pts) {
        return new PictureSize(sort, value, error, Optional.empty(), new FrameRef(Sample.DOWN, pts), List.of());
    }

    private static PictureSize step(double inches, double error) {
        return size(SizeSort.STEP, inches * 25.4, error * 25.4, 50_000);
    }

    private static Job noted(String note) {
        return Sample.note(Sample.job(), Sample.DOWN, 50, note);
    }

    private static Finding finding(Job job) {
        return job.finding(F1).orElseThrow();
    }

    private static String because(Job job) {
        return Reckoner.survey(job).finding(F1).orElseThrow().because();
    }

    @Test
    void aMeasuredSizeIsToldInPlaceOfOneJudgedByEye() {
        Job typed = noted("offset 1/4 in right");
        assertThat(finding(typed).sizeHow()).isEqualTo("judged by eye");
        Job measured = typed.with(new Edit.MeasureFinding(F1, step(0.5, 0.1)));
        assertThat(finding(measured).phrase()).contains("1/2 in");
        assertThat(finding(measured).sizeHow()).isEqualTo("measured on the picture ± 1/8 in");
        assertThat(FindingRow.of(Disclosure.of(Reckoner.survey(measured), Recipient.HOMEOWNER)))
                .extracting(FindingRow::size, FindingRow::sizeHow)
                .contains(org.assertj.core.groups.Tuple.tuple("1/2 in", "measured on the picture ± 1/8 in"));
        assertThat(finding(noted("roots top")).sizeHow()).isEmpty();
    }

    @Test
    void ofSeveralFramesTheSurestIsTold() {
        PictureSize rough = step(0.75, 0.25);
        PictureSize fine = step(0.5, 0.1);
        Job job =
                noted("offset right").with(new Edit.MeasureFinding(F1, rough)).with(new Edit.MeasureFinding(F1, fine));
        assertThat(finding(job).told()).contains(fine);
        // One that is less sure changes nothing.
        assertThat(finding(job.with(new Edit.MeasureFinding(F1, step(1, 0.5)))).told())
                .contains(fine);
        Job less = job.with(new Edit.ForgetSize(F1, fine));
        assertThat(finding(less).told()).contains(rough);
        Job none = less.with(new Edit.ForgetSize(F1, rough));
        assertThat(finding(none).traits().size()).isEmpty();
        assertThat(finding(none).sizeHow()).isEmpty();
        assertThat(none.with(new Edit.ForgetSize(F1, rough)).findings()).isEqualTo(none.findings());
    }

    @Test
    void otherWordsKeepWhatWasMeasuredUnlessTheyTellASize() {
        Job job = noted("offset right").with(new Edit.MeasureFinding(F1, step(0.5, 0.1)));
        Finding heavier = Sample.finding(Sample.job(), Sample.DOWN, 50, "offset heavy right");
        Finding amended = finding(job.with(new Edit.AmendFinding(F1, heavier)));
        assertThat(amended.traits().size()).contains(Distance.inches(0.5));
        assertThat(amended.sizeHow()).startsWith("measured");
        Finding typed = Sample.finding(Sample.job(), Sample.DOWN, 50, "offset 1 in right");
        Finding byEye = finding(job.with(new Edit.AmendFinding(F1, typed)));
        assertThat(byEye.traits().size()).contains(Distance.inches(1));
        assertThat(byEye.sizeHow()).isEqualTo(PictureSize.BY_EYE);
        // As another thing it has no such size.
        Finding roots = Sample.finding(Sample.job(), Sample.DOWN, 50, "roots");
        assertThat(finding(job.with(new Edit.AmendFinding(F1, roots))).traits().size())
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "0.55, 0.1, 'at or over the rule''s 1/2 in; measured ± 1/8 in, so it may as well be under 1/2 in'",
        "0.45, 0.1, 'measured ± 1/8 in, so it may as well be over 1/2 in'",
        "0.75, 0.05, 'at or over the rule''s 1/2 in'"
    })
    void nearARuleBothSidesAreTold(double inches, double error, String told) {
        Job job = noted("offset right").with(new Edit.MeasureFinding(F1, step(inches, error)));
        assertThat(because(job)).contains(told);
        assertThat(because(job).contains("may as well")).isEqualTo(Math.abs(inches - 0.5) <= error);
    }

    @Test
    void aShareIsMeasuredAsOne() {
        Job job = noted("roots").with(new Edit.MeasureFinding(F1, size(SizeSort.SHARE, 31.4, 4.2, 50_000)));
        assertThat(finding(job).traits().share()).contains(31);
        assertThat(finding(job).sizeHow()).isEqualTo("measured on the picture ± 5 %");
        assertThat(finding(job).told().orElseThrow().shown()).isEqualTo("31 %");
    }

    @Test
    void whereItGoesIsTakenWhereNobodySaidIt() {
        PictureSize right = new PictureSize(
                SizeSort.STEP, 12, 3, Optional.of(ClockPosition.at(3)), new FrameRef(Sample.DOWN, 50_000), List.of());
        assertThat(finding(noted("offset").with(new Edit.MeasureFinding(F1, right)))
                        .traits()
                        .clock())
                .contains(ClockPosition.at(3));
        assertThat(finding(noted("offset top").with(new Edit.MeasureFinding(F1, right)))
                        .traits()
                        .clock())
                .contains(ClockPosition.at(12));
    }

    @Test
    void twoThatAreOneKeepTheSizesOfBoth() {
        Job job = Sample.note(noted("offset right"), Sample.DOWN, 52, "offset right")
                .with(new Edit.MeasureFinding(new FindingId("F2"), step(0.5, 0.1)))
                .with(new Edit.MergeFindings(F1, new FindingId("F2")));
        assertThat(finding(job).told()).contains(step(0.5, 0.1));
    }

    @Test
    void eachKindHasOneMeasureAndNothingIsMeasuredOfWhatWasTold() {
        assertThat(FindingKind.measuredBy(SizeSort.STEP)).containsExactly(FindingKind.OFFSET);
        assertThat(FindingKind.measuredBy(SizeSort.SHARE)).contains(FindingKind.ROOTS, FindingKind.GREASE);
        assertThat(FindingKind.SYMPTOM.measuredBy()).isEmpty();
        assertThatThrownBy(() -> step(-1, 0)).isInstanceOf(IllegalArgumentException.class);
    }
}
