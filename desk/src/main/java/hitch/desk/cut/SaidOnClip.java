package hitch.desk.cut;

import hitch.core.footage.Clip;
import hitch.core.job.ClipWords;
import hitch.core.story.FootageShot;
import hitch.core.story.ScriptLine;
import hitch.desk.Workspace;
import hitch.media.MediaException;
import hitch.media.clip.SoundReader;
import hitch.media.voice.AtPauses;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Consumer;

/** What the technician said along the clip of a shot, to be heard in place of the narrator. */
final class SaidOnClip {
    private final Workspace work;

    SaidOnClip(Workspace work) {
        this.work = work;
    }

    private Optional<Clip> clip(FootageShot shot) {
        return work.now().survey().clip(shot.frame().clip()).filter(Clip::sound);
    }

    boolean hasSound(FootageShot shot) {
        return clip(shot).isPresent();
    }

    /** What was said about a line's moment; nothing for a shot without footage. */
    List<ClipWords> near(ScriptLine line) {
        Optional<FootageShot> shot =
                line.shot() instanceof FootageShot f ? Optional.of(f) : Optional.<FootageShot>empty();
        return shot.flatMap(f -> clip(f).map(c -> ClipWords.near(
                        work.now().job().talk(), c, c.secondsInto(f.frame().pts()))))
                .orElse(List.of());
    }

    /** When its first word is said, seconds of its clip. */
    OptionalDouble moment(ClipWords words) {
        ClipWords.Part first = words.parts().getFirst();
        return work.now().survey().clip(first.clip()).stream()
                .mapToDouble(c -> c.secondsInto(first.fromPts()))
                .findFirst();
    }

    /** Cuts words at the speaker's pauses, in the background. */
    void cut(ClipWords words, Consumer<ClipWords> then) {
        work.inBackground(() -> atPauses(words), then);
    }

    private ClipWords atPauses(ClipWords words) throws MediaException {
        List<ClipWords.Part> parts = new ArrayList<>();
        for (ClipWords.Part part : words.parts()) {
            Clip clip = work.now()
                    .survey()
                    .clip(part.clip())
                    .orElseThrow(() -> new MediaException("The clip of these words was left out of the job."));
            double from = clip.base().seconds(part.fromPts()) - AtPauses.NEAR;
            double to = clip.base().seconds(part.toPts()) + AtPauses.NEAR;
            double[] cut = AtPauses.of(SoundReader.read(work.footage().file(clip), from, to - from));
            long first = Math.max(clip.firstPts(), clip.base().ticks(from + cut[0]));
            long end = Math.clamp(clip.base().ticks(from + cut[1]), first + 1, Math.max(first + 1, clip.endPts()));
            parts.add(new ClipWords.Part(part.clip(), first, end, part.words()));
        }
        return new ClipWords(parts);
    }
}
