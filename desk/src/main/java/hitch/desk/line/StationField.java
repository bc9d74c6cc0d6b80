package hitch.desk.line;

import hitch.core.line.LineFacts;
import hitch.core.measure.LengthUnit;
import hitch.core.measure.Station;
import hitch.core.measure.StationText;
import hitch.desk.Context;
import hitch.desk.widget.Fields;
import java.util.Optional;
import java.util.function.BiFunction;
import javafx.scene.control.TextField;

/** A station on the line that a person knows, counted from the opening; empty where what was seen tells. */
final class StationField {
    private static final double WIDTH = 112;

    private StationField() {}

    /**
     * @param name what the field is called by those who do not see it
     * @param with what is known of the line once the station is typed
     */
    static TextField of(
            Context desk,
            String name,
            Optional<Station> value,
            BiFunction<LineFacts, Optional<Station>, LineFacts> with) {
        LengthUnit unit = desk.work().now().survey().facts().unit();
        String shown = value.map(s -> StationText.show(s, unit)).orElse("");
        return Fields.text(name, shown, WIDTH, typed -> {
            Optional<Station> next = StationText.read(typed, unit, Station.DATUM);
            if (!typed.isEmpty() && next.isEmpty()) {
                desk.work().notices().say("\"" + typed + "\" is not a distance; it stays as it was.");
                return;
            }
            desk.work().changes().changeLine(l -> with.apply(l, next));
        });
    }
}
