package hitch.core.heard;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Cuts sound into pieces in which somebody speaks, by how likely that is at each moment. A recogniser hears pieces of 5 to 20 seconds
 * best, cut at pauses, and hears words in noise in which there are none: what no one speaks in is in no piece.
 */
public final class SpeechPieces {
    /** Somebody begins to speak above the one, and speaks on above the other. */
    private static final double BEGINS = 0.5;

    private static final double GOES_ON = 0.35;
    /** A shorter sound is no word, seconds. */
    private static final double SHORTEST = 0.2;
    /** A shorter silence is none, seconds: some sounds are silent so long. */
    private static final double SILENT = 0.22;
    /** A shorter silence is within a sentence, seconds. */
    private static final double JOINED = 0.5;
    /** A longer one parts two pieces however short they are, seconds. */
    private static final double PARTED = 6;

    private static final double LONGEST = 20;
    private static final double LONG_ENOUGH = 9;
    private static final double MARGIN = 0.2;

    /**
     * A piece of sound.
     *
     * @param from seconds
     * @param to seconds
     * @param speech where in it somebody speaks, in order
     */
    public record Piece(double from, double to, List<Stretch> speech) {
        public Piece {
            speech = List.copyOf(speech);
        }
    }

    /** A stretch of sound, seconds. */
    public record Stretch(double from, double to) {
        public double seconds() {
            return to - from;
        }
    }

    private SpeechPieces() {}

    /**
     * @param speech how likely somebody speaks, 0 to 1, at steps of equal length
     * @param step their length, seconds
     */
    public static List<Piece> of(float[] speech, double step) {
        double end = speech.length * step;
        List<Piece> pieces = new ArrayList<>();
        List<Stretch> held = new ArrayList<>();
        for (Stretch stretch : stretches(speech, step)) {
            boolean parts = !held.isEmpty()
                    && (stretch.from() - held.getLast().to() > PARTED
                            || stretch.to() - held.getFirst().from() > LONGEST
                            || held.getLast().to() - held.getFirst().from() > LONG_ENOUGH
                                    && stretch.from() - held.getLast().to() > JOINED);
            if (parts) {
                pieces.add(piece(held, end));
                held.clear();
            }
            held.add(stretch);
        }
        if (!held.isEmpty()) {
            pieces.add(piece(held, end));
        }
        return pieces;
    }

    private static Piece piece(List<Stretch> speech, double end) {
        return new Piece(
                Math.max(0, speech.getFirst().from() - MARGIN),
                Math.min(end, speech.getLast().to() + MARGIN),
                speech);
    }

    /** Where somebody speaks, none longer than a piece may be. */
    static List<Stretch> stretches(float[] speech, double step) {
        List<Stretch> found = new ArrayList<>();
        int began = -1;
        int last = -1;
        for (int i = 0; i <= speech.length; i++) {
            double here = i < speech.length ? speech[i] : 0;
            if (began < 0 && here >= BEGINS) {
                began = i;
            }
            if (began >= 0 && here >= GOES_ON) {
                last = i;
            }
            boolean over = began >= 0 && ((i - last) * step > SILENT || i == speech.length);
            if (over) {
                cut(speech, step, began, last + 1, found);
                began = -1;
            }
        }
        return IntStream.range(0, found.size())
                .filter(i -> found.get(i).seconds() >= SHORTEST || isJoined(i - 1, found) || isJoined(i, found))
                .mapToObj(found::get)
                .toList();
    }

    /** Whether no more than a silence within a sentence lies between a stretch and the next. */
    private static boolean isJoined(int i, List<Stretch> all) {
        return i >= 0
                && i + 1 < all.size()
                && all.get(i + 1).from() - all.get(i).to() <= JOINED
                && Math.max(all.get(i).seconds(), all.get(i + 1).seconds()) >= SHORTEST;
    }

    /** Somebody who never stops is cut where the speaking is least sure. */
    private static void cut(float[] speech, double step, int from, int to, List<Stretch> found) {
        int most = (int) ((LONGEST - 2 * MARGIN) / step);
        if (to - from <= most) {
            found.add(new Stretch(from * step, to * step));
            return;
        }
        int best = from + most / 2;
        for (int i = from + most / 2; i < from + most; i++) {
            best = speech[i] < speech[best] ? i : best;
        }
        cut(speech, step, from, best, found);
        cut(speech, step, best, to, found);
    }
}
