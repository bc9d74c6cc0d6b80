package hitch.desk;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.finding.FindingKind;
import hitch.core.footage.Clip;
import hitch.core.heard.HeardWord;
import hitch.core.talk.Commentary;
import hitch.desk.record.SimulatedMicrophone;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.media.ears.Ears;
import hitch.media.ears.Heard;
import hitch.media.ears.Listener;
import hitch.media.voice.Narrator;
import hitch.media.voice.Sound;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeoutException;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.BiConsumer;
import javafx.scene.Node;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** Hitch listens to a clip; it is stopped and goes on, its words are mended; a note is spoken while a key is held. */
class ListenWindowTest extends OpenWindow {
    private static final List<List<String>> PIECES = List.of(
            List.of("Zero", "at", "the", "cap."),
            List.of("Roots", "at", "nine", "feet."),
            List.of("Offset", "at", "twelve", "feet."));

    private final CountDownLatch going = new CountDownLatch(1);
    /** Where each attempt began. */
    private final List<Double> began = new ArrayList<>();

    private volatile boolean held = true;

    @Override
    protected Senses senses() {
        Ears ears = new Ears() {
            @Override
            public Heard hear(Sound sound) {
                return new Heard("Heavy routes at the top.", -0.1);
            }

            @Override
            public void close() {}
        };
        return new Senses(
                STAND_IN,
                () -> ears,
                () -> {
                    AtomicLong now = new AtomicLong();
                    Sound sound = new Sound(new float[Narrator.RATE * 3], Narrator.RATE);
                    return new SimulatedMicrophone(sound, () -> now.addAndGet(300_000_000));
                },
                this::listen);
    }

    /** Three pieces; after the first it waits until it is stopped, the first time. */
    private List<HeardWord> listen(
            Listener.Source sound,
            List<HeardWord> heard,
            double from,
            BiConsumer<Double, List<HeardWord>> kept,
            Progress progress)
            throws MediaException {
        began.add(from);
        List<HeardWord> words = new ArrayList<>(heard);
        for (int piece = (int) Math.round(from); piece < PIECES.size(); piece++) {
            double at = piece;
            for (String word : PIECES.get(piece)) {
                words.add(new HeardWord(word, at, at + 0.2, -0.1));
                at += 0.2;
            }
            kept.accept(piece + 1.0, List.copyOf(words));
            going.countDown();
            while (held) {
                progress.at(0.3, "writing down what is said");
                Thread.onSpinWait();
            }
            progress.at(0.5, "writing down what is said");
        }
        return words;
    }

    private Commentary heard() {
        Clip clip = survey().clips().getFirst();
        return job().work().now().job().commentary("heard-" + clip.id()).orElseThrow();
    }

    private ListView<?> queue() {
        return lookup("#spoken").queryAs(ListView.class);
    }

    @Test
    void itIsStoppedGoesOnAndItsWordsAreMended() throws Exception {
        push(KeyCode.CONTROL, KeyCode.L);
        going.await();
        until(() -> told(".label").stream().anyMatch(t -> t.startsWith("Listening to")));
        Node stop = named("Stop: Listening to " + survey().clips().getFirst().fileName());
        clickOn(stop);
        until(() -> notice().contains("it goes on from there"));
        assertThat(job().work().now().job().talk()).isEmpty();
        held = false;
        push(KeyCode.CONTROL, KeyCode.L);
        until(() -> !job().work().now().job().talk().isEmpty());
        assertThat(began).containsExactly(0.0, 1.0);
        assertThat(heard().cues())
                .extracting(c -> c.text())
                .containsExactly("Zero at the cap.", "Roots at 9 feet.", "Offset at 12 feet.");
        push(KeyCode.CONTROL, KeyCode.L);
        until(() -> notice().contains("is written down already"));
        push(KeyCode.T);
        until(() -> queue().getItems().size() == 3);
        interact(() -> {
            queue().getSelectionModel().select(1);
            queue().requestFocus();
        });
        push(KeyCode.W);
        until(() -> lookup("#caption-words").queryAs(TextField.class).isVisible());
        interact(() -> lookup("#caption-words").queryAs(TextField.class).setText("Wipes at nine feet."));
        push(KeyCode.ENTER);
        until(() -> heard().cues().get(1).text().equals("Wipes at nine feet."));
        until(() -> queue().getItems().get(1).toString().contains("WIPES"));
        push(KeyCode.CONTROL, KeyCode.Z);
        until(() -> heard().cues().get(1).text().equals("Roots at 9 feet."));
    }

    @Test
    void aNoteIsSpokenWhileAKeyIsHeld() throws TimeoutException {
        press(KeyCode.F);
        until(() -> told(".label").contains("Speak…"));
        release(KeyCode.F);
        until(() -> lookup("#note").queryAs(TextField.class).getText().equals("Heavy roots at the top"));
        push(KeyCode.ENTER);
        until(() -> !job().work().now().job().findings().isEmpty());
        assertThat(job().work().now().job().findings().getFirst().kind()).isEqualTo(FindingKind.ROOTS);
        push(KeyCode.CONTROL, KeyCode.Z);
        until(() -> job().work().now().job().findings().isEmpty());
    }
}
