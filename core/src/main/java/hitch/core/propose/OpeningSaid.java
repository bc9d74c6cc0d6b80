package hitch.core.propose;

import hitch.core.pipe.Material;
import hitch.core.pipe.Opening;
import hitch.core.pipe.OpeningKind;
import hitch.core.pipe.Pipe;
import hitch.core.pipe.PipeSize;
import hitch.core.talk.Spoken;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
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
    static final double FIRST_WORDS = 12;

    private static final Pattern KIND =
            Pattern.compile("\\b((?:(?:two|one) way |double |single |buried |indoor |outside |exterior |roof )*"
                    + "(?:clean ?out|roof vent|vent|(?:toilet|closet) flange|flange|trap arm|manhole))\\b");

    /** As it stands before what it is the place of: side yard cleanout. */
    private static final Pattern BEFORE = Pattern.compile(
            "\\b((?:(?:front|back|side) )?(?:yard|garden|basement|garage|driveway|porch|patio|laundry|bathroom))"
                    + " (?:(?:two|one) way |double |single )*(?:clean ?out|vent|flange)\\b");

    private static final Pattern SIZE =
            Pattern.compile("\\b(\\d{1,2}|two|three|four|five|six|eight|ten|twelve) ?(?:inch|in|\")(?:es)?\\b");

    private static final List<String> NUMBERS =
            List.of("two", "three", "four", "five", "six", "eight", "ten", "twelve");
    private static final int[] INCHES = {2, 3, 4, 5, 6, 8, 10, 12};

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
        String words = kind.group(1).replace("clean out", "cleanout").replace("two way", "two-way");
        Pipe pipe = pipes.stream()
                .filter(p -> p.seconds() < BEGINNING)
                .map(Spoken.PipeSaid::pipe)
                .reduce(Pipe.UNKNOWN, Pipe::or)
                .or(pipe(said.plain()));
        Opening opening =
                Opening.UNKNOWN.called(words).withPlace(place(said.plain())).withPipe(pipe);
        boolean indoors = opening.sort() == OpeningKind.GROUND_CLEANOUT
                && opening.place().matches(".*(basement|garage|crawl ?space|kitchen|bathroom|laundry|utility).*");
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

    /** What is said of the pipe beside the opening's name, in the plainest words. */
    private static Pipe pipe(String plain) {
        Optional<Material> material = Arrays.stream(Material.values())
                .filter(m -> said(plain, m.word().substring(m.word().lastIndexOf(' ') + 1)))
                .findFirst();
        Matcher size = SIZE.matcher(plain);
        Optional<PipeSize> bore = size.find() ? Optional.of(PipeSize.inches(inches(size.group(1)))) : Optional.empty();
        return Pipe.of(material, bore.filter(b -> !plain.contains("cutter") && !plain.contains("blade")));
    }

    private static boolean said(String plain, String word) {
        return Pattern.compile("\\b" + Pattern.quote(word.toLowerCase(Locale.ROOT)) + "\\b")
                .matcher(plain)
                .find();
    }

    private static int inches(String said) {
        int spelled = NUMBERS.indexOf(said);
        return spelled >= 0 ? INCHES[spelled] : Integer.parseInt(said);
    }
}
