package hitch.desk.mark;

import hitch.core.caption.Cue;
import hitch.core.measure.LengthUnit;
import hitch.core.note.NoteReader;
import hitch.core.survey.Survey;
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
import java.util.stream.Stream;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/** What was said in the open job, read once for each set of captions and held against the job as it changes. */
final class TalkBook {
    private final Context desk;
    private final NoteReader reader;
    private final Map<List<Cue>, Spoken.All> read = new HashMap<>();
    private final Set<List<Cue>> reading = new HashSet<>();
    /** What was read last of each commentary stays on show while its captions are read anew. */
    private final Map<String, Spoken.All> shown = new HashMap<>();

    private final ReadOnlyObjectWrapper<List<SpokenLine>> lines = new ReadOnlyObjectWrapper<>(List.of());
    private final ReadOnlyObjectWrapper<List<SpokenLine>> unlikely = new ReadOnlyObjectWrapper<>(List.of());

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

    /** Every draft that only sounds like something, in the same order. */
    ReadOnlyObjectProperty<List<SpokenLine>> unlikelyProperty() {
        return unlikely.getReadOnlyProperty();
    }

    /** All that was said, likely or not, in the same order. */
    List<SpokenLine> all() {
        return Stream.of(lines.get(), unlikely.get())
                .flatMap(List::stream)
                .sorted(inOrder())
                .toList();
    }

    /** Whether a line is of its captions as they are now; until they are read anew it is of what they were. */
    boolean isRead(SpokenLine line) {
        return read.containsKey(line.commentary().cues());
    }

    long open() {
        return lines.get().stream().filter(SpokenLine::isOpen).count();
    }

    private void update() {
        Survey survey = desk.work().now().survey();
        List<SpokenLine> likely = new ArrayList<>();
        List<SpokenLine> others = new ArrayList<>();
        for (Commentary commentary : desk.work().now().job().talk()) {
            Spoken.All said = read.get(commentary.cues());
            if (said == null) {
                read(commentary.cues());
            } else {
                shown.put(commentary.id(), said);
            }
            Optional<Spoken.All> known = Optional.ofNullable(shown.get(commentary.id()));
            survey.clip(commentary.clip())
                    .ifPresent(clip -> known.ifPresent(all -> {
                        likely.addAll(SpokenLines.of(survey, commentary, clip, all));
                        others.addAll(SpokenLines.unlikely(survey, commentary, clip, all));
                    }));
        }
        likely.sort(inOrder());
        others.sort(inOrder());
        unlikely.set(List.copyOf(others));
        lines.set(List.copyOf(likely));
    }

    private Comparator<SpokenLine> inOrder() {
        List<String> order = desk.work().now().survey().clips().stream()
                .map(c -> c.id().value())
                .toList();
        return Comparator.comparingInt(
                        (SpokenLine l) -> order.indexOf(l.clip().id().value()))
                .thenComparingDouble(SpokenLine::seconds);
    }

    private void read(List<Cue> cues) {
        if (!reading.add(cues)) {
            return;
        }
        LengthUnit unit = desk.work().now().survey().facts().unit();
        desk.work().inBackground(() -> understood(cues, unit), said -> {
            read.put(cues, said);
            desk.work().heard(cues, said);
            update();
        });
    }

    /** Whether each is sure is asked here too, and remembered: the window need not wait for it. */
    private Spoken.All understood(List<Cue> cues, LengthUnit unit) {
        Spoken.All said = new TalkReader(reader, unit).read(cues);
        said.drafts().forEach(Spoken::isByItsWords);
        return said;
    }
}
