package hitch.store.journal;

import hitch.core.measure.Distance;
import java.util.List;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Formats 1 and 2 named bores in whole inches, had a lining among the materials or as a yes or no, and wrote the parts of a
 * pipe beside the rest of an opening or of a stretch.
 */
final class PipeParts {
    private static final String LINED = "LINED";

    private PipeParts() {}

    /** The edit with every pipe in it as one; one that has them so already is left as it is. */
    static JsonNode joined(JsonNode node) {
        node.forEach(PipeParts::joined);
        if (node instanceof ObjectNode object) {
            bore(object);
            lining(object);
            opening(object);
            stretch(object);
        }
        return node;
    }

    private static void bore(ObjectNode node) {
        JsonNode size = node.path("size");
        if (size.has("inches")) {
            node.putObject("size")
                    .putObject("bore")
                    .put("mm", Distance.inches(size.path("inches").asInt()).mm());
        }
    }

    private static void lining(ObjectNode node) {
        if (node.path("material").asString("").equals(LINED)) {
            node.putNull("material");
            node.put("lining", "LINER");
        }
    }

    private static void opening(ObjectNode node) {
        if (node.has("sort") && node.has("ways") && node.has("material")) {
            pipe(node);
        }
    }

    private static void stretch(ObjectNode node) {
        if (node.has("denied") && node.has("lined")) {
            if (node.path("lined").asBoolean()) {
                node.put("lining", "LINER");
            }
            node.remove("lined");
            pipe(node);
        }
    }

    private static void pipe(ObjectNode node) {
        ObjectNode pipe = node.putObject("pipe");
        for (String part : List.of("material", "size", "lining")) {
            if (node.has(part)) {
                pipe.set(part, node.get(part));
                node.remove(part);
            }
        }
    }
}
