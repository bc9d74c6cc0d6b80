package hitch.desk.mark;

import hitch.core.caption.Cue;
import hitch.core.footage.ClockText;
import hitch.core.job.Edit;
import hitch.core.survey.spoken.SpokenLine;
import hitch.core.talk.Commentary;
import hitch.desk.Context;
import hitch.desk.widget.Labels;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;

/** The words of one caption, to be mended where they were heard or written wrongly. */
final class CaptionWords extends HBox {
    private final Context desk;
    private final Label when = Labels.of("", "measure");
    private final TextField words = new TextField();
    private Runnable done = () -> {};
    private String commentary = "";
    private int cue;

    CaptionWords(Context desk) {
        super(8);
        this.desk = desk;
        setAlignment(Pos.CENTER_LEFT);
        words.setId("caption-words");
        words.setAccessibleText("Words of the caption");
        HBox.setHgrow(words, Priority.ALWAYS);
        words.setOnAction(e -> keep());
        words.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                leave();
                e.consume();
            }
        });
        getChildren().addAll(when, words);
        shown(false);
    }

    private void shown(boolean on) {
        setVisible(on);
        setManaged(on);
    }

    /**
     * @param then done when it is left, with or without a change
     */
    void edit(SpokenLine line, Runnable then) {
        Commentary said = line.commentary();
        cue = Integer.parseInt(line.spoken().key().split("-")[0]);
        commentary = said.id();
        done = then;
        when.setText(ClockText.of(said.cues().get(cue).start() + said.offset()));
        words.setText(said.cues().get(cue).text());
        shown(true);
        words.requestFocus();
        words.selectAll();
    }

    private void keep() {
        Optional<Commentary> now = desk.work().now().job().commentary(commentary);
        String text = words.getText().strip();
        if (now.isPresent() && cue < now.get().cues().size() && !text.isEmpty()) {
            Cue was = now.get().cues().get(cue);
            if (!was.text().equals(text)) {
                List<Cue> cues = new ArrayList<>(now.get().cues());
                cues.set(cue, new Cue(was.start(), was.end(), text));
                desk.work().apply(new Edit.PutCommentary(now.get().with(cues)));
            }
        }
        leave();
    }

    private void leave() {
        shown(false);
        done.run();
    }
}
