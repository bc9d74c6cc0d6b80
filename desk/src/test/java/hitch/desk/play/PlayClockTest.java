package hitch.desk.play;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class PlayClockTest {
    private long nanos;
    private final PlayClock clock = new PlayClock(() -> nanos);

    private void pass(double seconds) {
        nanos += Math.round(seconds * 1e9);
    }

    @Test
    void standsUntilItRuns() {
        clock.leap(5);
        pass(3);
        assertThat(clock.position()).isEqualTo(5);
        clock.run(true);
        pass(2);
        assertThat(clock.position()).isCloseTo(7, within(1e-9));
        clock.run(false);
        pass(2);
        assertThat(clock.position()).isCloseTo(7, within(1e-9));
    }

    @Test
    void changesSpeedWithoutALeap() {
        clock.run(true);
        pass(1);
        clock.speed(16);
        assertThat(clock.position()).isCloseTo(1, within(1e-9));
        pass(1);
        assertThat(clock.position()).isCloseTo(17, within(1e-9));
        clock.speed(-0.25);
        pass(4);
        assertThat(clock.position()).isCloseTo(16, within(1e-9));
    }

    @Test
    void everyChangeIsATurn() {
        int before = clock.turn();
        clock.leap(1);
        clock.speed(2);
        clock.run(true);
        assertThat(clock.turn()).isEqualTo(before + 3);
    }

    @Test
    void speedsRunFromAQuarterToSixteenBothWays() {
        assertThat(Speeds.next(1, true)).isEqualTo(2);
        assertThat(Speeds.next(0.25, false)).isEqualTo(0.25);
        assertThat(Speeds.next(-16, true)).isEqualTo(-16);
        assertThat(Speeds.next(-2, false)).isEqualTo(-1);
        assertThat(Speeds.words(0.25)).isEqualTo("1/4x");
        assertThat(Speeds.words(-8)).isEqualTo("8x back");
    }
}
