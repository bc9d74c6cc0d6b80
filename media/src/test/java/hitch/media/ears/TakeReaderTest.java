package hitch.media.ears;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hitch.core.story.SpokenForm;
import hitch.media.MediaException;
import hitch.media.voice.Narrator;
import hitch.media.voice.NeuralVoice;
import hitch.media.voice.Sound;
import hitch.media.voice.Speaker;
import hitch.media.voice.Speaking;
import hitch.models.ModelFolder;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A paragraph read out, with what is known of when each of its sentences was said. */
class TakeReaderTest {
    private static final int RATE = Narrator.RATE;
    private static final List<String> SENTENCES =
            List.of("The clay ends at 21.3 feet.", "From there on it is plastic.", "Nothing is wrong with it.");
    private static final double[] PAUSES = {0.6, 0.45, 0.7, 0.5};

    @TempDir
    static Path data;

    private static Sound joined(List<Sound> spoken, List<double[]> truth) {
        Random chance = new Random(3);
        double seconds = PAUSES[0];
        for (int i = 0; i < spoken.size(); i++) {
            truth.add(new double[] {seconds, seconds + spoken.get(i).seconds()});
            seconds += spoken.get(i).seconds() + PAUSES[i + 1];
        }
        float[] all = new float[(int) (seconds * RATE)];
        for (int i = 0; i < all.length; i++) {
            all[i] = (float) (0.004 * (chance.nextDouble() - 0.5) + 0.01 * Math.sin(2 * Math.PI * 50 * i / RATE));
        }
        for (int i = 0; i < spoken.size(); i++) {
            int at = (int) (truth.get(i)[0] * RATE);
            for (int k = 0; k < spoken.get(i).samples().length; k++) {
                all[at + k] += spoken.get(i).samples()[k];
            }
        }
        return new Sound(all, RATE);
    }

    @Test
    void sentencesAreFoundWhereTheyWereSaidAndOtherFiguresAreTold() throws MediaException {
        ModelFolder models = new ModelFolder(data);
        NeuralVoice voice = new NeuralVoice(models, Speaking.USUAL.by(Speaker.PLAIN));
        List<Sound> spoken = new ArrayList<>();
        for (String sentence : SENTENCES) {
            spoken.add(voice.speak(SpokenForm.of(sentence)));
        }
        voice.rest();
        List<double[]> truth = new ArrayList<>();
        Sound recorded = joined(spoken, truth);
        try (Recogniser ears = new Recogniser(models)) {
            TakeReader reader = new TakeReader(s -> ears.hear(s).text());
            TakeReader.Take take = reader.read(recorded, String.join(" ", SENTENCES));
            assertThat(take.aloud().differences()).isEmpty();
            for (int i = 0; i < truth.size(); i++) {
                assertThat(take.aloud().sentences().get(i).from()).isCloseTo(truth.get(i)[0], within(0.3));
                assertThat(take.aloud().sentences().get(i).to()).isCloseTo(truth.get(i)[1], within(0.3));
            }
            assertThat(take.from()).isBetween(0.2, truth.getFirst()[0]);
            assertThat(take.to()).isBetween(truth.getLast()[1] - 0.3, recorded.seconds());
            TakeReader.Take other =
                    reader.read(recorded, String.join(" ", SENTENCES).replace("21.3", "23.1"));
            assertThat(other.aloud().differences())
                    .isNotEmpty()
                    .allSatisfy(d -> assertThat(d.written() + d.heard()).containsAnyOf("one", "three", "21", "23"));
            assertThatThrownBy(() -> reader.read(new Sound(new float[RATE], RATE), "Roots."))
                    .hasMessageStartingWith("Nobody was heard");
        }
    }
}
