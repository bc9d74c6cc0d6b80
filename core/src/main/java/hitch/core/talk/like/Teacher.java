package hitch.core.talk.like;

import hitch.core.finding.Topic;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.Function;

/**
 * Teaches a {@link Net} by phrases: step by step towards what each is said of, each step as long as the last ones were sure (Kingma and
 * Ba, Adam, 2015), half of the cells silent at each (Srivastava et al., Dropout, 2014), so that none learns phrases by heart.
 */
public final class Teacher {
    private static final int CELLS = 256;
    private static final int ROUNDS = 25;
    private static final int AT_ONCE = 64;
    private static final double FIRST_STEP = 0.003;
    private static final double SILENT = 0.5;
    private static final double FORGETS = 0.01;
    private static final long SEED = 20260601;

    private final List<Optional<Topic>> matters;
    private final List<double[]> senses = new ArrayList<>();
    private final List<Integer> said = new ArrayList<>();
    private final Random random = new Random(SEED);
    private final Steps between;
    private final Steps out;

    private Teacher(List<Phrase> phrases, Function<String, float[]> sense) {
        matters = phrases.stream().map(Phrase::matter).distinct().toList();
        for (Phrase phrase : phrases) {
            senses.add(Net.widened(sense.apply(Plain.of(phrase.words()))));
            said.add(matters.indexOf(phrase.matter()));
        }
        between = new Steps(CELLS, senses.getFirst().length, 2, random);
        out = new Steps(matters.size(), CELLS, 1, random);
    }

    /**
     * A net that was taught; the same phrases make the same.
     *
     * @param phrases at least one
     * @param sense where words lie
     */
    public static Net teach(List<Phrase> phrases, Function<String, float[]> sense) {
        return new Teacher(phrases, sense).taught();
    }

    private Net taught() {
        Net net = new Net(matters, senses.size(), between.layer(), out.layer());
        List<Integer> order = new ArrayList<>();
        for (int i = 0; i < senses.size(); i++) {
            order.add(i);
        }
        for (int round = 0; round < ROUNDS; round++) {
            Collections.shuffle(order, random);
            double step = FIRST_STEP * (1 - round / (double) ROUNDS);
            for (int from = 0; from < order.size(); from += AT_ONCE) {
                List<Integer> some = order.subList(from, Math.min(from + AT_ONCE, order.size()));
                some.forEach(i -> learn(net, senses.get(i), said.get(i)));
                between.go(some.size(), step, FORGETS);
                out.go(some.size(), step, FORGETS);
            }
        }
        return net;
    }

    /** How each weight would have to change for one phrase to be told better. */
    private void learn(Net net, double[] sense, int matter) {
        double[] cells = net.cells(sense);
        for (int i = 0; i < cells.length; i++) {
            cells[i] = random.nextDouble() < SILENT ? 0 : cells[i] / (1 - SILENT);
        }
        double[] wrong = Shares.of(net.out().of(cells));
        wrong[matter] -= 1;
        double[] wrongOfCells = new double[cells.length];
        for (int m = 0; m < wrong.length; m++) {
            float[] weights = net.out().weights()[m];
            for (int i = 0; i < cells.length; i++) {
                wrongOfCells[i] += wrong[m] * weights[i];
            }
        }
        out.take(wrong, cells);
        for (int i = 0; i < cells.length; i++) {
            wrongOfCells[i] = cells[i] > 0 ? wrongOfCells[i] / (1 - SILENT) : 0;
        }
        between.take(wrongOfCells, sense);
    }
}
