package hitch.desk.mark;

import hitch.core.run.Run;
import hitch.core.survey.RimsTell;
import hitch.desk.Context;
import hitch.desk.widget.Labels;
import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

/** Below the footage where the rims of the shown clip tell what nobody said of its pipe or its lens: taken or waved away with one click. */
final class RimsBar extends HBox {
    private final Context desk;
    private final JointBook joints;
    private final Label words = Labels.mayBeCut(Labels.of(""));
    private final Set<RimsTell> waved = new HashSet<>();
    private Optional<RimsTell> shown = Optional.empty();

    RimsBar(Context desk, JointBook joints) {
        super(10);
        this.desk = desk;
        this.joints = joints;
        setId("rims-tell");
        setAlignment(Pos.CENTER_LEFT);
        getStyleClass().add("see-better");
        HBox.setHgrow(words, Priority.ALWAYS);
        words.setMaxWidth(Double.MAX_VALUE);
        Button take = plain(Labels.button("Take it", "", "Take what the rims tell", this::take));
        take.setId("rims-take");
        Button leave = plain(Labels.button("Leave it", "", "Leave what the rims tell", this::leave));
        leave.setId("rims-leave");
        getChildren().addAll(words, take, leave);
        managedProperty().bind(visibleProperty());
        joints.toldProperty().addListener((o, was, is) -> update());
        desk.player().shownProperty().addListener((o, was, is) -> update());
        update();
    }

    private static Button plain(Button button) {
        button.setFocusTraversable(false);
        button.setMinWidth(Region.USE_PREF_SIZE);
        return button;
    }

    private void update() {
        shown = desk.player()
                .shown()
                .map(f -> joints.toldProperty().get().getOrDefault(f.clip().id(), RimsTell.NOTHING))
                .filter(t -> !t.words().isEmpty() && !waved.contains(t));
        words.setText(shown.map(RimsTell::words).orElse(""));
        setVisible(shown.isPresent());
    }

    private void take() {
        Optional<Run> run = desk.player()
                .shown()
                .flatMap(f -> desk.work().now().job().runOf(f.ref().clip()));
        if (run.isEmpty() || shown.isEmpty()) {
            return;
        }
        RimsTell told = shown.get();
        told.lens().ifPresent(lens -> desk.work().firm().heads().saw(run.get().equipment(), lens));
        desk.work().changes().changeRun(run.get().id(), r -> taken(r, told));
        leave();
    }

    private static Run taken(Run run, RimsTell told) {
        Run sized = told.bore().isEmpty()
                ? run
                : run.from(run.opening().withPipe(run.opening().pipe().withSize(told.bore())));
        return told.lens().isEmpty() ? sized : sized.with(sized.equipment().withLens(told.lens()));
    }

    private void leave() {
        shown.ifPresent(waved::add);
        update();
    }
}
