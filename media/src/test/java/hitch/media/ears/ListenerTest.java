package hitch.media.ears;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hitch.core.heard.HeardWord;
import hitch.core.story.SpokenForm;
import hitch.media.Progress;
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
import java.util.concurrent.CancellationException;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Two sentences with silence about them, spoken by the voice that ships. */
class ListenerTest {
    private static final int RATE = Narrator.RATE;

    @TempDir
    static Path data;

    @Test
    void whatIsSaidIsWrittenDownWhenItIsSaidAndNothingElse() throws Exception {
        ModelFolder models = new ModelFolder(data);
        NeuralVoice voice = new NeuralVoice(models, Speaking.USUAL.by(Speaker.PLAIN));
        Sound first = voice.speak(SpokenForm.of("There are heavy roots at the top of the pipe."));
        Sound second = voice.speak(SpokenForm.of("The clay ends at twenty one feet."));
        voice.rest();
        float[] all = new float[30 * RATE];
        Random chance = new Random(5);
        for (int i = 0; i < all.length; i++) {
            all[i] = (float) (0.004 * chance.nextGaussian());
        }
        put(first, 3, all);
        put(second, 20, all);
        List<Double> reached = new ArrayList<>();
        Listener listener = new Listener(models);
        Listener.Source sound = Listener.of(new Sound(all, RATE));

        List<HeardWord> words = listener.listen(sound, List.of(), 0, (at, so) -> reached.add(at), Progress.NONE);

        String text = words.stream()
                .map(HeardWord::text)
                .collect(Collectors.joining(" "))
                .toLowerCase();
        assertThat(text).contains("roots").contains("clay").contains("feet");
        HeardWord roots = words.stream()
                .filter(w -> w.text().toLowerCase().startsWith("root"))
                .findFirst()
                .orElseThrow();
        assertThat(roots.from()).isBetween(3.0, 3.0 + first.seconds());
        HeardWord clay = words.stream()
                .filter(w -> w.text().toLowerCase().startsWith("clay"))
                .findFirst()
                .orElseThrow();
        assertThat(clay.from()).as("the second word of the second sentence").isCloseTo(20.35, within(0.7));
        assertThat(words).noneMatch(w -> w.from() > 3.5 + first.seconds() && w.to() < 19.5);
        assertThat(reached).hasSize(2).isSorted();

        assertThat(listener.listen(sound, List.of(), reached.getFirst(), (at, so) -> {}, Progress.NONE))
                .as("goes on from where it was stopped")
                .allMatch(w -> w.from() > 19);
        assertThatThrownBy(() -> listener.listen(sound, List.of(), 0, (at, so) -> {}, (share, doing) -> {
                    throw new CancellationException();
                }))
                .isInstanceOf(CancellationException.class);
        float[] noise = new float[20 * RATE];
        for (int i = 0; i < noise.length; i++) {
            noise[i] = (float) (0.03 * chance.nextGaussian() + 0.05 * Math.sin(2 * Math.PI * 60 * i / RATE));
        }
        assertThat(listener.listen(Listener.of(new Sound(noise, RATE)), List.of(), 0, (at, so) -> {}, Progress.NONE))
                .isEmpty();
    }

    private static void put(Sound sound, double at, float[] all) {
        for (int i = 0; i < sound.samples().length; i++) {
            all[(int) (at * RATE) + i] += sound.samples()[i];
        }
    }

    @ParameterizedTest
    @CsvSource({
        "Roots at nine feet., -0.1, true",
        "Roots at nine feet., -0.7, false",
        "Thank you., -0.1, false",
        "' ', -0.1, false",
        "go on the pipe go on the pipe go on the pipe go on the pipe go on the pipe, -0.2, false"
    })
    void whatEarsSayOfNoiseNobodySaid(String text, double sureness, boolean said) {
        assertThat(Listener.isSaid(new Heard(text, sureness))).isEqualTo(said);
    }
}
