package hitch.core.heard;

import hitch.core.caption.Dangling;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;

/**
 * When each word of a piece was said. A recogniser tells only which. Somebody speaks about as fast throughout a piece: so its words are shared
 * out to the stretches of speech in it by how long each takes to say, all at once ({@link #shared}), and a pause is sooner between two sentences than within a phrase.
 */
public final class WordTimes {
    /** Even a short word takes as long as this many letters. */
    private static final double LEAST_LETTERS = 2;
    /** What a sentence that ends at a pause is worth, and a part of one, in squares of what a stretch is off. */
    private static final double ENDS = 3;

    private static final double PARTS = 2;
    /** The same of a place with which a statement begins: "…, 17 feet". */
    private static final double PLACE = 1.5;
    /** The same where more must come, taken off. */
    private static final double GOES_ON = 2;

    /** What a letter, a syllable and a sign take, in letters. */
    private static final double LETTER = 0.7;

    private static final double SYLLABLE = 1.1;
    private static final double SIGN = 2;
    /** A figure is said in words. */
    private static final double LETTERS_OF_A_DIGIT = 4;

    private static final double SYLLABLES_OF_A_DIGIT = 1.5;
    private static final Pattern VOWELS = Pattern.compile("[aeiouy]+(?<!(?<!l)e(?=$))");
    /** A detector hears somebody speak a while longer, seconds. */
    private static final double LINGERS = 0.15;

    private WordTimes() {}

    /**
     * @param text the words of a piece
     * @param sureness of each word
     */
    public static List<HeardWord> of(String text, SpeechPieces.Piece piece, List<Double> sureness) {
        if (text.isBlank()) {
            return List.of();
        }
        List<String> words = List.of(text.strip().split("\\s+"));
        double[] letters = words.stream().mapToDouble(WordTimes::length).toArray();
        int[] ends = shared(words, letters, piece.speech());
        List<HeardWord> timed = new ArrayList<>();
        int next = 0;
        for (int i = 0; i < ends.length; i++) {
            SpeechPieces.Stretch stretch = piece.speech().get(i);
            double all = Arrays.stream(letters, next, ends[i]).sum();
            double said = 0;
            for (; next < ends[i]; next++) {
                double from = stretch.from() + stretch.seconds() * said / all;
                said += letters[next];
                double to = stretch.from() + stretch.seconds() * said / all;
                timed.add(new HeardWord(words.get(next), from, to, sureness.get(next)));
            }
        }
        return timed;
    }

    /**
     * How long a word takes to say, letters: by its letters and by its syllables, and with what little pause a sign makes. Of 172 sentences in
     * four voices that left 0.30 s unexplained, letters alone 0.36 s.
     */
    private static double length(String word) {
        String said = word.toLowerCase(Locale.ROOT).replaceAll("[^a-z\\d]", "");
        double digits = said.chars().filter(Character::isDigit).count();
        double letters = said.length() - digits + LETTERS_OF_A_DIGIT * digits;
        double syllables = VOWELS.matcher(said).results().count() + SYLLABLES_OF_A_DIGIT * digits;
        double sign = word.matches(".*[.,;:]") ? SIGN : 0;
        return LETTER * Math.max(LEAST_LETTERS, letters) + SYLLABLE * Math.max(1, syllables) + sign;
    }

    /**
     * How many words were said by the end of each stretch: those by which all stretches together are least off the speed at which the
     * piece is spoken. Found stretch by stretch, each with what was best before it.
     */
    private static int[] shared(List<String> words, double[] letters, List<SpeechPieces.Stretch> speech) {
        int many = words.size();
        double speed = Arrays.stream(letters).sum()
                / speech.stream().mapToDouble(WordTimes::spoken).sum();
        double[] before = new double[many + 1];
        Arrays.fill(before, Double.POSITIVE_INFINITY);
        before[0] = 0;
        int[][] began = new int[speech.size()][many + 1];
        for (int stretch = 0; stretch < speech.size(); stretch++) {
            double wanted = speed * spoken(speech.get(stretch));
            boolean last = stretch + 1 == speech.size();
            double[] off = new double[many + 1];
            Arrays.fill(off, Double.POSITIVE_INFINITY);
            for (int end = 0; end <= many; end++) {
                double said = 0;
                for (int begin = end; begin >= 0; begin--) {
                    said += begin < end ? letters[begin] : 0;
                    double here = before[begin]
                            + (said - wanted) * (said - wanted) / wanted
                            - (last || end == 0 || end == many ? 0 : pauses(words, end));
                    if (here < off[end]) {
                        off[end] = here;
                        began[stretch][end] = begin;
                    }
                }
            }
            before = off;
        }
        int[] ends = new int[speech.size()];
        int end = many;
        for (int stretch = speech.size() - 1; stretch >= 0; stretch--) {
            ends[stretch] = end;
            end = began[stretch][end];
        }
        return ends;
    }

    private static double spoken(SpeechPieces.Stretch stretch) {
        return Math.max(stretch.seconds() - LINGERS, LINGERS);
    }

    /** How well a pause stands before a word. */
    private static double pauses(List<String> words, int next) {
        String before = words.get(next - 1);
        double worth = before.matches(".*[.!?;:]") ? ENDS : before.endsWith(",") ? PARTS : 0;
        worth += words.get(next).matches("\\d.*") ? PLACE : 0;
        return Dangling.is(before) || Dangling.goesOn(words.get(next)) ? worth - GOES_ON : worth;
    }
}
