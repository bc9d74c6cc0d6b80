package hitch.core.talk.like;

import hitch.core.finding.Topic;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * What words are like by which words, and pairs of words, are said of which kind (naive Bayes, as in Manning, Raghavan and Schütze,
 * Introduction to Information Retrieval, 2008, section 13.3).
 */
final class WordCounts {
    /** What a word counts for that was never said of a kind, in phrases; 0.02 to 0.1 do as well. */
    private static final double UNSEEN = 0.05;
    /** A pair of words tells little beyond its words. */
    private static final double PAIR_COUNTS = 0.5;

    /** Of each matter: the logarithm of its share of all phrases. */
    private final double[] shares;
    /** Of each word or pair of words, and each matter: the logarithm of the share of its phrases that have it, weighted. */
    private final Map<String, double[]> said = new HashMap<>();

    /** @param matters in whose order they are told */
    WordCounts(Collection<Phrase> phrases, List<Optional<Topic>> matters) {
        Map<Optional<Topic>, List<Phrase>> byMatter = phrases.stream().collect(Collectors.groupingBy(Phrase::matter));
        shares = new double[matters.size()];
        for (int m = 0; m < shares.length; m++) {
            List<Phrase> own = byMatter.getOrDefault(matters.get(m), List.of());
            shares[m] = Math.log(Math.max(own.size(), UNSEEN) / phrases.size());
            for (Phrase phrase : own) {
                for (String feature : Plain.features(phrase.words())) {
                    said.computeIfAbsent(feature, f -> new double[shares.length])[m]++;
                }
            }
        }
        said.forEach((feature, counts) -> {
            double weight = feature.indexOf(' ') < 0 ? 1 : PAIR_COUNTS;
            for (int m = 0; m < counts.length; m++) {
                int all = byMatter.getOrDefault(matters.get(m), List.of()).size();
                counts[m] = weight * Math.log((counts[m] + UNSEEN) / (all + 1));
            }
        });
    }

    /** Of each matter, the logarithm of how likely the words are of it, up to what all have in common. */
    double[] of(String words) {
        double[] logs = shares.clone();
        for (String feature : Plain.features(words)) {
            double[] told = said.get(feature);
            for (int m = 0; told != null && m < logs.length; m++) {
                logs[m] += told[m];
            }
        }
        return logs;
    }
}
