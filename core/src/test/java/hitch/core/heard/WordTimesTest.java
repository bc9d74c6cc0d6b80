package hitch.core.heard;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hitch.core.heard.SpeechPieces.Piece;
import hitch.core.heard.SpeechPieces.Stretch;
import java.util.Collections;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.AlphaChars;
import net.jqwik.api.constraints.Size;
import net.jqwik.api.constraints.StringLength;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Words spread over the stretches in which somebody speaks. */
class WordTimesTest {
    @Test
    void aSentenceEndsAtThePauseBehindIt() {
        Piece piece = new Piece(9.8, 16.2, List.of(new Stretch(10, 12), new Stretch(13.5, 16)));
        List<HeardWord> words =
                WordTimes.of("Roots at nine feet. There is an offset at twelve.", piece, Collections.nCopies(10, -0.1));
        assertThat(words.get(3).text()).isEqualTo("feet.");
        assertThat(words.get(3).to()).isCloseTo(12, within(0.05));
        assertThat(words.get(4).from()).isCloseTo(13.5, within(0.05));
        assertThat(words.getFirst().from()).isCloseTo(10, within(1e-6));
        assertThat(words.getLast().to()).isCloseTo(16, within(0.01));
    }

    /** The words that begin behind the pause. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            it is broken like an eggshell on top two of the bits are lying in the flow  | 3.1 | 3.0 | two
            i can only see a slot 17 feet hole in the side                              | 2.0 | 2.3 | 17
            the joint at the far end of that has opened 22 feet and there is a root     | 3.0 | 2.3 | 22
            """)
    void aPauseStandsBeforeAStatementAndWithinNoPhrase(String said, double first, double second, String begins) {
        Piece piece = new Piece(0.8, 9, List.of(new Stretch(1, 1 + first), new Stretch(6, 6 + second)));
        List<HeardWord> words = WordTimes.of(said, piece, Collections.nCopies(said.split(" ").length, -0.1));
        assertThat(words.stream()
                        .filter(w -> w.from() > 5)
                        .findFirst()
                        .orElseThrow()
                        .text())
                .isEqualTo(begins);
    }

    /** Somebody coughs at the end. */
    @Test
    void aSoundThatIsTooShortForAWordHasNone() {
        Piece piece = new Piece(0.8, 9, List.of(new Stretch(1, 4), new Stretch(6, 6.1)));
        List<HeardWord> words =
                WordTimes.of("there is a crack along the left side,", piece, Collections.nCopies(8, -0.1));
        assertThat(words).hasSize(8).allMatch(w -> w.to() <= 4.001);
    }

    @Test
    void nothingSaidIsNoWord() {
        assertThat(WordTimes.of(" ", new Piece(0, 1, List.of(new Stretch(0, 1))), List.of()))
                .isEmpty();
    }

    @Test
    void doubtIsTold() {
        assertThat(new HeardWord("a", 0, 1, -0.5).isDoubtful()).isTrue();
        assertThat(new HeardWord("a", 0, 1, -0.2).isDoubtful()).isFalse();
    }

    @Property(tries = 200)
    void wordsAreInOrderAndWithinSpeech(
            @ForAll @Size(min = 1, max = 30) List<@AlphaChars @StringLength(min = 1, max = 11) String> said) {
        List<Stretch> speech = List.of(new Stretch(1, 3), new Stretch(4, 9), new Stretch(9.8, 12));
        List<HeardWord> words = WordTimes.of(
                String.join(" ", said), new Piece(0.8, 12.2, speech), Collections.nCopies(said.size(), -0.1));
        assertThat(words).hasSameSizeAs(said);
        double before = 1;
        for (HeardWord word : words) {
            assertThat(word.from()).isGreaterThanOrEqualTo(before - 0.81);
            assertThat(word.to()).isGreaterThanOrEqualTo(word.from()).isLessThanOrEqualTo(12 + 1e-6);
            before = word.from();
        }
    }
}
