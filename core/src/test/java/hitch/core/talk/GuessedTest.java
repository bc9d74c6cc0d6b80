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

    private static List<Spoken> said(String... lines) {
        List<Cue> cues = new ArrayList<>();
        for (int i = 0; i < lines.length; i++) {
            cues.add(new Cue(i * 6, i * 6 + 5, lines[i]));
        }
        return new TalkReader(new TradeNoteReader(), LengthUnit.FEET).read(cues).drafts();
    }
}
