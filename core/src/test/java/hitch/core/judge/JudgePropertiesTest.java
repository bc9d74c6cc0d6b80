package hitch.core.judge;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.LineJob;
import hitch.core.Sample;
import hitch.core.finding.FindingId;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.judge.ask.Ask;
import hitch.core.judge.remedy.Caution;
import hitch.core.judge.remedy.Reason;
import hitch.core.judge.remedy.Remedy;
import hitch.core.judge.verdict.Grade;
import hitch.core.measure.LengthUnit;
import hitch.core.measure.Range;
import hitch.core.rules.HouseRules;
import hitch.core.rules.Method;
import hitch.core.rules.Price;
import hitch.core.rules.PriceBook;
import hitch.core.rules.RulesText;
import hitch.core.run.Direction;
import hitch.core.survey.Reckoner;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;

/** What holds of every judgement, whatever was found. */
class JudgePropertiesTest {
    private static final List<String> DAMAGE = List.of(
            "roots light",
            "roots",
            "roots heavy",
            "roots 95%",
            "offset 1/4 in",
            "offset up 3/4 in",
            "offset up 1 1/2 in",
            "gap 3 in",
            "crack",
            "crack heavy",
            "hole",
            "break",
            "soil washing in",
            "deformation heavy",
            "scale heavy",
            "grease",
            "debris",
            "blocked",
            "blocked 40%",
            "makeshift repair",
            "might be a hole",
            "can't get past",
            "roaches");

    @Provide
    Arbitrary<List<String>> found() {
        return note().list().ofMinSize(1).ofMaxSize(6);
    }

    @Provide
    Arbitrary<String> note() {
        // Far enough apart that no two are one thing.
        return Combinators.combine(
                        Arbitraries.of(DAMAGE), Arbitraries.integers().between(1, 9))
                .as((what, at) -> what + " at " + at * 5);
    }

    private static Job job(List<String> notes) {
        Job job = Sample.job().with(new Edit.SetRules(prices()));
        int second = 1;
        for (String note : notes) {
            job = Sample.note(job, Sample.DOWN, second++, note);
        }
        return job;
    }

    private static PriceBook prices() {
        return new PriceBook(
                "$",
                Arrays.stream(Method.values())
                        .map(m -> new Price(
                                m, false, Optional.empty(), Optional.empty(), Optional.empty(), new Range(10, 20)))
                        .toList());
    }

    private static Judgement judge(Job job) {
        return Judge.judge(Reckoner.survey(job));
    }

    private static List<Remedy> ways(Judgement judged) {
        return judged.asks().stream().flatMap(a -> a.options().stream()).toList();
    }

    @Property(tries = 120)
    void everyWayHasAReasonThatNamesAFindingOrARule(@ForAll("found") List<String> notes) {
        assertThat(ways(judge(job(notes))))
                .allSatisfy(r -> assertThat(r.because())
                        .isNotEmpty()
                        .allMatch(b -> !b.findings().isEmpty() || !b.rule().isBlank())
                        .allMatch(b -> b.source() != Reason.Source.NUMBER && b.source() != Reason.Source.SCHOOL
                                || RulesText.lines(HouseRules.DEFAULT).containsKey(b.rule())));
    }

    @Property(tries = 120)
    void noRepairIsPricedForWhatWasNotJudged(@ForAll("found") List<String> notes) {
        Judgement judged = judge(job(notes));
        if (!judged.verdict().isJudged()) {
            assertThat(ways(judged))
                    .noneMatch(r -> r.work().isRepair() && r.cost().money().isPresent());
            assertThat(judged.plans()).isEmpty();
        }
    }

    @Property(tries = 120)
    void weakPipeIsNeverPlainlyJetted(@ForAll("found") List<String> notes) {
        Job weak = Sample.note(job(notes), Sample.DOWN, 0.5, "cast iron throughout at 1");
        weak = Sample.note(weak, Sample.DOWN, 0.6, "clay to cast iron at 2");
        assertThat(ways(judge(weak)))
                .filteredOn(r -> r.extent().filter(e -> e.from().mm() > 1000).isPresent())
                .filteredOn(r -> r.work().methods().contains(Method.JET)
                        || r.work().methods().contains(Method.CUT))
                .allMatch(r ->
                        r.work().methods().contains(Method.CUT) && r.cautions().contains(Caution.WEAK_PIPE));
    }

    /** More damage makes nothing milder: what was asked stays asked, as soon and as much; and nothing passes that did not. */
    @Property(tries = 200)
    void addingDamageMakesNothingMilder(@ForAll("found") List<String> notes, @ForAll("note") String more) {
        if (notes.stream().anyMatch(n -> n.endsWith(more.substring(more.lastIndexOf(" at "))))) {
            return;
        }
        Job job = job(notes);
        Judgement before = judge(job);
        Judgement after = judge(Sample.note(job, Sample.DOWN, 40, more));
        for (Ask ask : before.asks()) {
            for (FindingId id : ask.findings()) {
                assertThat(after.asks())
                        .as("%s and then %s: %s", notes, more, ask.text())
                        .anyMatch(a -> a.findings().contains(id)
                                && a.when().compareTo(ask.when()) <= 0
                                && a.weight().compareTo(ask.weight()) >= 0);
            }
        }
        boolean passed = before.verdict().passes().orElse(false);
        boolean passes = after.verdict().passes().orElse(false);
        assertThat(passes && !passed && before.verdict().isJudged()).isFalse();
        if (before.verdict().grade() != Grade.NOT_JUDGED) {
            assertThat(after.verdict().grade())
                    .isGreaterThanOrEqualTo(before.verdict().grade());
        }
    }

    @Property(tries = 60)
    void anotherUnitChangesNothing(@ForAll("found") List<String> notes) {
        Job feet = job(notes);
        Job metres = feet.with(new Edit.DescribeProperty(feet.facts().in(LengthUnit.METRES)));
        Judgement one = judge(feet);
        Judgement two = judge(metres);
        assertThat(two.verdict().grade()).isEqualTo(one.verdict().grade());
        assertThat(two.asks().stream().map(JudgePropertiesTest::gist).toList())
                .isEqualTo(one.asks().stream().map(JudgePropertiesTest::gist).toList());
    }

    private static String gist(Ask ask) {
        return ask.id()
                + ask.soon()
                + ask.weight()
                + ask.options().stream()
                        .map(r -> r.work().key() + r.extent() + r.cost().money())
                        .toList();
    }

    /** The same things at the same places come to the same, whichever way the camera went. */
    @Property(tries = 100)
    void theWayOfTheRunChangesNothing(@ForAll("found") List<String> notes) {
        LineJob with = new LineJob().run("run", Direction.WITH_FLOW, 0, 60);
        LineJob against = new LineJob().run("run", Direction.AGAINST_FLOW, 60, 60);
        int second = 1;
        for (String note : notes) {
            int at = Integer.parseInt(note.substring(note.lastIndexOf(' ') + 1));
            String what = note.substring(0, note.lastIndexOf(" at "));
            with.note("run", second, what + " at " + at);
            against.note("run", second++, what + " at " + (60 - at));
        }
        assertThat(comesTo(against)).containsExactlyInAnyOrderElementsOf(comesTo(with));
    }

    private static List<String> comesTo(LineJob job) {
        return judge(job.job()).asks().stream()
                .flatMap(a -> a.matters().stream()
                        // Which opening the camera came from is another fact, and what it leaves unknown too.
                        .filter(m -> !m.findings().isEmpty())
                        .map(m -> m.theme() + " " + m.weight() + " "
                                + m.findings().stream()
                                        .map(f -> f.finding().kind() + "@"
                                                + f.extent()
                                                        .map(e -> Math.round(LineJob.feet(e.middle())))
                                                        .orElse(-1L))
                                        .sorted()
                                        .toList()
                                + " " + a.remedy().map(r -> r.work().key()).orElse("")))
                .toList();
    }
}
