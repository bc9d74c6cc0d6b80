package hitch.core.story;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Splits narration into sentences; a point between digits, behind an initial or a shortened word is no end. */
public final class Sentences {
    private static final Pattern END = Pattern.compile("(?<=[.!?])\\s+(?=[\\p{Lu}\\p{N}\"\u201c(])");
    private static final Pattern SHORTENED = Pattern.compile(
            "(?:^|[\\s(])(?:St|Ave|Av|Rd|Dr|Blvd|Ln|Ct|Pl|Sq|Ter|Hwy|Pkwy|Cir|Apt|Ste|No|Nr|Mr|Mrs|Ms|Jr|Sr|Inc|Ltd|Co|Bros|approx|ca|vs|etc|\\p{Lu})\\.$");

    private Sentences() {}

    public static List<String> of(String text) {
        List<String> sentences = new ArrayList<>();
        Matcher end = END.matcher(text);
        int from = 0;
        while (end.find()) {
            if (!SHORTENED.matcher(text.substring(from, end.start())).find()) {
                add(text.substring(from, end.start()), sentences);
                from = end.end();
            }
        }
        add(text.substring(from), sentences);
        return List.copyOf(sentences);
    }

    private static void add(String text, List<String> sentences) {
        if (!text.isBlank()) {
            sentences.add(text.strip());
        }
    }
}
