package hitch.core.talk;

import static hitch.core.talk.SaidHere.drafted;
import static hitch.core.talk.SaidHere.draftedWithoutSigns;
import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.caption.Cue;
import hitch.core.measure.LengthUnit;
import hitch.core.note.grammar.TradeNoteReader;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Which place, and which side, a thing has where several are told; and what has none. */
class ToldOfOnePlaceTest {
    @Test
    void whoComesOutOfTheWaterIsNotOutOfThePipe() {
        assertThat(draftedWithoutSigns(
                        "twenty five the line dips it's two inches deep",
                        "thirty one we're out",
                        "forty feet there's roots",
                        "fifty feet there's a crack"))
                .containsExactly("standing water 25-31", "roots 40", "crack 50");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "we're out from under the slab",
                "i'm out in the yard now",
                "we're out past the porch",
                "we're out by the road"
            })
    void whoIsOutOfTheHouseIsStillInThePipe(String said) {
        assertThat(draftedWithoutSigns(
                        "twenty feet roots", "thirty feet " + said, "forty feet a crack", "fifty feet an offset"))
                .contains("roots 20", "crack 40", "offset 50");
    }

    @Test
    void whoIsOutTellsTheRestOnceMore() {
        assertThat(drafted(
                        "Twenty. Roots.",
                        "Thirty. Crack.",
                        "Coming back. Six, three, and I'm out.",
                        "There's roots in there."))
                .containsExactly("roots 20", "crack 30");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Here's where the mop sink comes in, twenty-six.",
                "The mop sink comes in, twenty-six feet.",
                "And the kitchen comes in, at twenty-six."
            })
    void aSentenceThatEndsWithItsPlaceIsThere(String said) {
        assertThat(drafted("Twenty. Roots.", said, "Thirty. Crack."))
                .containsExactly("roots 20", "tie-in 26", "crack 30");
    }

    @Test
    void anotherPipeThatEndsWithItsPlaceBeginsThere() {
        assertThat(drafted("Twenty feet. Cast iron.", "And there's the plastic, twenty-six.", "Thirty. Crack."))
                .contains("material change 26", "crack 30");
    }

    @Test
    void thingsInOneBreathHaveEachItsOwnSide() {
        assertThat(draftedWithoutSigns(
                        "thirty seven feet there's a bend to the right",
                        "forty four feet there's roots",
                        "fifty feet there's a crack on top"))
                .containsExactly("bend 37 at 3", "roots 44", "crack 50 at 12");
    }

    @Test
    void aSideBehindThePlaceIsOfTheThingBeforeIt() {
        assertThat(drafted("A connection at forty-four feet on the right appears to be disused."))
                .containsExactly("tie-in 44 at 3");
    }

    @Test
    void whatItComesBackToIsNoWayBack() {
        assertThat(draftedWithoutSigns(
                        "thirty feet there's roots", "forty four feet back to clay", "fifty feet there's a crack"))
                .contains("material change 44", "crack 50");
    }

    @Test
    void whatGoesOnForSoManyFeetIsALengthNotAPlace() {
        assertThat(draftedWithoutSigns(
                        "twenty nine there's a crack on the bottom that goes about two feet", "forty there's roots"))
                .noneMatch(d -> d.matches(".* 2(?: .*)?"));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "You need to fix that hole before anything else.",
                "The hole needs to be dug up.",
                "I'd get this hole repaired."
            })
    void adviceOnTheOnlyThingOfItsKindIsWhereThatIs(String advice) {
        assertThat(drafted("Twenty. Roots.", "Thirty. Hole in the top.", "Forty. Roots.", advice))
                .last()
                .isEqualTo("advice 30");
    }

    @Test
    void adviceOnOneOfSeveralIsNowhere() {
        assertThat(drafted("Twenty. Hole on the left.", "Thirty. Hole in the top.", "The hole needs to be dug up."))
                .last()
                .isEqualTo("advice");
    }

    @ParameterizedTest
    @ValueSource(strings = {"I'll send you the video.", "I'll have the office call you.", "I'll email you a price."})
    void whatIsSentAfterwardsIsNowhere(String promise) {
        assertThat(drafted("Twenty. Roots.", promise)).last().isEqualTo("promise");
    }

    @Test
    void whatIsCountedUpIsNotFoundAgain() {
        assertThat(draftedWithoutSigns(
                        "Twenty. Roots.",
                        "so you got roots in about five spots you got a low spot you got an open joint"))
                .containsExactly("roots 20");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Thirty, that one has a little.",
                "Thirty, there's quite a few on both sides.",
                "Thirty. This one's got a bunch.",
                "Thirty. You've got a lot of them here."
            })
    void howManyOfThemIsTheSameThing(String said) {
        assertThat(drafted("Twenty. Roots on the left.", said))
                .hasSize(2)
                .last()
                .asString()
                .startsWith("roots 30");
    }

    @Test
    void aPipeThatIsOnlyNamedIsToldInTheWordsThatWereSaid() {
        List<Cue> cues = new ArrayList<>();
        String[] lines = {
            "Zero at the cap.", "Five. Cast iron.", "Ten. Roots.", "Twenty-three feet, clay.", "Thirty. Roots."
        };
        for (int i = 0; i < lines.length; i++) {
            cues.add(new Cue(i * 6, i * 6 + 5, lines[i]));
        }
        assertThat(new TalkReader(new TradeNoteReader(), LengthUnit.FEET)
                        .read(cues)
                        .drafts())
                .filteredOn(d -> d.draft().matter().word().equals("material change") && d.seconds() > 15)
                .hasSize(1)
                .allSatisfy(
                        d -> assertThat(lines[3]).contains(d.draft().wording().replace(".", "")));
    }

    @Test
    void whatIsToldFartherOnAddsNothingToTheThingBefore() {
        assertThat(drafted(
                        "Twelve feet, the kitchen comes in on the left.",
                        "Sixteen feet, that's out the wall and it's all black plastic."))
                .filteredOn(d -> d.startsWith("tie-in"))
                .hasSize(1);
    }
}
