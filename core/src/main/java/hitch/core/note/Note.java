package hitch.core.note;

import hitch.core.pipe.Pipe;
import java.util.List;

/**
 * What a note, or a stretch of speech, was understood to say.
 *
 * @param wording the text as it was
 * @param drafts what it speaks of, in the order of the words; at least one where the note was typed
 * @param pipes pipes that it only mentions
 * @param remark the part that stays free text
 * @param chips the understood parts in order of the text
 */
public record Note(String wording, List<Draft> drafts, List<Pipe> pipes, String remark, List<Chip> chips) {
    public Note {
        drafts = List.copyOf(drafts);
        pipes = List.copyOf(pipes);
        chips = List.copyOf(chips);
    }

    public Draft first() {
        return drafts.getFirst();
    }
}
