package hitch.core.pipe;

import java.util.Collection;
import java.util.Comparator;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/** Finds the branch that words name. */
public final class BranchNames {
    private BranchNames() {}

    /** The name that stands in {@code words} whole; of two that do, the longer: a hall bath is not the bath. */
    public static Optional<String> in(String words, Collection<String> names) {
        return names.stream()
                .filter(n -> !n.isBlank() && stands(n, words))
                .max(Comparator.comparingInt(String::length).thenComparing(Comparator.reverseOrder()));
    }

    private static boolean stands(String name, String words) {
        String whole =
                "(?<![\\p{L}\\p{N}])" + Pattern.quote(name.strip().toLowerCase(Locale.ROOT)) + "(?![\\p{L}\\p{N}])";
        return Pattern.compile(whole).matcher(words.toLowerCase(Locale.ROOT)).find();
    }
}
