package hitch.desk.handover;

import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.sketch.FilmMap;
import hitch.core.story.StoryWish;
import hitch.core.survey.Survey;
import hitch.desk.Context;
import hitch.desk.task.Rank;
import hitch.desk.widget.Fields;
import hitch.desk.widget.Labels;
import hitch.media.film.FilmShape;
import hitch.store.StoreException;
import hitch.store.handover.FilmFit;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** How large a parcel may be, and what that comes to: measured before anything is made. */
final class FitChoice extends VBox {
    /**
     * A size to keep within.
     *
     * @param most bytes; 0 for any
     */
    record Target(String words, long most) {}

    private static final Target ANY = new Target("as large as it comes", 0);
    private static final List<Target> TARGETS = List.of(
            ANY,
            new Target("20 MB, for a mail", 20_000_000),
            new Target("50 MB", 50_000_000),
            new Target("100 MB", 100_000_000),
            new Target("4 GB, for a stick", 4_000_000_000L));

    private final Context desk;
    private final ComboBox<Target> target;
    private final Label told = Labels.of("", "soft");
    private final ReadOnlyBooleanWrapper open = new ReadOnlyBooleanWrapper();
    private Optional<FilmShape> fitted = Optional.empty();
    private Object asked = "";
    private Recipient whom;
    private StoryWish wish;
    private FilmShape full;

    FitChoice(Context desk) {
        super(4);
        this.desk = desk;
        target = Fields.choice("How large the parcel may be", TARGETS, ANY, Target::words, t -> ask());
        target.setId("fit");
        told.setWrapText(true);
        told.setId("fit-told");
        told.managedProperty().bind(told.textProperty().isNotEmpty());
        getChildren().addAll(Fields.named("The parcel may take", target), told);
    }

    /** Whether it is not known yet what fits. */
    ReadOnlyBooleanProperty openProperty() {
        return open.getReadOnlyProperty();
    }

    /** For whom, how long and how large at most the film is to be. */
    void show(Recipient recipient, StoryWish length, FilmShape shape) {
        whom = recipient;
        wish = length;
        full = shape;
        ask();
    }

    /** The shape that fits; the full one where any size is fine. */
    FilmShape shape() {
        return fitted.orElse(full);
    }

    private void ask() {
        Target most = target.getValue();
        Object now = List.of(most, whom, wish, full, desk.work().now().history().standing());
        if (now.equals(asked)) {
            return;
        }
        asked = now;
        fitted = Optional.empty();
        told.setText("");
        open.set(most.most() > 0);
        if (most.most() == 0) {
            return;
        }
        Survey survey = desk.work().now().survey();
        FilmFit fit = new FilmFit(
                Disclosure.of(survey, whom),
                whom.isPublic() ? Optional.empty() : FilmMap.of(survey),
                desk.work().footage());
        StoryWish length = wish;
        FilmShape shape = full;
        told.setText("Measuring what fits…");
        desk.work()
                .longWork(
                        "Measuring what fits into " + most.words(),
                        Rank.ASKED,
                        progress -> {
                            try {
                                return fit.within(length, shape, most.most(), progress);
                            } catch (StoreException e) {
                                return e;
                            }
                        },
                        found -> {
                            if (now.equals(asked)) {
                                found(found);
                            }
                        });
    }

    private void found(Object found) {
        if (found instanceof FilmFit.Fit fit) {
            fitted = Optional.of(fit.film().shape());
            told.setText(fit.words());
            open.set(false);
        } else {
            told.setText(((Exception) found).getMessage());
        }
    }
}
