package hitch.core.talk.like;

import hitch.core.finding.Topic;
import hitch.sense.WordSense;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;

/**
 * What a few words are most like, among the phrases that stand kind by kind in {@code alike.txt}: by the words themselves ({@link
 * WordCounts}) and by their sense ({@link Net}), together. It is asked where no rule knows the words,
 * and whether a rule may be right.
 */
public final class Likeness {
    /**
     * What some words are most like.
     *
     * @param matter empty where they are most like what is said of nothing
     * @param certainty 0 to 1
     */
    public record Like(Optional<Topic> matter, double certainty) {}

    /** Words of one phrase hang together, so that each tells less than it would by itself. */
    private static final double TOGETHER = 0.6;
    /** What words tell beside their sense. */
    private static final double BESIDE_SENSE = 0.3;
    /** What was asked is asked again, while captions are mended and read anew. */
    private static final int KEPT = 8000;

    /** Learned when it is first asked for. */
    private static final class Shipped {
        static final Likeness LIKENESS = new Likeness(
                Phrase.shipped(), Phrase.said(), WordSense.shipped().map(sense -> new Sensed(Net.shipped(), sense)));
    }

    /** A net and what it reckons with. */
    record Sensed(Net net, WordSense sense) {
        Optional<double[]> of(String words) {
            return sense.of(words).map(net::of);
        }
    }

    private final Map<String, Optional<Topic>> byHeart = new HashMap<>();
    private final List<Optional<Topic>> matters;
    private final WordCounts counts;
    private final Optional<Sensed> sensed;
    private final LinkedHashMap<String, double[]> asked = new LinkedHashMap<>();

    /**
     * @param phrases which are known by heart too
     * @param said of which words tell only together with others
     * @param sensed taught by both
     */
    Likeness(List<Phrase> phrases, List<Phrase> said, Optional<Sensed> sensed) {
        phrases.forEach(p -> byHeart.put(Plain.of(p.words()), p.matter()));
        List<Phrase> all = Stream.concat(phrases.stream(), said.stream()).toList();
        // In their order, so that the same words have the same certainty each time.
        matters = sensed.map(s -> s.net().matters())
                .orElseGet(() -> all.stream().map(Phrase::matter).distinct().toList());
        counts = new WordCounts(all, matters);
        this.sensed = sensed;
    }

    /** Taught by the phrases and commentaries that come with the program. */
    public static Likeness known() {
        return Shipped.LIKENESS;
    }

    /** Taught anew, in a minute or two where there is a sense of words. */
    public static Likeness taughtBy(List<Phrase> phrases, List<Phrase> said, Optional<WordSense> sense) {
        return new Likeness(phrases, said, sense.map(s -> new Sensed(netTaughtBy(phrases, said, s), s)));
    }

    /** A net that phrases and commentaries taught. */
    public static Net netTaughtBy(List<Phrase> phrases, List<Phrase> said, WordSense sense) {
        return Teacher.teach(
                Stream.concat(phrases.stream(), said.stream()).toList(),
                words -> sense.of(words)
                        .orElseThrow(() -> new IllegalStateException("The sense of words is gone: " + words)));
    }

    /** What some words are most like. */
    public Like of(String words) {
        String plain = Plain.of(words);
        Optional<Topic> learned = byHeart.get(plain);
        if (learned != null) {
            return new Like(learned, 1);
        }
        double[] shares = shares(plain);
        int best = 0;
        for (int m = 1; m < shares.length; m++) {
            best = shares[m] > shares[best] ? m : best;
        }
        return new Like(matters.get(best), shares[best]);
    }

    /**
     * How likely some words are of one of some matters.
     *
     * @return 0 to 1
     */
    public double share(String words, Predicate<Topic> some) {
        String plain = Plain.of(words);
        Optional<Topic> learned = byHeart.get(plain);
        if (learned != null) {
            return learned.filter(some).isPresent() ? 1 : 0;
        }
        double[] shares = shares(plain);
        double sum = 0;
        for (int m = 0; m < shares.length; m++) {
            sum += matters.get(m).filter(some).isPresent() ? shares[m] : 0;
        }
        return sum;
    }

    /** Whether words were learned of a matter, so that it can be likely. */
    public boolean knows(Topic matter) {
        return matters.contains(Optional.of(matter));
    }

    private double[] shares(String plain) {
        synchronized (asked) {
            double[] before = asked.get(plain);
            if (before != null) {
                return before;
            }
        }
        double[] shares = Shares.of(logs(plain));
        synchronized (asked) {
            if (asked.size() >= KEPT) {
                asked.pollFirstEntry();
            }
            asked.put(plain, shares);
        }
        return shares;
    }

    private double[] logs(String plain) {
        double[] byWords = counts.of(plain);
        Optional<double[]> bySense = sensed.flatMap(s -> s.of(plain));
        double[] logs = new double[byWords.length];
        for (int m = 0; m < logs.length; m++) {
            logs[m] = bySense.isPresent() ? byWords[m] * BESIDE_SENSE + bySense.get()[m] : byWords[m] * TOGETHER;
        }
        return logs;
    }
}
