package hitch.core.parcel;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.decide.Decision;
import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.finding.FindingKind;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.judge.visit.Compared;
import hitch.core.parcel.PairRow.OfVisit;
import hitch.core.story.ScriptWriter;
import hitch.core.survey.Reckoner;
import java.util.List;
import java.util.function.Predicate;
import org.junit.jupiter.api.Test;

/** Stills of two visits side by side: roots that grew, an offset as it was, and grease that nobody saw before. */
class PairRowTest {
    private static final Predicate<OfVisit> ALL = v -> true;

    private static Job job(String day, String... notes) {
        Job job =
                Sample.job().with(new Edit.DescribeProperty(Sample.job().facts().withInspectedOn(day)));
        for (String note : notes) {
            job = Sample.note(job, Sample.DOWN, 9, note);
        }
        return job;
    }

    private static final Job THEN = job("2026-01-10", "roots 20% at 20", "offset 1/4 in at 30");
    private static final Job NOW = job("2026-09-10", "roots 40% at 20", "offset 1/4 in at 30", "grease at 50")
            .with(new Edit.Decide(new Decision.Beside(Compared.visit("then", Reckoner.survey(THEN)))));

    private static List<PairRow> rows(Job job, Recipient whom, Predicate<OfVisit> kept) {
        Disclosure may = Disclosure.of(Reckoner.survey(job), whom);
        return PairRow.of(may, ScriptWriter.write(may), kept);
    }

    @Test
    void whatWasSeenOnBothVisitsIsAPairWithItsDaysAndWords() {
        List<PairRow> rows = rows(NOW, Recipient.HOMEOWNER, ALL);
        PairRow roots = rows.stream()
                .filter(r -> r.title().startsWith("Roots"))
                .findFirst()
                .orElseThrow();
        assertThat(roots.title()).contains("2026-01-10 and now").contains("20.0 ft");
        assertThat(roots.from()).isEqualTo("2026-01-10");
        assertThat(roots.to()).isEqualTo("now");
        assertThat(roots.was()).contains("20 %");
        assertThat(roots.left()).isNotBlank();
        assertThat(roots.then()).isEqualTo(new OfVisit("then", "2026-01-10", "F1"));
        assertThat(roots.now())
                .isEqualTo(NOW.findings().stream()
                        .filter(f -> f.kind() == FindingKind.ROOTS)
                        .findFirst()
                        .orElseThrow()
                        .frame());
        assertThat(rows).noneMatch(r -> r.title().startsWith("Grease"));
    }

    @Test
    void eachPairHasTwoStillsOfItsOwn() {
        List<PairRow> rows = rows(NOW, Recipient.HOMEOWNER, ALL);
        assertThat(rows).hasSizeGreaterThanOrEqualTo(2);
        for (int i = 0; i < rows.size(); i++) {
            assertThat(rows.get(i).before()).isEqualTo("stills/pair-" + (i + 1) + "-before.png");
            assertThat(rows.get(i).after()).isEqualTo("stills/pair-" + (i + 1) + "-after.png");
        }
    }

    @Test
    void aStillThatWasNotKeptMakesNoPair() {
        assertThat(rows(NOW, Recipient.HOMEOWNER, v -> false)).isEmpty();
        assertThat(rows(NOW, Recipient.HOMEOWNER, v -> v.finding().equals("F2")))
                .extracting(PairRow::title)
                .singleElement()
                .asString()
                .startsWith("Offset");
    }

    /** Whoever gets nothing of the private side gets no pair of it. */
    @Test
    void aDistrictGetsNoPairOfWhatIsNotItsOwn() {
        Job job = Sample.note(NOW, Sample.DOWN, 45, "boundary at 45");
        assertThat(rows(job, Recipient.DISTRICT, ALL)).isEmpty();
    }

    @Test
    void aDayThatNobodyKnowsIsThen() {
        Job then = job("", "roots 20% at 20");
        Job now = job("2026-09-10", "roots 40% at 20")
                .with(new Edit.Decide(new Decision.Beside(Compared.visit("then", Reckoner.survey(then)))));
        assertThat(rows(now, Recipient.HOMEOWNER, ALL)).singleElement().satisfies(r -> {
            assertThat(r.from()).isEqualTo("then");
            assertThat(r.title()).contains("then and now");
        });
    }

    @Test
    void withoutAnEarlierVisitThereIsNone() {
        assertThat(rows(THEN, Recipient.HOMEOWNER, ALL)).isEmpty();
    }
}
