package hitch.core.propose;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.propose.Proposals.ProposedRun;
import hitch.core.run.Direction;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Which way made-up runs went, where nobody said it in so many words. */
class WayProposedTest {
    private static final String IN = "Going in at the cleanout in the side yard.";

    private static List<ProposedRun> proposed(MadeClip... clips) {
        return RunProposer.of(Stream.of(clips).map(MadeClip::clues).toList(), List.of())
                .runs();
    }

    private static MadeClip clip(String name) {
        return new MadeClip(name, "").at(0, 0).at(100, 50).says(1, IN);
    }

    private static MadeClip street() {
        return clip("first").says(8, "Headed to the street.");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "WITH_FLOW | The water is running away from us.",
                "WITH_FLOW | We're just following the water down here.",
                "WITH_FLOW | You can see the flow going ahead of the camera.",
                "WITH_FLOW | So I'm going downhill the whole way.",
                "WITH_FLOW | There's the water now, coming up from behind.",
                "WITH_FLOW | The dye is running out ahead of the camera, nice and quick.",
                "WITH_FLOW | Suds from the washer just overtook me.",
                "WITH_FLOW | So that's bath water passing the camera from the back.",
                "AGAINST_FLOW | The water is coming right at us.",
                "AGAINST_FLOW | There's a stream meeting us head on.",
                "AGAINST_FLOW | I can see it coming down the pipe at the camera.",
                "AGAINST_FLOW | I had the tub run and it's flowing toward the camera.",
                "AGAINST_FLOW | We're pushing uphill, so it takes a bit.",
                "AGAINST_FLOW | I'm going against the water here.",
            })
    void theWaterTells(Direction way, String words) {
        ProposedRun run = proposed(clip("one").says(30, words)).getFirst();
        assertThat(run.directionKnown()).isTrue();
        assertThat(run.run().direction()).isEqualTo(way);
        assertThat(run.reasons()).anyMatch(r -> r.contains("by the water") && r.contains(words));
        assertThat(run.doubts()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "WITH_FLOW | false | And there's the city main.",
                "WITH_FLOW | false | This is the connection to the city sewer.",
                "WITH_FLOW | false | Dropping into the manhole in the street here.",
                "AGAINST_FLOW | true | Looking straight up the vent stack.",
                "AGAINST_FLOW | true | That's the base of the stack.",
                "AGAINST_FLOW | true | Okay, there's the closet bend.",
            })
    void whereItCameToTells(Direction way, boolean doubtful, String words) {
        ProposedRun run = proposed(clip("one").says(96, words)).getFirst();
        assertThat(run.directionKnown()).isTrue();
        assertThat(run.run().direction()).isEqualTo(way);
        assertThat(run.doubts()).hasSize(doubtful ? 1 : 0);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "There's water standing in here for about four feet.",
                "There's water coming to about the halfway mark.",
                "The roots are coming at us from the top.",
                "There's a crack in front of us.",
                "The kitchen drains into this somewhere up ahead.",
                "I'm about fifty feet and it's the same main line.",
                "Main line looks okay to here.",
                "That'll be your main problem.",
            })
    void whatTellsNoWayIsNone(String words) {
        assertThat(proposed(clip("one").says(97, words)).getFirst().directionKnown())
                .isFalse();
    }

    @Test
    void whatIsSaidOfAnEndBeforeItIsReachedTellsNothing() {
        assertThat(proposed(clip("one").says(12, "And there's the city main."))
                        .getFirst()
                        .directionKnown())
                .isFalse();
        assertThat(proposed(new MadeClip("short", "").at(0, 0).at(100, 4).says(96, "There's the city main."))
                        .getFirst()
                        .directionKnown())
                .as("a run that hardly left its opening")
                .isFalse();
    }

    @Test
    void tieInsOnTheSameSidesTellTheSameWay() {
        ProposedRun again = proposed(
                        street().passes(10, "left").passes(22, "right").passes(31, "right"),
                        clip("again").passes(10.4, "left").passes(21.8, "right").passes(31.5, "right"))
                .getLast();
        assertThat(again.directionKnown()).isTrue();
        assertThat(again.run().direction()).isEqualTo(Direction.WITH_FLOW);
        assertThat(again.reasons())
                .anyMatch(r -> r.contains("by 3 tie-ins of street run, which are here as they are there"));
        assertThat(again.doubts()).isEmpty();
    }

    /** The other end of the same pipe, 70 ft away: what was on the right is on the left, and the last comes first. */
    @Test
    void tieInsThatChangeSidesTellTheOtherWay() {
        ProposedRun back = proposed(
                        street().passes(10, "left").passes(22, "right").passes(31, "right"),
                        clip("back").passes(39.2, "left").passes(48, "left").passes(60.3, "right"))
                .getLast();
        assertThat(back.directionKnown()).isTrue();
        assertThat(back.run().direction()).isEqualTo(Direction.AGAINST_FLOW);
        assertThat(back.reasons()).anyMatch(r -> r.contains("in the other order and on the other side"));
    }

    @Test
    void twoTieInsAreToldAsADoubtAndOneIsNothing() {
        ProposedRun two = proposed(
                        street().passes(10, "left").passes(22, "left"),
                        clip("two").passes(18, "right").passes(30, "right"))
                .getLast();
        assertThat(two.run().direction()).isEqualTo(Direction.AGAINST_FLOW);
        assertThat(two.doubts()).anyMatch(d -> d.startsWith("Only by 2 tie-ins"));
        ProposedRun one = proposed(street().passes(10, "left"), clip("one").passes(10, "left"))
                .getLast();
        assertThat(one.directionKnown()).isFalse();
    }

    /** Left, right is right, left from the other end, mirrored: as good one way as the other. */
    @Test
    void whatFitsBothWaysTellsNeither() {
        ProposedRun run = proposed(
                        street().passes(10, "left").passes(20, "right"),
                        clip("two").passes(10, "left").passes(20, "right"))
                .getLast();
        assertThat(run.directionKnown()).isFalse();
    }

    @Test
    void whatSpeaksAgainstWhatWasSaidIsADoubt() {
        ProposedRun run =
                proposed(street().says(50, "Water's running straight at us.")).getFirst();
        assertThat(run.run().direction()).isEqualTo(Direction.WITH_FLOW);
        assertThat(run.doubts())
                .anyMatch(d -> d.startsWith("It may have gone toward the building: by the water, \"Water's running"));
    }

    @Test
    void aVentLeadsOneWayOnly() {
        ProposedRun run = proposed(
                        new MadeClip("one", "").at(0, 0).at(100, 40).says(2, "Down the roof vent on this one."))
                .getFirst();
        assertThat(run.directionKnown()).isTrue();
        assertThat(run.run().direction()).isEqualTo(Direction.WITH_FLOW);
        assertThat(run.reasons()).anyMatch(r -> r.contains("a roof vent leads one way only"));
    }
}
