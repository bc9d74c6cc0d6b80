package hitch.core.disclosure;

import java.util.Arrays;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** Takes names out of free text: each as a whole, and each of its words that could be a name. */
final class NoNames {
    /** What stands where a name stood. */
    static final String LEFT_OUT = "(name)";

    /** Words this short are no names, or not told from others. */
    private static final int SHORT = 3;
    /** Words that stand beside names and are none. */
    private static final List<String> NO_NAMES = List.of("and", "the", "for", "mrs", "mr", "ms", "family", "client");

    private final List<Pattern> names;

    NoNames(List<String> people) {
        names = people.stream()
                .flatMap(NoNames::parts)
                .filter(w -> !w.isBlank())
                .distinct()
                .map(NoNames::whole)
                .toList();
    }

    private static Pattern whole(String name) {
        return Pattern.compile(
                "(?<![\\p{L}\\p{N}])" + Pattern.quote(name) + "(?:'s)?(?![\\p{L}\\p{N}])",
                Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
    }

    /** Whether a text holds a name, as a whole or one of its words. */
    static boolean holds(String text, String name) {
        return parts(name)
                .filter(w -> !w.isBlank())
                .anyMatch(w -> whole(w).matcher(text).find());
    }

    private static Stream<String> parts(String name) {
        String whole = name.strip();
        Stream<String> words = Arrays.stream(whole.split("[^\\p{L}\\p{N}']+"))
                .filter(w -> w.length() >= SHORT && !NO_NAMES.contains(w.toLowerCase(java.util.Locale.ROOT)));
        return Stream.concat(Stream.of(whole), words);
    }

    boolean isNone() {
        return names.isEmpty();
    }

    String in(String text) {
        String without = text;
        for (Pattern name : names) {
            without = name.matcher(without).replaceAll(Matcher.quoteReplacement(LEFT_OUT));
        }
        return without;
    }
}
