package hitch.desk.judge;

import hitch.core.decide.Decision;
import hitch.core.decide.Grouping;
import hitch.core.finding.FindingId;
import hitch.core.judge.ask.Ask;
import hitch.core.judge.matter.Matter;
import hitch.desk.Workspace;
import hitch.desk.widget.Fields;
import hitch.desk.widget.Labels;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.layout.FlowPane;

/** What a matter is: called otherwise, joined with another, or given back to the rules. A finding is split off under its picture. */
final class MatterTools extends FlowPane {
    private static final double NAME = 240;

    MatterTools(Workspace work, Ask ask, Matter matter) {
        super(12, 4);
        setAlignment(Pos.BOTTOM_LEFT);
        setId("matter-tools");
        getChildren()
                .add(Fields.named(
                        "The matter is called",
                        Fields.text(
                                "What the matter is called",
                                matter.title(),
                                NAME,
                                typed ->
                                        work.changes().decide(new Decision.AsOne(new Grouping(matter.ids(), typed))))));
        List<Matter> others = work.now().judged().matters().stream()
                .filter(m -> !m.findings().isEmpty() && ask.matters().stream().noneMatch(m::equals))
                .toList();
        if (!others.isEmpty()) {
            ComboBox<Matter> join = Fields.choice("Join it with", others, null, Matter::title, other -> {
                if (other != null) {
                    Set<FindingId> both = new LinkedHashSet<>(matter.ids());
                    both.addAll(other.ids());
                    work.changes().decide(new Decision.AsOne(new Grouping(both, matter.name())));
                }
            });
            join.setId("matter-join");
            getChildren().add(Fields.named("Join it with", join));
        }
        boolean grouped = work.now().job().decisions().groupings().stream()
                .anyMatch(g -> matter.ids().stream().anyMatch(g.findings()::contains));
        if (grouped) {
            Button back = Labels.button(
                    "As the rules make it",
                    "",
                    "Let the rules make the matters again",
                    () -> work.changes().decide(new Decision.AsMany(matter.ids())));
            back.setId("matter-back");
            getChildren().add(back);
        }
    }
}
