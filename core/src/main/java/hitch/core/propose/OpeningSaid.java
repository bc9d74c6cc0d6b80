package hitch.core.propose;

import hitch.core.pipe.Opening;
import hitch.core.pipe.OpeningKind;
import hitch.core.pipe.Pipe;
import hitch.core.talk.Spoken;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Where the camera went in, by what was said while it did. What was not said stays unknown.
 *
 * @param opening as far as it was said
 * @param said the sentence that tells of it
 */
record OpeningSaid(Opening opening, SaidSentence said) {
    /** It is said in the beginning, seconds. */
    private static final double BEGINNING = 75;
    /** The first words name it without a verb, too. */
    private static final double FIRST_WORDS = 12;

    private static final Pattern KIND =
            Pattern.compile("\\b((?:(?:two|one) way |double |single |buried |indoor |outside |exterior |roof )*"
                    + "(?:clean ?out|roof vent|vent|(?:toilet|closet) flange|flange|trap arm|manhole))\\b");

    private static final Pattern PLACE =
            Pattern.compile("\\b((?:in|at|by|near|beside|behind|outside|under) (?:the|a|your|their|his|her) "
                    + "(?:(?:front|back|side|left|right|north|south|east|west) )?"
                    + "(?:yard|garden|lawn|basement|garage|crawl ?space|driveway|porch|patio|bed|flower ?bed|wall|kitchen|bathroom|laundry|utility room|"
                    + "street|sidewalk|curb|alley|fence|corner(?: of the house)?|house|building|shed|deck|steps))\\b");

    static Optional<OpeningSaid> of(List<SaidSentence> said, List<Spoken.PipeSaid> pipes) {
        return said.stream()
                .filter(s -> s.seconds() < FIRST_WORDS || s.seconds() < BEGINNING && Clues.says("access", s))
                .flatMap(s -> read(s, pipes).stream())
                .findFirst();
    }

    private static Optional<OpeningSaid> read(SaidSentence said, List<Spoken.PipeSaid> pipes) {
        Matcher kind = KIND.matcher(said.plain());
        if (!kind.find()) {
            return Optional.empty();
        }
        Matcher place = PLACE.matcher(said.plain());
        String words = kind.group(1).replace("clean out", "cleanout").replace("two way", "two-way");
        Pipe pipe = pipes.stream()
                .filter(p -> p.seconds() < BEGINNING)
                .map(Spoken.PipeSaid::pipe)
                .reduce(Pipe.UNKNOWN, Pipe::or);
        Opening opening = Opening.UNKNOWN
                .called(words)
                .withPlace(place.find() ? place.group(1) : "")
                .withPipe(pipe);
        boolean indoors = opening.sort() == OpeningKind.GROUND_CLEANOUT
                && opening.place().matches(".*(basement|garage|crawl ?space|kitchen|bathroom|laundry|utility).*");
        return Optional.of(new OpeningSaid(
                indoors ? opening.withSort(OpeningKind.INDOOR_CLEANOUT, opening.ways()) : opening, said));
    }
}
