package hitch.media.voice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Names that are not said as they are written, and who says them. */
class SaidAsTest {
    @Test
    void wholeWordsAreSaidOtherwiseInAnyCaseAndInThePossessive() {
        SaidAs said = SaidAs.parse("Brandt = Brahnt\n\nZ\u00e9ly= Zay lee\n");
        assertThat(said.of("Brandt's drain, BRANDT, and Brandtson."))
                .isEqualTo("Brahnt's drain, Brahnt, and Brandtson.");
        assertThat(said.of("From z\u00e9ly to the street.")).isEqualTo("From Zay lee to the street.");
        assertThat(SaidAs.parse(said.text())).isEqualTo(said);
        assertThat(SaidAs.NOTHING.of("Brandt.")).isEqualTo("Brandt.");
    }

    @Test
    void aLineThatTellsNoWordIsNamed() {
        for (String line : List.of("Brandt", "= Brahnt", "Brandt =", "31 = thirty one")) {
            assertThatThrownBy(() -> SaidAs.parse(line))
                    .as(line)
                    .isInstanceOf(IllegalArgumentException.class)
                    .hasMessageContaining("\"" + line + "\"");
        }
    }

    @Test
    void theNarratorHearsItAsItIsSaid() throws Exception {
        List<String> heard = new ArrayList<>();
        Narrator voice = text -> {
            heard.add(text);
            return new Sound(new float[1], Narrator.RATE);
        };
        SaidAs.parse("Brandt = Brahnt").spokenBy(voice).speak("Odile Brandt called.");
        assertThat(heard).containsExactly("Odile Brahnt called.");
    }

    @Test
    void aSpeakerAndAPaceAreReadBackAndBadOnesNamed() {
        Speaking how = new Speaking(Speaker.CLEAR, 1.06);
        assertThat(Speaking.parse(how.text())).isEqualTo(how);
        assertThat(Speaking.parse("deep")).isEqualTo(Speaking.USUAL.by(Speaker.DEEP));
        assertThat(how.at(0.9).by(Speaker.PLAIN)).isEqualTo(new Speaking(Speaker.PLAIN, 0.9));
        assertThatThrownBy(() -> Speaking.parse("loud 1")).hasMessageContaining("warm, plain, clear, deep");
        assertThatThrownBy(() -> Speaking.parse("warm soon")).hasMessageContaining("no pace");
        assertThatThrownBy(() -> Speaking.parse("warm 3")).hasMessageContaining("between 0.8 and 1.2");
    }
}
