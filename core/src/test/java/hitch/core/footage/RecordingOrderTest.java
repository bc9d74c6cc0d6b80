package hitch.core.footage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

class RecordingOrderTest {
    private static Clip clip(String name, String recorded) {
        return new Clip(
                new ClipId(name),
                "in/" + name,
                "0".repeat(64),
                5,
                new TimeBase(1, 1000),
                0,
                9,
                1,
                4,
                4,
                false,
                recorded);
    }

    private static List<String> order(List<Clip> clips) {
        List<Clip> mixed = new ArrayList<>(clips);
        Collections.shuffle(mixed, new Random(1));
        return RecordingOrder.of(mixed, Map.of()).stream().map(Clip::fileName).toList();
    }

    @Test
    void byTheTimeTheFilesTell() {
        assertThat(order(List.of(clip("z.mp4", "2026-05-01T08:00:00Z"), clip("a.mp4", "2026-05-01T09:30:00Z"))))
                .containsExactly("z.mp4", "a.mp4");
    }

    @Test
    void byTheMomentWhateverTheOffset() {
        // Nine at plus two is seven; half past seven at zero is later.
        assertThat(order(List.of(clip("b.mp4", "2026-05-01T09:00:00+02:00"), clip("a.mp4", "2026-05-01T07:30:00Z"))))
                .containsExactly("b.mp4", "a.mp4");
        assertThat(order(List.of(
                        clip("b.mp4", "2026-05-01 09:00:00+0200"), clip("a.mp4", "2026-05-01T07:30:00.000000Z"))))
                .containsExactly("b.mp4", "a.mp4");
    }

    @Test
    void aTimeThatIsNoneTellsNothing() {
        assertThat(order(List.of(clip("b2.mp4", "yesterday"), clip("b10.mp4", "2026-05-01T07:30:00Z"))))
                .containsExactly("b2.mp4", "b10.mp4");
    }

    @Test
    void byNameAsPeopleCountWhereOneDoesNotTell() {
        assertThat(order(List.of(
                        clip("Clip9.avi", ""), clip("clip10.avi", "2020-01-01T00:00:00Z"), clip("clip011.avi", ""))))
                .containsExactly("Clip9.avi", "clip10.avi", "clip011.avi");
    }

    @Test
    void aRecorderWhoseClockNeverRunsTellsNothing() {
        assertThat(order(List.of(clip("b2.mov", "1970-01-01T00:00:00Z"), clip("b1.mov", "1970-01-01T00:00:00Z"))))
                .containsExactly("b1.mov", "b2.mov");
    }

    @Test
    void byFileTimeWhereNamesAreAlike() {
        Clip early =
                new Clip(new ClipId("one"), "x/v.ts", "0".repeat(64), 5, new TimeBase(1, 1), 0, 9, 1, 4, 4, false, "");
        Clip late =
                new Clip(new ClipId("two"), "y/v.ts", "1".repeat(64), 5, new TimeBase(1, 1), 0, 9, 1, 4, 4, false, "");
        assertThat(RecordingOrder.of(List.of(late, early), Map.of(late.id(), 900L, early.id(), 100L)))
                .containsExactly(early, late);
    }
}
