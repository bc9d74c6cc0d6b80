package hitch.media.voice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hitch.core.story.ReadAloud.Stretch;
import hitch.media.MediaException;
import java.nio.file.Path;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A recording made fit to be heard: rumble and hiss, where somebody speaks, the quiet between. */
class CleanedTest {
    private static final int RATE = Narrator.RATE;

    /** Six seconds: a voice-like sound from one to two and from three to five, rumble and hiss all through. */
    private static Sound recorded(double rumble, double hiss) {
        Random chance = new Random(7);
        float[] all = new float[6 * RATE];
        for (int i = 0; i < all.length; i++) {
            double t = (double) i / RATE;
            boolean speaks = t >= 1 && t < 2 || t >= 3 && t < 5;
            double voice = 0;
            for (int k = 1; k <= 6 && speaks; k++) {
                voice += 0.1 / k * Math.sin(2 * Math.PI * 160 * k * t) * (1 + 0.5 * Math.sin(2 * Math.PI * 5 * t));
            }
            all[i] = (float) (voice + rumble * Math.sin(2 * Math.PI * 30 * t) + hiss * (chance.nextDouble() - 0.5));
        }
        return new Sound(all, RATE);
    }

    private static double level(Sound sound, double from, double to) {
        double power = 0;
        int first = (int) (from * RATE);
        int end = (int) (to * RATE);
        for (int i = first; i < end; i++) {
            power += sound.samples()[i] * sound.samples()[i];
        }
        return 10 * Math.log10(power / (end - first) + 1e-12);
    }

    @Test
    void rumbleAndHissAreTakenDownAndTheVoiceIsKept() throws MediaException {
        Sound raw = recorded(0.1, 0.02);
        Sound clean = Cleaned.of(raw);
        assertThat(clean.samples()).hasSameSizeAs(raw.samples());
        assertThat(level(clean, 2.3, 2.9)).isLessThan(level(raw, 2.3, 2.9) - 15);
        Sound voice = recorded(0, 0);
        assertThat(level(clean, 3.5, 4.5)).isCloseTo(level(voice, 3.5, 4.5), within(2.0));
        Sound hissing = recorded(0, 0.02);
        assertThat(level(Cleaned.of(hissing), 2.3, 2.9)).isLessThan(level(hissing, 2.3, 2.9) - 6);
    }

    @Test
    void whereSomebodySpeaksIsFoundInNoise() throws MediaException {
        List<Stretch> found = Stretches.of(Cleaned.of(recorded(0.1, 0.02)));
        assertThat(found).hasSize(2);
        assertThat(found.getFirst().from()).isCloseTo(1, within(0.1));
        assertThat(found.getFirst().to()).isCloseTo(2, within(0.1));
        assertThat(found.getLast().from()).isCloseTo(3, within(0.1));
        assertThat(found.getLast().to()).isCloseTo(5, within(0.1));
        assertThat(Stretches.of(new Sound(new float[RATE], RATE))).isEmpty();
    }

    @Test
    void betweenTwoStretchesIsTheQuietOfTheirPlace() {
        Sound raw = recorded(0, 0.02);
        Sound joined = RoomTone.joined(List.of(raw, raw), 0.35).evened();
        assertThat(joined.seconds()).isCloseTo(12.35, within(0.001));
        double room = level(joined, 5.3, 5.9);
        assertThat(level(joined, 6.05, 6.3)).isCloseTo(room, within(2.0));
        assertThat(Loudness.of(joined.samples())).isCloseTo(Evened.TARGET, within(0.5));
    }

    @Test
    void aRecordingIsKeptAsItIs(@TempDir Path folder) throws Exception {
        Sound raw = recorded(0.1, 0.02);
        Path file = folder.resolve("take.wav");
        WavFile.write(raw, file);
        Sound read = WavFile.read(file, 1, 2);
        assertThat(read.seconds()).isEqualTo(2);
        for (int i = 0; i < read.samples().length; i += 997) {
            assertThat(read.samples()[i]).isCloseTo(raw.samples()[RATE + i], within(0.001f));
        }
        assertThat(folder).isDirectoryNotContaining("glob:**.part");
    }
}
