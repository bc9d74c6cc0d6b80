package hitch.desk.mark;

import hitch.core.finding.FindingKind;
import hitch.core.measure.LengthUnit;
import hitch.core.note.Draft;
import hitch.core.note.Note;
import hitch.core.note.NoteReader;
import hitch.core.note.SaidNumber;
import hitch.core.note.grammar.TradeNoteReader;
import hitch.desk.Context;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Reads notes with the words of the firm, as they stand in the house rules. */
final class FirmReader implements NoteReader {
    private volatile Map<String, FindingKind> words = Map.of();
    private volatile NoteReader reader = new TradeNoteReader();

    FirmReader(Context desk) {
        desk.work()
                .snapshotProperty()
                .addListener((o, was, is) -> take(is.survey().rules().words()));
        take(desk.work().now().survey().rules().words());
    }

    private void take(Map<String, FindingKind> own) {
        if (!own.equals(words)) {
            words = own;
            reader = new TradeNoteReader(own);
        }
    }

    @Override
    public Note read(String note, LengthUnit unit) {
        return reader.read(note, unit);
    }

    @Override
    public Note hear(String speech, LengthUnit unit, Optional<Draft> last) {
        return reader.hear(speech, unit, last);
    }

    @Override
    public Draft goOn(String speech, LengthUnit unit, Draft last) {
        return reader.goOn(speech, unit, last);
    }

    @Override
    public List<SaidNumber> numbers(String text) {
        return reader.numbers(text);
    }

    @Override
    public List<String> completions(String start) {
        return reader.completions(start);
    }
}
