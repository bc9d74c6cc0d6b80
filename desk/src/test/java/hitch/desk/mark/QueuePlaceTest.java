package hitch.desk.mark;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.note.Draft;
import hitch.core.survey.spoken.SpokenLine;
import hitch.core.talk.Commentary;
import hitch.core.talk.Spoken;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** The row that stays chosen when the queue is filled anew. */
class QueuePlaceTest {
    private final SpokenLine first = line(Sample.UP, "0-0", 5);
    private final SpokenLine second = line(Sample.DOWN, "0-0", 3);
    private final SpokenLine third = line(Sample.DOWN, "1-0", 8);
    private final SpokenLine last = line(Sample.DOWN, "2-0", 12);

    @Test
    void theSameIsFoundWhereverItStands() {
        assertThat(QueuePlace.of(second, List.of(first, second, third))).isEqualTo(1);
        assertThat(QueuePlace.of(second, List.of(second, third))).isZero();
        assertThat(QueuePlace.of(second, List.of(third, second))).isEqualTo(1);
    }

    @Test
    void forOneThatIsHiddenTheNextOfItsClipIsTaken() {
        assertThat(QueuePlace.of(third, List.of(first, second, last))).isEqualTo(2);
        assertThat(QueuePlace.of(second, List.of(first, third, last))).isEqualTo(1);
    }

    @Test
    void behindAllItIsTheLastAndAmongNoneNone() {
        assertThat(QueuePlace.of(last, List.of(first, second, third))).isEqualTo(2);
        assertThat(QueuePlace.of(last, List.of())).isEqualTo(-1);
    }

    private static SpokenLine line(ClipId id, String key, double seconds) {
        Clip clip = Sample.clip(id, 60);
        return new SpokenLine(
                new Commentary(id + ".srt", id, id + ".srt", List.of(), 0, Map.of()),
                clip,
                new Spoken(key, seconds, Draft.remark("It hums.")),
                Optional.empty(),
                List.of(),
                Optional.empty(),
                true);
    }
}
