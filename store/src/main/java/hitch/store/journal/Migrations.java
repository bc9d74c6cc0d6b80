package hitch.store.journal;

import hitch.core.job.Edit;
import hitch.core.job.Entry;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Brings lines of older formats to the present one, a step from each format to the next.
 *
 * <p>Format 1 named edits and marks by their classes, wrote the house rules in one piece ({@link FlatRules}), and had neither
 * header nor checksums. Formats 1 and 2 told the parts of a pipe one by one ({@link PipeParts}).
 */
final class Migrations {
    private static final Set<String> MARKS = Set.of("Reading", "Zeroing");

    private Migrations() {}

    /** A line of format 1; empty where it is none. */
    static Optional<JournalLine> fromFirst(String text) {
        try {
            JsonNode line = EditJson.MAPPER.readTree(text);
            if (!line.isObject() || line.has("sum") || line.has("was")) {
                return Optional.empty();
            }
            return entry(line)
                    .map(e -> new JournalLine(
                            line.path("n").asLong(0), line.path("at").asString(""), "", e, Optional.empty(), "", ""));
        } catch (JacksonException | IllegalArgumentException | NullPointerException e) {
            return Optional.empty();
        }
    }

    private static Optional<Entry> entry(JsonNode line) {
        if (line.has("did")) {
            ObjectNode edit = (ObjectNode) PipeParts.joined(FlatRules.parted((ObjectNode) renamed(line.get("did"))));
            return EditNames.ofClass(edit.path("edit").asString("")).map(name -> {
                edit.put("edit", name);
                return new Entry.Did(lenient(edit));
            });
        }
        if (line.has("undid")) {
            return Optional.of(new Entry.Undid());
        }
        return line.has("redid") ? Optional.of(new Entry.Redid()) : Optional.empty();
    }

    /** Format 1 let parts be that no later Hitch knows. */
    private static Edit lenient(JsonNode edit) {
        return EditJson.MAPPER
                .readerFor(Edit.class)
                .without(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
                .readValue(edit);
    }

    private static JsonNode renamed(JsonNode node) {
        if (node instanceof ObjectNode object) {
            String mark = object.path("mark").asString("");
            if (MARKS.contains(mark)) {
                object.put("mark", mark.toLowerCase(Locale.ROOT));
            }
        }
        node.forEach(Migrations::renamed);
        return node;
    }
}
