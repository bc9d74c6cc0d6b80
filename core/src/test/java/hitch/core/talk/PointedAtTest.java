package hitch.core.talk;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.caption.Cue;
import hitch.core.finding.Certainty;
import hitch.core.finding.ClockPosition;
import hitch.core.measure.LengthUnit;
import hitch.core.note.Draft;
import hitch.core.note.grammar.TradeNoteReader;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is only pointed at ("the next one has a crack"), what is told of all of the pipe, and numbers that are another thing's. */
class PointedAtTest {
    /** What is drafted of the last lines, each as {@code roots 20 3}: kind, feet from and to, hour; a minus before what is ruled out. */
    private static List<String> drafted(String... lines) {
        List<String> all = new ArrayList<>(List.of("Zero at the cap.", "Five. Clay.", "Ten.", "Fifteen."));
        int before = all.size();
        all.addAll(List.of(lines));
        List<Cue> cues = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            cues.add(new Cue(i * 6, i * 6 + 5, all.get(i)));
        }
        return new TalkReader(new TradeNoteReader(), LengthUnit.FEET)
                .read(cues).drafts().stream()
                        .filter(d -> d.seconds() >= 6 * before)
                        .map(d -> words(d.draft()))
                        .toList();
    }

    private static String words(Draft draft) {
        String place = draft.place()
                .map(p -> p.isPoint()
                        ? " " + feet(p.from().mm())
                        : " " + feet(p.from().mm()) + "-" + feet(p.to().mm()))
                .orElse("");
        String side = draft.traits()
                .clock()
                .map(ClockPosition::from)
                .map(h -> " at " + h)
                .orElse("");
        return (draft.certainty() == Certainty.RULED_OUT ? "-" : "")
                + draft.matter().word()
                + place
                + side;
    }

    private static String feet(long mm) {
        String tenths = String.valueOf(Math.round(mm / 30.48) / 10.0);
        return tenths.replaceAll("\\.0$", "");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Thirty-nine has a root on the right side, just one.        | roots 39 at 3
            Thirty-nine had a crack in it.                             | crack 39
            Thirty feet. The next one has an offset.                   | offset 30
            Forty-six, there's a tap on top that's not in use.         | tie-in 46 at 12
            Forty-six, there's a y on the left.                        | tie-in 46 at 9
            Fifty. I'm stopped by roots.                               | limit 50;roots 50
            At thirty it dead ends into the main.                      | main connection 30
            Thirty, and there's a toothbrush stuck in the joint.       | debris 30
            Thirty. No root growth was seen at that joint.             | -roots 30
            Thirty. The pipe beyond is vitrified clay.                 | material change 30
            Thirty, coupling, to cast iron.                            | coupling 30;material change 30
            """)
    void oneThatIsPointedAtIsClaimed(String line, String wanted) {
        assertThat(drafted(line)).contains(wanted.split(";"));
    }

    /** What another has is nobody's finding. */
    @Test
    void whatAHouseOrANeighbourHasIsNone() {
        assertThat(drafted("We keep going.", "The neighbor has roots.")).isEmpty();
        assertThat(drafted("We keep going.", "House twelve has roots.")).isEmpty();
    }

    @Test
    void whatIsToldOfAllOfItIsAtNoOnePlace() {
        assertThat(drafted("Twenty, a joint.", "It's got scale on the walls, pretty much the whole way."))
                .contains("scale");
        assertThat(drafted("Scale the whole way from twenty to thirty.")).contains("scale 20-30");
    }

    @Test
    void howLongEachPieceIsAndHowWideAPipeAreNoPlaces() {
        assertThat(drafted("Twenty, roots.", "This is all two foot pieces.", "An offset here."))
                .containsExactly("roots 20", "offset 20");
        assertThat(drafted("Twenty feet, an offset.", "It goes straight into four-inch plastic here."))
                .contains("material change 20");
    }

    @Test
    void waterThatIsSaidToLastEndsThere() {
        assertThat(drafted("Twenty-two, there's a sag.", "It's got an inch of water and it lasts to twenty-seven."))
                .containsExactly("standing water 22-27");
    }

    /** "On the left side" of what is told at the next place is no side of the last thing. */
    @Test
    void aSideThatIsSaidAtAnotherPlaceIsNotTheLastThings() {
        assertThat(drafted("Twenty, a little grease.", "At thirty the film is cloudy on the left side."))
                .contains("grease 20");
        assertThat(drafted("Twenty, a little grease.", "It's on the left side."))
                .contains("grease 20 at 9");
    }
}
