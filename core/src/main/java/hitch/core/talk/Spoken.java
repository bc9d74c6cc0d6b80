package hitch.core.talk;

import hitch.core.note.Draft;
import hitch.core.pipe.Pipe;
import hitch.core.talk.place.OddPlace;
import java.util.List;

/**
 * Something that was said, with its moment.
 *
 * @param key its name within the captions, the same whenever they are read again
 * @param seconds when it was said, from the beginning of the captions
 * @param draft what was said
 * @param source how its place is known
 */
public record Spoken(String key, double seconds, Draft draft, Source source) {
    /** How the place of something that was said is known. */
    public enum Source {
        /** It was said with it. */
        SAID("said"),
        /** It was said before, and the camera stood there. */
        STANDING("stood"),
        /** It is not known by words. */
        NONE("");

        private final String word;

        Source(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    public Spoken(String key, double seconds, Draft draft) {
        this(key, seconds, draft, draft.place().isPresent() ? Source.SAID : Source.NONE);
    }

    /** The same with its draft put otherwise. */
    public Spoken with(Draft other) {
        return new Spoken(key, seconds, other, other.place().isEmpty() ? Source.NONE : source);
    }

    /**
     * All that was said.
     *
     * @param drafts in order of time
     * @param pipes pipes that were mentioned, in order of time
     * @param withdrawn guesses that were taken back at once
     * @param odd distances that do not lie between those about them
     */
    public record All(List<Spoken> drafts, List<PipeSaid> pipes, List<Withdrawn> withdrawn, List<Odd> odd) {
        public All {
            drafts = List.copyOf(drafts);
            pipes = List.copyOf(pipes);
            withdrawn = List.copyOf(withdrawn);
            odd = List.copyOf(odd);
        }

        public All(List<Spoken> drafts, List<PipeSaid> pipes) {
            this(drafts, pipes, List.of(), List.of());
        }
    }

    /** A pipe that was mentioned at a second, without a change. */
    public record PipeSaid(double seconds, Pipe pipe, String wording) {}

    /** A distance that cannot have been passed where it was said, and what was said of it. */
    public record Odd(OddPlace place, Spoken about) {}

    /** Something that was said and taken back at a later second. */
    public record Withdrawn(Spoken first, double seconds) {}
}
