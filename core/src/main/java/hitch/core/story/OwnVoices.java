package hitch.core.story;

import hitch.core.disclosure.Disclosure;
import hitch.core.footage.Clip;
import hitch.core.job.ClipWords;
import hitch.core.job.Recording;
import hitch.core.job.ShotVoice;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** How long shots are spoken of where some are spoken by people: a recording takes its own time, the rest the narrator's. */
public final class OwnVoices implements Cutting.Speech {
    /** Seconds between two stretches of a clip's sound. */
    public static final double JOIN = 0.35;

    private final Disclosure may;
    private final Cutting.Speech narrator;

    private OwnVoices(Disclosure may, Cutting.Speech narrator) {
        this.may = may;
        this.narrator = narrator;
    }

    public static OwnVoices over(Cutting.Speech narrator, Disclosure may) {
        return new OwnVoices(may, narrator);
    }

    /**
     * Who speaks over a shot in place of the narrator. Nobody does where its words are no longer those that were said, so that a recording never tells
     * what the record does not; and what was said along a clip is not for everybody.
     */
    public static Optional<ShotVoice> of(Shot shot, Disclosure may) {
        return may.story()
                .change(shot.key())
                .voice()
                .filter(v ->
                        v.says().equals(shot.narration()) && !shot.narration().isBlank())
                .filter(v -> !(v instanceof ClipWords w) || isForThem(w, may));
    }

    private static boolean isForThem(ClipWords words, Disclosure may) {
        return may.recipient().hearsClips()
                && words.parts().stream()
                        .allMatch(p -> may.source(p.clip()).map(Clip::sound).orElse(false));
    }

    @Override
    public double seconds(String sentence) {
        return narrator.seconds(sentence);
    }

    @Override
    public List<Cutting.Sentence> sentences(Shot shot) {
        Optional<ShotVoice> own = of(shot, may);
        if (own.isEmpty()) {
            return narrator.sentences(shot);
        }
        return switch (own.get()) {
            case Recording recording -> sentences(recording);
            case ClipWords words -> sentences(words);
        };
    }

    @Override
    public double of(Shot shot) {
        return of(shot, may)
                .map(v -> switch (v) {
                    case Recording recording -> recording.seconds();
                    case ClipWords words -> sentences(words).getLast().to();
                })
                .orElseGet(() -> narrator.of(shot));
    }

    private static List<Cutting.Sentence> sentences(Recording recording) {
        List<String> said = Sentences.of(recording.says());
        List<Cutting.Sentence> all = new ArrayList<>();
        for (int i = 0; i < said.size(); i++) {
            if (i < recording.sentences().size()) {
                Recording.At at = recording.sentences().get(i);
                all.add(new Cutting.Sentence(
                        Math.clamp(at.from() - recording.from(), 0, recording.seconds()),
                        Math.clamp(at.to() - recording.from(), 0, recording.seconds()),
                        said.get(i)));
            }
        }
        return all;
    }

    private List<Cutting.Sentence> sentences(ClipWords words) {
        List<Cutting.Sentence> all = new ArrayList<>();
        double at = 0;
        for (ClipWords.Part part : words.parts()) {
            double takes = may.source(part.clip()).orElseThrow().base().seconds(part.toPts() - part.fromPts());
            all.add(new Cutting.Sentence(at, at + takes, part.words()));
            at += takes + JOIN;
        }
        return all;
    }
}
