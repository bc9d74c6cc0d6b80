package hitch.core.propose;

import hitch.core.measure.LengthUnit;
import hitch.core.note.NoteReader;
import hitch.core.note.grammar.TradeNoteReader;
import hitch.core.pipe.Opening;
import hitch.core.pipe.OpeningKind;
import hitch.core.pipe.Pipe;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

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
    static final double FIRST_WORDS = 12;

    private static final Pattern KIND = Pattern.compile(
            "\\b(?<!\\bno )((?:(?:two|one) way |double |single |buried |indoor |outside |exterior |roof )*"
                    + "(?:clean(?:ed)? ?out|roof vent|vent|(?:toilet|closet) flange|flange|trap arm|manhole))\\b");

    /** As it stands before what it is the place of: side yard cleanout. */
    private static final Pattern BEFORE = Pattern.compile(
            "\\b((?:(?:front|back|side) )?(?:yard|garden|basement|garage|driveway|porch|patio|laundry|bathroom))"
                    + " (?:(?:two|one) way |double |single )*(?:clean ?out|vent|flange)\\b");

    /** Beside a garage is outside it. */
    private static final Pattern INDOORS = Pattern.compile(
            "\\b(?:basement|crawl ?space|sink)$|^(?:in|under|at) .*\\b(?:garage|kitchen|bathroom|laundry|utility room)$");

    private static final NoteReader READER = new TradeNoteReader();

    private static final Pattern PLACE = Pattern.compile(
            "\\b((?:in|at|by|near|beside|behind|outside|under) (?:the|a|your|their|his|her) "
                    + "(?:(?:front|back|side|left|right|north|south|east|west) )?"
                    + "(?:yard|garden|lawn|basement|garage|crawl ?space|driveway|porch|patio|bed|flower ?bed|wall|kitchen|bathroom|laundry|utility room|"
                    + "street|sidewalk|curb|alley|fence|(?:kitchen |bathroom |laundry |utility )?sink|corner(?: of the house)?|house|building|shed|deck|steps))\\b");

    static Optional<OpeningSaid> of(List<SaidSentence> said) {
        return said.stream()
                .filter(s -> s.seconds() < FIRST_WORDS || s.seconds() < BEGINNING && Clues.says("access", s))
                .flatMap(s -> read(s, said).stream())
                .findFirst();
    }

    private static Optional<OpeningSaid> read(SaidSentence said, List<SaidSentence> all) {
        Matcher kind = KIND.matcher(said.plain());
        if (!kind.find()) {
            return Optional.empty();
        }
        String words =
                kind.group(1).replaceFirst("clean(?:ed)? ?out", "cleanout").replace("two way", "two-way");
        Pipe pipe = Stream.concat(Stream.of(said), all.stream().filter(s -> s.seconds() < BEGINNING))
                .map(OpeningSaid::pipe)
                .reduce(Pipe.UNKNOWN, Pipe::or);
        Opening opening =
                Opening.UNKNOWN.called(words).withPlace(place(said.plain())).withPipe(pipe);
        boolean indoors = opening.sort() == OpeningKind.GROUND_CLEANOUT
                && INDOORS.matcher(opening.place()).find();
        return Optional.of(new OpeningSaid(
                indoors ? opening.withSort(OpeningKind.INDOOR_CLEANOUT, opening.ways()) : opening, said));
    }

    private static String place(String plain) {
        Matcher behind = PLACE.matcher(plain);
        if (behind.find()) {
            return behind.group(1);
        }
        Matcher before = BEFORE.matcher(plain);
        return before.find() ? "in the " + before.group(1) : "";
    }

    /** What the sentence says of a pipe, in whichever captions it was broken. */
    private static Pipe pipe(SaidSentence said) {
        return READER.hear(said.text(), LengthUnit.FEET, Optional.empty()).pipes().stream()
                .reduce(Pipe.UNKNOWN, Pipe::or);
    }
}
