package hitch.desk.cut;

import hitch.core.job.Edit;
import hitch.core.job.OwnShot;
import hitch.desk.widget.Fields;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.layout.VBox;

/** The heading and the lines of a card that was put in. */
final class OwnCard extends VBox {
    private static final double WIDE = 420;

    private final ScriptRoom room;
    private final String key;

    private OwnCard(ScriptRoom room, OwnShot card) {
        super(6);
        this.room = room;
        this.key = card.key();
        getChildren()
                .addAll(
                        Fields.named(
                                "Heading",
                                Fields.text(
                                        "Heading of the card",
                                        card.title(),
                                        WIDE,
                                        typed -> change(
                                                c -> new OwnShot(c.key(), c.kind(), c.frame(), typed, c.rows())))),
                        Fields.named(
                                "Lines",
                                Fields.paragraph(
                                        "Lines of the card",
                                        String.join("\n", card.rows()),
                                        WIDE,
                                        typed -> change(c -> new OwnShot(
                                                c.key(),
                                                c.kind(),
                                                c.frame(),
                                                c.title(),
                                                typed.lines()
                                                        .filter(l -> !l.isBlank())
                                                        .toList())))));
    }

    private static Optional<OwnShot> card(ScriptRoom room, String key) {
        return room.written()
                .flatMap(w -> room
                        .desk()
                        .work()
                        .now()
                        .job()
                        .story()
                        .own(w.recipient().word())
                        .stream()
                        .filter(s -> s.key().equals(key) && s.kind() == OwnShot.Kind.CARD)
                        .findFirst());
    }

    /** Empty where a shot is no card of one's own. */
    static Optional<OwnCard> of(ScriptRoom room, String key) {
        return card(room, key).map(c -> new OwnCard(room, c));
    }

    private void change(UnaryOperator<OwnShot> how) {
        card(room, key)
                .map(how)
                .ifPresent(next -> room.desk()
                        .work()
                        .apply(new Edit.ArrangeShots(
                                room.recipient().get().word(), Map.of(), List.of(next), List.of())));
    }
}
