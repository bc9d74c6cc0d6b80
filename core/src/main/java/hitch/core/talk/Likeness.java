package hitch.core.talk;

import hitch.core.finding.Topic;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What a few words are most like, among the phrases that stand kind by kind in {@code alike.txt}: by which words and pairs of words are
 * said of which kind (naive Bayes, as in Manning, Raghavan and Schütze, Introduction to Information Retrieval, 2008, section 13.3).
 * It is asked where no rule knows the words.
 */
final class Likeness {
    /**
     * A kind that some words are like.
     *
     * @param certainty 0 to 1
     */
    record Like(Topic matter, double certainty) {}

    /** @param matter what {@code words} are said of; empty where they are said of nothing that is to be written down */
    record Phrase(Optional<Topic> matter, String words) {}

    private static final String NOTHING = "none";
    /** What a word counts for that was never said of a kind, in phrases; 0.02 to 0.1 do as well. */
    private static final double UNSEEN = 0.05;
    /** A pair of words tells little beyond its words. */
    private static final double PAIR_COUNTS = 0.5;
    /** Words of one phrase hang together, so that each tells less than it would by itself. */
    private static final double TOGETHER = 0.6;
    /** Shorter words are what they are. */
    private static final int STEM_LETTERS = 4;

    /** One is more often a thing than a number: "this one". */
    private static final Pattern NUMBERS = Pattern.compile(
            "\\b(?:(?:\\d+|two|three|four|five|six|seven|eight|nine|ten|eleven"
                    + "|twelve|(?:thir|four|fif|six|seven|eigh|nine)teen|twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety|hundred)\\b ?)+");

    /** Sounds of thinking and surprise. */
    private static final Pattern SOUNDS =
            Pattern.compile("\\b(?:uh|um|er|ah|oh|whoa|wow|huh|hmm|okay|ok|alright|yeah|yep)\\b");

    private static final Likeness KNOWN = new Likeness(phrases());

    private final Map<String, Optional<Topic>> byHeart = new HashMap<>();
    private final List<Optional<Topic>> matters;
    /** Of each matter: the logarithm of its share of all phrases. */
    private final double[] shares;
    /** Of each word or pair of words, and each matter: the logarithm of the share of its phrases that have it, weighted. */
    private final Map<String, double[]> said = new HashMap<>();

    Likeness(Collection<Phrase> phrases) {
        phrases.forEach(p -> byHeart.put(plain(p.words()), p.matter()));
        // In their order, so that the same words have the same certainty each time.
        Map<Optional<Topic>, List<Phrase>> byMatter = phrases.stream()
                .collect(Collectors.groupingBy(Phrase::matter, LinkedHashMap::new, Collectors.toList()));
        matters = List.copyOf(byMatter.keySet());
        shares = new double[matters.size()];
        for (int m = 0; m < shares.length; m++) {
            List<Phrase> own = byMatter.get(matters.get(m));
            shares[m] = Math.log(own.size() / (double) phrases.size());
            for (Phrase phrase : own) {
                for (String feature : features(phrase.words())) {
                    said.computeIfAbsent(feature, f -> new double[shares.length])[m]++;
                }
            }
        }
        said.forEach((feature, counts) -> {
            double weight = feature.indexOf(' ') < 0 ? 1 : PAIR_COUNTS;
            for (int m = 0; m < counts.length; m++) {
                counts[m] = weight
                        * Math.log((counts[m] + UNSEEN)
                                / (byMatter.get(matters.get(m)).size() + 1));
            }
        });
    }

    /** Taught by the phrases that come with the program. */
    static Likeness known() {
        return KNOWN;
    }

    /** @return nothing, if the words are most like what is said of nothing */
    Optional<Like> of(String words) {
        Optional<Topic> learned = byHeart.get(plain(words));
        if (learned != null) {
            return learned.map(matter -> new Like(matter, 1));
        }
        double[] logs = shares.clone();
        for (String feature : features(words)) {
            double[] told = said.get(feature);
            for (int m = 0; told != null && m < logs.length; m++) {
                logs[m] += told[m];
            }
        }
        int best = 0;
        for (int m = 1; m < logs.length; m++) {
            best = logs[m] > logs[best] ? m : best;
        }
        double sum = 0;
        for (double log : logs) {
            sum += Math.exp((log - logs[best]) * TOGETHER);
        }
        double certainty = 1 / sum;
        return matters.get(best).map(matter -> new Like(matter, certainty));
    }

    /** The words, bare of their endings, and each two that stand together. */
    private static Set<String> features(String words) {
        List<String> single =
                Stream.of(plain(words).split(" ")).map(Likeness::stem).toList();
        Set<String> features = new HashSet<>(single);
        for (int i = 1; i < single.size(); i++) {
            features.add(single.get(i - 1) + " " + single.get(i));
        }
        return features;
    }

    /** Lower case, without signs; a number is as good as another. */
    private static String plain(String words) {
        String bare = words.toLowerCase(Locale.ROOT).replace('\u2019', '\'').replaceAll("[^a-z0-9' ]", " ");
        return NUMBERS.matcher(SOUNDS.matcher(bare).replaceAll(" "))
                .replaceAll("0")
                .replaceAll("\\s+", " ")
                .strip();
    }

    private static String stem(String word) {
        String bare = word.replaceFirst("'s$", "");
        return bare.length() > STEM_LETTERS ? bare.replaceFirst("(?:ing|ed|es|s|y|er)$", "") : bare;
    }

    /** The phrases that come with the program. */
    static List<Phrase> phrases() {
        try (BufferedReader lines = new BufferedReader(new InputStreamReader(
                Objects.requireNonNull(Likeness.class.getResourceAsStream("alike.txt")), StandardCharsets.UTF_8))) {
            List<Phrase> phrases = new ArrayList<>();
            Optional<Topic> matter = Optional.empty();
            for (String line : lines.lines().toList()) {
                if (line.startsWith("[")) {
                    String name = line.substring(1, line.length() - 1);
                    matter = name.equals(NOTHING) ? Optional.empty() : Optional.of(Statements.topic(name));
                } else if (!line.isBlank() && !line.startsWith("#")) {
                    phrases.add(new Phrase(matter, line));
                }
            }
            return phrases;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
