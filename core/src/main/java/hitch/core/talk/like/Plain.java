package hitch.core.talk.like;

import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** Words bare of what does not tell what they are of. */
final class Plain {
    /** Shorter words are what they are. */
    private static final int STEM_LETTERS = 4;

    /** One is more often a thing than a number: "this one". */
    private static final Pattern NUMBERS = Pattern.compile(
            "\\b(?:(?:\\d+|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|(?:thir|four|fif|six|seven|eigh|nine)teen"
                    + "|(?:twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety)(?: one)?|hundred)\\b ?)+");

    /** "It's, uh, it's the, the kitchen": some words once more. */
    private static final Pattern STUTTER = Pattern.compile("(?<![a-z0-9'])((?:[a-z0-9']+ ){1,4}?)\\1+");

    private static final Pattern OTHER_SIGNS = Pattern.compile("[^a-z0-9' ]");
    private static final Pattern SPACES = Pattern.compile("\\s+");
    /** A longer one before one that it ends with. */
    private static final List<String> ENDINGS = List.of("ing", "ed", "es", "s", "y", "er");

    /** Sounds of thinking and surprise. */
    private static final Pattern SOUNDS =
            Pattern.compile("\\b(?:uh|um|er|ah|oh|whoa|wow|huh|hmm|okay|ok|alright|yeah|yep)\\b");

    /** Where the camera is, said first, tells nothing of what is there; how many or how large a thing is does. */
    private static final Pattern PLACE = Pattern.compile(
            "^(?:(?:okay|and|so|now|at|about|around|right|here|past|coming up on|up to|then|just|that's|it's) )*0 "
                    + "(?!(?:or|to|of|by|more|inch(?:es)?|percent|times?|years?|months?|weeks?|days?|minutes?|places|joints|o'clock)\\b)"
                    + "(?:(?:and a|point|and|a) (?:half|quarter|0) )?(?:(?:feet|foot|ft|footer|even|metres|meters|in) ?)*");

    private Plain() {}

    /** Lower case, without signs and the place it begins with; a number is as good as another. */
    static String of(String words) {
        String all = withPlace(words);
        String behind = PLACE.matcher(all).replaceFirst("").strip();
        return behind.isEmpty() ? all : behind;
    }

    private static String withPlace(String words) {
        String bare = OTHER_SIGNS
                .matcher(words.toLowerCase(Locale.ROOT).replace('\u2019', '\''))
                .replaceAll(" ");
        String plain = NUMBERS.matcher(SOUNDS.matcher(bare).replaceAll(" ")).replaceAll("0 ");
        String spaced = SPACES.matcher(plain + " ").replaceAll(" ");
        return STUTTER.matcher(spaced).replaceAll("$1").strip();
    }

    /** The words, bare of their endings, and each two that stand together. */
    static Set<String> features(String words) {
        List<String> single = Stream.of(of(words).split(" ")).map(Plain::stem).toList();
        Set<String> features = new HashSet<>(single);
        for (int i = 1; i < single.size(); i++) {
            features.add(single.get(i - 1) + " " + single.get(i));
        }
        return features;
    }

    private static String stem(String word) {
        String bare = word.endsWith("'s") ? word.substring(0, word.length() - 2) : word;
        return bare.length() <= STEM_LETTERS
                ? bare
                : ENDINGS.stream()
                        .filter(bare::endsWith)
                        .findFirst()
                        .map(ending -> bare.substring(0, bare.length() - ending.length()))
                        .orElse(bare);
    }
}
