package hitch.core.story;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * A story laid out in time. Every shot has its seconds; its narration begins shortly after it appears, so that a place is named while the
 * camera comes up to it; captions are the narration's own sentences, each as long as it takes to speak.
 *
 * @param placed the shots with their times, in order, without gaps
 * @param captions the captions in order; the last ends with the story
 */
public record Cutting(List<Placed> placed, List<Caption> captions) {
    /** Seconds before anything is said at a new place: whoever looks wants to see where it is. */
    public static final double LEAD = 0.9;

    /** Seconds between two sentences. */
    public static final double BREATH = 0.5;

    /** The shortest time a shot that does not play stands. */
    public static final double STAND_LEAST = 2.5;

    /** The shortest time a frame is held. */
    public static final double HOLD_LEAST = 2;

    /**
     * A shot with its times, seconds from the story's beginning.
     *
     * @param shot the shot
     * @param start when it begins
     * @param voice when its narration begins
     * @param voiceEnd when its narration ends
     * @param holdStart when the held frame begins; equal to {@code start} for what does not play
     * @param holdEnd when the held frame ends
     * @param end when the shot ends
     */
    public record Placed(
            Shot shot, double start, double voice, double voiceEnd, double holdStart, double holdEnd, double end) {}

    /** A caption and its times in seconds. */
    public record Caption(double start, double end, String text) {}

    /**
     * A sentence of a shot's narration with its times.
     *
     * @param from seconds from where the narration begins
     * @param to likewise
     */
    public record Sentence(double from, double to, String text) {}

    /** Seconds a sentence takes to speak. */
    @FunctionalInterface
    public interface Speech {
        /** The usual pace of the built-in voice, for where nothing has been spoken yet. */
        Speech USUAL = sentence -> SpokenForm.of(sentence).length() / 15.5;

        double seconds(String sentence);

        /** The same, which reckons each sentence once; for one thread. */
        default Speech reckonedOnce() {
            Map<String, Double> known = new HashMap<>();
            return sentence -> known.computeIfAbsent(sentence, this::seconds);
        }

        /** Of a whole narration, with a breath between its sentences. */
        default double of(String narration) {
            List<String> sentences = Sentences.of(narration);
            return sentences.stream().mapToDouble(this::seconds).sum() + Math.max(0, sentences.size() - 1) * BREATH;
        }

        /** Seconds that a shot is spoken of. */
        default double of(Shot shot) {
            return of(shot.narration());
        }

        /** When each sentence of a shot's narration is spoken. */
        default List<Sentence> sentences(Shot shot) {
            List<Sentence> all = new ArrayList<>();
            double at = 0;
            for (String sentence : Sentences.of(shot.narration())) {
                double end = at + seconds(sentence);
                all.add(new Sentence(at, end, sentence));
                at = end + BREATH;
            }
            return all;
        }
    }

    /** Seconds of footage there really are around a shot's frame. */
    @FunctionalInterface
    public interface Footage {
        /** The seconds before and after the frame that can be shown, at most those the shot asks for. */
        double[] around(FootageShot shot);
    }

    /** Lays out {@code story}. */
    public static Cutting of(Story story, Speech speech, Footage footage) {
        List<Placed> placed = new ArrayList<>();
        List<Caption> captions = new ArrayList<>();
        double at = 0;
        for (Shot shot : story.shots()) {
            Placed next = placed(shot, at, speech.of(shot), footage);
            placed.add(next);
            captions.addAll(captions(next, speech));
            at = next.end();
        }
        if (!captions.isEmpty()) {
            Caption last = captions.removeLast();
            captions.add(new Caption(last.start(), at, last.text()));
        }
        return new Cutting(List.copyOf(placed), List.copyOf(captions));
    }

    /**
     * A shot from a time on.
     *
     * @param spoken seconds that its narration takes
     */
    public static Placed placed(Shot shot, double at, double spoken, Footage footage) {
        boolean silent = shot.narration().isBlank();
        double voice = at + (silent ? 0 : LEAD);
        double said = voice + spoken;
        return switch (shot) {
            case FindingShot found -> {
                double[] around = footage.around(found);
                double hold = at + around[0];
                double held = Math.max(hold + HOLD_LEAST, said) + found.tail();
                yield new Placed(found, at, voice, said, hold, held, held + around[1]);
            }
            case FootageShot plays -> {
                double[] around = footage.around(plays);
                double shown = at + (around[0] + around[1]) / plays.speed();
                double end = Math.max(shown, said) + plays.tail();
                yield new Placed(plays, at, voice, said, shown, end, end);
            }
            case Shot stands -> {
                double end = Math.max(at + STAND_LEAST, said) + stands.tail();
                yield new Placed(stands, at, voice, said, at, end, end);
            }
        };
    }

    /** Length of the story in seconds. */
    public double seconds() {
        return placed.isEmpty() ? 0 : placed.getLast().end();
    }

    private static List<Caption> captions(Placed placed, Speech speech) {
        return speech.sentences(placed.shot()).stream()
                .filter(s -> s.to() > s.from())
                .map(s -> new Caption(placed.voice() + s.from(), placed.voice() + s.to(), s.text()))
                .toList();
    }
}
