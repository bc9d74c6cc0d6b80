package hitch.core.heard;

import java.util.ArrayList;
import java.util.List;

/**
 * When each word of a piece was said. A recogniser tells only which: words are spread over the stretches in which somebody speaks by how
 * long they take to say, and where a sentence ends near a pause it ends at that pause.
 */
public final class WordTimes {
    /** Even a short word takes as long as this many letters. */
    private static final double LEAST_LETTERS = 2;
    /** A sentence's end and a pause belong together where they are no farther apart, seconds. */
    private static final double NEAR = 1.2;

    private WordTimes() {}

    /**
     * @param text the words of a piece
     * @param sureness of each word
     */
    public static List<HeardWord> of(String text, SpeechPieces.Piece piece, List<Double> sureness) {
        List<String> words = List.of(text.strip().split("\\s+"));
        if (text.isBlank()) {
            return List.of();
        }
        double[] ends = new double[words.size()];
        double letters = 0;
        for (int i = 0; i < ends.length; i++) {
            letters += length(words.get(i));
            ends[i] = letters;
        }
        double speech = piece.speech().stream()
                .mapToDouble(SpeechPieces.Stretch::seconds)
                .sum();
        for (int i = 0; i < ends.length; i++) {
            ends[i] *= speech / letters;
        }
        atPauses(words, piece, ends);
        List<HeardWord> timed = new ArrayList<>();
        double before = 0;
        for (int i = 0; i < ends.length; i++) {
            double from = clock(piece, before, true);
            timed.add(new HeardWord(words.get(i), from, Math.max(from, clock(piece, ends[i], false)), sureness.get(i)));
            before = ends[i];
        }
        return timed;
    }

    /** How long a word takes to say: a numeral is said in words. */
    private static double length(String word) {
        String said = word.replaceAll("[^\\p{L}\\d]", "");
        double digits = said.chars().filter(Character::isDigit).count();
        return Math.max(LEAST_LETTERS, said.length() - digits + 4 * digits);
    }

    /** Moves the ends of sentences to the pauses that they are near, and the words between in proportion. */
    private static void atPauses(List<String> words, SpeechPieces.Piece piece, double[] ends) {
        List<Double> pauses = new ArrayList<>();
        double sum = 0;
        for (int i = 0; i + 1 < piece.speech().size(); i++) {
            sum += piece.speech().get(i).seconds();
            pauses.add(sum);
        }
        int anchored = -1;
        double anchor = 0;
        for (double pause : pauses) {
            int best = -1;
            for (int i = anchored + 1; i + 1 < ends.length; i++) {
                boolean ends_ = words.get(i).matches(".*[.,!?;:]");
                double off = Math.abs(ends[i] - pause) - (ends_ ? NEAR / 2 : 0);
                boolean near = Math.abs(ends[i] - pause) < NEAR;
                if (near
                        && (best < 0
                                || off
                                        < Math.abs(ends[best] - pause)
                                                - (words.get(best).matches(".*[.,!?;:]") ? NEAR / 2 : 0))) {
                    best = i;
                }
            }
            if (best < 0) {
                continue;
            }
            double was = ends[best];
            double from = anchored < 0 ? 0 : anchor;
            double start = anchored < 0 ? 0 : ends[anchored];
            for (int i = anchored + 1; i <= best; i++) {
                ends[i] = was <= start ? pause : from + (ends[i] - start) * (pause - from) / (was - start);
            }
            double total = ends[ends.length - 1];
            for (int i = best + 1; i < ends.length; i++) {
                ends[i] = total <= was ? ends[i] : pause + (ends[i] - was) * (total - pause) / (total - was);
            }
            anchored = best;
            anchor = pause;
        }
    }

    /** The second at which so much has been spoken; at a pause before it for an end, after it for a beginning. */
    private static double clock(SpeechPieces.Piece piece, double spoken, boolean begins) {
        double left = spoken;
        for (SpeechPieces.Stretch stretch : piece.speech()) {
            boolean within = begins ? left < stretch.seconds() - 1e-6 : left <= stretch.seconds() + 1e-6;
            if (within) {
                return stretch.from() + left;
            }
            left -= stretch.seconds();
        }
        return piece.speech().getLast().to();
    }
}
