package hitch.desk.cut;

import hitch.core.footage.ClockText;
import hitch.core.job.ClipWords;
import hitch.core.job.Recording;
import hitch.core.job.ShotVoice;
import hitch.core.story.FootageShot;
import hitch.core.story.ScriptLine;
import hitch.desk.key.Act;
import hitch.desk.record.RecordSheet;
import hitch.desk.widget.Fields;
import hitch.desk.widget.Labels;
import hitch.desk.widget.Typing;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/** Who speaks over the chosen paragraph's shot: the narrator, oneself, or the technician on the clip. */
final class VoicePane extends VBox {
    private final ScriptRoom room;
    private final SaidOnClip said;
    private Object shown;

    VoicePane(ScriptRoom room) {
        super(6);
        this.room = room;
        this.said = new SaidOnClip(room.desk().work());
        setId("shot-voice");
        room.chosen().addListener((o, was, is) -> Typing.orOnceLeft(this, this::fill));
        room.writtenProperty().addListener((o, was, is) -> Typing.orOnceLeft(this, this::fill));
    }

    /** Reads the chosen paragraph out. */
    void record() {
        room.chosenLine()
                .filter(l -> !l.shot().narration().isBlank())
                .ifPresent(line -> room.desk()
                        .lay(leave -> new RecordSheet(
                                room.desk(),
                                line.shot().narration(),
                                (recording, words) -> keep(line, recording, words),
                                leave)));
    }

    private void keep(ScriptLine line, ShotVoice voice, String words) {
        String key = line.proposed().key();
        room.change(
                key,
                c -> (words.equals(line.shot().narration())
                                ? c
                                : c.saying(words, line.proposed().facts()))
                        .withVoice(Optional.of(voice)));
    }

    private void fill() {
        ScriptLine line = room.chosenLine().orElse(null);
        if (line == null
                || line.shot().narration().isBlank() && line.change().voice().isEmpty()) {
            shown = null;
            getChildren().clear();
            return;
        }
        List<ClipWords> near = room.recipient().get().hearsClips() ? said.near(line) : List.of();
        Object now = List.of(line, near);
        if (now.equals(shown)) {
            return;
        }
        shown = now;
        getChildren().clear();
        String key = line.proposed().key();
        Optional<ShotVoice> voice = line.change().voice();
        boolean stands =
                voice.map(v -> v.says().equals(line.shot().narration())).orElse(true);
        Label who = Labels.of(
                voice.map(v -> switch (v) {
                            case Recording r -> String.format(Locale.ROOT, "Spoken by you, %.1f s", r.seconds());
                            case ClipWords w -> "Spoken by the technician on the clip";
                        })
                        .orElse("Spoken by the narrator"),
                "strong");
        who.setId("voice-who");
        if (!stands) {
            Label other = Labels.of(
                    "What was recorded says other words, so the narrator speaks: \u201c"
                            + voice.orElseThrow().says() + "\u201d",
                    "soft");
            other.setWrapText(true);
            other.setId("voice-other-words");
            getChildren().add(other);
        }
        FlowPane acts = new FlowPane(8, 8, who);
        acts.setAlignment(Pos.CENTER_LEFT);
        Button record =
                act(voice.isEmpty() ? "Read it yourself…" : "Read it again…", Act.RECORD_WORDS.words(), this::record);
        record.setId("voice-record");
        acts.getChildren().add(record);
        if (!near.isEmpty()) {
            acts.getChildren().add(technician(line, near));
        }
        if (voice.isPresent()) {
            Button back = act(
                    "Back to the narrator",
                    "Let the narrator speak this paragraph",
                    () -> room.change(key, c -> c.withVoice(Optional.empty())));
            back.setId("voice-narrator");
            acts.getChildren().add(back);
        }
        getChildren().addFirst(acts);
        if (line.shot() instanceof FootageShot f && room.recipient().get().hearsClips() && said.hasSound(f)) {
            var bed = Fields.check(
                    "The clip's sound runs low under it",
                    line.change().bed().orElse(false),
                    on -> room.change(key, c -> c.withBed(on ? Optional.of(true) : Optional.empty())));
            bed.setId("voice-bed");
            getChildren().add(bed);
        }
    }

    private MenuButton technician(ScriptLine line, List<ClipWords> near) {
        MenuButton menu = new MenuButton("The technician's words");
        menu.setId("voice-technician");
        menu.getStyleClass().add("quiet-act");
        for (ClipWords words : near) {
            MenuItem item = new MenuItem(ClockText.of(said.moment(words).orElse(0)) + "   " + shortened(words.says()));
            item.setOnAction(e -> said.cut(words, cut -> keep(line, cut, cut.says())));
            menu.getItems().add(item);
        }
        return menu;
    }

    private static String shortened(String words) {
        return words.length() <= 70 ? words : words.substring(0, 68) + "…";
    }

    private static Button act(String words, String what, Runnable run) {
        Button button = Labels.button(words, "", what, run);
        button.getStyleClass().add("quiet-act");
        return button;
    }
}
