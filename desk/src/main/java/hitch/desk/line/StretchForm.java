package hitch.desk.line;

import hitch.core.line.SpanGiven;
import hitch.core.measure.Cover;
import hitch.core.measure.Extent;
import hitch.core.pipe.Material;
import hitch.core.pipe.Pipe;
import hitch.core.pipe.PipeSize;
import hitch.core.survey.Way;
import hitch.desk.Context;
import hitch.desk.widget.Fields;
import hitch.desk.widget.Labels;
import hitch.desk.widget.PipeChoices;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Says by hand what a stretch of pipe is that no change of pipe was marked for. */
final class StretchForm extends VBox {
    private final Context desk;
    private final ComboBox<Way> way;
    private final FromTo stretch;
    private final ComboBox<Optional<Material>> material;
    private final ComboBox<Optional<PipeSize>> size;

    /**
     * @param ways at least one
     */
    StretchForm(Context desk, List<Way> ways) {
        super(6);
        this.desk = desk;
        this.way = Fields.choice("Pipe of the stretch", ways, ways.getFirst(), Way::words, w -> {});
        this.material = PipeChoices.material("Material of the stretch", "as it is", Optional.empty(), m -> {});
        this.size = PipeChoices.size("Size of the stretch", "as it is", Optional.empty(), i -> {});
        Button put = Labels.button("Put", "", "Put this stretch of pipe in", this::put);
        this.stretch = new FromTo(desk, "Stretch", this::put);
        HBox row = new HBox(8, stretch, size, material, put);
        if (ways.size() > 1) {
            row.getChildren().addFirst(way);
        }
        row.setAlignment(Pos.CENTER_LEFT);
        for (Node field : row.getChildren()) {
            ((Region) field).setMinWidth(USE_PREF_SIZE);
        }
        String sign = desk.work().now().survey().facts().unit().sign();
        getChildren().addAll(Labels.of("A stretch that is another pipe, in " + sign, "soft"), row);
    }

    private void put() {
        stretch.read().ifPresent(this::put);
    }

    private void put(Extent asked) {
        Way pipe = way.getValue();
        Optional<Extent> inside =
                Cover.of(asked).within(pipe.whole()).parts().stream().findFirst();
        Pipe is = Pipe.of(material.getValue(), size.getValue());
        if (inside.isEmpty()) {
            say("Nothing of " + pipe.words() + " lies from " + stretch.words() + "; nothing was changed.");
        } else if (is.isUnknown()) {
            say("Choose what the stretch is made of, its size, or both.");
        } else {
            SpanGiven given = new SpanGiven(pipe.name(), inside.get(), is, Set.of());
            desk.work().changes().changeLine(l -> l.withSpan(given));
        }
    }

    private void say(String words) {
        desk.work().notices().say(words);
    }
}
