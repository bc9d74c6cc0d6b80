package hitch.core.story;

import java.util.ArrayList;
import java.util.List;

/**
 * A story laid out in time. Every shot has its seconds; a narration begins with the held frame or shortly after a card
 * appears; captions are the narration's own sentences, each as long as its share of the letters.
 *
 * @param placed the shots with their times, in order, without gaps
 * @param captions the captions in order; the last ends with the story
 */
public record Cutting(List<Placed> placed, List<Caption> captions) {
    /** Seconds a card stands before its narration begins. */
    public static final double CARD_LEAD = 0.6;

    /** Seconds a card or a held frame stays after its narration. */
    public static final double TAIL = 0.5;

    /** The shortest time a card stands. */
    public static final double CARD_LEAST = 5;

    /** The shortest time a frame is held. */
    public static final double HOLD_LEAST = 3;

    /**
     * A shot with its times, seconds from the story's beginning.
     *
     * @param shot the shot
     * @param start when it begins
     * @param voice when its narration begins
     * @param voiceEnd when its narration ends
     * @param holdStart when the held frame begins; equal to {@code start} for a card
     * @param holdEnd when the held frame ends
     * @param end when the shot ends
     */
    public record Placed(
            Shot shot, double start, double voice, double voiceEnd, double holdStart, double holdEnd, double end) {}

    /** A caption and its times in seconds. */
    public record Caption(double start, double end, String text) {}

    /** Seconds a shot's narration takes to speak; 0 for none. */
    @FunctionalInterface
    public interface Speech {
        double seconds(Shot shot);
    }

    /** Seconds of footage there really are around a shot's frame. */
    @FunctionalInterface
    public interface Footage {
        /** The seconds before and after the frame that can be shown, at most those the shot asks for. */
        double[] around(FindingShot shot);
    }

    /** Lays out {@code story}. */
    public static Cutting of(Story story, Speech speech, Footage footage) {
        List<Placed> placed = new ArrayList<>();
        List<Caption> captions = new ArrayList<>();
        double at = 0;
        for (Shot shot : story.shots()) {
            double spoken = speech.seconds(shot);
            Placed next = switch (shot) {
                case CardShot card -> {
                    double end = at + Math.max(CARD_LEAST, CARD_LEAD + spoken + TAIL);
                    yield new Placed(card, at, at + CARD_LEAD, at + CARD_LEAD + spoken, at, end, end);
                }
                case FindingShot found -> {
                    double[] around = footage.around(found);
                    double hold = at + around[0];
                    double held = hold + Math.max(HOLD_LEAST, spoken + TAIL);
                    yield new Placed(found, at, hold, hold + spoken, hold, held, held + around[1]);
                }
            };
            placed.add(next);
            captions.addAll(captions(next));
            at = next.end();
        }
        if (!captions.isEmpty()) {
            Caption last = captions.removeLast();
            captions.add(new Caption(last.start(), at, last.text()));
        }
        return new Cutting(List.copyOf(placed), List.copyOf(captions));
    }

    /** Length of the story in seconds. */
    public double seconds() {
        return placed.isEmpty() ? 0 : placed.getLast().end();
    }

    private static List<Caption> captions(Placed placed) {
        List<String> sentences = Sentences.of(placed.shot().narration());
        double letters = sentences.stream().mapToInt(String::length).sum();
        List<Caption> captions = new ArrayList<>();
        double at = placed.voice();
        for (String sentence : sentences) {
            double end = at + (placed.voiceEnd() - placed.voice()) * sentence.length() / letters;
            if (end > at) {
                captions.add(new Caption(at, end, sentence));
            }
            at = end;
        }
        return captions;
    }
}
