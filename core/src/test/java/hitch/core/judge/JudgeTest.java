package hitch.core.judge;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.finding.Finding;
import hitch.core.finding.FindingId;
import hitch.core.finding.Lasting;
import hitch.core.finding.Weight;
import hitch.core.footage.FrameRef;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.judge.ask.Ask;
import hitch.core.judge.remedy.Caution;
import hitch.core.judge.verdict.Grade;
import hitch.core.measure.Distance;
import hitch.core.measure.Station;
import hitch.core.pipe.Material;
import hitch.core.rules.HouseRules;
import hitch.core.rules.Method;
import hitch.core.rules.Weighed;
import hitch.core.rules.Weigher;
import hitch.core.survey.Reckoner;
import hitch.core.survey.Survey;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class JudgeTest {
    private static Weight weigh(String note) {
        Finding finding = Sample.finding(Sample.job(), Sample.DOWN, 9, note);
        return new Weigher(HouseRules.DEFAULT)
                .weigh(finding, finding.typed(), Lasting.LASTS)
                .weight();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "roots light | WATCH",
                "roots | TEND",
                "roots heavy | MEND",
                "roots 30% | TEND",
                "roots 50% | MEND",
                "roots 95% | STOP",
                "offset 1/4 in | WATCH",
                "offset 1/2 in | TEND",
                "offset 1 in | MEND",
                "gap heavy | TEND",
                "hole | MEND",
                "crack | WATCH",
                "scale heavy | TEND",
                "scale 80% | STOP",
                "scale 40% | TEND",
                "scale 10% | WATCH",
                "grease | TEND",
                "grease 80% | STOP",
                "blocked | STOP",
                "blocked 40% | MEND",
                "standing water 10-14 | WATCH",
                "standing water 10-15 | TEND",
                "under water | TEND",
                "can't get past | WATCH",
                "tie-in | NOTED",
                "clay to pvc | NOTED",
                "hello there | NOTED"
            })
    void weighsByTheHouseRules(String note, Weight weight) {
        assertThat(weigh(note)).isEqualTo(weight);
    }

    @Test
    void theReviewersWeightWins() {
        Finding finding = Sample.finding(Sample.job(), Sample.DOWN, 9, "hole").weighing(Optional.of(Weight.WATCH));
        Weighed weighed = new Weigher(HouseRules.DEFAULT).weigh(finding, Optional.empty(), Lasting.LASTS);
        assertThat(weighed.weight()).isEqualTo(Weight.WATCH);
        assertThat(weighed.because()).contains("reviewer");
    }

    @Test
    void editedRulesChangeTheWeight() {
        HouseRules strict = HouseRules.DEFAULT
                .with(HouseRules.DEFAULT.weighing().withRoots(20))
                .with(HouseRules.DEFAULT.care().every(6));
        Job job = Sample.note(Sample.job(), Sample.DOWN, 9, "roots 30%");
        Survey before = Reckoner.survey(job);
        Survey after = Reckoner.survey(job.with(new Edit.TakeRules(strict)));
        assertThat(before.findings().getFirst().weight()).isEqualTo(Weight.TEND);
        assertThat(after.findings().getFirst().weight()).isEqualTo(Weight.MEND);
        assertThat(Judge.judge(after).asks().getFirst().text()).contains("every 6 months");
    }

    @Test
    void aBlockedLineIsOpenedBeforeAnythingIsPriced() {
        Survey survey = Reckoner.survey(Sample.note(Sample.job(), Sample.DOWN, 9, "blocked"));
        assertThat(Judge.judge(survey).asks().getFirst().text()).contains("look again before any repair is priced");
    }

    @Test
    void weakPipeIsNeverPlainlyToBeJetted() {
        Job job = Sample.note(Sample.marked(), Sample.UP, 35, "roots heavy");
        Ask roots = Judge.judge(Reckoner.survey(job)).asks().stream()
                .filter(a -> a.text().contains("roots"))
                .findFirst()
                .orElseThrow();
        assertThat(roots.text()).contains("cut out");
        assertThat(roots.remedy().orElseThrow().cautions()).contains(Caution.WEAK_PIPE);
        assertThat(roots.options()).noneMatch(r -> r.work().methods().contains(Method.JET));
    }

    @Test
    void everyWayHasAReasonThatNamesFindingsOrARule() {
        Survey survey = Reckoner.survey(Sample.marked());
        assertThat(Judge.judge(survey).asks()).isNotEmpty().allSatisfy(a -> {
            assertThat(a.text()).isNotBlank();
            assertThat(a.options())
                    .isNotEmpty()
                    .allSatisfy(r -> assertThat(r.because())
                            .isNotEmpty()
                            .allMatch(b -> !b.findings().isEmpty() || !b.rule().isBlank())
                            .allSatisfy(b -> assertThat(b.findings())
                                    .allMatch(id -> survey.finding(id).isPresent())));
        });
    }

    @Test
    void nothingMarkedCallsForNothing() {
        assertThat(Judge.judge(Reckoner.survey(Sample.job())).verdict().grade()).isIn(Grade.IN_ORDER, Grade.TO_WATCH);
        assertThat(Judge.judge(Reckoner.survey(Sample.job())).asks())
                .allMatch(a -> a.weight().compareTo(Weight.WATCH) <= 0);
    }

    @Test
    void addsUpTheLine() {
        Survey survey = Reckoner.survey(Sample.marked());
        assertThat(survey.seen().orElseThrow().length())
                .isEqualTo(
                        new Distance(Distance.feet(20).mm() + Distance.feet(60).mm()));
        // 13 ft of clay up to the change at second 26 (20 ft in 40 s), all 60 ft down, and 7 ft of iron.
        assertThat(survey.lengths().get(Material.CAST_IRON).inFeet()).isBetween(6.98, 7.02);
        assertThat(survey.lengths().get(Material.CLAY).inFeet()).isBetween(72.98, 73.02);
    }

    @Test
    void countsOverlappingWaterOnce() {
        Job job = Sample.note(Sample.job(), Sample.DOWN, 9, "standing water 10-20");
        job = Sample.note(job, Sample.DOWN, 10, "standing water 15-24");
        job = Sample.note(job, Sample.DOWN, 11, "standing water 12-13");
        assertThat(Reckoner.survey(job).standingWater().inFeet()).isBetween(13.99, 14.01);
    }

    @Test
    void tellsTheStationOfAnyFrame() {
        Survey survey = Reckoner.survey(Sample.job());
        assertThat(survey.stationAt(new FrameRef(Sample.DOWN, 30_000)))
                .contains(new Station(Distance.feet(30).mm()));
        assertThat(survey.stationAt(new FrameRef(Sample.UP, 20_000)))
                .contains(new Station(-Distance.feet(10).mm()));
        assertThat(survey.stationAt(new FrameRef(Sample.YARD, 0))).isEmpty();
        assertThat(survey.finding(new FindingId("F99"))).isEmpty();
    }

    @Test
    void findingsStandInOrderOfStation() {
        List<Long> stations = Reckoner.survey(Sample.marked()).findings().stream()
                .flatMap(f -> f.extent().stream())
                .map(e -> e.from().mm())
                .toList();
        assertThat(stations).isSorted().hasSize(7);
        assertThat(Reckoner.survey(Sample.marked()).findings().getLast().extent())
                .isEmpty();
    }

    @Test
    void shiftedJointsTellOfTheGroundOnceThereAreSeveral() {
        Job few = Sample.job();
        int second = 1;
        for (int at : List.of(10, 20, 30)) {
            few = Sample.note(few, Sample.DOWN, second++, "offset 1/4 in at " + at);
        }
        assertThat(Judge.judge(Reckoner.survey(few)).notes()).noneMatch(n -> n.contains("ground"));
        Job several = Sample.note(few, Sample.DOWN, 30, "gap 1 in at 40");
        assertThat(Judge.judge(Reckoner.survey(several)).notes())
                .anyMatch(n -> n.startsWith("Joints have shifted at four places"));
        Job told = Sample.note(
                Sample.note(Sample.job(), Sample.DOWN, 1, "offset 1/4 in at 10"),
                Sample.DOWN,
                30,
                "clay soil out here");
        assertThat(Judge.judge(Reckoner.survey(told)).notes()).anyMatch(n -> n.contains("the ground is said to move"));
    }
}
