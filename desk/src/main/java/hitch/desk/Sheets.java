package hitch.desk;

import hitch.desk.firm.FirmSheet;
import hitch.desk.key.Act;
import hitch.desk.key.ActSearch;
import hitch.desk.key.KeySheet;
import hitch.desk.load.MissingSheet;
import hitch.desk.task.Task;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.StackPane;

/** What lies over the benches of a job for a while: keys, history, the firm's page, what is hidden, the question when it is left. */
final class Sheets {
    private final BorderPane view;
    private final Node under;
    private final Context desk;
    private boolean open;

    /**
     * @param under what is shown while no sheet lies over it
     */
    Sheets(BorderPane view, Node under, Context desk) {
        this.view = view;
        this.under = under;
        this.desk = desk;
    }

    boolean isOpen() {
        return open;
    }

    /** Takes the sheet away, where one lies there. */
    void close() {
        open = false;
        view.setCenter(under);
    }

    private void closeToBench() {
        close();
        under.requestFocus();
    }

    private void lay(Node sheet) {
        open = true;
        view.setCenter(sheet);
    }

    /** Shows what the firm keeps outside jobs. */
    void firm() {
        FirmSheet sheet = new FirmSheet(desk, this::closeToBench);
        lay(sheet);
        sheet.take();
    }

    /** Shows all acts of the bench on show and of everywhere, to be searched. */
    void acts(Bench bench, Consumer<Act> everywhere) {
        List<Act.Place> places = new ArrayList<>(bench.acts());
        places.add(Act.Place.EVERYWHERE);
        ActSearch sheet = new ActSearch(
                places,
                act -> {
                    if (act.place() == Act.Place.EVERYWHERE) {
                        everywhere.accept(act);
                    } else {
                        bench.key(act.pressed());
                    }
                },
                this::closeToBench);
        StackPane.setAlignment(sheet, Pos.TOP_CENTER);
        // What is to be done is done to what lies under it, which stays in sight.
        lay(new StackPane(under, sheet));
        sheet.take();
    }

    /** Shows what is missing before the van leaves. */
    void missing() {
        MissingSheet sheet = new MissingSheet(desk, this::closeToBench);
        lay(sheet);
        sheet.take();
    }

    void keys() {
        KeySheet sheet = new KeySheet(this::closeToBench);
        lay(sheet);
        sheet.take();
    }

    /** Shows what was done to the job, by whom and when. */
    void history() {
        HistorySheet sheet = new HistorySheet(desk.work(), this::closeToBench);
        lay(sheet);
        sheet.take();
    }

    /** Shows what a bench asks for, told how it is taken away. */
    void lay(Function<Runnable, Node> make) {
        lay(make.apply(this::closeToBench));
    }

    /** Asks what shall become of the long work under way when the job is left. */
    void leaving(List<Task> missed, LeaveSheet.Answers answers) {
        LeaveSheet sheet = new LeaveSheet(missed, answers);
        lay(sheet);
        sheet.take();
    }
}
