package hitch.sense;

import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/**
 * Words in the pieces that a model knows: each time the longest piece that a word goes on with (WordPiece, as in Devlin et al., BERT,
 * 2019, lower case).
 */
final class WordPieces {
    private static final Pattern WORDS = Pattern.compile("[a-z0-9]+|[^\\sa-z0-9]");
    private static final String GOES_ON = "##";

    private final Map<String, Long> pieces = new HashMap<>();
    private final long begin;
    private final long end;
    private final long unknown;

    /**
     * @param table a tokenizer's table in JSON: the pieces stand at {@code /model/vocab}, each with its number
     * @throws IOException where it is no such table
     */
    WordPieces(InputStream table) throws IOException {
        for (Map.Entry<String, JsonNode> piece :
                new ObjectMapper().readTree(table).at("/model/vocab").properties()) {
            pieces.put(piece.getKey(), piece.getValue().longValue());
        }
        begin = numberOf("[CLS]");
        end = numberOf("[SEP]");
        unknown = numberOf("[UNK]");
    }

    private long numberOf(String piece) throws IOException {
        Long number = pieces.get(piece);
        if (number == null) {
            throw new IOException("The table of pieces lacks " + piece + ".");
        }
        return number;
    }

    /**
     * The numbers of the pieces of some words, with the signs of their beginning and end.
     *
     * @param most how many at most; further words are left out
     */
    long[] of(String words, int most) {
        List<Long> numbers = new ArrayList<>(List.of(begin));
        Matcher each = WORDS.matcher(words.toLowerCase(Locale.ROOT));
        while (each.find() && numbers.size() < most) {
            numbers.addAll(piecesOf(each.group()));
        }
        List<Long> kept = new ArrayList<>(numbers.subList(0, Math.min(numbers.size(), most - 1)));
        kept.add(end);
        return kept.stream().mapToLong(Long::longValue).toArray();
    }

    private List<Long> piecesOf(String word) {
        List<Long> numbers = new ArrayList<>();
        for (int from = 0; from < word.length(); ) {
            String before = from == 0 ? "" : GOES_ON;
            int to = word.length();
            while (to > from && !pieces.containsKey(before + word.substring(from, to))) {
                to--;
            }
            if (to == from) {
                return List.of(unknown);
            }
            numbers.add(pieces.get(before + word.substring(from, to)));
            from = to;
        }
        return numbers;
    }
}
