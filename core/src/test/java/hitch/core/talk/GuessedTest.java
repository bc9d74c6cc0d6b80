package hitch.core.talk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import hitch.core.caption.Cue;
import hitch.core.finding.FindingKind;
import hitch.core.measure.LengthUnit;
import hitch.core.note.grammar.TradeNoteReader;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What becomes of words that no rule knows, but that are like others. */
class GuessedTest {
    private static final String UNKNOWN = "A mop of it dangling off the crown, your hedge is thirsty.";

    @Test
    void wordsThatNoRuleKnowsAreGuessedBehindAPlaceAndMarkedSo() {
        assertThat(said("Zero at the cap.", "Ten. Roots.", "Twenty. " + UNKNOWN, "Thirty. Crack on the left."))
                .filteredOn(s -> s.draft().place().isPresent() && s.draft().kind() != FindingKind.REMARK)
                .extracting(s -> s.draft().matter().word(), Spoken::likeness)
                .contains(tuple("roots", false), tuple("roots", true), tuple("crack", false));
    }

    @Test
    void whereNobodyKnowsWhereTheCameraIsNothingIsGuessed() {
        assertThat(said(UNKNOWN)).noneMatch(Spoken::likeness);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Twenty. Never a mop of it dangling off the crown.",
                "Twenty. Usually a mop of it would be dangling off the crown.",
                "Twenty. " + UNKNOWN
                        + " Let me go slowly here because I want you to see how this was laid and who did it"
            })
    void whatIsDeniedGeneralOrLongIsNotGuessed(String words) {
        assertThat(said("Zero at the cap.", "Ten. Roots.", words, "Thirty. Crack on the left."))
                .noneMatch(s -> s.likeness() && Stating.isFound(s.draft()));
    }

    @Test
    void aGuessThatIsNamedThenIsNone() {
        assertThat(said(
                        "Zero at the cap.",
                        "Ten. A crack.",
                        "Twenty. " + UNKNOWN,
                        "That's roots.",
                        "Thirty. Crack on the left."))
                .filteredOn(s -> s.draft().kind() == FindingKind.ROOTS)
                .singleElement()
                .matches(s -> !s.likeness());
    }

    @Test
    void aClauseIsGuessedBesideWhatARuleKnowsAndMarkedSo() {
        assertThat(said(
                        "Zero at the cap.",
                        "Ten. Roots.",
                        "Twenty. It's cracked on top, and a hairy mop is dangling off the crown.",
                        "Thirty. Crack on the left."))
                .filteredOn(s -> s.draft().wording().contains("cracked on top"))
                .extracting(s -> s.draft().matter().word(), Spoken::likeness)
                .contains(tuple("crack", false), tuple("roots", true));
    }

    @Test
    void oneAdviceAfterAnotherIsGuessed() {
        assertThat(said(
                        "Zero at the cap.",
                        "Ten. Roots.",
                        "Twenty. Wipes.",
                        "Forty. That's the main.",
                        "Burst it and be done.",
                        "The rest you could reline."))
                .filteredOn(s -> s.draft().matter() == FindingKind.ADVICE)
                .hasSize(2);
    }

    /** What is to be done about roots, once the line is passed, finds none. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "Root cutting, followed by a liner from ten to thirty.",
                "One, the grease, cut it out and sleeve the pipe.",
                "The roots and the grease, I'd have both jetted out."
            })
    void whatIsToBeDoneIsFoundNoSecondTime(String words) {
        assertThat(said("Zero at the cap.", "Ten. Roots.", "Twenty. Grease.", "Forty. That's the main.", words))
                .filteredOn(s -> s.draft().wording().contains(words.substring(5, 14)))
                .extracting(s -> s.draft().matter())
                .containsExactly(FindingKind.ADVICE);
    }

    /** A rule takes the first word for a thing; nobody ever said such words of it. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "And pull that screw out of there and patch it. | repair",
                "Grind the tap at forty. | main connection",
                "Send a grease notice to the diner. | grease",
                "It's older than the crack. | crack",
                "A blade like that doesn't do a thing for a hole. | hole"
            })
    void whatNobodyEverSaidOfAThingIsDoubted(String words, String kind) {
        assertThat(said("Zero at the cap.", "Ten. Offset.", "Twenty. Wipes.", "Twenty-five. Scale.", words))
                .hasSizeGreaterThanOrEqualTo(4)
                .noneMatch(s -> s.draft().matter().word().equals(kind));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Thirty. Roots. | roots",
                "Thirty. I'm stopped by roots. | roots",
                "Thirty. One hole on the left, one crack up top. | hole"
            })
    void whatIsNamedIsNotDoubted(String words, String kind) {
        assertThat(said("Zero at the cap.", "Ten. Offset.", "Twenty. Crack on the left.", "Twenty-five. Scale.", words))
                .anyMatch(s -> s.draft().matter().word().equals(kind) && !s.likeness());
    }

    private static List<Spoken> said(String... lines) {
        List<Cue> cues = new ArrayList<>();
        for (int i = 0; i < lines.length; i++) {
            cues.add(new Cue(i * 6, i * 6 + 5, lines[i]));
        }
        return new TalkReader(new TradeNoteReader(), LengthUnit.FEET).read(cues).drafts();
    }
}
