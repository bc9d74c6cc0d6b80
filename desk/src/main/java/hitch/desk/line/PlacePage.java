package hitch.desk.line;

import hitch.core.footage.FrameRef;
import hitch.core.measure.Extent;
import hitch.core.measure.LengthUnit;
import hitch.core.measure.Station;
import hitch.core.pipe.Branch;
import hitch.core.pipe.PipeSpan;
import hitch.core.survey.Fall;
import hitch.core.survey.Line;
import hitch.core.survey.Survey;
import hitch.core.survey.Way;
import hitch.core.survey.told.Surfaces;
import hitch.desk.Context;
import hitch.desk.key.Act;
import hitch.desk.play.FramePicture;
import hitch.desk.widget.CameraTime;
import hitch.desk.widget.Labels;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.IntConsumer;
import javafx.scene.Node;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** A place on a pipe where nothing was found: its best picture, what is known there, every time the camera passed. */
final class PlacePage {
    /** More than this many times are not offered one by one. */
    private static final int TIMES = 6;

    private final Context desk;
    private final FramePicture picture;
    private final IntConsumer along;

    /**
     * @param along goes so many steps along the pipe, or back
     */
    PlacePage(Context desk, FramePicture picture, IntConsumer along) {
        this.desk = desk;
        this.picture = picture;
        this.along = along;
    }

    Node build(Way way, Station at) {
        Survey survey = desk.work().now().survey();
        String where =
                survey.line().place(way.name(), at, survey.facts().unit()).all();
        Table passed = new Table("When the camera was there");
        List<CameraTime> times = CameraTime.at(survey, way, at);
        for (CameraTime time : times.subList(0, Math.min(TIMES, times.size()))) {
            passed.row(time.words(), Labels.button("Open", "", "Open " + time.words(), () -> desk.open(time.frame())));
        }
        if (times.isEmpty()) {
            passed.words("The camera was never there.");
        } else if (times.size() > TIMES) {
            passed.words("and " + (times.size() - TIMES) + " times more: click the pipe beside the chart on Mark");
        }
        HBox box = new HBox(32, shown(survey.bestAt(way.name(), at), where), facts(survey, way, at, where), passed);
        box.getStyleClass().add("page");
        return box;
    }

    private VBox shown(Optional<FrameRef> best, String where) {
        VBox left = new VBox(8, picture);
        best.ifPresentOrElse(
                frame -> {
                    picture.show(frame, where);
                    left.getChildren()
                            .add(Labels.button(
                                    "Open on Mark",
                                    Act.OPEN_FOOTAGE.key(),
                                    "Open the footage of this place",
                                    () -> desk.open(frame)));
                },
                picture::clear);
        left.getChildren()
                .add(new HBox(
                        8,
                        Labels.button(
                                "Back", Act.PIPE_BACK.key(), "Go back along the pipe a little", () -> along.accept(-1)),
                        Labels.button(
                                "On", Act.PIPE_ON.key(), "Go on along the pipe a little", () -> along.accept(1))));
        return left;
    }

    private static Table facts(Survey survey, Way way, Station at, String where) {
        Line line = survey.line();
        LengthUnit unit = survey.facts().unit();
        Table table = new Table("Nothing found here");
        table.row("Where", where);
        way.spanAt(at).map(PipeSpan::words).ifPresent(words -> table.row("Pipe", words));
        line.seeing()
                .at(way.name(), at)
                .ifPresent(p -> table.row("Seen", p.best().word() + (p.why().isBlank() ? "" : ", " + p.why())));
        line.seeing()
                .hiddenAt(way.name(), at)
                .ifPresent(w -> table.row("Hidden", w.hidden().words() + ", by " + w.by()));
        line.depths()
                .invertAt(way.name(), at)
                .ifPresent(d -> table.row("Bottom of pipe", unit.forDepths().show(d) + " deep"));
        line.depths()
                .trench(way.name(), Extent.at(at))
                .ifPresent(d -> table.row("Trench", unit.forDepths().show(d) + " to dig here"));
        if (way.name().equals(Branch.LINE)) {
            Surfaces.of(survey.findings()).at(at).ifPresent(s -> table.row("Above", s.word()));
        }
        table.row(
                "Whose",
                line.whose()
                                .isOwners(line.ways(), way.name(), at)
                                .map(o -> o ? "the owner's" : "past the boundary")
                                .orElse("boundary not known")
                        + "; check locally");
        line.falls().stream()
                .filter(f -> f.branch().equals(way.name()) && f.extent().covers(at))
                .findFirst()
                .ifPresent(f -> table.row("Fall", fall(f, unit)));
        return table;
    }

    private static String fall(Fall fall, LengthUnit unit) {
        String much = unit == LengthUnit.METRES
                ? String.format(Locale.ROOT, "%.1f %%", fall.percent())
                : String.format(Locale.ROOT, "%.2f in a foot", fall.inchesAFoot());
        return much + ", " + fall.steepness().word();
    }
}
