package hitch.desk;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.sketch.Tone;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import javafx.scene.paint.Color;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Marks on the drawings stand out from what they are drawn on (WCAG 2.2, 1.4.11). */
class TonesTest {
    private static final double MARKS = 3;

    @Test
    void theStylesheetHasTheSameColours() throws IOException {
        String css;
        try (var file = Tones.class.getResourceAsStream("desk.css")) {
            css = new String(file.readAllBytes(), StandardCharsets.UTF_8);
        }
        String light = css.substring(css.indexOf(".light {"), css.indexOf(".dark {"));
        for (Tone tone : new Tone[] {Tone.PAPER, Tone.CARD, Tone.EDGE, Tone.INK, Tone.SOFT, Tone.COPPER, Tone.ROPE}) {
            assertThat(light).contains("-h-" + tone.name().toLowerCase(Locale.ROOT) + ": " + tone.hex() + ";");
        }
        assertThat(css).contains(".well { -fx-background-color: " + Tone.WELL.hex());
    }

    @ParameterizedTest
    @ValueSource(booleans = {false, true})
    void everyMarkStandsOut(boolean dark) {
        Tones tones = dark ? Tones.DARK : Tones.LIGHT;
        for (Color ground : new Color[] {tones.paper(), tones.card()}) {
            for (Color mark :
                    new Color[] {tones.ink(), tones.soft(), tones.path(), tones.rope(), tones.copper(), tones.water()
                    }) {
                assertThat(SceneWalk.contrast(mark, ground))
                        .as("%s on %s", mark, ground)
                        .isGreaterThanOrEqualTo(MARKS);
            }
        }
    }
}
