package hitch.core.talk;

import hitch.core.measure.Distance;
import hitch.core.note.Draft;
import hitch.core.pipe.Pipe;
import hitch.core.talk.place.OddPlace;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * Something that was said, with its moment.
 *
 * @param key its name within the captions, the same whenever they are read again
 * @param seconds when it was said, from the beginning of the captions
 * @param draft what was said
 * @param source how its place is known
 * @param likeness whether what it is is known only by what the words are like, not by the words themselves
 */
public record Spoken(String key, double seconds, Draft draft, Source source, boolean likeness) {
    private static final double SAME_MM = 100;

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
        this(key, seconds, draft, draft.place().isPresent() ? Source.SAID : Source.NONE, false);
    }

    /** Whether it is known by its words, and hardly anybody says them of something else. */
    public boolean isByItsWords() {
        return !likeness && Agreement.of(this) >= Agreement.SURE;
    }

    /** Whether a word stands in what was said of a thing. */
    static boolean says(Draft draft, String word) {
        return Pattern.compile("\\b" + Pattern.quote(word) + "\\b")
                .matcher(draft.wording().toLowerCase(Locale.ROOT))
                .find();
    }

    /** Whether it has a place only because the camera stood there by what was said before. */
    public boolean isStood() {
        return source == Source.STANDING
                && draft.place().filter(Draft.Place::isPoint).isPresent();
    }

    /**
     * Its place: as it was said, else where the counter had the camera, else where it stood by what was said.
     *
     * @param cable what the counter showed then; empty where nobody knows
     */
    public Optional<Draft.Place> place(Optional<Distance> cable) {
        Optional<Draft.Place> by =
                cable.map(c -> new Draft.Place(c, draft.length().map(c::plus).orElse(c)));
        return isStood() ? by.or(draft::place) : draft.place().or(() -> by);
    }

    /** The same with its draft put otherwise. */
    public Spoken with(Draft other) {
        return new Spoken(key, seconds, other, other.place().isEmpty() ? Source.NONE : source, likeness);
    }

    /** The same, no longer known by what its words are like only. */
    Spoken known() {
        return new Spoken(key, seconds, draft, source, false);
    }

    /**
     * All that was said.
     *
     * @param drafts in order of time
     * @param unlikely what only sounds like something, in order of time
     * @param pipes pipes that were mentioned, in order of time
     * @param withdrawn guesses that were taken back at once
     * @param odd distances that do not lie between those about them
     */
    public record All(
            List<Spoken> drafts,
            List<Spoken> unlikely,
            List<PipeSaid> pipes,
            List<Withdrawn> withdrawn,
            List<Odd> odd) {
        public All {
            drafts = List.copyOf(drafts);
            unlikely = List.copyOf(unlikely);
            pipes = List.copyOf(pipes);
            withdrawn = List.copyOf(withdrawn);
            odd = List.copyOf(odd);
        }

        /** What is likely and what is not, in order of time. */
        public List<Spoken> everything() {
            return Stream.concat(drafts.stream(), unlikely.stream())
                    .sorted(Comparator.comparingDouble(Spoken::seconds))
                    .toList();
        }

        public All(List<Spoken> drafts, List<PipeSaid> pipes) {
            this(drafts, List.of(), pipes, List.of(), List.of());
        }
    }

    /** A pipe that was mentioned at a second, without a change. */
    public record PipeSaid(double seconds, Pipe pipe, String wording) {}

    /** A distance that cannot have been passed where it was said, and what was said of it. */
    public record Odd(OddPlace place, Spoken about) {}

    /** Something that was said and taken back at a later second. */
    public record Withdrawn(Spoken first, double seconds) {}

    /** Whether two are told of one place, or both of none. */
    static boolean isSamePlace(Draft one, Draft other) {
        if (one.place().isEmpty() || other.place().isEmpty()) {
            return one.place().isEmpty() && other.place().isEmpty();
        }
        Draft.Place a = one.place().get();
        Draft.Place b = other.place().get();
        return a.from().mm() - SAME_MM <= b.from().mm() && b.to().mm() <= a.to().mm() + SAME_MM;
    }
}
