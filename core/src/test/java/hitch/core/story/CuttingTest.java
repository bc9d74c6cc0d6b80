package hitch.core.story;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hitch.core.Sample;
import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.survey.Reckoner;
import hitch.core.survey.Survey;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

class CuttingTest {
    private static final Survey SURVEY = Reckoner.survey(Sample.marked());

    private static Cutting cut(Recipient recipient, double pace) {
        return Cutting.of(ScriptWriter.write(Disclosure.of(SURVEY, recipient)), s -> s.length() * pace, s ->
                new double[] {s.before(), s.after()});
    }

    @Property(tries = 60)
    void shotsFollowWithoutGapsAndVoiceFitsInside(@ForAll @DoubleRange(max = 0.2) double pace) {
        for (Recipient recipient : Recipient.STANDARD) {
            Cutting cutting = cut(recipient, pace);
            double at = 0;
            for (Cutting.Placed placed : cutting.placed()) {
                assertThat(placed.start()).isEqualTo(at);
                assertThat(placed.voice()).isBetween(placed.start(), placed.end());
                assertThat(placed.voiceEnd()).isLessThanOrEqualTo(placed.end());
                assertThat(placed.holdStart()).isBetween(placed.start(), placed.holdEnd());
                assertThat(placed.holdEnd()).isLessThanOrEqualTo(placed.end());
                at = placed.end();
            }
            assertThat(cutting.seconds()).isEqualTo(at);
        }
    }

    @Property(tries = 60)
    void captionsFollowEachOtherAndEndWithTheStory(@ForAll @DoubleRange(min = 0.01, max = 0.2) double pace) {
        Cutting cutting = cut(Recipient.HOMEOWNER, pace);
        double at = 0;
        for (Cutting.Caption cue : cutting.captions()) {
            assertThat(cue.start()).isGreaterThanOrEqualTo(at - 1e-9);
            assertThat(cue.end()).isGreaterThan(cue.start());
            at = cue.end();
        }
        assertThat(at).isEqualTo(cutting.seconds());
    }

    @Test
    void captionsSayTheNarrationWordForWord() {
        Cutting cutting = cut(Recipient.BUYER, 0.07);
        String spoken = String.join(
                " ",
                cutting.placed().stream().map(p -> p.shot().narration().strip()).toList());
        String captioned = String.join(
                " ", cutting.captions().stream().map(Cutting.Caption::text).toList());
        assertThat(captioned.replaceAll("\\s+", " ")).isEqualTo(spoken.replaceAll("\\s+", " "));
    }

    @Test
    void aShortVoiceStillHoldsTheFrame() {
        FindingShot shot = (FindingShot) ScriptWriter.write(Disclosure.of(SURVEY, Recipient.HOMEOWNER)).shots().stream()
                .filter(FindingShot.class::isInstance)
                .findFirst()
                .orElseThrow();
        Cutting cutting = Cutting.of(
                new Story(Recipient.HOMEOWNER, "t", List.of(new Chapter("c", List.of(shot.standing(0.3))))),
                s -> 0.01,
                s -> new double[] {1, 0});
        Cutting.Placed placed = cutting.placed().getFirst();
        assertThat(placed.holdEnd() - placed.holdStart()).isCloseTo(Cutting.HOLD_LEAST + 0.3, within(1e-9));
        assertThat(placed.holdStart()).isCloseTo(1, within(1e-9));
    }

    @Test
    void aCardStandsNoLongerThanItsWordsNeed() {
        Shot card = new CardShot("card:x", "t", List.of(), "One sentence. Another one.", 0.4);
        Cutting cutting =
                Cutting.of(new Story(Recipient.HOMEOWNER, "t", List.of(new Chapter("c", List.of(card)))), s -> 3, s ->
                        new double[] {0, 0});
        assertThat(cutting.seconds()).isCloseTo(Cutting.LEAD + 3 + Cutting.BREATH + 3 + 0.4, within(1e-9));
        assertThat(cutting.captions()).hasSize(2);
        assertThat(cutting.captions().get(1).start()).isCloseTo(Cutting.LEAD + 3 + Cutting.BREATH, within(1e-9));
    }
}
