package hitch.store;

import com.fasterxml.jackson.annotation.JsonAutoDetect.Visibility;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import hitch.core.counter.CounterMark;
import hitch.core.job.Edit;
import hitch.core.job.Entry;
import java.util.Arrays;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** A journal entry as one line of JSON, and back. */
final class EditJson {
    @JsonTypeInfo(use = JsonTypeInfo.Id.SIMPLE_NAME, property = "edit")
    private interface NamedEdit {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.SIMPLE_NAME, property = "mark")
    private interface NamedMark {}

    private static final JsonMapper MAPPER = JsonMapper.builder()
            .addMixIn(Edit.class, NamedEdit.class)
            .addMixIn(CounterMark.class, NamedMark.class)
            .registerSubtypes(Arrays.asList(Edit.class.getPermittedSubclasses()))
            .registerSubtypes(Arrays.asList(CounterMark.class.getPermittedSubclasses()))
            // Only a record's own parts are written, not what it can tell about them.
            .changeDefaultVisibility(v -> v.withGetterVisibility(Visibility.NONE)
                    .withIsGetterVisibility(Visibility.NONE)
                    .withFieldVisibility(Visibility.ANY))
            .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .disable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .build();

    private EditJson() {}

    /**
     * @param number counts the journal's lines from 1
     * @param at when it was done, ISO instant
     */
    static String write(Entry entry, long number, String at) {
        ObjectNode line = MAPPER.createObjectNode();
        line.put("n", number);
        line.put("at", at);
        switch (entry) {
            case Entry.Did did ->
                line.set("did", MAPPER.readTree(MAPPER.writerFor(Edit.class).writeValueAsString(did.edit())));
            case Entry.Undid undid -> line.put("undid", true);
            case Entry.Redid redid -> line.put("redid", true);
        }
        return MAPPER.writeValueAsString(line);
    }

    /**
     * @throws JacksonException where the line is torn or is no entry
     */
    static Entry read(String line) {
        JsonNode node = MAPPER.readTree(line);
        if (node.has("did")) {
            return new Entry.Did(MAPPER.treeToValue(node.get("did"), Edit.class));
        }
        if (node.has("undid")) {
            return new Entry.Undid();
        }
        if (node.has("redid")) {
            return new Entry.Redid();
        }
        throw new IllegalArgumentException("neither an edit, an undo nor a redo");
    }
}
