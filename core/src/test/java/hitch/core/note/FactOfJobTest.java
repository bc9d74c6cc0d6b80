package hitch.core.note;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.caption.Cue;
import hitch.core.detail.Detail;
import hitch.core.detail.Details;
import hitch.core.finding.Certainty;
import hitch.core.finding.FindingKind;
import hitch.core.finding.Traits;
import hitch.core.job.PropertyFacts;
import hitch.core.measure.LengthUnit;
import hitch.core.note.grammar.TradeNoteReader;
import hitch.core.talk.Spoken;
import hitch.core.talk.TalkReader;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What is said of the house and the job goes to its own field; what is said of the pipe goes to none. */
class FactOfJobTest {
    private static List<Draft> said(String sentence) {
        return new TalkReader(new TradeNoteReader(), LengthUnit.FEET)
                .read(List.of(new Cue(0, 5, sentence))).drafts().stream()
                        .map(Spoken::draft)
                        .toList();
    }

    private static Optional<Details.Change> fact(String sentence) {
        return said(sentence).stream().flatMap(d -> FactOfJob.in(d).stream()).findFirst();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "The house was built in nineteen fifty-eight. | built | 1958",
                "Nobody's lived here since last spring. | occupied | idle since last spring",
                "It's been vacant for six months. | occupied | idle for six months",
                "Line was last jetted in April. | last_service | Line was last jetted in April",
                "And we'll scope it again in twelve months. | next_service | We'll scope it again in twelve months",
                "They gave her a ninety day warranty on the last snaking. | warranty | They gave her a ninety day warranty on the last snaking",
                "It rained hard all last night. | weather | It rained hard all last night",
                "The owner and her plumber were there. | present | owner and her plumber",
                "I'm your plumber, Bram. | operator | the plumber",
                "This is Odile, the drain technician. | operator | the drain technician",
                "I'm the apprentice on this one. | operator | the apprentice",
                "She gave us permission to post it. | sharing | She gave us permission to post it",
                "The owner's good with us sharing this video. | sharing | The owner's good with us sharing this video",
                "Please don't show this to the buyers. | sharing | Please don't show this to the buyers",
            })
    void eachFactHasItsField(String sentence, String field, String value) {
        Optional<Details.Change> fact = fact(sentence);
        assertThat(fact).as(sentence).isPresent();
        assertThat(fact.get().detail().key()).isEqualTo(field);
        assertThat(fact.get().text()).isEqualTo(value);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Roots at nineteen feet, top.",
                "The lens is fogged up.",
                "The pipe goes to plastic at forty.",
                "There was no crack at twelve.",
                "Standing water from ten to fourteen feet.",
                "From here it's shared with the neighbors.",
                "Don't flush wipes, not even these.",
                "I'm at the plumber's end of it.",
            })
    void whatIsOfThePipeHasNone(String sentence) {
        assertThat(fact(sentence)).as(sentence).isEmpty();
    }

    @Test
    void aFactFillsItsFieldAndStandsInTheRecord() {
        Details.Change built =
                fact("The house was built in nineteen fifty-eight.").orElseThrow();
        PropertyFacts facts = PropertyFacts.BLANK.withMore(built.in(PropertyFacts.BLANK.more()));
        assertThat(facts.more().texts()).containsEntry("built", "1958");
    }

    /** The same before the camera sets out on a run that is told. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "It's occupied. | occupied | occupied",
                "Nobody lives here. | occupied | idle",
                "The house has been empty since March. | occupied | idle since March",
                "This one's for a purchase. | purpose | before a purchase",
                "They close on Friday. | purpose | before a purchase",
                "It's a pre-listing inspection. | purpose | before a sale",
                "It's a pre-purchase scope. | purpose | before a purchase",
                "This is for the seller. | purpose | before a sale",
                "It's for the refinance. | purpose | for a refinance",
                "We're doing this for an addition. | purpose | for an addition",
                "This is job number 4471. | job_number | 4471",
                "She said it backs up when she does laundry. | called | She said it backs up when she does laundry",
            })
    void whatIsSaidBeforeARunHasItsFieldToo(String sentence, String field, String value) {
        List<String> run = List.of(
                sentence,
                "Zero at the cap.",
                "Five. Clay.",
                "Ten. Roots.",
                "Fifteen. Roots.",
                "Thirty. A crack.",
                "Forty. There's the main.");
        List<Cue> cues = new ArrayList<>();
        for (int i = 0; i < run.size(); i++) {
            cues.add(new Cue(i * 6, i * 6 + 5, run.get(i)));
        }
        assertThat(new TalkReader(new TradeNoteReader(), LengthUnit.FEET)
                        .read(cues).drafts().stream()
                                .filter(s -> s.seconds() < 5)
                                .flatMap(s -> FactOfJob.in(s.draft()).stream()))
                .singleElement()
                .satisfies(f -> {
                    assertThat(f.detail().key()).isEqualTo(field);
                    assertThat(f.text()).isEqualTo(value);
                });
    }

    /** Directly of what was understood, whatever was said before. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Okay, so, it was last cleaned in May. | SERVICE | last_service | It was last cleaned in May",
                "Next cleaning in the fall. | SERVICE | next_service | Next cleaning in the fall",
            })
    void whenItWasAndWillBeServedAreTwoFields(String words, Act act, String field, String text) {
        Draft draft = new Draft(act, Optional.empty(), Optional.empty(), Traits.NONE, Certainty.SEEN, words, "", 0);
        assertThat(FactOfJob.in(draft)).hasValueSatisfying(f -> {
            assertThat(f.detail().key()).isEqualTo(field);
            assertThat(f.text()).isEqualTo(text);
        });
        assertThat(FactOfJob.in(draft.ruledOut()))
                .as("what is not so fills no field")
                .isEmpty();
    }

    @Test
    void whatPeopleNoticedIsWhyTheyCalled() {
        Draft draft = new Draft(
                FindingKind.SYMPTOM,
                Optional.empty(),
                Optional.empty(),
                Traits.NONE,
                Certainty.SEEN,
                "and the tub gurgles",
                "",
                0);
        assertThat(FactOfJob.in(draft)).hasValueSatisfying(f -> {
            assertThat(f.detail()).isEqualTo(Detail.CALLED);
            assertThat(f.text()).isEqualTo("The tub gurgles");
        });
    }
}
