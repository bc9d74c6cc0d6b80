package hitch.desk.line;

import hitch.core.sketch.Hot;
import hitch.core.sketch.PlanSketch;
import hitch.core.sketch.Sketch;
import hitch.desk.Context;
import java.util.Optional;

/** The line from above, as far as its bends are known. */
final class PlanView extends SketchView {
    private static final double NARROWEST = 200;

    private final Context desk;

    PlanView(Context desk, Picks picks) {
        super(desk, "Plan of the line, as far as its bends are known");
        this.desk = desk;
        canvas().setOnMouseClicked(e ->
                hot(e).flatMap(Hot::finding).ifPresent(id -> picks.finding(id, e.getClickCount() > 1)));
    }

    @Override
    Optional<Sketch> sketched() {
        return getWidth() < NARROWEST
                ? Optional.empty()
                : PlanSketch.draw(desk.work().now().survey(), getWidth(), getHeight());
    }
}
