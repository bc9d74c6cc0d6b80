package hitch.core.judge;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.decide.Choice;
import hitch.core.decide.Decision;
import hitch.core.decide.Grouping;
import hitch.core.decide.OwnAsk;
import hitch.core.decide.When;
import hitch.core.decide.Who;
import hitch.core.finding.FindingId;
import hitch.core.finding.Weight;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.judge.ask.Ask;
import hitch.core.judge.matter.Matter;
import hitch.core.judge.matter.Theme;
import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import hitch.core.measure.Station;
import hitch.core.pipe.Branch;
import hitch.core.survey.Reckoner;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AsksTest {
    private static Job job(String... notes) {
        Job job = Sample.job();
        for (String note : notes) {
            job = Sample.note(job, Sample.DOWN, 9, note);
        }
        return job;
    }

    private static Judgement judge(Job job) {
        return Judge.judge(Reckoner.survey(job));
    }

    private static Ask about(Job job, String finding) {
        return judge(job).asks().stream()
                .filter(a -> a.findings().contains(new FindingId(finding)))
                .findFirst()
                .orElseThrow();
    }

    private static Job decided(Job job, Decision decision) {
        return job.with(new Edit.Decide(decision));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "roots 20 | look again afterwards",
                "hole 20 | dug up and mended",
                "broken pipe 20 | dug up and mended",
                "offset 3/4 in 20 | relined",
                "gap 1 in 20 | relined",
                "standing water 10-20 | Leave the standing water",
                "grease 20 | cleaned",
                "scale heavy 20 | descaled",
                "can't get past 20 | unknown until then",
                "under water 10-14 | unknown until then",
                "blocked 40% 20 | cleared out",
                "blocked 20 | opened at"
            })
    void eachTroubleHasItsAsk(String note, String part) {
        assertThat(about(job(note), "F1").text()).contains(part);
    }

    @ParameterizedTest
    @CsvSource({"tie-in left 20", "clay to pvc 20", "property line 20", "hello", "bend 45 at 20"})
    void whatIsPartOfThePipeAsksForNothing(String note) {
        assertThat(judge(job(note)).asks()).noneMatch(a -> a.findings().contains(new FindingId("F1")));
    }

    @Test
    void aWeightSetByHandChangesTheAsk() {
        Job job = job("offset 1/4 in 20");
        assertThat(about(job, "F1").when()).isEqualTo(When.WATCH);
        Job heavier = job.with(new Edit.WeighFinding(new FindingId("F1"), Optional.of(Weight.MEND)));
        assertThat(about(heavier, "F1").when()).isEqualTo(When.WITHIN_MONTHS);
    }

    @Test
    void aChoiceStandsAndIsFlaggedOnceTheFactsMoveOn() {
        Job job = job("offset 3/4 in 20");
        Ask proposed = about(job, "F1");
        Choice choice = Choice.of(
                        "offsets and gaps",
                        Set.of(new FindingId("F1")),
                        Choice.Standing.CHANGED,
                        proposed.fingerprint())
                .withWork(Optional.of("spot repair"))
                .withWhen(Optional.of(When.NOW))
                .withWho(Optional.of(Who.CITY))
                .withDue(Optional.of("2027-01-31"))
                .withWhy("the yard is open");
        Job chosen = decided(job, new Decision.OnAsk(choice));
        Ask ask = about(chosen, "F1");
        assertThat(ask.remedy().orElseThrow().work().key()).isEqualTo("spot repair");
        assertThat(ask.when()).isEqualTo(When.NOW);
        assertThat(ask.who()).isEqualTo(Who.CITY);
        assertThat(ask.due().orElseThrow()).hasToString("2027-01-31");
        assertThat(ask.overtaken()).isFalse();

        Job moved = chosen.with(new Edit.WeighFinding(new FindingId("F1"), Optional.of(Weight.WATCH)));
        Ask later = about(moved, "F1");
        assertThat(later.remedy().orElseThrow().work().key()).isEqualTo("spot repair");
        assertThat(later.overtaken()).isTrue();

        Job back = decided(chosen, new Decision.AsProposed("offsets and gaps", Set.of(new FindingId("F1"))));
        assertThat(about(back, "F1")).isEqualTo(proposed);
    }

    @Test
    void whatWasDeclinedStaysAndIsNotAskedFor() {
        Job job = job("roots 20", "hole 30");
        Job declined = decided(
                job,
                new Decision.OnAsk(Choice.of(
                                "roots",
                                Set.of(new FindingId("F1")),
                                Choice.Standing.DECLINED,
                                about(job, "F1").fingerprint())
                        .withWhy("done last week")));
        assertThat(judge(declined).asks().getLast().why()).isEqualTo("done last week");
        assertThat(judge(declined).standing()).noneMatch(a -> a.findings().contains(new FindingId("F1")));
        assertThat(judge(declined).verdict()).isEqualTo(judge(job).verdict());
    }

    @Test
    void aStretchThatWasDrawnGoesWithTheWayThatWasTaken() {
        Job job = job("hole 20");
        Extent drawn = new Extent(
                new Station(Distance.feet(10).mm()),
                new Station(Distance.feet(30).mm()));
        Job changed = decided(
                job,
                new Decision.OnAsk(Choice.of("open wall", Set.of(new FindingId("F1")), Choice.Standing.CHANGED, "")
                        .withExtent(Optional.of(drawn))));
        assertThat(about(changed, "F1").remedy().orElseThrow().extent()).contains(drawn);
        assertThat(about(changed, "F1").remedy().orElseThrow().length().inFeet())
                .isBetween(19.99, 20.01);
    }

    @Test
    void findingsCanBeJoinedSplitAndNamed() {
        Job job = job("roots 20", "roots 25", "crack 22");
        assertThat(themes(job)).contains(Theme.ROOTS, Theme.CRACKS);
        Job joined = decided(
                job,
                new Decision.AsOne(
                        new Grouping(Set.of(new FindingId("F1"), new FindingId("F3")), "The joint by the oak")));
        assertThat(judge(joined).matters()).anySatisfy(m -> {
            assertThat(m.title()).isEqualTo("The joint by the oak");
            assertThat(m.ids()).containsExactlyInAnyOrder(new FindingId("F1"), new FindingId("F3"));
        });
        assertThat(about(joined, "F2").findings()).containsExactly(new FindingId("F2"));
        Job split = decided(joined, new Decision.AsMany(Set.of(new FindingId("F1"), new FindingId("F3"))));
        assertThat(judge(split)).isEqualTo(judge(job));
    }

    private static List<Theme> themes(Job job) {
        return judge(job).matters().stream().map(Matter::theme).toList();
    }

    @Test
    void anAskOfOnesOwnStandsAmongTheOthers() {
        OwnAsk own = new OwnAsk(
                "A1",
                "Ask the neighbour where his line runs.",
                "",
                Weight.TEND,
                When.NOW,
                Who.PEOPLE,
                Optional.empty(),
                Branch.LINE,
                Optional.empty(),
                List.of());
        Job job = decided(job("roots light 20"), new Decision.Own(own));
        assertThat(judge(job).asks().getFirst().text()).startsWith("Ask the neighbour");
        assertThat(judge(decided(job, new Decision.DropOwn("A1"))).asks())
                .noneMatch(a -> a.text().startsWith("Ask the neighbour"));
    }

    @Test
    void theVerdictCanBeWordedAndIsFlaggedLikewise() {
        Job job = job("roots 20");
        Job worded = decided(
                job,
                new Decision.Worded(
                        "It works, with roots.", judge(job).verdict().fingerprint()));
        assertThat(judge(worded).verdict().words()).isEqualTo("It works, with roots.");
        assertThat(judge(worded).verdict().overtaken()).isFalse();
        Job more = Sample.note(worded, Sample.DOWN, 9, "hole 40");
        assertThat(judge(more).verdict().words()).isEqualTo("It works, with roots.");
        assertThat(judge(more).verdict().overtaken()).isTrue();
    }
}
