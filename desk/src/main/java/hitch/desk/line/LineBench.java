package hitch.desk.line;

import hitch.core.finding.FindingId;
import hitch.core.finding.LocatedFinding;
import hitch.core.line.ReadFrom;
import hitch.core.measure.Distance;
import hitch.core.measure.LengthUnit;
import hitch.core.measure.Station;
import hitch.core.pipe.Branch;
import hitch.core.sketch.PlanSketch;
import hitch.core.sketch.SectionSketch;
import hitch.core.sketch.Sketch;
import hitch.core.survey.Survey;
import hitch.core.survey.Way;
import hitch.desk.Bench;
import hitch.desk.Context;
import hitch.desk.Snapshot;
import hitch.desk.key.Act;
import hitch.desk.widget.Ends;
import hitch.desk.widget.Fields;
import hitch.desk.widget.Labels;
import hitch.desk.widget.Typing;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The line drawn to scale, its plan, and under them what it adds up to, a page at a time. */
public final class LineBench implements Bench, Picks {
    /** The long section takes no more of the bench's height, */
    private static final double SHARE = 0.46;
    /** nor more than so many times what it needs. */
    private static final double MOST = 1.8;

    private static final double STEP_PX = 80;
    private static final double STEP_ZOOM = 1.5;
    private static final Distance A_STEP_FEET = Distance.feet(0.5);
    private static final Distance A_STEP_METRES = Distance.metres(0.15);

    private final Context desk;
    private final VBox root = new VBox();
    private final SectionView section;
    private final PlanView plan;
    private final LineExport export;
    private final ReachPanel reach;
    private final List<Panel> panels;
    private final List<ToggleButton> tabs = new ArrayList<>();
    private final ScrollPane page = new ScrollPane();
    private final ComboBox<ReadFrom> readFrom;
    private Panel showing;

    public LineBench(Context desk) {
        this.desk = desk;
        this.section = new SectionView(desk, this);
        this.plan = new PlanView(desk, this);
        this.export = new LineExport(desk);
        this.reach = new ReachPanel(desk, this::open, this::step, this::along);
        this.panels = List.of(
                new PipePanel(desk),
                new SeenPanel(desk),
                new DepthPanel(desk),
                new OpeningsPanel(desk),
                reach,
                new RunsPanel(desk),
                new ToldPanel(desk));
        this.showing = panels.getFirst();
        this.readFrom = Fields.choice(
                "Read distances from", List.of(ReadFrom.values()), ReadFrom.OPENING, ReadFrom::word, this::read);
        page.setFitToWidth(true);
        page.setId("line-page");
        VBox.setVgrow(page, Priority.ALWAYS);
        root.getChildren().addAll(section, plan, bar(), page);
        root.getStyleClass().add("bench");
        desk.work().snapshotProperty().addListener((o, was, is) -> {
            drawAnew();
            Typing.orOnceLeft(page, this::turn);
        });
        desk.selected().addListener((o, was, is) -> chosen());
        root.heightProperty().addListener((o, was, is) -> heights());
        fill();
    }

    private Ends bar() {
        ToggleGroup group = new ToggleGroup();
        HBox row = Ends.part(4);
        for (Panel panel : panels) {
            ToggleButton tab = new ToggleButton(panel.title());
            tab.getStyleClass().add("side-tab");
            tab.setToggleGroup(group);
            tab.setFocusTraversable(false);
            tab.setId("line-" + panel.title().toLowerCase(java.util.Locale.ROOT).split(" ")[0]);
            tab.setGraphic(Labels.of(String.valueOf(tabs.size() + 1), "key"));
            tab.setContentDisplay(ContentDisplay.RIGHT);
            tab.setOnAction(e -> show(panel));
            tabs.add(tab);
            row.getChildren().add(tab);
        }
        tabs.getFirst().setSelected(true);
        readFrom.setFocusTraversable(false);
        HBox tools = Ends.part(
                4,
                Labels.of("read from", "soft"),
                readFrom,
                Labels.button("", Act.LINE_IN.key(), "Show less of the line, larger", () -> section.zoom(STEP_ZOOM)),
                Labels.button("", "\u2212", "Show more of the line, smaller", () -> section.zoom(1 / STEP_ZOOM)),
                Labels.button("All", Act.LINE_ALL.key(), "Show all of the line", section::showAll),
                Labels.button("Save…", "", "Save the drawing as SVG or PNG", this::save),
                Labels.button("Print…", "", "Print the drawing", () -> export.print(sketches())));
        Ends bar = new Ends(row, tools);
        bar.getStyleClass().add("line-bar");
        return bar;
    }

    private void save() {
        export.choose(root.getScene().getWindow(), sketches());
    }

    private List<Sketch> sketches() {
        return Stream.of(section.sketch(), plan.sketch())
                .flatMap(java.util.Optional::stream)
                .toList();
    }

    private void read(ReadFrom from) {
        // A choice that was only set to what the job says is none.
        if (from != desk.work().now().job().line().readFrom()) {
            desk.work().changes().changeLine(l -> l.readingFrom(from));
        }
    }

    private void show(Panel panel) {
        showing = panel;
        tabs.get(panels.indexOf(panel)).setSelected(true);
        fill();
    }

    private void chosen() {
        desk.selectedFinding().flatMap(LocatedFinding::extent).ifPresent(section::bring);
        reach.turnToFinding();
        if (showing == reach) {
            fill();
        }
    }

    @Override
    public void finding(FindingId id, boolean twice) {
        desk.selected().set(id);
        reach.turnToFinding();
        pick(twice);
    }

    @Override
    public void place(String branch, Station at, boolean twice) {
        reach.turnTo(branch, at);
        pick(twice);
    }

    /** Shows the page with the best picture of what was picked, or its footage. */
    private void pick(boolean footage) {
        show(reach);
        if (footage) {
            openBest();
        }
    }

    private void openBest() {
        reach.best().ifPresentOrElse(desk::open, () -> desk.work().notices().say(reach.nothingToOpen()));
    }

    private void fill() {
        drawAnew();
        turn();
    }

    private void drawAnew() {
        heights();
        readFrom.setValue(desk.work().now().job().line().readFrom());
        var stationing = desk.work().now().survey().line().stationing();
        if (stationing.from() != stationing.asked()) {
            desk.work()
                    .notices()
                    .say("The station of " + stationing.asked().word()
                            + " is not known; distances are read from the opening. Set it under Runs.");
        }
    }

    /** A tall window gives the drawing more of itself. */
    private void heights() {
        double least = SectionSketch.height(desk.work().now().survey());
        tall(section, Math.max(least, Math.min(MOST * least, SHARE * root.getHeight())));
        tall(plan, PlanSketch.height(desk.work().now().survey()));
    }

    /** Builds the shown page anew. */
    private void turn() {
        double at = page.getVvalue();
        page.setContent(showing.build());
        page.setVvalue(at);
    }

    private static void tall(Region drawing, double height) {
        drawing.setMinHeight(height);
        drawing.setMaxHeight(height);
    }

    /** Shows the footage that shows a finding best. */
    private void open(LocatedFinding found) {
        desk.open(found.finding().id(), found.best());
    }

    /** Chooses the finding before or after the chosen one, by station. */
    private void step(int by) {
        List<LocatedFinding> all = desk.work().now().survey().findings().stream()
                .filter(f -> f.extent().isPresent())
                .toList();
        if (all.isEmpty()) {
            return;
        }
        int at = -1;
        for (int i = 0; i < all.size(); i++) {
            at = all.get(i).ids().contains(desk.selected().get()) ? i : at;
        }
        int next = at < 0 ? 0 : Math.clamp(at + by, 0, all.size() - 1);
        desk.selected().set(all.get(next).finding().id());
    }

    /** Turns to a place a step along the pipe from the one that is turned to, within that pipe. */
    private void along(int steps) {
        Survey survey = desk.work().now().survey();
        ReachPanel.Place from = reach.at().orElse(new ReachPanel.Place(Branch.LINE, Station.DATUM));
        long step = (survey.facts().unit() == LengthUnit.METRES ? A_STEP_METRES : A_STEP_FEET).mm();
        survey.line().way(from.branch()).map(Way::whole).ifPresent(whole -> {
            Station to = new Station(Math.clamp(
                    from.at().mm() + steps * step, whole.from().mm(), whole.to().mm()));
            section.point(from.branch(), to);
            place(from.branch(), to, false);
        });
    }

    @Override
    public void key(KeyEvent e) {
        Act.at(Act.Place.LINE, e).ifPresent(act -> {
            act(act);
            e.consume();
        });
    }

    private void act(Act act) {
        switch (act) {
            case PAGE_1, PAGE_2, PAGE_3, PAGE_4, PAGE_5, PAGE_6, PAGE_7 ->
                show(panels.get(act.ordinal() - Act.PAGE_1.ordinal()));
            case PIPE_BACK -> along(-1);
            case PIPE_ON -> along(1);
            case FINDING_NEXT -> step(1);
            case FINDING_BEFORE -> step(-1);
            case LINE_IN -> section.zoom(STEP_ZOOM);
            case LINE_OUT -> section.zoom(1 / STEP_ZOOM);
            case LINE_ALL -> section.showAll();
            case LINE_LEFT -> section.move(-STEP_PX);
            case LINE_RIGHT -> section.move(STEP_PX);
            case OPEN_FOOTAGE -> openBest();
            default -> throw new IllegalStateException(act + " is no act of Line");
        }
    }

    @Override
    public String title() {
        return "Line";
    }

    @Override
    public List<Act.Place> acts() {
        return List.of(Act.Place.LINE);
    }

    @Override
    public Node node() {
        return root;
    }

    @Override
    public String gauge(Snapshot now) {
        int faults = now.survey().line().faults().size();
        return faults == 0 ? "" : faults + " open";
    }
}
