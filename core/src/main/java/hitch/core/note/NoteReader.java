package hitch.core.note;

import hitch.core.measure.LengthUnit;
import java.util.List;
import java.util.Optional;

/** Reads what people type and say. */
public interface NoteReader {
    /**
     * Reads a typed note: a bare word is meant as a finding.
     *
     * @param note any text
     * @param unit unit of distances that are given without one
     * @return what was understood; a remark where nothing was, and all text is in a chip or in the remark
     */
    Note read(String note, LengthUnit unit);

    /**
     * Reads speech: only what is claimed is a draft; there may be none.
     *
     * @param speech any text
     * @param last what was said last before it, for "same again"
     */
    Note hear(String speech, LengthUnit unit, Optional<Draft> last);

    /**
     * Reads a sentence without a matter of its own as going on about {@code last}: "that is at 42", "sorry, 32".
     *
     * @return {@code last}, with what the sentence adds or corrects
     */
    Draft goOn(String speech, LengthUnit unit, Draft last);

    /** Every number of a text, in order, whatever it measures. */
    List<SaidNumber> numbers(String text);

    /** Words of the vocabulary that begin with {@code start}, lower case, shortest first. */
    List<String> completions(String start);
}
