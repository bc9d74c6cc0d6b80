package hitch.media.clip;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hitch.media.MediaException;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class BesideTest {
    @Test
    void workIsDoneInTheOrderItWasGivenAndAllOfItByTheEnd() throws MediaException {
        List<Integer> done = new ArrayList<>();
        try (Beside beside = new Beside()) {
            for (int i = 0; i < 100; i++) {
                int number = i;
                beside.add(() -> done.add(number));
            }
            beside.finish();
        }
        assertThat(done).isEqualTo(IntStream.range(0, 100).boxed().toList());
    }

    @Test
    void whatGoesWrongBesideIsToldToTheGiver() {
        try (Beside beside = new Beside()) {
            assertThatThrownBy(() -> {
                        beside.add(() -> {
                            throw new MediaException("the counter is torn");
                        });
                        beside.finish();
                    })
                    .isInstanceOf(MediaException.class)
                    .hasMessage("the counter is torn");
        }
    }

    @Test
    void aGiverWhoIsFarAheadHearsOfAFaultBeforeTheEnd() {
        try (Beside beside = new Beside()) {
            assertThatThrownBy(() -> {
                        for (int i = 0; i < 50; i++) {
                            beside.add(() -> {
                                throw new IllegalStateException("no such mark");
                            });
                        }
                    })
                    .isInstanceOf(IllegalStateException.class);
        }
    }
}
