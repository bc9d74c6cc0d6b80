package hitch.core.finding;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.exchange.FindingRow;
import hitch.core.footage.FrameRef;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.judge.Judge;
import hitch.core.measure.LengthUnit;
import hitch.core.note.grammar.TradeNoteReader;
import hitch.core.story.ScriptWriter;
import hitch.core.survey.Reckoner;
import hitch.core.survey.Survey;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CertaintyTest {
    private static Survey survey(String note) {
        Job job = Sample.job();
        FrameRef at = new FrameRef(Sample.DOWN, 10_000);
        return Reckoner.survey(job.with(new Edit.AddFinding(
                new TradeNoteReader().read(note, LengthUnit.FEET).first().at(job.nextId(), at, job.runOf(at.clip())))));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "hole bottom|SEEN|Hole, at the bottom",
                "looks like a hole at the bottom|LIKELY|Likely hole, at the bottom",
                "might be a hole at the bottom|POSSIBLE|Possibly hole, at the bottom",
                "i can hear a blockage up there|HEARD|Heard, not seen: blockage",
                "per the owner a break at 40|TOLD|Told, not seen: break"
            })
    void howSureIsKeptFromTheNoteToEverythingDelivered(String note, Certainty certainty, String told) {
        Survey survey = survey(note);
        assertThat(survey.findings()).singleElement().satisfies(f -> {
            assertThat(f.finding().certainty()).isEqualTo(certainty);
            assertThat(f.finding().phrase()).startsWith(told.substring(0, Math.min(told.length(), 18)));
        });
        Disclosure may = Disclosure.of(survey, Recipient.HOMEOWNER);
        FindingRow row = FindingRow.of(may).getFirst();
        assertThat(row.howSure()).isEqualTo(certainty.word());
        assertThat(row.what()).startsWith(told.substring(0, Math.min(told.length(), 18)));
        boolean isTold = certainty != Certainty.RULED_OUT;
        assertThat(ScriptWriter.write(may).shots().stream()
                        .filter(s -> s.key().startsWith("finding:"))
                        .flatMap(s -> s.written().stream())
                        .anyMatch(w -> w.contains(row.what())))
                .isEqualTo(isTold);
    }

    @Test
    void whatIsNotSureAsksForAnotherLookFirst() {
        assertThat(survey("hole bottom").findings().getFirst().weight()).isEqualTo(Weight.MEND);
        assertThat(survey("looks like a hole at the bottom")
                        .findings()
                        .getFirst()
                        .weight())
                .isEqualTo(Weight.MEND);
        LocatedFinding unsure =
                survey("might be a hole at the bottom").findings().getFirst();
        assertThat(unsure.weight()).isEqualTo(Weight.TEND);
        assertThat(unsure.because()).endsWith("less, for it is not sure (possible)");
    }

    @Test
    void noRepairIsProposedForWhatIsNotSure() {
        assertThat(Judge.judge(survey("hole bottom")).asks())
                .anyMatch(a -> a.text().startsWith("Have it dug up and mended"));
        assertThat(Judge.judge(survey("might be a hole at the bottom")).asks())
                .anyMatch(a -> a.text().startsWith("Have another look"))
                .noneMatch(a -> a.remedy().orElseThrow().work().isRepair());
    }

    @Test
    void theLineIsNotDrawnByAGuess() {
        assertThat(survey("main connection").line().main().orElseThrow().lowerKnown())
                .isTrue();
        assertThat(survey("might be the main connection")
                        .line()
                        .main()
                        .map(w -> w.lowerKnown())
                        .orElse(false))
                .isFalse();
    }

    @Test
    void namesKeepTheirLetters() {
        assertThat(Certainty.POSSIBLE.say("PVC to clay")).isEqualTo("Possibly PVC to clay");
        assertThat(Certainty.SEEN.say("Roots")).isEqualTo("Roots");
        assertThat(Certainty.TOLD.say("")).isEmpty();
    }
}
