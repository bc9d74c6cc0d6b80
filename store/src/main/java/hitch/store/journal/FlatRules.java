package hitch.store.journal;

import hitch.core.rules.HouseRules;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The house rules as format 1 wrote them, all numbers side by side, brought into their parts. */
final class FlatRules {
    private FlatRules() {}

    /** {@code edit} as it would be written now; anything but house rules as it is. */
    static ObjectNode parted(ObjectNode edit) {
        if (!edit.path("edit").asString("").equals("SetRules")) {
            return edit;
        }
        edit.put("edit", "TakeRules");
        JsonNode flat = edit.path("rules");
        // What an older version did not write stands as it does by default.
        ObjectNode whole = EditJson.MAPPER.valueToTree(HouseRules.DEFAULT);
        put(whole, "weighing", flat, "rootShareToMend", "offsetToTend", "offsetToMend", "waterToTend");
        put(whole, "care", flat, "monthsBetweenCleanings");
        take(whole, "showing", "before", flat.get("shownBefore"));
        take(whole, "showing", "after", flat.get("shownAfter"));
        take(whole, "own", "kinds", flat.get("words"));
        JsonNode line = flat.path("line");
        ObjectNode parts = (ObjectNode) whole.get("line");
        take(parts, "ownership", "reach", line.get("school"));
        put(parts, "seeing", line, "fastest", "backPreferred");
        take(parts, "openings", "every", line.get("openingEvery"));
        take(parts, "openings", "bend", line.get("openingBend"));
        put(parts, "tools", line, "reach");
        take(parts, "tools", "bend", line.get("reachBend"));
        put(parts, "depths", line, "falls", "locatorError", "locatorShare", "bedding");
        edit.set("rules", whole);
        return edit;
    }

    private static void put(ObjectNode whole, String part, JsonNode from, String... names) {
        for (String name : names) {
            take(whole, part, name, from.get(name));
        }
    }

    private static void take(ObjectNode whole, String part, String name, JsonNode value) {
        if (value != null && !value.isNull()) {
            ((ObjectNode) whole.get(part)).set(name, value);
        }
    }
}
