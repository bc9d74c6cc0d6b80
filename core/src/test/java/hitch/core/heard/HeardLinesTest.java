package hitch.core.heard;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.caption.Cue;
import hitch.core.exchange.HeardJson;
import hitch.core.note.grammar.TradeNoteReader;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HeardLinesTest {
    private static List<HeardWord> words(String text, double each) {
        List<HeardWord> words = new ArrayList<>();
        double at = 0;
        for (String word : text.split(" ")) {
            words.add(new HeardWord(word, at, at + each, -0.1));
            at += each;
        }
        return words;
    }

    private static List<String> lines(List<HeardWord> words) {
        return HeardLines.of(words, new TradeNoteReader()).stream()
                .map(Cue::text)
                .toList();
    }

    @Test
    void aSentenceIsALineAndALongOneIsCut() {
        assertThat(lines(words("Roots at the top. A gap here.", 0.3)))
                .containsExactly("Roots at the top.", "A gap here.");
        assertThat(lines(words("and then we go on and on and on without an end to it at all so there", 0.6)))
                .hasSizeGreaterThan(1);
        List<HeardWord> paused = new ArrayList<>(words("roots here", 0.3));
        paused.add(new HeardWord("offset", 4, 4.5, -0.1));
        assertThat(lines(paused)).containsExactly("roots here.", "offset.");
    }

    /** What ears wrote before a pause and behind it, and how long that is, seconds. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            roots on the left      | 18 feet some sand | 0.6 | roots on the left.      | 18 feet some sand.
            there is a             | crack here        | 0.6 | there is a              | crack here.
            it opens about an inch | of it             | 0.6 | it opens about an inch  | of it.
            vitrified clay,        | zero at the wall  | 1.2 | vitrified clay.         | zero at the wall.
            vitrified clay,        | eight inch pipe   | 0.6 | vitrified clay,         | 8 inch pipe.
            roots at the top       | and more          | 0.2 | roots at the top and more. |
            """)
    void aSentenceEndsWhereSomebodyPausesThoughEarsMadeNoSign(
            String before, String behind, double silence, String first, String second) {
        List<HeardWord> all = new ArrayList<>(words(before, 0.3));
        double at = all.getLast().to() + silence;
        words(behind, 0.3).forEach(w -> all.add(new HeardWord(w.text(), w.from() + at, w.to() + at, -0.1)));
        assertThat(lines(all)).isEqualTo(second == null ? List.of(first) : List.of(first, second));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Roots at twenty six and a half feet.       | Roots at 26.5 feet.
            A gap of half an inch.                     | A gap of half an inch.
            Nine feet. Two of them.                    | 9 feet. Two of them.
            One hundred and four.                      | 104.
            There's fine routes at the clean now.      | There's fine roots at the cleanout.
            It goes to Pvc.                            | It goes to PVC.
            The counter is at 0 here.                  | The counter is at zero here.
            From 0 feet to 0.5 feet.                   | From 0 feet to 0.5 feet.
            Dig at 1:34, not at 1:30.                  | Dig at 134, not at 1:30.
            Twenty-six joints offset a lot.            | 26 joint's offset a lot.
            One hundred, ten, a sag.                   | 110, a sag.
            A straight tea in for inch clay.           | A straight tee in 4 inch clay.
            Eye can see a hangar.                      | I can see a hanger.
            """)
    void numbersAreFiguresAndWordsOfTheTradeAreMended(String heard, String written) {
        assertThat(String.join(" ", lines(words(heard, 0.2)))).isEqualTo(written);
    }

    @Test
    void asJsonWithItsDoubts() {
        String json = HeardJson.write(
                "street.mp4",
                List.of(new HeardWord("roots", 1.23456, 1.5, -0.1), new HeardWord("maybe", 2, 2.2, -0.5)));
        assertThat(json)
                .contains("\"clip\" : \"street.mp4\"")
                .contains("1.235")
                .containsOnlyOnce("\"doubtful\" : true");
    }
}
