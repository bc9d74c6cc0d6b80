package hitch.core.talk;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.caption.Cue;
import hitch.core.detail.Detail;
import hitch.core.finding.FindingKind;
import hitch.core.measure.Distance;
import hitch.core.measure.LengthUnit;
import hitch.core.note.Draft;
import hitch.core.note.grammar.TradeNoteReader;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What belongs together in a commentary though it is said in several breaths, and what does not though it is said in one. */
class OneBreathTest {
    private static List<Draft> said(String... lines) {
        List<Cue> cues = new ArrayList<>();
        for (int i = 0; i < lines.length; i++) {
            cues.add(new Cue(4 + 5 * i, 8 + 5 * i, lines[i]));
        }
        return new TalkReader(new TradeNoteReader(), LengthUnit.FEET)
                .read(cues).drafts().stream().map(Spoken::draft).toList();
    }

    private static Optional<Draft> of(FindingKind kind, List<Draft> drafts) {
        return drafts.stream().filter(d -> d.matter() == kind).findFirst();
    }

    private static double feet(Draft draft) {
        return tenths(draft.place().orElseThrow().from());
    }

    private static double tenths(Distance place) {
        return Math.round(place.inFeet() * 10) / 10.0;
    }

    /** Speech that a machine wrote down has no stops: a place may end what was said before it. */
    @Test
    void aPlaceEndsTheStatementBeforeIt() {
        List<Draft> drafts = said(
                "okay counter's at zero and here we go so",
                "we turn left here at about eight",
                "and then there's a wye on my right that's nine and a half",
                "i believe that's the laundry and going through the wall now twelve feet",
                "and sixteen a little bit of root on the top",
                "twenty two more roots");
        assertThat(feet(of(FindingKind.BEND, drafts).orElseThrow())).isEqualTo(8);
        assertThat(feet(of(FindingKind.TIE_IN, drafts).orElseThrow())).isEqualTo(9.5);
        assertThat(feet(of(FindingKind.BOUNDARY, drafts).orElseThrow())).isEqualTo(12);
    }

    @Test
    void whereTheCameraComesOutOfWaterMayBeSaidBehindIt() {
        List<Draft> drafts = said(
                "Zeroed at the cap.",
                "Five feet, roots.",
                "Ten feet, roots.",
                "Twenty-four, we've got standing water.",
                "It's about an inch.",
                "We're coming out of it.",
                "Thirty-three.");
        Draft.Place water =
                of(FindingKind.STANDING_WATER, drafts).orElseThrow().place().orElseThrow();
        assertThat(tenths(water.from())).isEqualTo(24);
        assertThat(tenths(water.to())).isEqualTo(33);
    }

    @Test
    void greaseThatComesOutOfABranchEndsNothing() {
        List<Draft> drafts = said(
                "Zeroed at the flange.",
                "Four feet. Heavy scale all around.",
                "Seven feet, here comes the kitchen on the left.",
                "There's grease coming out of it.",
                "Eleven feet, roots.",
                "Fifteen feet, roots.");
        assertThat(isAtAPoint(FindingKind.SCALE, drafts)).isTrue();
    }

    @Test
    void aLocateIsOfTheThingThatIsNamed() {
        List<Draft> drafts = said(
                "Zeroed at the cap.",
                "Ten feet, roots.",
                "Twenty-four, there's a hole in the bottom.",
                "Thirty, roots.",
                "Forty feet, here's the main.",
                "I'm going to pull back and locate that hole.",
                "Okay, it's four foot six deep, under the lawn.");
        assertThat(feet(of(FindingKind.LOCATE, drafts).orElseThrow())).isEqualTo(24);
        assertThat(drafts.stream().filter(d -> d.matter() == FindingKind.HOLE)).hasSize(1);
    }

    @Test
    void whatTheLastThingHoldsIsNoThingOfItsOwn() {
        List<Draft> drafts = said(
                "Zeroed at the cap.",
                "Ten feet, joint's good.",
                "Sixteen feet, roots hanging from the top.",
                "They've got some paper on them.",
                "Twenty feet, roots.",
                "Thirty feet, roots.");
        assertThat(of(FindingKind.PAPER, drafts)).isEmpty();
        assertThat(of(FindingKind.ROOTS, drafts)
                        .orElseThrow()
                        .traits()
                        .details()
                        .get(Detail.HOLDS))
                .isPresent();
    }

    @Test
    void theSameIsSaidOfSeveralPlaces() {
        List<Draft> drafts = said(
                "The counter was zeroed at the stack.",
                "At twelve feet there is a coupling.",
                "At twenty-six feet, light roots at the crown.",
                "At twenty-nine and thirty-two feet, the same.",
                "At forty feet there is a bend.");
        assertThat(drafts.stream().filter(d -> d.matter() == FindingKind.ROOTS).map(OneBreathTest::feet))
                .containsExactly(26.0, 29.0, 32.0);
    }

    @Test
    void thatItBeginsInClayIsNoChange() {
        List<Draft> drafts = said(
                "Zeroed at the cap.",
                "Right away we're in clay.",
                "Ten feet, roots.",
                "Twenty feet, it changes to plastic.",
                "Thirty feet, roots.",
                "Forty feet, roots.");
        assertThat(drafts.stream()
                        .filter(d -> d.matter() == FindingKind.MATERIAL_CHANGE)
                        .map(OneBreathTest::feet))
                .containsExactly(20.0);
    }

    @Test
    void aTeeThatTurnsOutToBeACleanoutIsOne() {
        List<Draft> drafts = said(
                "Zeroed at the cap.",
                "Ten feet, roots.",
                "Twenty feet, there's a tee on top.",
                "That's the inside cleanout.",
                "Thirty feet, roots.",
                "Forty feet, roots.");
        assertThat(of(FindingKind.TIE_IN, drafts)).isEmpty();
        assertThat(feet(of(FindingKind.OPENING, drafts).orElseThrow())).isEqualTo(20);
    }

    @Test
    void howFarAStepGoesIsTakenFromASentenceThatOnlyTurnsAPhrase() {
        List<Draft> drafts = said("Pipe's dropped about an inch at this joint, eighty-two and a half.");
        Draft offset = of(FindingKind.OFFSET, drafts).orElseThrow();
        assertThat(offset.traits().size().orElseThrow().inInches())
                .isEqualTo(1, org.assertj.core.api.Assertions.within(0.03));
        assertThat(feet(offset)).isEqualTo(82.5);
        assertThat(of(FindingKind.JOINT, drafts)).isEmpty();
    }

    /** A sound joint is no finding; one that leaks is, however calmly it is said. */
    @Test
    void aJointThatLeaksIsFoundAmongSoundOnes() {
        List<Draft> drafts = said(
                "Zeroed at the cap.",
                "Ten feet, the joint is fine.",
                "Okay, there's a joint weeping at seventeen feet.",
                "Twenty feet, roots.",
                "Thirty feet, roots.",
                "Forty feet, roots.");
        assertThat(drafts.stream().filter(d -> d.matter() == FindingKind.JOINT).map(OneBreathTest::feet))
                .containsExactly(17.0);
    }

    @Test
    void twoFactsOfOneSentenceAreTwo() {
        assertThat(said("The house was built in nineteen fifty-eight, and it's been empty since March.").stream()
                        .map(d -> d.traits().details().get(Detail.WHEN).orElse("")))
                .containsExactlyInAnyOrder("1958", "since march");
    }

    /** "It runs from there to" makes the last thing longer, and tells nothing of its own where it ends. */
    @Test
    void whatGoesOnFromThereIsOneThing() {
        List<Draft> drafts = said(
                "Ten feet, roots on the left.",
                "Twenty feet, there's gravel in the bottom.",
                "It runs from there to the joint at twenty-six.",
                "Thirty feet, an offset.");
        assertThat(drafts)
                .extracting(Draft::matter)
                .containsExactly(FindingKind.ROOTS, FindingKind.DEBRIS, FindingKind.OFFSET);
        Draft gravel = drafts.get(1);
        assertThat(feet(gravel)).isEqualTo(20);
        assertThat(tenths(gravel.place().orElseThrow().to())).isEqualTo(26);
    }

    @Test
    void whatIsFoundWhereItGoesOnToIsAnotherThing() {
        List<Draft> drafts = said(
                "Ten feet, roots on the left.",
                "Twenty feet, there's gravel in the bottom.",
                "It goes to twenty-six and there's a crack.");
        assertThat(of(FindingKind.CRACK, drafts))
                .hasValueSatisfying(c -> assertThat(feet(c)).isEqualTo(26));
        assertThat(isAtAPoint(FindingKind.DEBRIS, drafts)).isTrue();
    }

    @Test
    void anHourBehindAnHourIsNoPlace() {
        List<Draft> drafts = said(
                "Ten feet, roots.",
                "Twenty feet, more roots.",
                "Twenty-four feet, an offset.",
                "At 30, a crack, 9 o'clock round to 3.",
                "There's a tie-in here too.");
        assertThat(drafts).isNotEmpty().allSatisfy(d -> assertThat(feet(d)).isGreaterThanOrEqualTo(10));
        assertThat(of(FindingKind.CRACK, drafts))
                .hasValueSatisfying(c -> assertThat(feet(c)).isEqualTo(30));
    }

    @Test
    void pipeThatIsPraisedBeforeAnyWasNamedIsNoChangeOfPipe() {
        String[] rest = {"ten feet roots", "fourteen feet a crack", "twenty feet an offset"};
        assertThat(of(FindingKind.MATERIAL_CHANGE, said("five feet", "nice plastic", rest[0], rest[1], rest[2])))
                .isEmpty();
        assertThat(said("five feet clay pipe", rest[0], rest[1], rest[2], "thirty feet nice plastic"))
                .filteredOn(d -> d.matter() == FindingKind.MATERIAL_CHANGE)
                .extracting(OneBreathTest::feet)
                .contains(30.0);
    }

    /** Each caption is a statement of its own where the speaker pauses, though some end with "a half" or "an inch". */
    @Test
    void captionsThatEndWithAMeasureAreCutAtPausesAllTheSame() {
        List<Draft> drafts = said(
                "ten feet roots on the left",
                "sewage is holding behind it about an inch",
                "fourteen and a half",
                "that fernco slipped",
                "roots again at twenty and a half",
                "a crack on the right at twenty four",
                "offset at thirty and it drops about a half",
                "the pipe is broke at forty",
                "and that is where we stop");
        assertThat(drafts)
                .filteredOn(d -> d.matter() instanceof FindingKind)
                .extracting(Draft::matter)
                .contains(FindingKind.STANDING_WATER, FindingKind.CRACK, FindingKind.OFFSET, FindingKind.BREAK);
        assertThat(of(FindingKind.BREAK, drafts))
                .hasValueSatisfying(b -> assertThat(feet(b)).isEqualTo(40));
    }

    private static boolean isAtAPoint(FindingKind kind, List<Draft> drafts) {
        return of(kind, drafts).orElseThrow().place().orElseThrow().isPoint();
    }
}
