package hitch.core.talk;

import static hitch.core.talk.SaidHere.drafted;
import static hitch.core.talk.SaidHere.draftedWithoutSigns;
import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is told by the way, twice, or from both sides, and what of it is noted. */
class ToldByTheWayTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Clay is fine for its age. I'd leave it.                              | advice
            Thirty. And thats the joint where it goes back to clay.              | material change 30
            Thirty. A tap, I'd guess it's cut right into the barrel.             | advice 30
            Thirty. Which side of the fence is that?                             | boundary 30
            Thirty. The garage ends, we're in the dirt.                          | debris 30
            Thirty. That's as far as I want to go.                               | limit 30
            Thirty. Locating it.                                                 | locate 30
            Thirty. A plug of roots, and I can't see past them.                  | limit 30
            So no cracks, no grease in there, no breaks.                         | advice
            Thirty. It falls, this is a sixteenth bend down.                     | bend 30
            """)
    void isNothing(String said, String not) {
        assertThat(drafted("Twenty. Roots.", said, "Forty. A gap.", "Fifty. Roots."))
                .contains("gap 40")
                .doesNotContain(not);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Thirty. The gradient appears to be adverse.                            | reverse grade 30
            Thirty. The garage ends, we're in the dirt.                            | boundary 30
            Thirty. A crack. Snapping that.                                        | photo 30
            Thirty. Somebody dumped thinset in it.                                 | debris 30
            Thirty. That's the stack, so I'm done that way.                        | end 30
            Thirty. And it comes back right.                                       | bend 30 at 3
            Thirty. There it levels back out, same fitting.                                                 | bend 30
            """)
    void isFound(String said, String wanted) {
        assertThat(drafted("Twenty. Roots.", said, "Forty. A gap.")).contains(wanted);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            The old concrete should in my judgment be budgeted for.      | advice
            That elbow's the trouble.                                    | verdict
            We'll be back Thursday with the jetter.                      | promise
            And then film it again.                                      | advice
            So thirty foot I didn't see.                                 | remark
            Get rid of those paper towels.                               | advice
            I haven't cleaned anything here today.                       | -cleaned
            """)
    void isToldInTheEnd(String said, String wanted) {
        assertThat(drafted("Thirty. Roots.", "Fifty. There's the main.", said)).anyMatch(d -> d.startsWith(wanted));
    }

    @Test
    void whoseItIsIsToldOnceFromBothSides() {
        assertThat(drafted(
                        "Thirty. Roots.",
                        "Fifty. There's the main.",
                        "The county takes care of it from the wall out.",
                        "Everything this side is yours, I'm afraid."))
                .containsOnlyOnce("remark");
    }

    @Test
    void whoMaySeeItIsToldOnce() {
        assertThat(drafted(
                        "Thirty. Roots.",
                        "Fifty. There's the main.",
                        "This one is internal only.",
                        "Do not send it to the seller."))
                .containsOnlyOnce("remark");
    }

    @Test
    void whatWasAnnouncedIsWhereItIsTold() {
        assertThat(draftedWithoutSigns(
                        "twenty a crack on top and it's tight past it and clean",
                        "and here's roots",
                        "twenty six roots all the way round"))
                .contains("crack 20 at 12")
                .filteredOn(d -> d.startsWith("roots"))
                .singleElement()
                .asString()
                .startsWith("roots 26");
    }

    @Test
    void aPlaceThatLeadsToAThingIsItsPlace() {
        assertThat(draftedWithoutSigns(
                        "twenty feet still good and at twenty three feet here's roots and at twenty six feet",
                        "here's a crack and at thirty feet here's more roots"))
                .containsExactly("roots 23", "crack 26", "roots 30");
    }

    @Test
    void whatIsToldAtEachOfThreePlacesIsAtEach() {
        assertThat(draftedWithoutSigns(
                        "twenty three feet there's roots",
                        "twenty six feet there's roots",
                        "twenty nine feet there's roots"))
                .containsExactly("roots 23", "roots 26", "roots 29");
    }

    @Test
    void moreOfItFartherOnIsMore() {
        assertThat(draftedWithoutSigns(
                        "twenty a crack on top and it's tight past it and clean",
                        "and here's roots",
                        "twenty six more roots"))
                .filteredOn(d -> d.startsWith("roots"))
                .hasSize(2);
    }

    @Test
    void aGuessAndItsNameAreOne() {
        assertThat(drafted("Thirty. Grease, looks like grease.", "Forty. A gap."))
                .containsExactly("grease 30", "gap 40");
    }

    @Test
    void waterThatBeginsSomewhereIsAsLongAsItIsToldToBe() {
        assertThat(drafted(
                        "Thirty. There's water here.",
                        "It's from thirty to thirty-four, so there's a belly in there.",
                        "Forty. A gap."))
                .containsExactly("standing water 30-34", "gap 40");
    }

    @Test
    void soilThatIsVisibleInAGapIsNoHole() {
        assertThat(drafted("Thirty. The joint has separated by an inch.", "Earth can be seen exposed at the right."))
                .noneMatch(d -> d.startsWith("hole") || d.startsWith("debris"));
    }

    @Test
    void whatIsPassedAgainOnTheWayBackIsNotNew() {
        assertThat(drafted(
                        "Thirty. Grease.",
                        "Fifty. There's the main.",
                        "Coming back. Forty. A gap.",
                        "Grease again, yeah."))
                .filteredOn(d -> d.startsWith("grease"))
                .containsExactly("grease 30");
    }

    @Test
    void thePipeItSetOutInIsNoChange() {
        assertThat(SaidHere.fromTheStart(
                        "Zero at the cap.",
                        "At three feet it turns left.",
                        "And we're in cast iron.",
                        "Nine. Roots.",
                        "Fifteen. A crack."))
                .noneMatch(d -> d.startsWith("material change"));
    }
}
