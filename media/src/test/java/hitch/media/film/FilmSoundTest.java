package hitch.media.film;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.footage.FrameRef;
import hitch.core.footage.MutedSound;
import hitch.core.job.ClipWords;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.job.Recording;
import hitch.core.job.ShotChange;
import hitch.core.note.grammar.TradeNoteReader;
import hitch.core.run.Direction;
import hitch.core.story.Cutting;
import hitch.core.story.OwnVoices;
import hitch.core.story.Script;
import hitch.core.survey.Reckoner;
import hitch.media.MediaException;
import hitch.media.NumberedFootage;
import hitch.media.clip.ClipFacts;
import hitch.media.clip.ClipIndexer;
import hitch.media.voice.Narrator;
import hitch.media.voice.Sound;
import hitch.media.voice.WavFile;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What is heard over a shot: of whom, and what lies under it. The clip hums at 440 Hz, the recording at 1,000; the narrator is silent. */
class FilmSoundTest {
    private static final ClipId CLIP = new ClipId("down");
    private static final String KEY = "finding:F1";
    private static final String SAYS = "A small step here.";
    private static final Narrator SILENT = words -> new Sound(new float[Narrator.RATE], Narrator.RATE);

    @TempDir
    static Path folder;

    private static Job job;
    private static Map<ClipId, StoryRenderer.Source> sources;
    private static Clip clip;

    @BeforeAll
    static void record() throws MediaException, IOException {
        Path file = NumberedFootage.write(folder.resolve("down.mp4"), 150);
        ClipFacts facts = ClipIndexer.index(file);
        clip = NumberedFootage.clip(CLIP, file, facts);
        sources = Map.of(CLIP, new StoryRenderer.Source(file, facts.index()));
        job = Job.EMPTY
                .with(new Edit.PutClip(clip))
                .with(new Edit.PutRun(Sample.run("street run", Direction.WITH_FLOW, CLIP)));
        job = job.with(new Edit.AddFinding(new TradeNoteReader()
                .read("offset 1/4 in", job.facts().unit())
                .first()
                .at(job.nextId(), new FrameRef(CLIP, facts.frames().pts(75)), job.runOf(CLIP))));
        float[] hum = new float[4 * Narrator.RATE];
        for (int i = Narrator.RATE; i < 3 * Narrator.RATE; i++) {
            hum[i] = (float) (0.2 * Math.sin(2 * Math.PI * 1000 * i / Narrator.RATE));
        }
        WavFile.write(new Sound(hum, Narrator.RATE), folder.resolve("take-1.wav"));
    }

    /** The sound of the finding's shot as a job tells it. */
    private static Heard heard(Job told) throws MediaException {
        Disclosure may = Disclosure.of(Reckoner.survey(told), Recipient.HOMEOWNER);
        var shot = Script.of(may).line(KEY).orElseThrow().shot();
        SpokenStory spoken = SpokenStory.speak(shot.narration(), SILENT);
        Cutting.Placed placed = Cutting.placed(
                shot,
                0,
                OwnVoices.over(spoken, may).of(shot),
                s -> may.footage().around(s.frame(), s.before(), s.after()));
        float[] sound =
                new FilmSound(may, spoken, sources, folder).of(placed, 0, Math.round(placed.end() * Narrator.RATE));
        return new Heard(sound, placed);
    }

    private record Heard(float[] sound, Cutting.Placed placed) {
        /** How much of a pitch is in it between two times. */
        double pitch(double hertz, double from, double to) {
            double sin = 0;
            double cos = 0;
            int first = (int) (from * Narrator.RATE);
            int end = (int) (to * Narrator.RATE);
            for (int i = first; i < end; i++) {
                sin += sound[i] * Math.sin(2 * Math.PI * hertz * i / Narrator.RATE);
                cos += sound[i] * Math.cos(2 * Math.PI * hertz * i / Narrator.RATE);
            }
            return 2 * Math.hypot(sin, cos) / (end - first);
        }

        double voiced(double hertz) {
            return pitch(hertz, placed.voice() + 0.2, placed.voiceEnd() - 0.2);
        }
    }

    private static Job changed(ShotChange change) {
        return job.with(new Edit.ChangeShot("homeowner", KEY, change));
    }

    @Test
    void aRecordingIsHeardInPlaceOfTheNarratorAndTheFileIsUntouched() throws MediaException {
        Recording read = new Recording("take-1.wav", 1, 3, SAYS, List.of(new Recording.At(1, 3)));
        Heard heard = heard(changed(ShotChange.NONE.saying(SAYS, "").withVoice(Optional.of(read))));
        assertThat(heard.placed().voiceEnd() - heard.placed().voice()).isEqualTo(2);
        assertThat(heard.voiced(1000)).isGreaterThan(0.1);
        assertThat(heard(changed(ShotChange.NONE.saying("Other words.", "").withVoice(Optional.of(read))))
                        .voiced(1000))
                .isLessThan(0.001);
    }

    @Test
    void theTechnicianIsHeardAndWhatIsMutedIsNot() throws MediaException {
        var base = clip.base();
        ClipWords words = new ClipWords(List.of(new ClipWords.Part(CLIP, clip.ptsAt(1), clip.ptsAt(3), SAYS)));
        Job told = changed(ShotChange.NONE.saying(SAYS, "").withVoice(Optional.of(words)));
        assertThat(heard(told).voiced(440)).isGreaterThan(0.1);
        Job muted = told.with(
                new Edit.MuteSound(new MutedSound("hide:1", CLIP, clip.ptsAt(0.5), clip.ptsAt(3.5), "a name", "")));
        assertThat(heard(muted).voiced(440)).isLessThan(0.001);
        assertThat(base.seconds(clip.endPts())).isGreaterThan(3.5);
    }

    @Test
    void theClipsSoundRunsUnderTheVoiceAndGivesWayToIt() throws MediaException {
        assertThat(heard(job).pitch(440, 0.1, 0.6)).isLessThan(0.001);
        Heard under = heard(changed(ShotChange.NONE.withBed(Optional.of(true)).withBefore(Optional.of(2.0))));
        double alone = under.pitch(440, 0.05, 0.4);
        double below =
                under.pitch(440, under.placed().voice() + 0.1, under.placed().holdStart() - 0.1);
        assertThat(alone).isGreaterThan(0.1);
        assertThat(below).isBetween(0.01, alone / 3);
    }
}
