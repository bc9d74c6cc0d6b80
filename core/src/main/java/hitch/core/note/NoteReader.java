package hitch.core.note;

import hitch.core.counter.LengthUnit;

/** Reads a note into a draft. */
@FunctionalInterface
public interface NoteReader {
    /**
     * @param note what was typed, any text
     * @param unit unit of distances that are typed without one
     * @return what was understood; never null, and all text is in a chip or in the remark
     */
    Draft read(String note, LengthUnit unit);
}
