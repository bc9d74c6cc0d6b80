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
