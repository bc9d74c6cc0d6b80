package hitch.media.ears;

import ai.onnxruntime.OnnxTensor;
import ai.onnxruntime.OrtException;
import ai.onnxruntime.OrtSession;
import hitch.media.ears.TokenDecoder.Step;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * Writes a piece of speech down, going on with the few likeliest lines at a time: a phrase that is favoured may begin with a part of a
 * word that alone is not the likeliest. With nothing favoured it goes on with the likeliest alone.
 */
final class Beam {
    /** So many lines go on where something is favoured. */
    private static final int LINES = 4;
    /** A line so far below the likeliest, logarithm, never comes up again. */
    private static final double FAR = 4.5;
    /** Of each line so many parts are tried. */
    private static final int PARTS = 8;

    private final TokenDecoder decoder;
    private final Tokens tokens;
    private final Favoured favoured;
    private final int lines;

    Beam(TokenDecoder decoder, Tokens tokens, Favoured favoured) {
        this.decoder = decoder;
        this.tokens = tokens;
        this.favoured = favoured;
        this.lines = favoured == Favoured.NOTHING ? 1 : LINES;
    }

    /**
     * A line so far.
     *
     * @param parts of words, in order
     * @param likely log-probability of each
     * @param sum of those
     * @param signs what is lent for signs
     * @param at where it stands among favoured phrases
     * @param from the step before its last part
     */
    private record Line(List<Integer> parts, List<Float> likely, double sum, double signs, Favoured.At at, Step from) {
        double total() {
            return sum + signs + at.bonus();
        }

        double score() {
            return total() / Math.max(1, parts.size());
        }

        int last() {
            return parts.getLast();
        }
    }

    /**
     * @param most parts of words at most
     */
    Heard write(OnnxTensor states, OnnxTensor mask, int most) throws OrtException {
        Set<OrtSession.Result> open = new HashSet<>();
        try {
            Step begin = decoder.begin(states, mask);
            open.add(begin.memory());
            List<Line> ended = new ArrayList<>();
            List<Line> live = best(next(new Line(List.of(), List.of(), 0, 0, favoured.begin(), begin), begin, ended));
            for (int length = 1; length < most && !live.isEmpty(); length++) {
                List<Line> tried = new ArrayList<>();
                for (Line line : live) {
                    Step step = decoder.next(line.from(), line.last(), states, mask);
                    open.add(step.memory());
                    tried.addAll(next(line, step, ended));
                }
                live = best(tried);
                letGo(open, live, begin);
                if (isDone(ended, live)) {
                    live = List.of();
                }
            }
            ended.addAll(live);
            return ended.stream()
                    .max(Comparator.comparingDouble(this::whole))
                    .map(this::heard)
                    .orElse(new Heard("", 0));
        } finally {
            open.forEach(OrtSession.Result::close);
        }
    }

    /** A line that has ended is beaten by none that goes on where it stands above all of them. */
    private boolean isDone(List<Line> ended, List<Line> live) {
        double top = ended.stream().mapToDouble(this::whole).max().orElse(Double.NEGATIVE_INFINITY);
        return live.stream().allMatch(l -> l.score() < top);
    }

    private double whole(Line line) {
        return (line.sum() + line.signs() + favoured.atEnd(line.at()))
                / Math.max(1, line.parts().size());
    }

    /** How a line may go on; where it may end it is put with those that have. */
    private List<Line> next(Line line, Step step, List<Line> ended) {
        float[] likely = step.logProbabilities();
        List<Line> all = new ArrayList<>();
        for (int part : top(likely, lines == 1 ? 1 : PARTS)) {
            if (part == TokenDecoder.END) {
                ended.add(new Line(
                        line.parts(), line.likely(), line.sum() + likely[part], line.signs(), line.at(), step));
            } else {
                String piece = tokens.piece(part);
                all.add(new Line(
                        with(line.parts(), part),
                        with(line.likely(), likely[part]),
                        line.sum() + likely[part],
                        line.signs() + favoured.ofSign(piece),
                        favoured.on(line.at(), piece),
                        step));
            }
        }
        return all;
    }

    private static <T> List<T> with(List<T> all, T one) {
        List<T> more = new ArrayList<>(all);
        more.add(one);
        return more;
    }

    private Heard heard(Line line) {
        List<Double> byWord = new ArrayList<>();
        double sum = 0;
        int parts = 0;
        for (int i = 0; i < line.parts().size(); i++) {
            String piece = tokens.piece(line.parts().get(i));
            if (piece.startsWith(" ") && parts > 0) {
                byWord.add(sum / parts);
                sum = 0;
                parts = 0;
            }
            sum += line.likely().get(i);
            parts++;
        }
        if (parts > 0) {
            byWord.add(sum / parts);
        }
        String text = tokens.text(line.parts());
        double sureness = line.parts().isEmpty() ? 0 : line.sum() / line.parts().size();
        boolean each = byWord.size() == text.split("\\s+").length;
        return each ? new Heard(text, sureness, byWord) : new Heard(text, sureness);
    }

    private List<Line> best(List<Line> tried) {
        double top = tried.stream().mapToDouble(Line::total).max().orElse(0);
        return tried.stream()
                .filter(l -> l.total() > top - FAR)
                .sorted(Comparator.comparingDouble(Line::score).reversed())
                .limit(lines)
                .toList();
    }

    /** Closes what no line goes on from. */
    private static void letGo(Set<OrtSession.Result> open, List<Line> live, Step begin) {
        Set<OrtSession.Result> needed = new HashSet<>();
        live.forEach(l -> needed.add(l.from().memory()));
        needed.add(begin.sound());
        open.removeIf(memory -> {
            boolean gone = !needed.contains(memory);
            if (gone) {
                memory.close();
            }
            return gone;
        });
    }

    private static List<Integer> top(float[] likely, int count) {
        List<Integer> best = new ArrayList<>();
        for (int i = 0; i < likely.length; i++) {
            int at = best.size();
            while (at > 0 && likely[best.get(at - 1)] < likely[i]) {
                at--;
            }
            if (at < count) {
                best.add(at, i);
                if (best.size() > count) {
                    best.removeLast();
                }
            }
        }
        return best;
    }
}
