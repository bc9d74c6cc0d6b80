package hitch.desk.line;

import hitch.core.measure.Distance;
import hitch.core.measure.LengthUnit;
import hitch.core.survey.HiddenWall;
import hitch.core.survey.Limit;
import hitch.core.survey.Line;
import hitch.core.survey.Look;
import hitch.core.survey.Seeing;
import hitch.core.survey.Survey;
import hitch.desk.Context;
import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.layout.HBox;

/** What was really seen, and what not and why. */
final class SeenPanel implements Panel {
    private final Context desk;

    SeenPanel(Context desk) {
        this.desk = desk;
    }

    @Override
    public String title() {
        return "Seen";
    }

    @Override
    public Node build() {
        Survey survey = desk.work().now().survey();
        LengthUnit unit = survey.facts().unit();
        Line line = survey.line();
        Seeing seeing = line.seeing();
        Table shares = new Table(String.format(Locale.ROOT, "%.0f %% seen well", Math.floor(100 * seeing.share())));
        shares.row("", "better pass", "way out", "way back");
        for (Look look : Look.values()) {
            long most = Math.max(seeing.mm(look), Math.max(seeing.outMm(look), seeing.backMm(look)));
            if (most > 0 || look == Look.WELL) {
                shares.row(
                        look.word(),
                        unit.show(new Distance(seeing.mm(look))),
                        unit.show(new Distance(seeing.outMm(look))),
                        unit.show(new Distance(seeing.backMm(look))));
            }
        }
        shares.row("all that is known", unit.show(new Distance(seeing.mm())));
        if (seeing.onlyOutMm() > 0) {
            shares.row(
                    "seen on the way out only",
                    unit.show(new Distance(seeing.onlyOutMm())),
                    "not looked at coming back");
        }
        Table limits = new Table("Limits");
        for (Limit limit : line.limits()) {
            String where = line.place(limit.branch(), limit.from(), unit).all();
            limits.row(
                    limit.isUnknownBeyond()
                            ? "Unknown beyond"
                            : unit.show(limit.from().length()) + " "
                                    + limit.look().word(),
                    where,
                    limit.why());
        }
        for (HiddenWall wall : seeing.hidden()) {
            limits.row(
                    Math.round(100 * wall.hidden().share()) + " % of the wall hidden",
                    line.place(wall.branch(), wall.extent(), unit).all(),
                    wall.hidden().words() + ", by " + wall.by());
        }
        line.beyond(unit).ifPresent(b -> limits.row("In the main", "", b));
        survey.facts().notExamined().forEach(n -> limits.row("Not examined", "", n));
        HBox box = new HBox(40, shares, limits);
        box.getStyleClass().add("page");
        return box;
    }
}
