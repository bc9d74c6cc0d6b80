package hitch.core.note.grammar;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Sentences in many voices against what they should be read as; the figures are in docs/NOTES.md. */
class CorpusTest {
    @ParameterizedTest
    @ValueSource(strings = {"first", "second", "third", "fourth", "fifth", "sixth", "seventh", "eighth", "ninth"})
    void sentencesThatTheGrammarWasMadeWithAreRead(String part) throws IOException {
        Corpus.Score score = Corpus.read("corpus-" + part + ".txt");
        assertThat(score.rightShare()).as(score.wrongOnes()).isGreaterThanOrEqualTo(0.95);
        assertThat(score.inventedShare()).as(score.wrongOnes()).isLessThanOrEqualTo(0.06);
    }

    @Test
    void allOfThemTogether() throws IOException {
        Corpus.Score all = Corpus.Score.NONE;
        for (String part :
                new String[] {"first", "second", "third", "fourth", "fifth", "sixth", "seventh", "eighth", "ninth"}) {
            all = all.plus(Corpus.read("corpus-" + part + ".txt"));
        }
        assertThat(all.sentences()).isGreaterThan(1000);
        assertThat(all.rightShare()).isGreaterThan(0.98);
        assertThat(all.inventedShare()).isLessThan(0.03);
    }
}
