package hitch.core.story;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hitch.core.Sample;
import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.job.ClipWords;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.job.Recording;
import hitch.core.job.ShotChange;
import hitch.core.job.ShotVoice;
import hitch.core.survey.Reckoner;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** People's own voices in place of the narrator's. */
class OwnVoicesTest {
    private static final String KEY = "finding:F1";
    private static final String SAYS = "A small step here. Nothing hangs on it.";
    private static final Recording READ = new Recording(
            "take-1.wav", 0.5, 5.5, SAYS, List.of(new Recording.At(0.7, 2.2), new Recording.At(2.9, 5.1)));

    private static Job job(String words, ShotVoice voice) {
        return Sample.marked()
                .with(new Edit.ChangeShot(
                        "homeowner", KEY, ShotChange.NONE.saying(words, "").withVoice(Optional.of(voice))));
    }

    private static Disclosure may(Job job) {
        return Disclosure.of(Reckoner.survey(job), Recipient.HOMEOWNER);
    }

    private static Cutting cutting(Disclosure may) {
        return Cutting.of(
                Script.of(may, StoryWish.USUAL.lasting(Length.FULL)).told(),
                OwnVoices.over(Cutting.Speech.USUAL, may),
                s -> new double[] {s.before(), s.after()});
    }

    private static List<Cutting.Caption> captions(Disclosure may, Cutting cutting) {
        return cutting.captions().stream().filter(c -> SAYS.contains(c.text())).toList();
    }

    private static Cutting.Placed placed(Cutting cutting) {
        return cutting.placed().stream()
                .filter(p -> p.shot().key().equals(KEY))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aRecordingTakesItsOwnTimeAndItsCaptionsStandWhereItsSentencesAreSaid() {
        Disclosure may = may(job(SAYS, READ));
        Cutting cutting = cutting(may);
        Cutting.Placed placed = placed(cutting);
        assertThat(placed.voiceEnd() - placed.voice()).isEqualTo(5, within(1e-9));
        List<Cutting.Caption> captions = captions(may, cutting);
        assertThat(captions).hasSize(2);
        assertThat(captions.getFirst().start()).isEqualTo(placed.voice() + 0.2, within(1e-9));
        assertThat(captions.getLast().start()).isEqualTo(placed.voice() + 2.4, within(1e-9));
        assertThat(captions.getLast().end()).isEqualTo(placed.voice() + 4.6, within(1e-9));
    }

    @Test
    void aRecordingOfOtherWordsIsNotHeard() {
        Disclosure may = may(job("A large step here.", READ));
        assertThat(OwnVoices.of(placed(cutting(may)).shot(), may)).isEmpty();
    }

    @Test
    void theTechniciansWordsAreHeardWithTheirPausesAndNotByTheDistrict() {
        ClipWords words = new ClipWords(List.of(
                new ClipWords.Part(Sample.UP, 1000, 2500, "A small step here."),
                new ClipWords.Part(Sample.UP, 4000, 6000, "Nothing hangs on it.")));
        Job job = job(SAYS, words);
        Disclosure may = may(job);
        Cutting.Placed placed = placed(cutting(may));
        assertThat(OwnVoices.of(placed.shot(), may)).contains(words);
        assertThat(placed.voiceEnd() - placed.voice()).isEqualTo(3.5 + OwnVoices.JOIN, within(1e-9));
        Job forDistrict = Sample.marked()
                .with(new Edit.ChangeShot(
                        "district",
                        "finding:F6",
                        ShotChange.NONE.saying(SAYS, "").withVoice(Optional.of(words))));
        Disclosure district = Disclosure.of(Reckoner.survey(forDistrict), Recipient.DISTRICT);
        Shot shot = Script.of(district).line("finding:F6").orElseThrow().shot();
        assertThat(shot.narration()).isEqualTo(SAYS);
        assertThat(OwnVoices.of(shot, district)).isEmpty();
    }
}
