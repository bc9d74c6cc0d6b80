package hitch.desk.mark;

import hitch.core.eyes.LookHere;
import hitch.core.finding.LocatedFinding;
import hitch.core.measure.Extent;
import hitch.core.measure.Station;
import hitch.core.survey.Survey;
import hitch.desk.Context;
import hitch.desk.play.Player;
import hitch.desk.widget.CameraTime;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Side;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.layout.Region;

/**
 * The job's footage as a path: time across, distance down. A click on the path goes to that frame; a click on the pipe at
 * its left offers every time the camera was there.
 */
final class ThereAndBackChart extends Region {
    private static final double LEFT = 112;
    private static final double TOP = 26;
    private static final double REACH = 9;

    private final Context desk;
    private final JointBook joints;
    private final EyesBook eyes;
    private final Canvas canvas = new Canvas();
    private final Canvas head = new Canvas();
    private final ContextMenu times = new ContextMenu();
    private ChartGeometry geometry;
    private ChartView view = ChartView.ALL;
    private double grabbedX;
    private boolean panning;
    private ChartGeometry.At scrubbing;

    ThereAndBackChart(Context desk, JointBook joints, EyesBook eyes) {
        this.desk = desk;
        this.joints = joints;
        this.eyes = eyes;
        eyes.placesProperty().addListener((o, was, is) -> draw());
        joints.rhythmsProperty().addListener((o, was, is) -> draw());
        getStyleClass().add("chart");
        setMinHeight(150);
        setId("chart");
        setAccessibleText("There-and-back chart: footage time across, distance down");
        head.setMouseTransparent(true);
        getChildren().addAll(canvas, head);
        canvas.setOnMousePressed(this::press);
        canvas.setOnMouseDragged(this::drag);
        canvas.setOnMouseReleased(e -> release());
        canvas.setOnScroll(this::scroll);
        desk.work().snapshotProperty().addListener((o, was, is) -> draw());
        desk.selected().addListener((o, was, is) -> draw());
        desk.theme().darkProperty().addListener((o, was, is) -> draw());
        desk.player().shownProperty().addListener((o, was, is) -> followHead());
    }

    private boolean inView(double x) {
        return x >= LEFT - 1 && x <= LEFT + geometry.width() + 1;
    }

    /** Shows {@code factor} times less of the footage, about the play head. */
    void zoom(double factor) {
        look(view.zoomed(factor, headShare()));
    }

    /** Shows all of it again. */
    void showAll() {
        look(ChartView.ALL);
    }

    private void look(ChartView other) {
        view = other;
        draw();
    }

    /** Where the play head stands across the whole of the footage, 0 to 1. */
    private double headShare() {
        return desk.player()
                .shown()
                .filter(f -> geometry != null)
                .flatMap(f -> geometry.x(f.clip().id(), f.picture().pts()))
                .map(x -> view.shareAt((x - LEFT) / geometry.width()))
                .orElse(0.5);
    }

    private void followHead() {
        double head = headShare();
        boolean lost = view.share() < 1 && (head < view.from() || head > view.from() + view.share());
        if (lost && desk.player().playingProperty().get()) {
            look(view.from(head - view.share() * 0.1));
        } else {
            drawHead();
        }
    }

    /** The wheel zooms in time about the pointer, with Control in distance, with Shift it goes along. */
    private void scroll(ScrollEvent e) {
        if (geometry == null) {
            return;
        }
        double amount = e.getDeltaY() == 0 ? e.getDeltaX() : e.getDeltaY();
        double factor = Math.pow(1.0025, amount);
        if (e.isShiftDown()) {
            look(view.from(view.from() - amount / geometry.width() * view.share()));
        } else if (e.isControlDown()) {
            look(view.deepened(factor, (e.getY() - TOP) / geometry.height()));
        } else {
            look(view.zoomed(factor, view.shareAt((e.getX() - LEFT) / geometry.width())));
        }
        e.consume();
    }

    @Override
    protected void layoutChildren() {
        for (Canvas layer : List.of(canvas, head)) {
            layer.setWidth(getWidth());
            layer.setHeight(getHeight());
        }
        draw();
    }

    private void draw() {
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, canvas.getWidth(), canvas.getHeight());
        if (getWidth() < 2 * LEFT) {
            // Not laid out yet.
            return;
        }
        Survey survey = desk.work().now().survey();
        Extent stations = survey.seen().orElse(new Extent(Station.DATUM, new Station(3048)));
        geometry = ChartGeometry.of(
                survey.clips().stream().filter(c -> !c.photo()).toList(),
                stations,
                view,
                LEFT,
                getWidth() - LEFT - 20,
                TOP,
                Math.max(20, getHeight() - TOP - 14));
        new ChartPainter(
                        g,
                        desk.theme().tones(),
                        survey,
                        geometry,
                        joints.rhythmsProperty().get().values())
                .paint(desk.selected().get(), eyes.placesProperty().get());
        drawHead();
    }

    private void drawHead() {
        GraphicsContext g = head.getGraphicsContext2D();
        g.clearRect(0, 0, head.getWidth(), head.getHeight());
        Player.Frame shown = desk.player().shownProperty().get();
        if (shown == null || geometry == null) {
            return;
        }
        geometry.x(shown.clip().id(), shown.picture().pts())
                .filter(this::inView)
                .ifPresent(x -> {
                    g.setStroke(desk.theme().tones().copper());
                    g.setLineWidth(1.5);
                    g.strokeLine(x, geometry.top(), x, geometry.top() + geometry.height());
                    desk.work().now().survey().stationAt(shown.ref()).ifPresent(s -> {
                        double y = geometry.y(s.mm());
                        g.strokeLine(ChartPainter.PIPE_X - 3, y, ChartPainter.PIPE_X + ChartPainter.PIPE_WIDTH + 3, y);
                        g.setFill(desk.theme().tones().copper());
                        g.fillOval(x - 4.5, y - 4.5, 9, 9);
                    });
                });
    }

    private void press(MouseEvent e) {
        times.hide();
        if (geometry == null) {
            return;
        }
        panning = e.getButton() == MouseButton.MIDDLE || e.getButton() == MouseButton.SECONDARY;
        grabbedX = e.getX();
        if (panning) {
            return;
        }
        if (e.getX() < LEFT - 8) {
            offerTimes(geometry.station(e.getY()), e);
            return;
        }
        Optional<LocatedFinding> found = findingAt(e.getX(), e.getY());
        if (found.isPresent()) {
            desk.goTo(found.get());
            return;
        }
        Optional<LookHere> look = lookAt(e.getX(), e.getY());
        if (look.isPresent()) {
            desk.show(look.get().frame());
            return;
        }
        drag(e);
    }

    private Optional<LookHere> lookAt(double x, double y) {
        return eyes.placesProperty().get().stream()
                .filter(l -> geometry.x(l.frame().clip(), l.frame().pts())
                        .filter(at -> Math.abs(at - x) < REACH
                                && Math.abs(geometry.y(l.station().mm()) - y) < REACH)
                        .isPresent())
                .findFirst();
    }

    private void release() {
        Player.Frame shown = desk.player().shownProperty().get();
        if (scrubbing != null && shown != null) {
            desk.player().seek(scrubbing.clip(), scrubbing.seconds());
        }
        scrubbing = null;
        panning = false;
    }

    private void drag(MouseEvent e) {
        if (panning) {
            look(view.from(view.from() - (e.getX() - grabbedX) / geometry.width() * view.share()));
            grabbedX = e.getX();
            return;
        }
        if (geometry != null && e.getX() >= LEFT - 8) {
            geometry.at(e.getX()).ifPresent(at -> {
                scrubbing = at;
                desk.player().scrub(at.clip(), at.seconds());
            });
        }
    }

    private Optional<LocatedFinding> findingAt(double x, double y) {
        return desk.work().now().survey().noted().stream()
                .filter(f -> {
                    Optional<Double> fx = geometry.x(
                            f.finding().frame().clip(), f.finding().frame().pts());
                    return fx.isPresent()
                            && Math.abs(fx.get() - x) < REACH
                            && f.extent().isPresent()
                            && Math.abs(geometry.y((f.extent().get().from().mm()
                                                            + f.extent()
                                                                    .get()
                                                                    .to()
                                                                    .mm())
                                                    / 2.0)
                                            - y)
                                    < REACH;
                })
                .findFirst();
    }

    private void offerTimes(Station station, MouseEvent e) {
        Survey survey = desk.work().now().survey();
        List<CameraTime> visits = CameraTime.at(survey, station);
        times.getItems().clear();
        MenuItem title = new MenuItem(
                station.show(survey.facts().unit()) + (visits.isEmpty() ? ": the camera was not here" : ""));
        title.setDisable(true);
        times.getItems().add(title);
        for (CameraTime visit : visits) {
            MenuItem item = new MenuItem(visit.words());
            item.setOnAction(a -> {
                desk.player().playingProperty().set(false);
                desk.player().seek(visit.clip(), visit.frame());
            });
            times.getItems().add(item);
        }
        times.show(this, Side.LEFT, e.getX() + LEFT, e.getY() - getHeight() / 2);
        times.setX(e.getScreenX() + 8);
        times.setY(e.getScreenY() - 20);
    }
}
