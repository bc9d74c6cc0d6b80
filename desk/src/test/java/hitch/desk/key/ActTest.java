package hitch.desk.key;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import org.junit.jupiter.api.Test;

class ActTest {
    private static KeyEvent pressed(KeyCode code, boolean shift, boolean control) {
        return new KeyEvent(KeyEvent.KEY_PRESSED, "", "", code, shift, control, false, false);
    }

    @Test
    void noTwoActsOfAPlaceHaveOneKeyNorOneOfEverywhere() {
        for (Act.Place place : Act.Place.values()) {
            Map<KeyCombination, Act> taken = new HashMap<>();
            Act.of(Act.Place.EVERYWHERE).forEach(a -> a.keys().forEach(k -> taken.put(k, a)));
            if (place != Act.Place.EVERYWHERE) {
                for (Act act : Act.of(place)) {
                    for (KeyCombination key : act.keys()) {
                        assertThat(taken.put(key, act))
                                .as("%s has the key %s too", act, key)
                                .isNull();
                    }
                }
            }
        }
    }

    @Test
    void everyActIsFoundByEachOfItsKeys() {
        assertThat(Act.at(Act.Place.MARK, pressed(KeyCode.LEFT, false, false))).contains(Act.FRAME_BACK);
        assertThat(Act.at(Act.Place.MARK, pressed(KeyCode.LEFT, true, false))).contains(Act.TEN_BACK);
        assertThat(Act.at(Act.Place.MARK, pressed(KeyCode.EQUALS, true, false))).contains(Act.CHART_IN);
        assertThat(Act.at(Act.Place.MARK, pressed(KeyCode.N, false, true))).isEmpty();
        assertThat(Act.at(Act.Place.LINE, pressed(KeyCode.N, false, false))).contains(Act.FINDING_NEXT);
        assertThat(Act.at(Act.Place.EVERYWHERE, pressed(KeyCode.SLASH, true, false)))
                .contains(Act.SHEET);
        assertThat(Act.at(Act.Place.EVERYWHERE, pressed(KeyCode.Z, false, true)))
                .contains(Act.UNDO);
        assertThat(Act.at(Act.Place.EVERYWHERE, pressed(KeyCode.Z, true, true))).contains(Act.REDO);
    }

    @Test
    void keysAreWrittenAsOnAKeyboard() {
        assertThat(Act.UNDO.key()).isEqualTo("Ctrl+Z");
        assertThat(Act.REDO.key()).isEqualTo("Ctrl+Shift+Z");
        assertThat(Act.SHEET.key()).isEqualTo("?");
        assertThat(Act.FRAME_BACK.key()).isEqualTo("←");
        assertThat(Act.TEN_BACK.key()).isEqualTo("Shift+←");
        assertThat(Act.CLIP_LATER.key()).isEqualTo("Alt+↓");
        assertThat(Act.PIPE_BACK.key()).isEqualTo(",");
        for (Act act : Act.values()) {
            assertThat(act.key()).isNotBlank();
            assertThat(act.words()).isNotBlank();
        }
    }
}
