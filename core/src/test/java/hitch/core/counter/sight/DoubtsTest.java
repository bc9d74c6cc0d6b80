package hitch.core.counter.sight;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class DoubtsTest {
    private static List<CablePath.Moment> moments(double... confidences) {
        return IntStream.range(0, confidences.length)
                .mapToObj(i -> new CablePath.Moment(i * 0.2, OptionalDouble.of(3), confidences[i]))
                .toList();
    }

    @Test
    void stretchesThatLieNearAreOne() {
        List<Doubt> found = Doubts.among(moments(.9, .9, .3, .3, .9, .2, .2, .9, .9));
        assertThat(found).singleElement().satisfies(d -> {
            assertThat(d.from()).isEqualTo(0.4);
            assertThat(d.to()).isBetween(1.39, 1.41);
            assertThat(d.confidence()).isEqualTo(0.2);
        });
    }

    @Test
    void aMomentAloneIsPassedOver() {
        assertThat(Doubts.among(moments(.9, .9, .3, .9, .9, .9))).isEmpty();
    }

    @Test
    void whatIsOnlyTrustedLessIsToldApartFromWhatIsAsked() {
        List<Doubt> found = Doubts.among(moments(.9, .7, .7, .7, .7, .3, .3, .3, .3, .9));
        assertThat(found).hasSize(2);
        assertThat(found.getFirst().confidence()).isEqualTo(0.3);
        assertThat(found.getLast().confidence()).isEqualTo(0.7);
        assertThat(found.getLast().to()).isLessThanOrEqualTo(found.getFirst().from() + 1e-9);
    }
}
