package hitch.desk.mark;

import hitch.core.counter.CounterTrace;
import hitch.core.footage.ClockText;
import hitch.core.propose.OffRun;
import hitch.core.run.Run;
import hitch.core.survey.PlaceWords;
import hitch.desk.Context;
import hitch.desk.play.Player;
import hitch.desk.widget.Ends;
import hitch.desk.widget.Labels;
import java.util.Locale;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** Where and when the shown frame is, large under the footage: station, pass, speed, time. */
final class Readout extends VBox {
    private final Context desk;
    private final Label station = Labels.of("", "station");
    private final Label side = Labels.of("", "soft");
    private final Label run = Labels.of("", "strong");
    private final Label motion = Labels.of("", "measure");
    private final Label time = Labels.of("", "measure-large");
    private final Label frame = Labels.of("", "measure", "soft");

    Readout(Context desk, CounterBar counter) {
        this.desk = desk;
        getStyleClass().add("readout");
        station.setId("station");
        VBox where = new VBox(station, side);
        VBox what = new VBox(4, run, motion);
        Label sound = Labels.of("", "soft", "small");
        sound.setId("sound");
        sound.textProperty().bind(desk.player().soundProperty());
        HBox below = new HBox(10, sound, frame);
        below.setAlignment(Pos.CENTER_RIGHT);
        VBox when = new VBox(2, time, below);
        where.setAlignment(Pos.CENTER_LEFT);
        what.setAlignment(Pos.CENTER_LEFT);
        when.setAlignment(Pos.CENTER_RIGHT);
        getChildren().add(new Ends(Ends.part(20, where, what, counter), Ends.part(0, when)));
        desk.player().shownProperty().addListener((o, was, is) -> update());
        desk.work().snapshotProperty().addListener((o, was, is) -> update());
        update();
    }

    private void update() {
        Player.Frame shown = desk.player().shownProperty().get();
        if (shown == null) {
            station.setText("no picture");
            side.setText("");
            run.setText("");
            motion.setText("");
            time.setText("");
            frame.setText("");
            return;
        }
        var survey = desk.work().now().survey();
        Optional<PlaceWords> at = survey.placeAt(shown.ref());
        Optional<Run> on = survey.runOf(shown.clip().id());
        Optional<OffRun> off = on.isPresent()
                ? Optional.empty()
                : Optional.of(desk.work().clips().offRun(shown.clip()));
        station.setText(
                at.map(PlaceWords::distance).or(() -> off.map(OffRun::word)).orElse("no reading"));
        side.setText(at.map(PlaceWords::way)
                .filter(s -> !s.isEmpty())
                .or(() -> off.map(Readout::asked))
                .orElseGet(() -> at.isEmpty() ? "set the counter here with C" : "at the opening"));
        run.setText(on.map(Run::name).orElse(shown.clip().fileName()));
        CounterTrace trace = survey.traces().get(shown.clip().id());
        motion.setText(on.isEmpty() || trace == null ? "" : motion(trace, shown));
        time.setText(ClockText.of(shown.seconds()) + " / "
                + ClockText.of(shown.clip().seconds()));
        frame.setText("frame " + shown.number());
    }

    private static String asked(OffRun off) {
        return off == OffRun.ABOVE_GROUND ? "this clip is on no run" : "put it on one on Load";
    }

    private static String motion(CounterTrace trace, Player.Frame shown) {
        long pts = shown.picture().pts();
        double feet = Math.abs(trace.speedAt(pts)) / 304.8;
        String heading = trace.headingAt(pts).word();
        return feet < 0.05 ? heading : String.format(Locale.ROOT, "%s  %.1f ft/s", heading, feet);
    }
}
