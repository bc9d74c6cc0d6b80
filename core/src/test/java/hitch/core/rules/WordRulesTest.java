package hitch.core.rules;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hitch.core.finding.FindingKind;
import java.util.Map;
import org.junit.jupiter.api.Test;

class WordRulesTest {
    @Test
    void ownWordsAreReadBackAsTheyWereWritten() {
        WordRules words = new WordRules(Map.of("fuzz", FindingKind.ROOTS, "beaver dam", FindingKind.BLOCKAGE));
        assertThat(words.text()).isEqualTo("beaver dam = blockage\nfuzz = roots");
        assertThat(WordRules.parse("\n" + words.text() + "\n")).isEqualTo(words);
        assertThat(WordRules.parse("Fuzz =  Roots")).isEqualTo(new WordRules(Map.of("fuzz", FindingKind.ROOTS)));
    }

    @Test
    void aLineThatNamesNoKindIsTold() {
        for (String line : new String[] {"fuzz", "= roots", "fuzz = fluff"}) {
            assertThatThrownBy(() -> WordRules.parse(line)).hasMessageContaining("\"" + line + "\" names no kind");
        }
    }
}
