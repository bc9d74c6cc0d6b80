package hitch.core.note.grammar;

/**
 * How an English word sounds, coarsely: letters and groups of letters that are spoken alike become one, doubled ones
 * single. Finer than a code of consonants alone, since trade words are short: the vowels stay, as one of three.
 */
final class Sound {
    private Sound() {}

    static String of(String word) {
        String w = word.replace("ght", "t")
                .replace("ph", "f")
                .replace("wh", "w")
                .replace("ck", "k")
                .replace("kn", "n")
                .replace("wr", "r")
                .replace("ce", "se")
                .replace("ci", "si")
                .replace("tch", "ch")
                .replace("qu", "kw")
                .replace("x", "ks")
                .replace("sch", "sk");
        StringBuilder out = new StringBuilder();
        char last = 0;
        for (int i = 0; i < w.length(); i++) {
            char c = letter(w.charAt(i));
            boolean silent = c == 'e' && i == w.length() - 1 && i > 1;
            if (!silent && !(c == last || isVowel(c) && isVowel(last))) {
                out.append(isVowel(c) ? vowel(c) : c);
            }
            last = c;
        }
        return out.toString();
    }

    private static char letter(char c) {
        return switch (c) {
            case 'c', 'q' -> 'k';
            case 'z' -> 's';
            case 'y' -> 'i';
            default -> c;
        };
    }

    private static char vowel(char c) {
        return switch (c) {
            case 'e', 'i' -> 'i';
            case 'o', 'u' -> 'o';
            default -> 'a';
        };
    }

    private static boolean isVowel(char c) {
        return "aeiou".indexOf(c) >= 0;
    }
}
