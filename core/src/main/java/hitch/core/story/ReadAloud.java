package hitch.core.story;

import hitch.core.job.Recording;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * Lays the words heard in a recording beside the words that were to be read: when each sentence was said, and where other words were. Figures are
 * compared as they are spoken, so that "17.9 ft" and "seventeen point nine feet" are the same.
 *
 * @param sentences when each sentence of the written words is said, seconds of the recording
 * @param differences where what was heard is not what is written, in order
 */
public record ReadAloud(List<Recording.At> sentences, List<Difference> differences) {
    /** A pause this near to where a sentence is thought to end is its end, seconds. */
    private static final double NEAR = 1.6;
    /** How much nearer a pause counts for each second that it lasts. */
    private static final double LONG_PAUSE = 1.5;
    /** Two words are one heard a little otherwise where they share so much of their letters. */
    private static final double ALIKE = 0.6;

    /**
     * A stretch in which somebody speaks without a pause.
     *
     * @param from seconds of the recording
     * @param to likewise
     */
    public record Stretch(double from, double to) {
        double seconds() {
            return to - from;
        }
    }

    /** Words that were written, and what was heard in their place; one of them may be blank. */
    public record Difference(String written, String heard) {}

    /** How "o'clock" is written, and what is heard for it. */
    private static final Pattern OCLOCK =
            Pattern.compile("\\b(?:o['\u2019 ]*clock|arc[- ]lock|a clock|or clock|of clock)\\b");

    /** A word as it is spoken, with the number of its sentence. */
    private record Word(String spoken, int sentence) {}

    public ReadAloud {
        sentences = List.copyOf(sentences);
        differences = List.copyOf(differences);
    }

    /**
     * @param written the words that were to be read
     * @param heard what was heard in all of it
     * @param stretches where somebody speaks, in order; one or more
     */
    public static ReadAloud of(String written, String heard, List<Stretch> stretches) {
        List<String> sentences = Sentences.of(written);
        List<Word> text = new ArrayList<>();
        for (int i = 0; i < sentences.size(); i++) {
            text.addAll(words(sentences.get(i), i));
        }
        List<Word> said = words(heard, 0);
        int[] of = aligned(text, said);
        return new ReadAloud(times(sentences.size(), text, said, of, stretches), differences(text, said, of));
    }

    private static List<Word> words(String sentence, int number) {
        List<Word> words = new ArrayList<>();
        for (String spoken : OCLOCK.matcher(SpokenForm.of(sentence).toLowerCase(Locale.ROOT))
                .replaceAll("oclock")
                .split("[^\\p{L}\\p{N}']+")) {
            if (!spoken.isBlank()) {
                words.add(new Word(spoken, number));
            }
        }
        return words;
    }

    /** For each written word the number of the word heard for it, or -1; by the fewest changes. */
    private static int[] aligned(List<Word> text, List<Word> said) {
        int[][] cost = new int[text.size() + 1][said.size() + 1];
        for (int i = 0; i <= text.size(); i++) {
            for (int j = 0; j <= said.size(); j++) {
                if (i == 0 || j == 0) {
                    cost[i][j] = 4 * (i + j);
                } else {
                    int swap = cost[i - 1][j - 1] + change(text.get(i - 1), said.get(j - 1));
                    cost[i][j] = Math.min(swap, 4 + Math.min(cost[i - 1][j], cost[i][j - 1]));
                }
            }
        }
        int[] of = new int[text.size()];
        int i = text.size();
        int j = said.size();
        while (i > 0) {
            if (j > 0 && cost[i][j] == cost[i - 1][j - 1] + change(text.get(i - 1), said.get(j - 1))) {
                of[--i] = --j;
            } else if (j > 0 && cost[i][j] == cost[i][j - 1] + 4) {
                j--;
            } else {
                of[--i] = -1;
            }
        }
        return of;
    }

    private static int change(Word a, Word b) {
        return a.spoken().equals(b.spoken()) ? 0 : isAlike(a.spoken(), b.spoken()) ? 2 : 5;
    }

    private static boolean isAlike(String a, String b) {
        if (a.chars().anyMatch(Character::isDigit) || b.chars().anyMatch(Character::isDigit)) {
            return a.equals(b);
        }
        int[][] common = new int[a.length() + 1][b.length() + 1];
        for (int i = 1; i <= a.length(); i++) {
            for (int j = 1; j <= b.length(); j++) {
                common[i][j] = a.charAt(i - 1) == b.charAt(j - 1)
                        ? common[i - 1][j - 1] + 1
                        : Math.max(common[i - 1][j], common[i][j - 1]);
            }
        }
        return common[a.length()][b.length()] >= ALIKE * Math.max(a.length(), b.length());
    }

    private static List<Difference> differences(List<Word> text, List<Word> said, int[] of) {
        List<Difference> all = new ArrayList<>();
        int heardTo = 0;
        int i = 0;
        while (i <= text.size()) {
            int from = i;
            while (i < text.size() && !(of[i] >= 0 && isSame(text.get(i), said.get(of[i])))) {
                i++;
            }
            int heardUpTo = i < text.size() ? of[i] : said.size();
            if (i > from || heardUpTo > heardTo) {
                all.add(new Difference(texts(text.subList(from, i)), texts(said.subList(heardTo, heardUpTo))));
            }
            heardTo = heardUpTo + 1;
            i++;
        }
        return all;
    }

    private static boolean isSame(Word written, Word heard) {
        return written.spoken().equals(heard.spoken())
                || isAlike(written.spoken(), heard.spoken())
                        && !NumberWords.isNumber(written.spoken())
                        && !NumberWords.isNumber(heard.spoken());
    }

    private static String texts(List<Word> words) {
        return words.stream().map(Word::spoken).collect(Collectors.joining(" "));
    }

    /**
     * Where each sentence lies: words are spread over the stretches by their letters, and a sentence ends at a pause where there is one about there.
     */
    private static List<Recording.At> times(
            int sentences, List<Word> text, List<Word> said, int[] of, List<Stretch> stretches) {
        List<Recording.At> all = new ArrayList<>();
        double from = stretches.getFirst().from();
        for (int s = 0; s < sentences; s++) {
            if (s == sentences - 1) {
                all.add(new Recording.At(
                        from, Math.max(from, stretches.getLast().to())));
                break;
            }
            double share = share(s, text, said, of);
            double about = at(share, stretches);
            double[] cut = pause(about, from, stretches);
            all.add(new Recording.At(from, Math.max(from, cut[0])));
            from = Math.max(from, cut[1]);
        }
        return all;
    }

    /** How much of all the letters spoken lies before the end of a sentence, 0 to 1. */
    private static double share(int sentence, List<Word> text, List<Word> said, int[] of) {
        int last = (int) IntStream.range(0, text.size())
                .filter(i -> text.get(i).sentence() <= sentence)
                .count();
        // The word heard for the first of the next sentence tells best; else the written letters do.
        if (last < text.size() && of[last] >= 0) {
            return letters(said.subList(0, of[last])) / Math.max(1, letters(said));
        }
        if (last > 0 && of[last - 1] >= 0) {
            return letters(said.subList(0, of[last - 1] + 1)) / Math.max(1, letters(said));
        }
        return letters(text.subList(0, last)) / Math.max(1, letters(text));
    }

    private static double letters(List<Word> words) {
        return words.stream().mapToInt(w -> w.spoken().length() + 1).sum();
    }

    private static double at(double share, List<Stretch> stretches) {
        double spoken = share * stretches.stream().mapToDouble(Stretch::seconds).sum();
        for (Stretch stretch : stretches) {
            if (spoken <= stretch.seconds()) {
                return stretch.from() + spoken;
            }
            spoken -= stretch.seconds();
        }
        return stretches.getLast().to();
    }

    /** The end and the beginning of speech about the pause at a moment; that moment itself where there is no pause near. */
    private static double[] pause(double about, double after, List<Stretch> stretches) {
        double[] best = {about, about};
        double least = NEAR;
        for (int i = 1; i < stretches.size(); i++) {
            double end = stretches.get(i - 1).to();
            double begin = stretches.get(i).from();
            double far = Math.abs((end + begin) / 2 - about) - LONG_PAUSE * (begin - end);
            if (end > after && far < least) {
                least = far;
                best = new double[] {end, begin};
            }
        }
        return best;
    }
}
