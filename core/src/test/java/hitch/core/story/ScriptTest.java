package hitch.core.story;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hitch.core.Sample;
import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.finding.FindingId;
import hitch.core.footage.FrameRef;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.job.ShotChange;
import hitch.core.measure.LengthUnit;
import hitch.core.note.grammar.TradeNoteReader;
import hitch.core.survey.Reckoner;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class ScriptTest {
    private static final FrameRef FRAME = new FrameRef(Sample.DOWN, 10_000);
    private static final String KEY = "finding:F1";

    private final TradeNoteReader reader = new TradeNoteReader();
    private Job job = noted(noted(Sample.job(), "offset 1/4 in right", 10_000), "roots top light", 30_000);

    private Job noted(Job to, String words, long pts) {
        FrameRef at = new FrameRef(Sample.DOWN, pts);
        return to.with(new Edit.AddFinding(
                reader.read(words, LengthUnit.FEET).first().at(to.nextId(), at, to.runOf(at.clip()))));
    }

    private Script script(Recipient recipient) {
        return Script.of(Disclosure.of(Reckoner.survey(job), recipient));
    }

    private ScriptLine line(Recipient recipient) {
        return script(recipient).lines().stream()
                .filter(l -> l.proposed().key().equals(KEY))
                .findFirst()
                .orElseThrow();
    }

    private void change(Recipient recipient, ShotChange change) {
        job = job.with(new Edit.ChangeShot(recipient.word(), KEY, change));
    }

    private void reword(String words) {
        change(
                Recipient.HOMEOWNER,
                line(Recipient.HOMEOWNER)
                        .change()
                        .saying(words, line(Recipient.HOMEOWNER).proposed().facts()));
    }

    @Test
    void keysNameWhatAShotIsAbout() {
        assertThat(script(Recipient.HOMEOWNER).lines())
                .extracting(l -> l.proposed().key())
                .containsExactly(
                        "card:opening",
                        "map:whole",
                        "card:comes-to",
                        "finding:F1",
                        "passage::3048",
                        "finding:F2",
                        "card:asks",
                        "card:closing");
    }

    @Test
    void wordsOfOnesOwnAreToldToThatRecipientOnly() {
        reword("A small step, nothing to worry about.");
        assertThat(line(Recipient.HOMEOWNER).shot().narration()).isEqualTo("A small step, nothing to worry about.");
        assertThat(line(Recipient.HOMEOWNER).isStale()).isFalse();
        assertThat(line(Recipient.BUYER).isReworded()).isFalse();
        assertThat(script(Recipient.HOMEOWNER).told().shots())
                .extracting(Shot::narration)
                .contains("A small step, nothing to worry about.");
    }

    @Test
    void wordsOutlastAChangeOfTheFactsAndAreToldToBeOfEarlierOnes() {
        reword("A small step.");
        job = job.with(new Edit.AmendFinding(
                new FindingId("F1"),
                reader.read("offset 1 1/2 in right", LengthUnit.FEET)
                        .first()
                        .at(new FindingId("F1"), FRAME, job.runOf(Sample.DOWN))));
        assertThat(line(Recipient.HOMEOWNER).shot().narration()).isEqualTo("A small step.");
        assertThat(line(Recipient.HOMEOWNER).isStale()).isTrue();
        assertThat(script(Recipient.HOMEOWNER).stale()).hasSize(1);
        reword("A step of an inch and a half.");
        assertThat(script(Recipient.HOMEOWNER).stale()).isEmpty();
    }

    @Test
    void anotherFindingDoesNotMakeWordsStale() {
        reword("A small step.");
        job = noted(job, "crack bottom", 40_000);
        assertThat(line(Recipient.HOMEOWNER).isStale()).isFalse();
    }

    @Test
    void aShotIsLeftOutAndToldAgain() {
        change(Recipient.BUYER, ShotChange.NONE.leftOut(true));
        assertThat(script(Recipient.BUYER).told().shots()).extracting(Shot::key).doesNotContain(KEY);
        assertThat(script(Recipient.BUYER).lines()).as("it can be taken back").hasSize(8);
        change(Recipient.BUYER, ShotChange.NONE);
        assertThat(script(Recipient.BUYER).told().shots()).extracting(Shot::key).contains(KEY);
        assertThat(job.story().of().get("buyer")).isEmpty();
    }

    @Test
    void lengthsOfFootageAreWishesWithinWhatMayBeSeen() {
        change(Recipient.HOMEOWNER, ShotChange.NONE.lasting(Optional.of(5.0), Optional.of(0.0)));
        FindingShot shot = (FindingShot) line(Recipient.HOMEOWNER).shot();
        assertThat(shot.before()).isEqualTo(5);
        assertThat(shot.after()).isZero();
        assertThatThrownBy(() -> ShotChange.NONE.lasting(Optional.of(-1.0), Optional.empty()))
                .hasMessageContaining("0 to 600 seconds");
        assertThatThrownBy(() -> ShotChange.NONE.lasting(Optional.of(Double.NaN), Optional.empty()))
                .hasMessageContaining("0 to 600 seconds");
    }

    @Test
    void aChangeOutlastsItsFinding() {
        reword("A small step.");
        Job without = job.with(new Edit.RemoveFinding(new FindingId("F1")));
        assertThat(without.story()).isEqualTo(job.story());
        assertThat(Script.of(Disclosure.of(Reckoner.survey(without), Recipient.HOMEOWNER))
                        .lines())
                .extracting(l -> l.proposed().key())
                .doesNotContain(KEY);
    }
}
