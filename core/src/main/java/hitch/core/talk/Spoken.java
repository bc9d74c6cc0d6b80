package hitch.core.talk;

import hitch.core.note.Draft;
import hitch.core.pipe.Pipe;
import java.util.List;

/**
 * Something that was said, with its moment.
 *
 * @param key its name within the captions, the same whenever they are read again
 * @param seconds when it was said, from the beginning of the captions
 * @param draft what was said
 */
public record Spoken(String key, double seconds, Draft draft) {
    /**
     * All that was said.
     *
     * @param drafts in order of time
     * @param pipes pipes that were mentioned, in order of time
     */
    public record All(List<Spoken> drafts, List<PipeSaid> pipes) {
        public All {
            drafts = List.copyOf(drafts);
            pipes = List.copyOf(pipes);
        }
    }

    /** A pipe that was mentioned at a second, without a change. */
    public record PipeSaid(double seconds, Pipe pipe, String wording) {}
}
