package hitch.desk.measure;

import hitch.core.finding.Finding;
import hitch.core.finding.LocatedFinding;
import hitch.core.footage.Drawn;
import hitch.core.job.Edit;
import hitch.desk.Context;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleObjectProperty;

/** The hand that draws on the chosen finding's still: what it draws with, and what stands there. */
public final class StillHand {
    /** What is drawn with. */
    enum Tool {
        RING("Ring", "Drag from one corner to the other."),
        ARROW("Arrow", "Drag to what it points at."),
        LINE("Line", "Draw along it."),
        WORDS("Words", "Type them here, then click where they go.");

        private final String title;
        private final String how;

        Tool(String title, String how) {
            this.title = title;
            this.how = how;
        }

        String title() {
            return title;
        }

        String how() {
            return how;
        }
    }

    private final Context desk;
    private final BooleanProperty on = new SimpleBooleanProperty();
    private final ObjectProperty<Tool> tool = new SimpleObjectProperty<>(Tool.RING);

    public StillHand(Context desk) {
        this.desk = desk;
        on.addListener((o, was, is) -> {
            if (is) {
                begin();
            }
        });
        desk.selected().addListener((o, was, is) -> {
            if (on.get()) {
                begin();
            }
        });
    }

    /** Whether drawing is on. */
    public BooleanProperty onProperty() {
        return on;
    }

    ObjectProperty<Tool> toolProperty() {
        return tool;
    }

    /** Goes to the still of the chosen finding. */
    private void begin() {
        desk.player().playingProperty().set(false);
        Optional<LocatedFinding> chosen = desk.selectedFinding();
        if (chosen.isEmpty()) {
            on.set(false);
            desk.work().notices().say("Choose the finding on whose still you want to draw.");
            return;
        }
        Finding finding = chosen.get().finding();
        desk.work()
                .now()
                .survey()
                .clip(finding.frame().clip())
                .ifPresent(c -> desk.player().seek(c, finding.frame()));
    }

    /** The chosen finding while its own frame is on show. */
    Optional<Finding> finding() {
        return desk.selectedFinding()
                .map(LocatedFinding::finding)
                .flatMap(f -> desk.work().now().job().finding(f.id()))
                .filter(f -> desk.player()
                        .shown()
                        .filter(s -> s.ref().equals(f.frame()))
                        .isPresent());
    }

    List<Drawn> marks() {
        return finding().map(Finding::drawn).orElse(List.of());
    }

    void add(Drawn mark) {
        finding().ifPresent(f -> {
            List<Drawn> more = new ArrayList<>(f.drawn());
            more.add(mark);
            desk.work().apply(new Edit.DrawOnStill(f.id(), more));
        });
    }

    /** Takes the last mark off again. */
    void back() {
        finding()
                .filter(f -> !f.drawn().isEmpty())
                .ifPresent(f -> desk.work()
                        .apply(new Edit.DrawOnStill(
                                f.id(), f.drawn().subList(0, f.drawn().size() - 1))));
    }

    void wipe() {
        finding()
                .filter(f -> !f.drawn().isEmpty())
                .ifPresent(f -> desk.work().apply(new Edit.DrawOnStill(f.id(), List.of())));
    }
}
