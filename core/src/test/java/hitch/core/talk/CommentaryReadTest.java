package hitch.core.talk;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.caption.Cue;
import hitch.core.finding.Certainty;
import hitch.core.finding.FindingKind;
import hitch.core.finding.Topic;
import hitch.core.measure.LengthUnit;
import hitch.core.note.Act;
import hitch.core.note.grammar.TradeNoteReader;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A commentary as people give it: the place in one sentence, what is there in the next. */
class CommentaryReadTest {
    private static Spoken.All hear(String... lines) {
        List<Cue> cues = new ArrayList<>();
        for (int i = 0; i < lines.length; i++) {
            cues.add(new Cue(i * 6, i * 6 + 5, lines[i]));
        }
        return new TalkReader(new TradeNoteReader(), LengthUnit.FEET).read(cues);
    }

    @Test
    void aFixtureThatIsOnlyRunIsAtNoPlaceAndItsWaterIsWhereItIsSeenToCome() {
        assertThat(fixtureAfterPlaces("My helper is running the guest shower for two minutes."))
                .isEqualTo("fixture test");
        assertThat(fixtureAfterPlaces("The guest shower just ran, here it comes."))
                .isEqualTo("fixture test@22");
        assertThat(fixtureAfterPlaces("The guest shower was run beforehand and its water came through."))
                .isEqualTo("fixture test");
    }

    @Test
    void aSumOfWhatWasFoundFindsNothingAnew() {
        List<String> found = drafts(
                "Roots at five feet.",
                "Sag at nine feet.",
                "Crack at twelve feet.",
                "Offset at fifteen feet.",
                "Two sags, one crack, one bad offset and three root joints, that is the whole of it.",
                "One hole. Two cracks. One gap.");
        assertThat(found).hasSize(4).allMatch(d -> d.contains("@"));
        // With places of their own they are told.
        assertThat(drafts(
                        "Roots at five feet.",
                        "Sag at nine feet.",
                        "Grease at twelve feet.",
                        "Scale at fifteen feet.",
                        "One hole at nineteen feet, one crack at twenty two feet, one gap at twenty five feet."))
                .contains("hole@19", "crack@22", "gap@25");
    }

    private static String fixtureAfterPlaces(String line) {
        return drafts(
                        "Roots at five feet.",
                        "Grease at nine feet.",
                        "Scale at twelve feet.",
                        "Roots at fifteen feet.",
                        "Roots at nineteen feet.",
                        "Roots at twenty two feet.",
                        line)
                .getLast();
    }

    /** Each draft in short: {@code roots@12}, with the end of a stretch, and a minus before what is ruled out. */
    private static List<String> drafts(String... lines) {
        return hear(lines).drafts().stream()
                .map(s -> (s.draft().certainty() == Certainty.RULED_OUT ? "-" : "")
                        + s.draft().matter().word()
                        + s.draft()
                                .place()
                                .map(p -> "@" + Math.round(p.from().inFeet())
                                        + (p.isPoint() ? "" : "-" + Math.round(p.to().inFeet())))
                                .orElse(""))
                .collect(Collectors.toList());
    }

    private static final String[] RUN = {"Zero at the cap.", "Five. Four inch clay.", "Ten. A joint.", "Fifteen. Clean."
    };

    private static List<String> after(String... lines) {
        List<String> all = new ArrayList<>(List.of(RUN));
        all.addAll(List.of(lines));
        List<String> drafts = drafts(all.toArray(String[]::new));
        List<String> before = drafts(RUN);
        return drafts.subList(before.size(), drafts.size());
    }

    @Test
    void theSentenceBeforeGivesThePlaceAndTheOneAfterTheSide() {
        Spoken.All all =
                hear("Zero at the cap.", "Five.", "Ten.", "Fifteen.", "Twenty two.", "Fine roots.", "Left side.");
        Spoken roots = all.drafts().getLast();
        assertThat(roots.draft().matter()).isEqualTo(FindingKind.ROOTS);
        assertThat(roots.draft().place().orElseThrow().from().inFeet()).isBetween(21.9, 22.1);
        assertThat(roots.draft().traits().clock().orElseThrow().words()).contains("left");
        assertThat(roots.source()).isEqualTo(Spoken.Source.STANDING);
    }

    @Test
    void theSameAgain() {
        assertThat(after("Twenty. Roots at the top.", "Twenty five. Same again."))
                .containsExactly("roots@20", "roots@25");
    }

    @Test
    void aStretchIsClosedWhereTheCameraIsOutOfIt() {
        assertThat(after("Twenty. Standing water.", "Twenty four. Still in it.", "Thirty. Out of it."))
                .containsExactly("standing water@20-30");
    }

    @Test
    void aStretchThatIsToldInOneBreathBeginsWhereItBegan() {
        assertThat(after("Twenty. Scale all round.", "thirty five low spot about half full and it clears up at forty"))
                .containsExactly("scale@20", "standing water@35-40");
    }

    @Test
    void whatIsToBeDoneAboutAThingFindsItNoSecondTime() {
        assertThat(after(
                        "Twenty. Offset on the left.",
                        "Twenty five. Roots.",
                        "The offset at twenty ought to be spot repaired.",
                        "I'm going to locate that root joint at twenty five."))
                .filteredOn(d -> d.startsWith("offset") || d.startsWith("roots"))
                .containsExactly("offset@20", "roots@25");
    }

    @Test
    void whatIsAskedAndDeniedIsRuledOut() {
        assertThat(after("Twenty. Is that a crack, no, it's only a seam.")).contains("-crack@20");
        assertThat(after("Twenty. Is that a, is that a crack there? I don't, I don't think so. No, it's a seam."))
                .contains("-crack@20");
        assertThat(after("Twenty. A hole in the top.", "No wait, that's just a chip."))
                .anyMatch(d -> d.startsWith("-hole"));
    }

    @Test
    void theLineComesIntoItsMainAndIsNoTieIn() {
        assertThat(after("Twenty two and there's the main.", "Coming in at nine o'clock."))
                .contains("main connection@22")
                .noneMatch(d -> d.startsWith("tie-in"));
    }

    @Test
    void aGuessThatIsTakenBackAtOnceIsOneDraftRuledOut() {
        Spoken.All all = hear(
                "Zero at the cap.",
                "Five.",
                "Ten.",
                "Fifteen.",
                "Twenty. There's a hole at the top.",
                "No. That's not a hole.");
        Spoken hole = all.drafts().getLast();
        assertThat(hole.draft().matter()).isEqualTo(FindingKind.HOLE);
        assertThat(hole.draft().certainty()).isEqualTo(Certainty.RULED_OUT);
        assertThat(Contradictions.in(all, Whereabouts.UNKNOWN, LengthUnit.FEET))
                .anySatisfy(c -> assertThat(c.words()).contains("hole was said, and taken back at 0:30"));
    }

    @Test
    void whatIsToldOnceMoreAtTheEndIsNotFoundAgain() {
        assertThat(after("Twenty. Roots.", "Coming back.", "Ten.", "And we're out.", "So roots, and not much else."))
                .containsExactly("roots@20");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            In through the gully beside the greenhouse.                    | opening
            There isn't a cleanout on the property at all.                | opening
            I've zeroed it at the lip.                                    | zero
            End of the run.                                               | end
            That's as far as we go.                                       | limit
            Let me get a picture of that.                                 | photo
            I'll look at it again on the way back.                        | promise
            We cabled it this morning with a three inch cutter.           | cleaned
            It was last cleaned two years ago.                            | service
            I did her in March, so she is due.  Last service was May.     | service
            I'd call it fair.                                             | verdict
            The line fails.                                               | verdict
            That joint needs digging up and should be replaced.           | advice
            Quit pouring grease down that sink.                           | advice
            It's yours all the way to the main.                           | remark
            We don't warranty the cable.                                  | remark
            The picture's upside down.                                    | remark
            Drove a white stake by the shed, three foot nine deep.        | locate
            It hooks round to the left.                                    | bend
            Goes to clay here.                                            | material change
            Now I'm in plastic.                                           | material change
            Here's where the laundry group comes in.                      | tie-in
            The next length's shifted, I mean the pipe's shifted over.    | offset
            That's the shower tying in on your left.                      | tie-in
            That bell ought to be dug.                                    | advice
            I'd just keep an eye on it.                                   | advice
            Nobody's been in here with a snake since spring.              | service
            Nobody ran the basement sink.                                 | fixture test
            """)
    void aTurnOfPhraseStatesAMatter(String sentence, String matter) {
        List<Topic> stated = hear(sentence).drafts().stream()
                .map(s -> s.draft().matter())
                .map(t -> t instanceof FindingKind k ? k.broad() : t)
                .toList();
        assertThat(stated).extracting(Topic::word).contains(matter);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            No roots in that one.                                         | roots
            Roots usually come in where clay has joints.                  | roots
            If you ever see roots, call me.                               | roots
            The joint sits flush all the way round.                        | fixture test
            We never leave standing water in a new line.                  | standing water
            There's water running in the kitchen.                         | standing water
            It turns into clay here.                                      | bend
            """)
    void whatIsOnlySpokenOfIsNotFound(String sentence, String matter) {
        List<String> all = new ArrayList<>(List.of(RUN));
        all.add(sentence);
        assertThat(hear(all.toArray(String[]::new)).drafts().stream()
                        .filter(s -> s.draft().certainty() != Certainty.RULED_OUT)
                        .map(s -> s.draft().matter().word()))
                .doesNotContain(matter);
    }

    @Test
    void noCleanoutRulesOneOut() {
        assertThat(drafts("There's no cleanout at the cottage.")).containsExactly("-opening");
    }

    @Test
    void theCounterStandsForAPlaceThatWasOnlyStoodAt() {
        Spoken stood = hear("Zero at the cap.", "Five.", "Ten.", "Fifteen.", "Twenty.", "Fine roots.")
                .drafts()
                .getLast();
        assertThat(stood.source()).isEqualTo(Spoken.Source.STANDING);
        assertThat(hear("Roots at twenty feet.").drafts().getFirst().source()).isEqualTo(Spoken.Source.SAID);
        assertThat(hear("I've zeroed it at the lip.")
                        .drafts()
                        .getFirst()
                        .draft()
                        .matter())
                .isEqualTo(Act.ZERO);
    }
}
