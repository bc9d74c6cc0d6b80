package hitch.desk.load;

import hitch.core.gauge.LensView;
import hitch.core.measure.Distance;
import hitch.core.measure.LengthUnit;
import hitch.core.measure.Station;
import hitch.core.pipe.Branch;
import hitch.core.pipe.Opening;
import hitch.core.pipe.OpeningKind;
import hitch.core.run.Direction;
import hitch.core.run.Equipment;
import hitch.core.run.Phase;
import hitch.core.run.Run;
import hitch.core.run.Zero;
import hitch.desk.Context;
import hitch.desk.widget.Fields;
import hitch.desk.widget.PipeChoices;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/** One run: where the camera went in, which way, what the counter read there, and how it lies on the line. */
final class RunForm extends VBox {
    private static final String UNKNOWN = "unknown";

    private final Context desk;
    private final Run run;
    private final LengthUnit unit;
    private final Runnable again;

    /**
     * @param again what to do when something typed is not taken
     */
    RunForm(Context desk, Run run, Runnable again) {
        super(8);
        this.desk = desk;
        this.run = run;
        this.unit = desk.work().now().survey().facts().unit();
        this.again = again;
        FlowPane fields = new FlowPane(16, 8);
        fields.getChildren().addAll(opening());
        fields.getChildren().addAll(counter());
        fields.getChildren().addAll(place());
        getStyleClass().add("card");
        getChildren().add(fields);
    }

    private List<Node> opening() {
        Opening o = run.opening();
        return List.of(
                text("Name", run.name(), 130, t -> change(r -> r.named(t))),
                choice(
                        "Direction",
                        List.of(Direction.values()),
                        run.direction(),
                        Direction::toward,
                        d -> change(r -> r.going(d))),
                text("Opening used", o.kind(), 160, t -> open(x -> x.called(t))),
                choice(
                        "Kind of opening",
                        List.of(OpeningKind.values()),
                        o.sort(),
                        OpeningKind::word,
                        k -> open(x -> x.withSort(k, x.ways()))),
                choice(
                        "Leads",
                        List.of(Opening.Ways.values()),
                        o.ways(),
                        Opening.Ways::word,
                        w -> open(x -> x.withSort(x.sort(), w))),
                text("Where", o.place(), 240, t -> open(x -> x.withPlace(t))),
                Fields.named(
                        "Pipe there",
                        PipeChoices.material(
                                "Pipe there",
                                UNKNOWN,
                                o.material(),
                                m -> open(x -> x.withPipe(x.pipe().withMaterial(m))))),
                Fields.named(
                        "Size",
                        PipeChoices.size(
                                "Size",
                                UNKNOWN,
                                o.size(),
                                i -> open(x -> x.withPipe(x.pipe().withSize(i))))));
    }

    private List<Node> counter() {
        Equipment e = run.equipment();
        return List.of(
                text(
                        "Counter at the opening",
                        unit.number(run.datum()),
                        90,
                        t -> length(t).ifPresent(d -> change(r -> r.counting(d, r.zero())))),
                choice(
                        "Zeroed at its",
                        List.of(Zero.At.values()),
                        run.zero().at(),
                        Zero.At::word,
                        a -> change(
                                r -> r.counting(r.datum(), new Zero(a, r.zero().riser())))),
                text(
                        "Lip to pipe",
                        unit.number(run.zero().riser()),
                        70,
                        t -> length(t)
                                .ifPresent(d -> change(r ->
                                        r.counting(r.datum(), new Zero(r.zero().at(), d))))),
                text("Camera head, in", e.head().map(h -> number(h.inInches())).orElse(""), 70, this::head),
                choice(
                        "Guide",
                        List.of(Equipment.Guide.values()),
                        e.guide(),
                        Equipment.Guide::word,
                        g -> change(r -> r.with(r.equipment().with(g)))),
                text("Lens sees, degrees", e.lens().map(String::valueOf).orElse(""), 70, this::lens));
    }

    private List<Node> place() {
        return List.of(
                text(
                        "Branch, if not the line",
                        run.branch().equals(Branch.LINE) ? "" : run.branch(),
                        130,
                        t -> change(r -> r.on(t))),
                text(
                        "Opening stands at",
                        unit.number(new Distance(run.start().mm())),
                        80,
                        t -> station(t).ifPresent(s -> change(r -> r.startingAt(s, r.tied())))),
                choice(
                        "Recorded",
                        List.of(Phase.NOT_SAID, Phase.BEFORE, Phase.AFTER),
                        run.phase(),
                        Phase::word,
                        p -> change(r -> r.in(p))),
                choice(
                        "Its place is",
                        List.of(false, true),
                        run.tied(),
                        tied -> tied ? "reckoned from what runs share" : "known",
                        tied -> change(r -> r.startingAt(r.start(), tied))));
    }

    private static String number(double value) {
        return String.format(java.util.Locale.ROOT, "%.2f", value).replaceAll("\\.?0+$", "");
    }

    private void head(String typed) {
        Optional<Distance> head = Optional.empty();
        try {
            double inches = typed.isEmpty() ? 0 : Double.parseDouble(typed);
            if (!typed.isEmpty() && (inches < 0.3 || inches > 12)) {
                throw new NumberFormatException();
            }
            head = typed.isEmpty() ? head : Optional.of(Distance.inches(inches));
        } catch (NumberFormatException e) {
            refuse(typed, "a camera head of 0.3 to 12 inches");
            return;
        }
        Optional<Distance> read = head;
        change(r -> r.with(desk.work().firm().heads().known(r.equipment().withHead(read))));
    }

    private void lens(String typed) {
        Optional<Integer> degrees = Optional.empty();
        try {
            degrees = typed.isEmpty() ? degrees : Optional.of(Integer.parseInt(typed));
        } catch (NumberFormatException e) {
            degrees = Optional.of(0);
        }
        if (degrees.filter(d -> d < LensView.NARROWEST_DEGREES || d > LensView.WIDEST_DEGREES)
                .isPresent()) {
            refuse(typed, "what a lens sees from left to right, 20 to 170 degrees");
            return;
        }
        Optional<Integer> read = degrees;
        read.ifPresent(d -> desk.work().firm().heads().saw(run.equipment(), d));
        change(r -> r.with(r.equipment().withLens(read)));
    }

    private Optional<Distance> length(String typed) {
        Optional<Distance> read = unit.read(typed);
        if (read.isEmpty()) {
            refuse(typed, "a distance");
        }
        return read;
    }

    /** A station may lie up the line of the first opening: with a minus. */
    private Optional<Station> station(String typed) {
        Optional<Distance> read = unit.readSigned(typed);
        if (read.isEmpty()) {
            refuse(typed, "a distance");
        }
        return read.map(d -> new Station(d.mm()));
    }

    private void refuse(String typed, String wanted) {
        desk.work().notices().say("\"" + typed + "\" is not " + wanted + "; the run was left as it was.");
        again.run();
    }

    /** An opening that several runs share is one opening: it is changed for all of them. */
    private void open(UnaryOperator<Opening> how) {
        for (Run other : desk.work().now().job().runs()) {
            boolean shared =
                    other.opening().equals(run.opening()) && other.start().equals(run.start());
            if (shared || other.id().equals(run.id())) {
                desk.work().changes().changeRun(other.id(), r -> r.from(how.apply(r.opening())));
            }
        }
    }

    private void change(UnaryOperator<Run> how) {
        desk.work().changes().changeRun(run.id(), how);
    }

    private static Node text(String name, String value, double width, Consumer<String> keep) {
        return Fields.named(name, Fields.text(name, value, width, keep));
    }

    private static <T> Node choice(
            String name, List<T> all, T value, java.util.function.Function<T, String> words, Consumer<T> keep) {
        return Fields.named(name, Fields.choice(name, all, value, words, keep));
    }
}
