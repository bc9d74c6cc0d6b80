package hitch.app;

import hitch.core.caption.Cue;
import hitch.core.exchange.DraftKeys;
import hitch.core.finding.Certainty;
import hitch.core.finding.FindingKind;
import hitch.core.finding.Traits;
import hitch.core.measure.LengthUnit;
import hitch.core.note.Draft;
import hitch.core.note.grammar.TradeNoteReader;
import hitch.core.talk.Spoken;
import hitch.core.talk.TalkReader;
import hitch.store.StoreException;
import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/** A table of phrases, each typed or said, and what is understood of them. */
final class PhraseTable {
    private final TradeNoteReader reader = new TradeNoteReader();
    private final LengthUnit unit;

    PhraseTable(LengthUnit unit) {
        this.unit = unit;
    }

    /** Takes the finished table. */
    interface Keeping {
        void keep(String table) throws StoreException;
    }

    void convert(String table, Keeping keeping) throws StoreException {
        CSVFormat in = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get();
        String clean = table.startsWith("\uFEFF") ? table.substring(1) : table;
        StringWriter out = new StringWriter();
        try (var rows = in.parse(new StringReader(clean));
                CSVPrinter printer = new CSVPrinter(
                        out,
                        CSVFormat.RFC4180.builder().setHeader("n", "expect").get())) {
            for (String column : List.of("n", "mode", "phrase")) {
                if (!rows.getHeaderNames().contains(column)) {
                    throw new StoreException(
                            "The table has no column \"" + column + "\"; it needs n, mode and phrase.");
                }
            }
            for (CSVRecord row : rows) {
                printer.printRecord(row.get("n"), DraftKeys.write(drafts(row.get("mode"), row.get("phrase"))));
            }
        } catch (IOException | UncheckedIOException | IllegalArgumentException e) {
            throw new StoreException("The table of phrases cannot be read: " + e.getMessage(), e);
        }
        keeping.keep(out.toString());
    }

    /** A note in which nothing was understood stays as it was typed; it is not listed. */
    private static boolean saysSomething(Draft draft) {
        return draft.kind() != FindingKind.REMARK
                || !(draft.matter() instanceof FindingKind)
                || draft.place().isPresent()
                || !draft.traits().equals(Traits.NONE)
                || draft.certainty() != Certainty.SEEN;
    }

    private List<Draft> drafts(String mode, String phrase) {
        return mode.strip().equalsIgnoreCase("typed")
                ? reader.read(phrase, unit).drafts().stream()
                        .filter(PhraseTable::saysSomething)
                        .toList()
                : new TalkReader(reader, unit)
                        .read(List.of(new Cue(0, 4, phrase))).drafts().stream()
                                .map(Spoken::draft)
                                .toList();
    }
}
