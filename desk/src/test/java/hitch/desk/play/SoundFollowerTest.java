package hitch.desk.play;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.footage.Clip;
import hitch.core.job.Job;
import hitch.media.MediaException;
import hitch.media.NumberedFootage;
import hitch.media.Progress;
import hitch.store.Footage;
import java.nio.file.Path;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicLong;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.framework.junit5.ApplicationTest;

/** The clock here is moved by what the pretended device has played, so that nothing hangs on real time. */
class SoundFollowerTest extends ApplicationTest {
    @TempDir
    Path folder;

    /** A device that plays whatever it is given at once and moves the clock by it. */
    private static final class Device implements Speaker {
        final AtomicInteger written = new AtomicInteger();
        final AtomicLong nanos = new AtomicLong();
        final CountDownLatch second = new CountDownLatch(1);
        final boolean there;
        volatile double loudest;

        Device(boolean there) {
            this.there = there;
        }

        @Override
        public boolean open() {
            return there;
        }

        @Override
        public int waiting() {
            return 0;
        }

        @Override
        public void write(float[] samples) {
            for (float sample : samples) {
                loudest = Math.max(loudest, sample);
            }
            nanos.addAndGet(samples.length * 1_000_000_000L / 48_000);
            if (written.addAndGet(samples.length) >= 48_000) {
                second.countDown();
            }
        }

        @Override
        public void flush() {
            // Nothing waits here.
        }

        @Override
        public void close() {
            // Nothing is held.
        }
    }

    private Clip clip(Footage footage) throws MediaException {
        return footage.takeIn(NumberedFootage.write(folder.resolve("tone.mp4"), 150), Job.EMPTY, Progress.NONE);
    }

    @Test
    void followsTheClockAtItsOwnSpeedAndAtHalf() throws Exception {
        for (double speed : new double[] {1, 0.5}) {
            Device device = new Device(true);
            PlayClock clock = new PlayClock(device.nanos::get);
            Footage footage = new Footage(folder);
            try (SoundFollower follower = new SoundFollower(clock, footage, device)) {
                follower.clip(clip(footage));
                clock.speed(speed);
                clock.run(true);
                assertThat(device.second.await(30, TimeUnit.SECONDS)).isTrue();
                assertThat(device.loudest).isBetween(0.3, 0.95);
            }
        }
    }

    @Test
    void isSilentBackwardFastAndWithoutADevice() throws Exception {
        Device device = new Device(false);
        PlayClock clock = new PlayClock(device.nanos::get);
        Footage footage = new Footage(folder);
        try (SoundFollower follower = new SoundFollower(clock, footage, device)) {
            follower.clip(clip(footage));
            clock.run(true);
            org.testfx.util.WaitForAsyncUtils.waitFor(
                    30, TimeUnit.SECONDS, () -> follower.stateProperty().get().equals("no device"));
            clock.speed(-1);
            org.testfx.util.WaitForAsyncUtils.waitFor(
                    30, TimeUnit.SECONDS, () -> follower.stateProperty().get().equals("silent"));
            assertThat(device.written.get()).isZero();
        }
    }
}
