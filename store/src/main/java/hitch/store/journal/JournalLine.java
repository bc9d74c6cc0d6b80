package hitch.store.journal;

import hitch.core.job.Entry;
import java.util.Optional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * One entry as it stands in a journal.
 *
 * @param number counts the entries from 1
 * @param at when it was done, ISO instant; blank where that is not known
 * @param by who did it; blank likewise
 * @param entry what was done
 * @param before how many edits stood, and how many were taken back, before it; empty in format 1
 * @param was checksum of the line before; blank in format 1
 * @param sum its own checksum; blank in format 1
 */
record JournalLine(long number, String at, String by, Entry entry, Optional<Heights> before, String was, String sum) {
    /**
     * @param standing edits that stand
     * @param takenBack edits that were taken back and can be made again
     */
    record Heights(int standing, int takenBack) {}

    /** The line as text, closed with its checksum. */
    static String write(long number, String at, String by, Entry entry, Heights before, String was) {
        ObjectNode line = EditJson.MAPPER.createObjectNode();
        line.put("n", number);
        line.put("at", at);
        line.put("by", by);
        line.putArray("of").add(before.standing()).add(before.takenBack());
        line.put("was", was);
        switch (entry) {
            case Entry.Did did -> line.set("did", EditJson.write(did.edit()));
            case Entry.Undid undid -> line.put("undid", true);
            case Entry.Redid redid -> line.put("redid", true);
            case Entry.Handed handed -> line.set("handed", EditJson.write(handed.deed()));
            case Entry.Lost lost -> throw new IllegalArgumentException("what could not be read is not written again");
        }
        return Seal.close(EditJson.MAPPER.writeValueAsString(line));
    }

    /**
     * Reads a line whose checksum holds. An edit that this Hitch does not know is {@link Entry.Lost}.
     *
     * @throws JacksonException where it is no JSON
     */
    static JournalLine read(JsonNode line, String sum) {
        JsonNode of = line.path("of");
        return new JournalLine(
                line.path("n").asLong(0),
                line.path("at").asString(""),
                line.path("by").asString(""),
                entry(line),
                of.size() == 2
                        ? Optional.of(new Heights(of.get(0).asInt(), of.get(1).asInt()))
                        : Optional.empty(),
                line.path("was").asString(""),
                sum);
    }

    private static Entry entry(JsonNode line) {
        if (line.has("undid")) {
            return new Entry.Undid();
        }
        if (line.has("redid")) {
            return new Entry.Redid();
        }
        if (line.has("handed")) {
            return new Entry.Handed(EditJson.readDeed(line.path("handed")));
        }
        try {
            return new Entry.Did(EditJson.read(PipeParts.joined(line.path("did"))));
        } catch (JacksonException | IllegalArgumentException | NullPointerException e) {
            // Its checksum holds, so it is as it was written, by a Hitch that knows more.
            String name = line.path("did").path("edit").asString("a change");
            return new Entry.Lost("made by a newer Hitch: " + EditNames.words(name));
        }
    }

    /** The same with another entry in its place. */
    JournalLine with(Entry other) {
        return new JournalLine(number, at, by, other, before, was, sum);
    }
}
