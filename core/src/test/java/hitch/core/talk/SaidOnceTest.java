package hitch.core.talk;

import static hitch.core.talk.SaidHere.drafted;
import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** One thing that is spoken of for a while is one draft; two things at one place are two. */
class SaidOnceTest {
    @Test
    void theConnectionToTheMainIsSpokenOfWhileOneStandsThere() {
        assertThat(drafted(
                        "Fifty. There's the main.", "That's a saddle tap, cut in clean.", "The main's ten inch clay."))
                .containsOnlyOnce("main connection 50")
                .noneMatch(d -> d.startsWith("tie-in"));
    }

    @Test
    void waterThatWasToldAsAStretchHasNoSagOfItsOwn() {
        assertThat(drafted("From thirty to thirty-six we've got water.", "So that's a sag right there."))
                .containsExactly("standing water 30-36");
    }

    @Test
    void aMarkThatIsBeingMadeIsOneMark() {
        assertThat(drafted(
                        "Thirty. A hole.",
                        "I'm going to locate that hole.",
                        "He's marking it now, four foot ten down."))
                .filteredOn(d -> d.startsWith("locate"))
                .hasSize(1);
    }

    @Test
    void rootsOnBothSidesOfAJointThatAreToldApartAreTwo() {
        assertThat(drafted("Thirty, roots at nine o'clock.", "And another bunch of roots over at three."))
                .containsExactly("roots 30 at 9", "roots 30 at 3");
    }

    /** The camera passed five feet too. */
    @Test
    void anHourIsNoPlaceThatWasPassed() {
        assertThat(drafted("Twenty, roots at ten o'clock.", "And another bunch over, over at five.", "Thirty. A gap."))
                .containsExactly("roots 20 at 10", "roots 20 at 5", "gap 30");
    }

    /** "Over at three" is an hour where hours are told, and no place. */
    @Test
    void anHourBehindAnotherIsNoPlace() {
        assertThat(drafted("Thirty, roots at nine o'clock, and a crack over at three.", "Forty, a gap."))
                .contains("gap 40")
                .noneMatch(d -> d.contains(" 3 "));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Thirty. There's a line along the left side. | Yep, that's a crack.      | crack 30 at 9
            Thirty. Something up on top there.          | That could be a crack.    | crack 30 at 12
            Thirty. See that spot on the bottom.        | It's a hole.              | hole 30 at 6
            """)
    void aThingIsWhereTheEyeWasLedToIt(String look, String named, String wanted) {
        assertThat(drafted(look, named)).containsExactly(wanted);
    }

    /** A pipe that comes in stays one, whatever is found behind it. */
    @Test
    void aLineThatComesInIsNoMark() {
        assertThat(drafted("Thirty. There's a line coming in on the right.", "And that's a crack."))
                .contains("tie-in 30 at 3", "crack 30");
    }

    @Test
    void aPictureIsOfTheThingThatIsNamed() {
        assertThat(drafted(
                        "Thirty. A hole.",
                        "Fifty feet, there's the main.",
                        "Pull easy, I want a picture of that hole."))
                .contains("photo 30");
        assertThat(drafted("Thirty. A hole.", "Forty feet, we take a picture.")).contains("photo 40");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Okay, stop right there.",
                "The counter reads thirty.",
                "The main should be another ten feet out.",
                "Careful with that skid.",
                "Did you zero it?",
                "He left a stick with a rag on it.",
                "Any time they flush you hear it.",
                "Wipes slide right over a lip like that.",
                "That hanger let go a long time ago.",
                "You'll see more joints, I won't call them all."
            })
    void whatOnlySoundsLikeAMatterIsNone(String said) {
        assertThat(drafted("Thirty. Roots.", said)).containsExactly("roots 30");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            There's a notch out of the bell.                 | break 30
            The crown has fallen in.                         | break 30
            The floor of it has a groove worn into it.       | deformation 30
            The pipes have slid apart.                       | gap 30
            Circumferential, at the bell.                    | crack 30
            Minerals on the joint.                           | lime 30
            Water along the bottom.                          | standing water 30
            Get three stills.                                | photo 30
            We can't climb over it.                          | limit 30
            This wants digging up.                           | advice
            Root control every year.                         | advice
            The rest of the line is acceptable.              | verdict
            Third unit on the right.                         | tie-in 30
            It's a crescent, shoved over to the left.        | offset 30
            Plastic, then it's cast.                         | material change 30
            Clay to plastic, boot.                           | coupling 30
            Under the carport.                               | boundary 30
            There's the septic.                              | main connection 30
            I had Paula flush the upstairs one.              | fixture test
            Tell the tenants to lay off the grease.          | advice
            We'll notify the landlord.                       | promise
            That sag's why it's backing up.                  | verdict
            Nobody's cleaned it since the remodel.           | service
            I'm clear under.                                 | under water 30
            A nail's coming through the crown.               | hole 30
            Nobody should use that sink.                     | advice
            Put in new pipe from here.                       | advice
            I'll price that for her.                         | promise
            It's plastic, and there's a crack.               | material change 30
            """)
    void inPassingItIsSaidSo(String said, String wanted) {
        assertThat(drafted("Thirty. " + said)).anyMatch(d -> d.startsWith(wanted));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Clay, I believe.                                 | material change 30
            It's PVC now.                                    | material change 30
            Copper to cast.                                  | material change 30
            PVC, four inch.                                  | material change 30
            Old clay tile. And roots.                        | material change 30
            Here it opens into the four inch.                | size change 30
            That's the garage door line.                     | boundary 30
            The pipe is lower by half an inch.               | offset 30
            See that? The bell's broke.                      | break 30
            It's slow, and it holds paper.                   | paper 30
            A bit of encrustation at the joint.              | lime 30
            The hairline can wait.                           | advice
            Don't jet that.                                  | advice
            Hydro-jet that with a small nozzle.              | advice
            The saddle, they could grind that.               | advice
            I'd put this run at fair.                        | verdict
            The toilet, straight up.                         | tie-in 30
            Another bath.                                    | tie-in 30
            This is plastic.                                 | material change 30
            Clay, good joints.                               | material change 30
            I'm stopped, it's solid.                         | limit 30
            Okay, we go through the wall.                    | boundary 30
            Now it goes up and that's a low place.           | standing water 30
            It brings grease.                                | grease 30
            A third lateral.                                 | tie-in 30
            The joint is a little wide.                      | gap 30
            Three inch, cast.                                | material change 30
            It gets to four inch here.                       | size change 30
            The kitchen, from the right.                     | tie-in 30
            They hit the pipe with a nail.                   | hole 30
            A bird's nest.                                   | debris 30
            I'm not gonna put my camera in that.             | limit 30
            The survey was ended.                            | limit 30
            Owner to replace this.                           | advice
            The crack may be left.                           | advice
            It's in keeping with its age.                    | verdict
            We will return after the repairs.                | promise
            You'll get the report tonight.                   | promise
            Water came by when they flushed.                 | fixture test
            """)
    void fewWordsAreEnoughForIt(String said, String wanted) {
        assertThat(drafted("Thirty. " + said, "Fifty. A wye on the left.")).anyMatch(d -> d.startsWith(wanted));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            It's blocked off with a cap.                                  | blockage
            On the way back there's a lip, didn't catch that before.      | promise
            A few hairs from the shower.                                  | roots
            Hydro-jet that two inch with the small nozzle.                | cleaned
            I go through the wall, that's stone out there.                | hole
            The kitchen was in use throughout.                            | tie-in
            All I did was poke a hole in them.                            | hole
            It's in the sidewalk area.                                    | boundary
            Cast iron still.                                              | material change
            I'm in the main drain.                                        | main connection
            Sag: no action.                                               | standing water
            The survey was ended.                                         | end
            """)
    void itOnlySoundsLikeIt(String said, String kind) {
        assertThat(drafted("Thirty. " + said, "Fifty. A wye on the left."))
                .noneMatch(d -> d.startsWith(kind + " 30") || d.equals(kind));
    }

    @Test
    void aChangeThatIsSpokenOfAgainIsOne() {
        assertThat(drafted("Thirty. It's plastic now.", "The sleeve at the changeover is torn.", "Fifty. A wye."))
                .filteredOn(d -> d.startsWith("material change"))
                .hasSize(1);
    }
}
