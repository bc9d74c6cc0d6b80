package hitch.bench;

import hitch.core.story.SpokenForm;
import hitch.media.MediaException;
import hitch.media.ears.Recogniser;
import hitch.media.voice.NeuralVoice;
import hitch.media.voice.Speaking;
import hitch.models.ModelFolder;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Whether what the voice says is understood: sentences spoken, and written down again by the recogniser that ships. */
public final class VoiceTable {
    private static final Allowed WRONG_WORDS = Allowed.most(4);
    private static final Allowed WRONG_FIGURES = Allowed.most(0);
    /** Every word that a number, a side or a clock position is said with. */
    static final Set<String> FIGURES = Stream.concat(
                    IntStream.rangeClosed(0, 100).mapToObj(Integer::toString),
                    Stream.of("1000", "0.5", "1/2", "1/4", "3/4", "left right top bottom clock"))
            .flatMap(n -> Stream.of(SpokenForm.of(n).split(" ")))
            .filter(w -> !w.equals("a"))
            .collect(Collectors.toSet());

    /** What sounds alike and is told apart by nobody's ear, and words that are written as one or as two. */
    private static final Map<String, String> ALIKE = Map.ofEntries(
            Map.entry("know", "no"),
            Map.entry("past", "passed"),
            Map.entry("a long", "along"),
            Map.entry("clean out", "cleanout"),
            Map.entry("drive way", "driveway"),
            Map.entry("down stream", "downstream"),
            Map.entry("meter", "metre"),
            Map.entry("meters", "metres"));

    private VoiceTable() {}

    /**
     * @param sentences as they are captioned
     */
    public static void run(List<String> sentences, Path data, Consumer<String> say) throws MediaException {
        ModelFolder models = new ModelFolder(data);
        NeuralVoice voice = new NeuralVoice(models, Speaking.USUAL);
        int words = 0;
        int wrong = 0;
        int figures = 0;
        int wrongFigures = 0;
        try (Recogniser ears = new Recogniser(models)) {
            for (String sentence : sentences) {
                String spoken = SpokenForm.of(sentence);
                List<String> said = words(spoken);
                String heard = ears.hear(voice.speak(spoken)).text();
                Aligned aligned = Aligned.best(said, heard);
                words += said.size();
                wrong += aligned.errors();
                int at = (int) said.stream().filter(FIGURES::contains).count();
                int missed = aligned.missed(FIGURES);
                figures += at;
                wrongFigures += missed;
                if (aligned.errors() > 0) {
                    say.accept((missed > 0 ? "FIGURE " : "       ") + "said: " + spoken + "  heard: " + heard);
                }
            }
        }
        voice.rest();
        double share = 100.0 * wrong / Math.max(1, words);
        say.accept(String.format(
                Locale.ROOT,
                "%d sentences, %d words: %.1f %% heard wrongly %s",
                sentences.size(),
                words,
                share,
                WRONG_WORDS.verdict(share)));
        say.accept(String.format(
                Locale.ROOT,
                "of %d words of numbers, sides and clock positions: %d heard wrongly %s",
                figures,
                wrongFigures,
                WRONG_FIGURES.verdict(wrongFigures)));
    }

    static boolean isFigure(String word) {
        return FIGURES.contains(word);
    }

    static List<String> words(String text) {
        String plain = text.toLowerCase(Locale.ROOT)
                .replace("o'clock", "o clock")
                .replaceAll("(?<=\\d):00 o clock", " o clock")
                .replaceAll("\\b([a-z])\\.", "$1 ")
                .replaceAll("\\bpvc\\b", "p v c")
                .replaceAll("[^a-z0-9' ]", " ")
                .replaceAll("\\b(?:uh|um|er|erm|ah|hmm)\\b", " ")
                .replace("'", "")
                .replaceAll("\\s+", " ");
        for (Map.Entry<String, String> alike : ALIKE.entrySet()) {
            plain = plain.replaceAll("\\b" + alike.getKey() + "\\b", alike.getValue());
        }
        List<String> words = new ArrayList<>();
        for (String w : plain.strip().split("\\s+")) {
            if (!w.isBlank()) {
                words.add(w);
            }
        }
        return words;
    }

    /**
     * What was heard, as it may be spoken: the recogniser writes numbers in its own way, "9th" for ninth, "1420-12" for what may be read as
     * one thousand four hundred twenty and as fourteen twenty.
     */
    private static List<List<String>> readings(String heard) {
        String plain = heard.replace('-', ' ').replaceAll("(?<=\\d)(?:st|nd|rd|th)\\b", "");
        return Stream.of(
                        plain,
                        plain.replaceAll("\\b(\\d\\d)(?=\\d\\d\\b)", "$1 "),
                        plain.replaceAll("\\b(\\d)(?=\\d\\d\\b)", "$1 "))
                .map(text -> words(SpokenForm.of(text)))
                .distinct()
                .toList();
    }

    /** What was said against what was heard, word by word, with as few errors as there can be. */
    record Aligned(int errors, List<String> wrong) {
        /** By that reading of what was heard which is nearest to what was said. */
        static Aligned best(List<String> said, String heard) {
            return readings(heard).stream()
                    .map(words -> of(said, words))
                    .min(Comparator.comparingInt(Aligned::errors))
                    .orElseThrow();
        }

        static Aligned of(List<String> said, List<String> heard) {
            int[][] cost = new int[said.size() + 1][heard.size() + 1];
            for (int i = 0; i <= said.size(); i++) {
                for (int j = 0; j <= heard.size(); j++) {
                    if (i == 0 || j == 0) {
                        cost[i][j] = i + j;
                    } else {
                        int same = said.get(i - 1).equals(heard.get(j - 1)) ? 0 : 1;
                        cost[i][j] = Math.min(cost[i - 1][j - 1] + same, 1 + Math.min(cost[i - 1][j], cost[i][j - 1]));
                    }
                }
            }
            List<String> wrong = new ArrayList<>();
            int i = said.size();
            int j = heard.size();
            while (i > 0 || j > 0) {
                boolean same = i > 0 && j > 0 && said.get(i - 1).equals(heard.get(j - 1));
                if (i > 0 && j > 0 && cost[i][j] == cost[i - 1][j - 1] + (same ? 0 : 1)) {
                    if (!same) {
                        wrong.add(said.get(i - 1));
                    }
                    i--;
                    j--;
                } else if (i > 0 && cost[i][j] == cost[i - 1][j] + 1) {
                    wrong.add(said.get(--i));
                } else {
                    wrong.add(heard.get(--j));
                }
            }
            return new Aligned(cost[said.size()][heard.size()], wrong);
        }

        int missed(Set<String> of) {
            return (int) wrong.stream().filter(of::contains).count();
        }
    }
}
