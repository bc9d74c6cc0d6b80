package hitch.store.journal;

import java.util.UUID;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What a journal says of itself.
 *
 * @param format version of how lines are written; 1 had no header and no checksums, 2 told the
 *     parts of a pipe one by one, 3 had no details of findings, 4 no photographs, 5
 *     no answers about writing on the pictures, 6 nothing of what was decided on what is proposed,
 *     7 no shots that were moved or put in, 8 nothing that is hidden and no voice but the narrator's,
 *     9 nothing of what was handed over, and to whom, 10 no sizes that were measured on pictures and no drawings,
 *     11 no changes that are several in one, 12 no places that were waved away
 * @param job the job's own id, the same wherever its folder is moved or copied to
 * @param was checksum of all that stood in the file before the header; blank where nothing did
 */
record JournalHeader(int format, UUID job, String was) {
    /** The format that is written now. */
    static final int NEWEST = 13;

    private static final String MARK = "hitch";

    static boolean is(JsonNode line) {
        return line.has(MARK);
    }

    String line(String at, String by) {
        ObjectNode line = EditJson.MAPPER.createObjectNode();
        line.put(MARK, "journal");
        line.put("format", format);
        line.put("job", job.toString());
        line.put("at", at);
        line.put("by", by);
        line.put("was", was);
        return Seal.close(EditJson.MAPPER.writeValueAsString(line));
    }

    /**
     * @throws IllegalArgumentException where it is no header
     */
    static JournalHeader read(JsonNode line) {
        return new JournalHeader(
                line.path("format").asInt(0),
                UUID.fromString(line.path("job").asString("")),
                line.path("was").asString(""));
    }
}
