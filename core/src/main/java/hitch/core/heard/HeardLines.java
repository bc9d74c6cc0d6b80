package hitch.core.heard;

import hitch.core.caption.Cue;
import hitch.core.caption.Dangling;
import hitch.core.caption.SoundAlikes;
import hitch.core.note.NoteReader;
import hitch.core.note.SaidNumber;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** What was heard as captions: cut where a sentence ends or somebody pauses, with numbers as figures and words of the trade for what sounds like them. */
public final class HeardLines {
    /** A silence that parts two captions, seconds. */
    private static final double PAUSE = 0.5;
    /** And two sentences, whatever sign ears made, seconds. */
    private static final double LONG_PAUSE = 0.8;
    /** No caption is on longer, seconds. */
    private static final double LONGEST = 6.5;

    private static final int LETTERS = 84;
    /** "One hundred, ten" is one number. */
    private static final Pattern HUNDRED = Pattern.compile(
            "(?i)\\b(hundred), (?=(?:ten|eleven|twelve|(?:thir|four|fif|six|seven|eigh|nine)teen|(?:twen|thir|for|fif|six|seven|eigh|nine)ty)\\b)");

    /** "One thirty-four" is written down as an hour; nobody tells the time to the minute. */
    private static final Pattern HOUR =
            Pattern.compile("(?<![\\d:])([1-5]):([0-5][1-46-9])\\b(?! ?(?:[ap]\\.?m|o'clock))");

    private static final Pattern NOTHING = Pattern.compile(
            "(?<![\\d.,:'/-])\\b0(?![\\d'/:-]|[.,]\\d| ?(?:feet|foot|ft|inch|percent|%|degrees|metres|meters)\\b)");

    private HeardLines() {}

    /** @param words in order of time */
    public static List<Cue> of(List<HeardWord> words, NoteReader reader) {
        List<Cue> lines = new ArrayList<>();
        List<HeardWord> line = new ArrayList<>();
        for (int i = 0; i < words.size(); i++) {
            line.add(words.get(i));
            HeardWord last = words.get(i);
            double silence =
                    i + 1 == words.size() ? LONG_PAUSE : words.get(i + 1).from() - last.to();
            boolean pauses = silence > PAUSE;
            boolean over = pauses
                    || last.text().matches(".*[.!?]")
                    || words.get(i + 1).to() - line.getFirst().from() > LONGEST
                    || letters(line) > LETTERS;
            if (over) {
                String text = zeroes(figures(hundreds(SoundAlikes.mended(text(line))), reader));
                boolean goesOn =
                        i + 1 < words.size() && Dangling.goesOn(words.get(i + 1).text());
                lines.add(new Cue(line.getFirst().from(), last.to(), pauses && !goesOn ? ended(text, silence) : text));
                line.clear();
            }
        }
        return lines;
    }

    /**
     * Ears leave signs out here and there: a sentence ends where somebody pauses, and a part of one where he pauses long, but for a word after
     * which more must come.
     */
    private static String ended(String line, double silence) {
        if (Dangling.is(line)) {
            return line;
        }
        if (line.endsWith(",") && silence >= LONG_PAUSE) {
            return line.substring(0, line.length() - 1) + ".";
        }
        return line.matches(".*[.,;:!?-]") ? line : line + ".";
    }

    private static int letters(List<HeardWord> line) {
        return line.stream().mapToInt(w -> w.text().length() + 1).sum();
    }

    private static String text(List<HeardWord> line) {
        return line.stream().map(HeardWord::text).collect(Collectors.joining(" "));
    }

    /** "Twenty six and a half feet" as {@code 26.5 feet}; numbers to nine stay words but where something is measured. */
    static String figures(String text, NoteReader reader) {
        StringBuilder out = new StringBuilder();
        int from = 0;
        for (SaidNumber number : reader.numbers(text)) {
            String said = text.substring(number.start(), number.end());
            boolean measured = text.substring(number.end())
                    .toLowerCase(Locale.ROOT)
                    .matches("(?s)[ -]?(?:feet|foot|ft|inch|inches|percent|o'?clock|degrees|metres|meters)\\b.*");
            boolean figure = number.value() >= 10
                    || measured && number.value() >= 1
                    || number.value() > 1 && number.value() % 1 != 0;
            if (!figure || said.matches("[\\d.,/ ]+") && !said.contains("/")) {
                continue;
            }
            out.append(text, from, number.start()).append(shown(number.value()));
            from = number.end();
        }
        return out.append(text.substring(from)).toString();
    }

    private static String hundreds(String text) {
        return HOUR.matcher(HUNDRED.matcher(text).replaceAll("$1 ")).replaceAll("$1$2");
    }

    /** The counter is set to zero, as a word; "0 feet" is a place. */
    private static String zeroes(String text) {
        return NOTHING.matcher(text).replaceAll("zero");
    }

    private static String shown(double value) {
        String text = String.format(Locale.ROOT, "%.2f", value);
        return text.replaceAll("0+$", "").replaceAll("\\.$", "");
    }
}
