package hitch.core.note.grammar;

import hitch.core.finding.FindingKind;
import hitch.core.measure.LengthUnit;
import hitch.core.note.Draft;
import hitch.core.note.Note;
import hitch.core.note.NoteReader;
import hitch.core.note.SaidNumber;
import hitch.core.pipe.Pipe;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * Reads the trade's language: cuts a note into sentences, finds the words of the vocabulary and the figures in each, and
 * settles by the words about them what is found, where, how much and how surely.
 */
public final class TradeNoteReader implements NoteReader {
    private static final PlainWords PLAIN = new PlainWords(WordFile.same());

    private final Words words;

    public TradeNoteReader() {
        this(Map.of());
    }

    /** @param own words of the firm's own and the kinds they name */
    public TradeNoteReader(Map<String, FindingKind> own) {
        this.words = Words.shipped().with(own);
    }

    @Override
    public Note read(String note, LengthUnit unit) {
        return read(note, unit, true, Optional.empty());
    }

    @Override
    public Note hear(String speech, LengthUnit unit, Optional<Draft> last) {
        return read(speech, unit, false, last);
    }

    @Override
    public Draft goOn(String speech, LengthUnit unit, Draft last) {
        Draft more = last;
        for (List<Token> tokens : TextStep.sentences(speech)) {
            more = new Sentence(tokens, words, unit, false, Optional.of(last), Optional.empty()).addTo(more);
        }
        return more;
    }

    @Override
    public List<SaidNumber> numbers(String text) {
        return Numbers.join(Tokenizer.cut(text)).stream()
                .filter(Token::isNumber)
                .map(t -> new SaidNumber(t.value(), t.start(), t.end()))
                .toList();
    }

    @Override
    public List<String> completions(String start) {
        return words.beginning(start);
    }

    private Note read(String text, LengthUnit unit, boolean typed, Optional<Draft> last) {
        List<Draft> drafts = new ArrayList<>();
        NoteRest rest = new NoteRest(text, PLAIN);
        Optional<Draft> before = last;
        Optional<Meaning.Place> carried = Optional.empty();
        List<Pipe> pipes = new ArrayList<>();
        for (List<Token> tokens : TextStep.sentences(text)) {
            Sentence sentence = new Sentence(tokens, words, unit, typed, before, carried);
            List<Draft> next = sentence.drafts(text);
            merge(drafts, next, sentence);
            pipes.addAll(sentence.pipes());
            carried = sentence.carries();
            rest.take(sentence.chips());
            if (!drafts.isEmpty()) {
                before = Optional.of(drafts.getLast());
            }
        }
        if (drafts.isEmpty() && typed) {
            drafts.add(Draft.remark(text));
        }
        rest.settle();
        List<String> remarks = rest.remarks(drafts);
        List<Draft> told = IntStream.range(0, drafts.size())
                .mapToObj(i -> drafts.get(i).remarking(remarks.get(i)))
                .toList();
        return new Note(text, told, pipes, rest.remark(), rest.chips());
    }

    /** Sentences that only add to the one before ("That is at 42. Heavy.") fill in its draft. */
    private static void merge(List<Draft> drafts, List<Draft> next, Sentence sentence) {
        if (!drafts.isEmpty() && sentence.goesOn(drafts.getLast(), next)) {
            Draft more = next.getFirst();
            drafts.set(drafts.size() - 1, drafts.getLast().filled(more.place(), more.length(), more.traits()));
            return;
        }
        if (!next.isEmpty() || drafts.isEmpty()) {
            drafts.addAll(next);
            return;
        }
        drafts.set(drafts.size() - 1, sentence.addTo(drafts.getLast()));
    }
}
