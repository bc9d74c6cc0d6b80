package hitch.core.talk.place;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.caption.Cue;
import hitch.core.measure.LengthUnit;
import hitch.core.note.grammar.TradeNoteReader;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Numbers that are no places, in the midst of a run, and numbers that are though ears left the signs out. */
class OtherNumbersTest {
    private static List<Long> told(String... lines) {
        List<String> all = new ArrayList<>(List.of("Zero at the cap.", "Twelve. Roots.", "Twenty. A tap on the left."));
        all.addAll(List.of(lines));
        List<Cue> cues = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            cues.add(new Cue(i * 6, i * 6 + 5, all.get(i)));
        }
        return Course.of(Transcript.of(cues), new TradeNoteReader(), LengthUnit.FEET).told().stream()
                .map(Math::round)
                .filter(feet -> feet > 20 || feet > 0 && feet != 12 && feet != 20)
                .toList();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "That's seven and a half deep by my wand.",
                "Laid in '06, I think.",
                "PVC, laid in 06, I think.",
                "I'd replace thirty feet of it.",
                "I'll be here Sunday at five.",
                "Stones in the bottom, thirty or forty of them.",
                "We start tomorrow at eight.",
                "It was 22 Gannet Row, by the way.",
                "That takes about thirty minutes.",
                "This is building 40, lower stack.",
                "The top's open from ten to two.",
                "There's a three foot crack over there."
            })
    void aDepthAYearAnHourAndAHouseAreNoPlaces(String said) {
        assertThat(told(said)).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Thirty feet, long sweep to the left.",
                "Thirty feet more roots.",
                "Thirty feet out through the footing.",
                "At thirty feet there's a bit more of it.",
                "I would open the ground at thirty.",
                "Thirty feet crack on the top.",
                "There's your slow drain thirty feet belly.",
                "30 feet, wall pushed in at 3.",
                "30 feet, hairline at 12.",
                "Thirty. Open joint at four with a burrow behind."
            })
    void aPlaceIsOneWhateverIsLongThere(String said) {
        assertThat(told(said)).containsExactly(30L);
    }

    /** The line begins with its place, and what is there has an hour. */
    @Test
    void anHourBesideTheLinesOwnPlaceIsNone() {
        assertThat(told("Thirty-three: bulge at twelve.", "Forty: crack at three."))
                .containsExactly(33L, 40L);
    }

    @Test
    void theSecondFloorIsNoTime() {
        assertThat(told("Thirty second floor bath on the left.", "Forty seconds is all it takes."))
                .containsExactly(30L);
    }

    @Test
    void betweenTwoDistancesIsAStretch() {
        assertThat(told("Between thirty and forty it holds water.")).containsExactly(30L);
    }

    @Test
    void whatEarsLeftSignsOutOfHasItsPlaces() {
        assertThat(
                        told(
                                "30.1 lateral at ten o'clock break in 34.8 circumferential crack full circle 41.2 service left"))
                .containsExactly(30L, 35L, 41L);
        assertThat(told("Scale here, 24 roots, soft ones from the right, 27 roots again, 31 more."))
                .containsExactly(24L, 27L, 31L);
    }

    /** People who are past a hundred leave out how many hundreds. */
    @Test
    void aHundredAndMoreIsPassedLikeAnyOther() {
        assertThat(told("Ninety. Roots.", "Hundred and ten, an open joint.", "Hundred and fifty five, a bend."))
                .containsExactly(90L, 110L, 155L);
    }

    @Test
    void whereOnTheWallALateralComesInIsNoPlaceOnceItsPlaceIsTold() {
        assertThat(told("Sixty, lateral at three, hammered in.", "Seventy, tap at ten."))
                .containsExactly(60L, 70L);
        assertThat(told("Lateral at thirty.")).containsExactly(30L);
    }

    @Test
    void theNumbersOfAListAreNoPlaces() {
        assertThat(told(
                        "Forty. There's the main.",
                        "So for the list: one, regrade the low part.",
                        "Two, cut back the tap.",
                        "Three, dig up the offset.",
                        "Four, the open joint."))
                .containsExactly(40L);
    }

    /** Without a first there is no list. */
    @Test
    void aSmallDistanceAtTheBeginningIsOne() {
        List<Cue> cues = List.of(
                new Cue(0, 5, "Zero at the cap."),
                new Cue(6, 11, "Two, a bend."),
                new Cue(12, 17, "Three, roots."),
                new Cue(18, 23, "Four, a crack."));
        assertThat(Course.of(Transcript.of(cues), new TradeNoteReader(), LengthUnit.FEET).told().stream()
                        .map(Math::round)
                        .toList())
                .contains(2L, 3L, 4L);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Pictures are numbered four through eleven.",
                "The stills have numbers five and six.",
                "It's only four feet down there."
            })
    void whatPicturesAreCalledAndHowDeepItLiesAreNoPlaces(String said) {
        assertThat(told("Forty. There's the main.", said)).containsExactly(40L);
    }

    @Test
    void twoNumbersWithOneUnitAreOnePlace() {
        assertThat(told("A little rust around thirty, thirty-one feet.", "Forty, roots."))
                .containsExactly(31L, 40L);
    }

    /** "You'll see the next one at fifty": the camera is at thirty-one, and comes to fifty later. */
    @Test
    void whatIsAnnouncedIsNotWhereTheCameraIs() {
        assertThat(told(
                        "That's a joint, and you'll see the next one at fifty, hold it, what's that, 31, there's a pile of something.",
                        "Forty. Roots.",
                        "Forty-five. A crack."))
                .contains(31L, 40L, 45L)
                .doesNotContain(50L);
    }

    @Test
    void howFarABendTurnsIsNoPlaceBehindOne() {
        assertThat(told("Thirty. Ninety, long sweep, right.", "Forty. Roots.")).containsExactly(30L, 40L);
        assertThat(told("Thirty. Roots.", "Ninety, long sweep, right.")).contains(30L, 90L);
    }

    /** Near the opening an hour could be a place as well: what is farther on is one. */
    @Test
    void whatIsFartherOnIsAPlaceThoughItCouldBeAnHour() {
        assertThat(Course.of(
                                Transcript.of(List.of(
                                        new Cue(0, 5, "Zero."),
                                        new Cue(6, 11, "Three feet, bend at five, a tap at nine."),
                                        new Cue(12, 17, "Fourteen, roots."),
                                        new Cue(18, 23, "Twenty. A crack."))),
                                new TradeNoteReader(),
                                LengthUnit.FEET)
                        .told())
                .extracting(Math::round)
                .contains(3L, 5L, 9L, 14L, 20L);
    }

    @Test
    void aLittleMoreIsOfThePlace() {
        assertThat(told("Thirty-three and change the clay has a chip.", "Forty. Roots."))
                .containsExactly(33L, 40L);
    }

    @Test
    void whatIsSaidExactlyPutsItRight() {
        assertThat(told("Thirty we enter the pipe, thirty-two to be exact. Roots.", "Forty. Roots."))
                .contains(32L, 40L)
                .doesNotContain(30L);
    }

    @Test
    void aWidthBehindAPlaceIsNoInches() {
        assertThat(told("36 feet two to three inch increaser.", "Forty. Roots."))
                .containsExactly(36L, 40L);
        assertThat(told("36 feet two inches, a crack.", "Forty. Roots.")).containsExactly(36L, 40L);
    }

    @Test
    void soManyFeetDownTheLineIsAPlace() {
        assertThat(told("About thirty-three feet down the line you'll see roots.", "Forty. Roots."))
                .containsExactly(33L, 40L);
        assertThat(told("The pipe is thirty-three feet down there.", "Forty. Roots."))
                .contains(40L);
    }

    @Test
    void howWideItGetsIsNoPlace() {
        assertThat(told("thirty-six feet it steps up to four", "Forty. Roots.")).containsExactly(36L, 40L);
        assertThat(told("Thirty-six. Bend left, forty-five.", "Fifty. Roots.")).containsExactly(36L, 50L);
        assertThat(told("Thirty-six. The pipe goes up to forty-five.", "Fifty. Roots."))
                .contains(45L);
    }

    @Test
    void soFarOutIsWhereTheCameraIs() {
        assertThat(told("Thirty-six feet out, a crack across the top.", "Fifty. Roots."))
                .containsExactly(36L, 50L);
    }

    @Test
    void whatWasNotSeenIsALength() {
        assertThat(told("Fifty. Roots.", "So forty feet weren't seen.")).containsExactly(50L);
    }

    @Test
    void centimetresAreNoMetres() {
        assertThat(told("At thirty-six feet, silt to a depth of thirty-eight centimetres.", "Fifty. Roots."))
                .containsExactly(36L, 50L);
    }
}
