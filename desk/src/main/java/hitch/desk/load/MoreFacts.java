package hitch.desk.load;

import hitch.core.detail.Detail;
import hitch.core.detail.Details;
import hitch.core.job.Edit;
import hitch.desk.Context;
import hitch.desk.widget.DetailFields;
import hitch.desk.widget.Typing;
import java.util.Optional;
import javafx.scene.layout.VBox;

/** Whatever else is known of the visit; what is not known takes no room, and waits as a word to be pressed. */
final class MoreFacts extends VBox {
    private static final double FIELD = 355;

    private final Context desk;
    private final DetailFields fields;

    MoreFacts(Context desk) {
        this.desk = desk;
        this.fields = new DetailFields(
                FIELD, "More of the visit", this::put, desk.work().notices()::say);
        fields.setId("more-facts");
        getChildren().add(fields);
        desk.work().snapshotProperty().addListener((o, was, is) -> Typing.orOnceLeft(this, this::fill));
        fill();
    }

    private void fill() {
        fields.show(Detail.ofJobs(), desk.work().now().survey().facts().more());
    }

    private void put(Details.Change change) {
        desk.work()
                .edit(job -> Optional.of(
                                job.facts().withMore(change.in(job.facts().more())))
                        .filter(f -> !f.equals(job.facts()))
                        .map(Edit.DescribeProperty::new));
    }
}
