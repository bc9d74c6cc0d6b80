package hitch.desk.record;

import hitch.core.job.Recording;
import hitch.core.story.ReadAloud;
import hitch.desk.Context;
import hitch.desk.play.DeviceSpeaker;
import hitch.desk.play.Speaker;
import hitch.desk.widget.Labels;
import hitch.media.voice.Sound;
import java.util.Arrays;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** What came of a take: how it looks, what of it is used, where it was heard otherwise than written, and what becomes of it. */
final class TakeView extends VBox {
    private static final double WIDE = 920;

    /** What is done with a take. */
    interface Acts {
        /**
         * @param says the words it stands for
         */
        void keep(Recording recording, String says);

        void again();

        /** So many seconds of it are used. */
        void trimmed(double seconds);
    }

    private final Context desk;
    private final Takes.Made made;
    private final Acts acts;
    private final Speaker speaker = new DeviceSpeaker();
    private final Button first;
    private Recording used;

    TakeView(Context desk, Takes.Made made, Acts acts) {
        super(12);
        this.desk = desk;
        this.made = made;
        this.acts = acts;
        used = made.recording();
        WaveView wave = new WaveView(desk.theme(), this::trimmed);
        wave.show(made.sound(), used.from(), used.to());
        Button again = Labels.button("Read it again", "", "Record it again; this take is not used", acts::again);
        again.setId("record-again");
        Button play = Labels.button("Play", "", "Play what is used", this::play);
        Button kept = Labels.button(
                "Keep it",
                "",
                "Keep the recording with the words as they are written",
                () -> acts.keep(used, used.says()));
        kept.setId("record-keep");
        HBox row = new HBox(12, kept, play, again);
        row.setAlignment(Pos.CENTER_LEFT);
        if (made.take().aloud().differences().isEmpty()) {
            kept.getStyleClass().add("main-action");
            first = kept;
        } else {
            // Words that are not those written are not kept by a key that was pressed too soon.
            first = again;
            kept.setText("Keep it; what is written stands");
            Button heard = Labels.button(
                    "Keep it; what was heard stands",
                    "",
                    "Keep the recording and write what was heard",
                    this::takeHeard);
            heard.setId("record-heard");
            row.getChildren().add(1, heard);
        }
        getChildren().addAll(wave, told(), row);
        sceneProperty().addListener((o, was, is) -> {
            if (is == null) {
                desk.work()
                        .inBackground(
                                () -> {
                                    speaker.close();
                                    return used;
                                },
                                u -> {});
            }
        });
    }

    /** Puts the hand on what is likely done next. */
    void take() {
        first.requestFocus();
    }

    /** Where what was heard is not what is written. */
    private VBox told() {
        VBox box = new VBox(6);
        box.setId("record-told");
        made.unheard().ifPresent(why -> box.getChildren().add(wrapped(why, "soft")));
        List<ReadAloud.Difference> differences = made.take().aloud().differences();
        if (differences.isEmpty()) {
            if (made.unheard().isEmpty()) {
                box.getChildren().add(Labels.of("What was heard is what is written.", "soft"));
            }
            return box;
        }
        box.getChildren().add(Labels.of("Heard otherwise than written:", "strong"));
        differences.forEach(d -> box.getChildren().add(wrapped(words(d))));
        box.getChildren().add(wrapped("In all: \u201c" + made.take().heard() + "\u201d", "soft"));
        return box;
    }

    private static String words(ReadAloud.Difference d) {
        if (d.written().isBlank()) {
            return "heard \u201c" + d.heard() + "\u201d, which is not written";
        }
        return "\u201c" + d.written() + "\u201d is written"
                + (d.heard().isBlank() ? " and was not heard" : ", \u201c" + d.heard() + "\u201d was heard");
    }

    private static Label wrapped(String text, String... styles) {
        Label label = Labels.of(text, styles);
        label.setWrapText(true);
        label.setMaxWidth(WIDE);
        return label;
    }

    private void takeHeard() {
        String heard = made.take().heard();
        ReadAloud of = ReadAloud.of(heard, heard, made.take().stretches());
        acts.keep(used.saying(heard, of.sentences()), heard);
    }

    private void trimmed(double from, double to) {
        used = used.trimmed(from, to);
        acts.trimmed(used.seconds());
    }

    private void play() {
        Recording now = used;
        desk.work().inBackground(() -> sounded(now), heard -> {
            if (!heard) {
                desk.work().notices().say("Nothing can be heard: this machine has no sound device.");
            }
        });
    }

    private boolean sounded(Recording now) {
        Sound sound = made.sound();
        boolean open = speaker.open();
        if (open) {
            int end = (int) Math.min(sound.samples().length, now.to() * sound.rate());
            speaker.write(Arrays.copyOfRange(sound.samples(), (int) (now.from() * sound.rate()), end));
        }
        return open;
    }
}
