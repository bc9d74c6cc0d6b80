package hitch.desk.mark;

import hitch.core.caption.Cue;
import hitch.core.footage.Clip;
import hitch.core.note.NoteReader;
import hitch.core.survey.spoken.SpokenLine;
import hitch.core.survey.spoken.SpokenLines;
import hitch.core.talk.Commentary;
import hitch.core.talk.Spoken;
import hitch.core.talk.TalkReader;
import hitch.desk.Context;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/** What was said in the open job, read once for each set of captions and held against the job as it changes. */
final class TalkBook {
    private final Context desk;
    private final NoteReader reader;
    private final Map<List<Cue>, Spoken.All> read = new HashMap<>();
    private final Set<List<Cue>> reading = new HashSet<>();
    private final ReadOnlyObjectWrapper<List<SpokenLine>> lines = new ReadOnlyObjectWrapper<>(List.of());

    TalkBook(Context desk, NoteReader reader) {
        this.desk = desk;
        this.reader = reader;
        desk.work().snapshotProperty().addListener((o, was, is) -> {
            if (!was.survey().rules().words().equals(is.survey().rules().words())) {
                read.clear();
                reading.clear();
            }
            update();
        });
        update();
    }

    /** Every draft, in order of clip and time. */
    ReadOnlyObjectProperty<List<SpokenLine>> linesProperty() {
        return lines.getReadOnlyProperty();
    }

    long open() {
        return lines.get().stream().filter(SpokenLine::isOpen).count();
    }

    private void update() {
        List<SpokenLine> all = new ArrayList<>();
        for (Commentary commentary : desk.work().now().job().talk()) {
            Optional<Clip> clip = desk.work().now().survey().clip(commentary.clip());
            Spoken.All said = read.get(commentary.cues());
            if (said == null) {
                read(commentary.cues());
            } else {
                clip.ifPresent(c -> all.addAll(SpokenLines.of(desk.work().now().survey(), commentary, c, said)));
            }
        }
        List<String> order = desk.work().now().survey().clips().stream()
                .map(c -> c.id().value())
                .toList();
        all.sort(Comparator.comparingInt(
                        (SpokenLine l) -> order.indexOf(l.clip().id().value()))
                .thenComparingDouble(SpokenLine::seconds));
        lines.set(List.copyOf(all));
    }

    private void read(List<Cue> cues) {
        if (!reading.add(cues)) {
            return;
        }
        var unit = desk.work().now().survey().facts().unit();
        desk.work().inBackground(() -> new TalkReader(reader, unit).read(cues), said -> {
            read.put(cues, said);
            desk.work().heard(cues, said);
            update();
        });
    }
}
