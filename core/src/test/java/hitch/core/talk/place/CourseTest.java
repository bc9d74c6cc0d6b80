package hitch.core.talk.place;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.caption.Cue;
import hitch.core.measure.Distance;
import hitch.core.measure.LengthUnit;
import hitch.core.note.grammar.TradeNoteReader;
import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** Which of the numbers of a commentary the camera passed, and where it was at any word. */
class CourseTest {
    private static Transcript said(String... lines) {
        List<Cue> cues = new ArrayList<>();
        for (int i = 0; i < lines.length; i++) {
            cues.add(new Cue(i * 6, i * 6 + 5, lines[i]));
        }
        return Transcript.of(cues);
    }

    private static Course course(Transcript transcript) {
        return Course.of(transcript, new TradeNoteReader(), LengthUnit.FEET);
    }

    private static List<Long> told(String... lines) {
        return course(said(lines)).told().stream().map(Math::round).toList();
    }

    @Test
    void outOfTheWaterIsNotOutOfTheLine() {
        assertThat(told(
                        "zero at the cap",
                        "ten feet roots",
                        "twenty feet a crack",
                        "thirty feet a gap",
                        "forty five feet it's up to the glass here",
                        "i can't see a thing and it goes on and on for quite a while longer than i thought that it would when i saw it first",
                        "fifty eight i'm out so that's a long belly",
                        "sixty three feet a crack"))
                .endsWith(58L, 63L);
    }

    @Test
    void bareNumbersArePlacesAndOtherNumbersAreNone() {
        assertThat(told(
                        "Job two one nine, four hundred and six Alder Row.",
                        "Zero at the lip.",
                        "Five feet. Four inch clay.",
                        "Nine. A hairline.",
                        "Call it two inches wide.",
                        "Fifteen and a half. Roots.",
                        "House is nineteen fifty two.",
                        "Twenty one. Wye on the left.",
                        "It takes about thirty minutes.",
                        "Twenty eight. The main."))
                .containsExactly(0L, 5L, 9L, 15L, 21L, 28L);
    }

    @Test
    void lengthsAndDepthsAreNone() {
        assertThat(told(
                        "Zero at the cap.",
                        "Six feet. A bend.",
                        "A five foot belly at twelve.",
                        "Twenty. Six foot two deep, two feet off the walk.",
                        "Thirty. Three feet of that.",
                        "Forty. Out."))
                .containsExactly(0L, 6L, 12L, 20L, 30L, 40L);
    }

    @Test
    void outAndBackAndFromANewZero() {
        assertThat(told(
                        "Zero at the cap.",
                        "Ten. Roots.",
                        "Thirty. The end of the run.",
                        "Coming back.",
                        "Ten. Roots.",
                        "I zeroed it again, going to the house.",
                        "Four. A bend.",
                        "Nine. The stack."))
                .containsExactly(0L, 10L, 30L, 10L, 4L, 9L);
    }

    @Test
    void aSlipOfTheTongueIsToldWithWhatWasLikelyMeant() {
        Course course = course(said(
                "Zero at the cap.",
                "Forty. Roots.",
                "Fifty two. A crack.",
                "Seventy one. An offset.",
                "Sixty six. Wipes.",
                "Seventy four. The main."));
        assertThat(course.odd()).singleElement().satisfies(o -> {
            assertThat(o.said()).isEqualTo(Distance.feet(71));
            assertThat(o.likely()).contains(Distance.feet(61));
        });
    }

    @Test
    void whatFollowsAPlaceStandsThereUntilTheNextAndNotForEver() {
        Transcript transcript = said(
                "Zero at the cap.",
                "Twelve. Fine roots.",
                "Left side of the joint.",
                "Twenty. A gap.",
                "Thirty.",
                "Forty.");
        Course course = course(transcript);
        assertThat(course.at(transcript.starts()[2] + 3).orElseThrow().from()).isEqualTo(Distance.feet(12));
        assertThat(course.at(transcript.starts()[3] + 9).orElseThrow().from()).isEqualTo(Distance.feet(20));
    }

    @Test
    void whatIsToldOnceMoreWhenTheCameraIsOutHasTheirPlacesOnly() {
        Transcript transcript = said(
                "Zero at the cap.",
                "Ten. Roots.",
                "Twenty. A crack.",
                "Thirty. The main.",
                "Coming back. Ten.",
                "And we're out.",
                "I would fix the crack at twenty.",
                "Thirty days on the work.");
        Course course = course(transcript);
        int advice = transcript.starts()[6];
        assertThat(course.isOver(advice)).isTrue();
        assertThat(course.at(advice)).isEmpty();
        assertThat(course.within(advice, transcript.starts()[7]).orElseThrow().from())
                .isEqualTo(Distance.feet(20));
    }

    @Test
    void aMachineThatWroteTwoFiguresForOneNumberIsUnderstood() {
        assertThat(told(
                        "zero at the lip",
                        "seventy eight roots",
                        "81 fine",
                        "80 4 roots light left",
                        "and 86 the main",
                        "eighty four roots again"))
                .contains(84L);
    }

    @Property(tries = 50)
    void everyWayOutInSteps(@ForAll @IntRange(min = 2, max = 9) int step) {
        List<String> lines = new ArrayList<>(List.of("Zero at the lip."));
        List<Long> places = new ArrayList<>(List.of(0L));
        for (int at = step; at < 80; at += step) {
            lines.add(at + ". Roots.");
            places.add((long) at);
        }
        assertThat(told(lines.toArray(String[]::new))).containsExactlyElementsOf(places);
    }

    @Test
    void whatAMachineHeardForAWordOfTheTradeIsMended() {
        Transcript heard = said(
                "zero at the clean now lip", "there's fine routes here", "it goes cost iron to play at", "twenty feet");
        assertThat(heard.text()).contains("cleanout lip").contains("fine roots").contains("cast iron to clay");
        for (int i = 0; i < heard.starts().length; i++) {
            String first = heard.cues().get(i).text().split(" ")[0];
            assertThat(heard.text().substring(heard.starts()[i])).startsWith(first);
        }
    }
}
