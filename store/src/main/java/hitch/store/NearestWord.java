package hitch.store;

import java.util.Collection;
import java.util.Comparator;

/** Which of a few words was probably meant by one that is not among them. */
public final class NearestWord {
    private NearestWord() {}

    /** The one of {@code known} that takes the fewest changed letters; empty text where there is none. */
    public static String to(String word, Collection<String> known) {
        return known.stream()
                .min(Comparator.comparingInt(k -> changes(k, word)))
                .orElse("");
    }

    /** How many letters must be changed to make one word the other (Levenshtein, 1965). */
    private static int changes(String a, String b) {
        int[] row = new int[b.length() + 1];
        for (int j = 0; j <= b.length(); j++) {
            row[j] = j;
        }
        for (int i = 1; i <= a.length(); i++) {
            int before = row[0];
            row[0] = i;
            for (int j = 1; j <= b.length(); j++) {
                int same = before + (a.charAt(i - 1) == b.charAt(j - 1) ? 0 : 1);
                before = row[j];
                row[j] = Math.min(same, Math.min(row[j], row[j - 1]) + 1);
            }
        }
        return row[b.length()];
    }
}
