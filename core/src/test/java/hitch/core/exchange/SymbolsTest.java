package hitch.core.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.story.Cutting.Caption;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SymbolsTest {
    @Test
    void controlCharactersAreSeenAndDoNothing() {
        assertThat(Symbols.shown("a\u0000b\u001b[2Jc\u007f")).isEqualTo("a\u2400b\u241b[2Jc\u2421");
        assertThat(Symbols.shown("half \ud83d of a pair")).isEqualTo("half \ufffd of a pair");
        assertThat(Symbols.shown("whole \ud83d\ude00")).isEqualTo("whole \ud83d\ude00");
    }

    @Property
    void nothingOfThemIsLeftInAnyText(@ForAll String text) {
        assertThat(Symbols.shown(text).chars().filter(c -> c < ' ' && c != '\n' && c != '\t' && c != '\r'))
                .isEmpty();
        assertThat(Symbols.shown(Symbols.shown(text))).isEqualTo(Symbols.shown(text));
    }

    @ParameterizedTest
    @ValueSource(strings = {"-->", "--->", "---->", "-- -->>", "-->-->", "--->-->", "a --\u0000-> b"})
    void noTextForgesTheTimesOfACue(String text) {
        String words = "00:00:01,000 " + text + " 00:00:02,000";
        String written = CaptionText.subRip(List.of(new Caption(0, 1, words), new Caption(1, 2, words)));
        assertThat(written.lines().filter(l -> l.contains("-->"))).hasSize(2);
        assertThat(CaptionText.webVtt(List.of(new Caption(0, 1, words))).lines().filter(l -> l.contains("-->")))
                .hasSize(1);
    }

    @Property
    void noneDoesWhateverItIs(@ForAll String words) {
        String written = CaptionText.subRip(List.of(new Caption(0, 1, words)));
        assertThat(written.lines().filter(l -> l.contains("-->"))).hasSize(1);
        assertThat(written).doesNotContain("\u0000");
    }
}
