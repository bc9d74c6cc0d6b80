package hitch.core.exchange;

import hitch.core.heard.HeardWord;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** Every word that was heard on a clip, as JSON; {@code docs/formats/listen.md} tells each field. */
public final class HeardJson {
    private static final JsonMapper MAPPER =
            JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

    private HeardJson() {}

    /** @param file name of the clip's file, without folder */
    public static String write(String file, List<HeardWord> words) {
        Map<String, Object> root = new LinkedHashMap<>();
        root.put("clip", file);
        root.put("words", words.stream().map(HeardJson::word).toList());
        return MAPPER.writeValueAsString(root);
    }

    private static Map<String, Object> word(HeardWord word) {
        Map<String, Object> row = new LinkedHashMap<>();
        row.put("text", word.text());
        row.put("from_s", three(word.from()));
        row.put("to_s", three(word.to()));
        row.put("sureness", three(word.sureness()));
        if (word.isDoubtful()) {
            row.put("doubtful", true);
        }
        return row;
    }

    private static double three(double value) {
        return Math.round(value * 1000) / 1000.0;
    }
}
