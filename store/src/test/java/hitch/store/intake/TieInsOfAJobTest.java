package hitch.store.intake;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.caption.Cue;
import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.note.grammar.TradeNoteReader;
import hitch.core.propose.Proposals;
import hitch.core.propose.Proposals.ProposedRun;
import hitch.core.run.Direction;
import hitch.core.talk.Commentary;
import hitch.store.Footage;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Tie-ins that were marked on a run, and told on a clip that is on none. */
class TieInsOfAJobTest {
    private static final ClipId BACK = new ClipId("back");

    @TempDir
    Path folder;

    /** From the street's end, 70 ft away, nobody says which way; the camera makes half a foot a second. */
    private Job job(String... told) {
        Job job = Job.EMPTY.with(new Edit.PutClip(Sample.clip(Sample.DOWN, 120)));
        job = job.with(new Edit.PutRun(Sample.run("street run", Direction.WITH_FLOW, Sample.DOWN)));
        job = job.with(new Edit.SetMark(Sample.DOWN, Sample.reading(0, 0)));
        job = job.with(new Edit.SetMark(Sample.DOWN, Sample.reading(100, 50)));
        job = Sample.note(job, Sample.DOWN, 20, "tie-in on the left");
        job = Sample.note(job, Sample.DOWN, 44, "tie-in on the right");
        job = Sample.note(job, Sample.DOWN, 62, "tie-in on the right");
        Clip back = Sample.clip(BACK, 140).withFile("back.mp4");
        job = job.with(new Edit.PutClip(back));
        job = job.with(new Edit.SetMark(BACK, Sample.reading(0, 0)));
        job = job.with(new Edit.SetMark(BACK, Sample.reading(130, 65)));
        List<Cue> cues = new ArrayList<>();
        for (String words : told) {
            double at = Double.parseDouble(words.substring(0, words.indexOf(' ')));
            cues.add(new Cue(at, at + 3, words.substring(words.indexOf(' ') + 1)));
        }
        return job.with(new Edit.PutCommentary(new Commentary("said", BACK, "back.srt", cues, 0, Map.of())));
    }

    private ProposedRun proposed(Job job) {
        ClipSteps steps = new ClipSteps(
                new Footage(folder), (sound, before, from, kept, progress) -> List.of(), new TradeNoteReader(), false);
        Proposals proposals = steps.proposals(job);
        assertThat(proposals.runs()).hasSize(1);
        return proposals.runs().getFirst();
    }

    @Test
    void seenFromTheOtherEndTheyHaveChangedSides() {
        ProposedRun back = proposed(job(
                "78 Tie-in on the left.", "96 There's another tie-in on the left.", "120 Tie-in here on the right."));
        assertThat(back.directionKnown()).isTrue();
        assertThat(back.run().direction()).isEqualTo(Direction.AGAINST_FLOW);
        assertThat(back.reasons())
                .contains(
                        "Toward the building: by 3 tie-ins of street run, which are here in the other order and on the other"
                                + " side.");
    }

    @Test
    void seenAgainTheyAreAsTheyWere() {
        ProposedRun again =
                proposed(job("21 Tie-in on the left.", "43 A tie-in on the right.", "63 And a tie-in on the right."));
        assertThat(again.run().direction()).isEqualTo(Direction.WITH_FLOW);
        assertThat(again.directionKnown()).isTrue();
    }

    @Test
    void withoutThemItIsNotKnown() {
        assertThat(proposed(job("40 A crack on the left.")).directionKnown()).isFalse();
    }
}
