package hitch.core.note.grammar;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.finding.Certainty;
import hitch.core.finding.ClockPosition;
import hitch.core.finding.FindingKind;
import hitch.core.measure.Distance;
import hitch.core.measure.LengthUnit;
import hitch.core.note.Draft;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Each step of reading a sentence, by what it makes of one. */
class StepTest {
    private static Reading until(Step step, String text) {
        return reading(text, true).until(step);
    }

    private static Reading reading(String text, boolean typed) {
        return new Reading(
                Phrases.of(TextStep.sentences(text).getFirst(), Words.shipped()),
                LengthUnit.FEET,
                typed,
                Optional.empty(),
                Optional.empty());
    }

    private static <T extends Meaning> List<T> all(Reading reading, Class<T> type) {
        return IntStream.range(0, reading.parts().size())
                .mapToObj(i -> reading.parts().as(i, type))
                .flatMap(Optional::stream)
                .toList();
    }

    @Test
    void textIsWrittenOutAndItsNumbersJoined() {
        assertThat(TextStep.tokens("rts btm 23", TextStep.ABBREVIATIONS))
                .extracting(Token::text)
                .containsSequence("bottom", "23");
        assertThat(TextStep.tokens("um at nineteen point four", TextStep.NUMBERS))
                .filteredOn(Token::isNumber)
                .extracting(Token::value)
                .containsExactly(19.4);
    }

    @Test
    void countsAndTimesAreNoDistances() {
        Reading reading = until(Step.COUNTS_AND_TIMES, "9 of 24 joints, ran 10 minutes");
        assertThat(all(reading, Meaning.Counted.class))
                .extracting(c -> c.count().some())
                .containsExactly(9);
        assertThat(all(reading, Meaning.Time.class))
                .extracting(Meaning.Time::value)
                .containsExactly(10.0);
        assertThat(all(reading, Meaning.Number.class)).isEmpty();
    }

    @Test
    void unitsMakeAmounts() {
        assertThat(all(until(Step.UNITS, "offset 3/4 in at 42 feet"), Meaning.Amount.class))
                .extracting(a -> a.length())
                .containsExactly(Distance.inches(0.75), Distance.feet(42));
    }

    @Test
    void whatIsTakenBackIsGone() {
        Reading reading = until(Step.CORRECTIONS, "crack at 17, I mean 71");
        assertThat(all(reading, Meaning.Number.class))
                .extracting(Meaning.Number::value)
                .containsExactly(71.0);
    }

    @Test
    void endsAreOneRangeAndFiguresHaveTheirRoles() {
        assertThat(all(until(Step.RANGES, "standing water 26-31"), Meaning.Number.class))
                .isEmpty();
        Reading roles = until(Step.ROLES, "roots 20% 10 to 2 oclock 48.2");
        assertThat(all(roles, Meaning.Share.class))
                .extracting(Meaning.Share::percent)
                .containsExactly(20);
        assertThat(all(roles, Meaning.Round.class))
                .extracting(Meaning.Round::clock)
                .containsExactly(ClockPosition.arc(10, 2));
        assertThat(all(roles, Meaning.Place.class))
                .extracting(Meaning.Place::from)
                .containsExactly(Distance.feet(48.2));
    }

    @Test
    void onlyWhatIsClaimedBecomesACandidate() {
        assertThat(reading("If there were roots you'd see them.", false)
                        .until(Step.CLAIMS)
                        .candidates())
                .isEmpty();
        assertThat(reading("There's a root at nine feet, and no crack.", false)
                        .until(Step.CLAIMS)
                        .candidates())
                .extracting(Candidate::matter)
                .containsExactly(FindingKind.ROOTS);
        assertThat(reading("That is not a crack at nine feet.", false)
                        .until(Step.CLAIMS)
                        .candidates())
                .extracting(Candidate::certainty)
                .containsExactly(Certainty.RULED_OUT);
    }

    @Test
    void placesAndTraitsComeAfterTheClaims() {
        Reading claims = until(Step.CLAIMS, "roots top 41.5");
        assertThat(claims.candidates()).singleElement().matches(c -> !c.isPlaced());
        Reading whole = until(Step.PLACES, "roots top 41.5");
        assertThat(whole.candidates()).singleElement().satisfies(c -> {
            assertThat(c.place().orElseThrow().from()).isEqualTo(Distance.feet(41.5));
            assertThat(c.traits().clock()).contains(ClockPosition.at(12));
        });
    }

    @Test
    void thePlaceThatWasSaidBeforeIsTakenLast() {
        Reading reading = new Reading(
                Phrases.of(TextStep.sentences("There's a root.").getFirst(), Words.shipped()),
                LengthUnit.FEET,
                false,
                Optional.<Draft>empty(),
                Optional.of(Meaning.Place.at(Distance.feet(42))));
        assertThat(reading.until(Step.PLACES).candidates()).singleElement().matches(c -> !c.isPlaced());
        Step.HERE_AS_SAID_BEFORE.take(reading);
        assertThat(reading.candidates())
                .singleElement()
                .matches(c -> c.place().orElseThrow().from().equals(Distance.feet(42)));
    }

    @Test
    void aSentenceWithoutAWordOfTheTradeIsLeftAlone() {
        assertThat(reading("good morning everybody", true).whole().candidates()).isEmpty();
    }
}
