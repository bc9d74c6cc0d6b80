package hitch.core.note.grammar;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.measure.LengthUnit;
import hitch.core.note.Chip;
import hitch.core.note.Draft;
import hitch.core.note.Note;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Every word that was typed stands under a chip or in the text that is delivered, whole and as typed. */
class NothingLostTest {
    private static final Pattern WORD = Pattern.compile("[\\p{L}\\p{N}][\\p{L}\\p{N}'\u2019./-]*");
    private static final TradeNoteReader READER = new TradeNoteReader();

    private static String delivered(Note note) {
        return note.drafts().stream().map(Draft::remark).collect(Collectors.joining(" | "));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "main connection, clean break-in | clean break-in",
                "fine roots, top, a quarter of the pipe | fine roots",
                "tamper-proof cleanout by the shed | tamper-proof cleanout by the shed",
                "hairline crack on the left | hairline crack",
                "belly 20 to 26 | ''",
                "cracked on top | ''",
                "offset joint 3/4 in | ''"
            })
    void deliversThePersonsOwnWords(String typed, String remark) {
        assertThat(delivered(READER.read(typed, LengthUnit.FEET))).isEqualTo(remark);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"hairline crack at 12, fine roots at 14 | hairline crack | fine roots"})
    void aWordGoesWithWhatIsNamedBesideIt(String typed, String first, String second) {
        Note note = READER.read(typed, LengthUnit.FEET);
        assertThat(note.drafts()).extracting(Draft::remark).containsExactly(first, second);
    }

    @Provide
    Arbitrary<String> notes() {
        List<String> words = List.copyOf(Words.shipped().phrases().keySet());
        Arbitrary<String> word = Arbitraries.frequencyOf(
                net.jqwik.api.Tuple.of(4, Arbitraries.of(words)),
                net.jqwik.api.Tuple.of(
                        3,
                        Arbitraries.of(
                                "by the hedge",
                                "break-in",
                                "tamper-proof",
                                "and",
                                "and then",
                                "Mrs. O'Hara's",
                                "re-lined",
                                "3/4 in",
                                "31.4",
                                "at 12",
                                "40%",
                                "10-14",
                                "3,2 m",
                                "half of the bore",
                                "x-ray",
                                "root-filled",
                                "Éva",
                                "No. 7",
                                "maybe",
                                "&",
                                "2 to 4 o'clock",
                                "1 1/2",
                                "plus",
                                "T")),
                net.jqwik.api.Tuple.of(1, Arbitraries.of(",", ";", ".", "-", ":", "(", ")")));
        return word.list().ofMinSize(1).ofMaxSize(12).map(w -> String.join(" ", w));
    }

    @Property(tries = 3000)
    void noWordIsLost(@ForAll("notes") String typed) {
        Note note = READER.read(typed, LengthUnit.FEET);
        String text = " " + delivered(note) + " ";
        Matcher word = WORD.matcher(typed);
        while (word.find()) {
            String one = word.group().replaceAll("[./'\u2019-]+$", "");
            int from = word.start();
            int to = from + one.length();
            boolean chip = note.chips().stream().anyMatch(c -> covers(note.chips(), c, from, to));
            assertThat(chip
                            || Pattern.compile("(?<![\\p{L}\\p{N}])" + Pattern.quote(one) + "(?![\\p{L}\\p{N}])")
                                    .matcher(text)
                                    .find())
                    .as("\"%s\" of \"%s\"; chips %s; text %s", one, typed, note.chips(), text)
                    .isTrue();
        }
    }

    @Test
    void aWordWithAHyphenIsOneWord() {
        Note note = READER.read("re-lined zero the counter change into cast", LengthUnit.FEET);
        assertThat(note.chips()).anySatisfy(c -> assertThat(c.start()).isZero());
    }

    private static boolean covers(List<Chip> chips, Chip first, int from, int to) {
        int end = first.start() <= from ? first.end() : -1;
        for (Chip next : chips) {
            end = end >= from && next.start() <= end ? Math.max(end, next.end()) : end;
        }
        return end >= to;
    }
}
