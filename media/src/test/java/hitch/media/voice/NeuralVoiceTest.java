package hitch.media.voice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hitch.media.MediaException;
import hitch.media.ears.Heard;
import hitch.media.ears.Recogniser;
import hitch.models.ModelFolder;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The shipped voice, heard by the shipped ears. */
class NeuralVoiceTest {
    @TempDir
    private static Path data;

    @Test
    void whatItSaysIsUnderstood() throws MediaException {
        ModelFolder models = new ModelFolder(data);
        NeuralVoice voice = new NeuralVoice(models, Speaking.USUAL);
        Sound said = voice.speak("Here the clay ends, at twenty one point three feet.");
        voice.rest();
        assertThat(said.rate()).isEqualTo(Narrator.RATE);
        assertThat(said.seconds()).isBetween(2.0, 5.0);
        assertThat(Loudness.of(said.samples())).isCloseTo(Evened.TARGET, within(0.5));
        try (Recogniser ears = new Recogniser(models)) {
            Heard heard = ears.hear(said);
            assertThat(heard.text()).contains("clay ends", "21.3");
            assertThat(heard.sureness()).isGreaterThan(-0.5);
            assertThat(ears.hear(new float[10]).text()).isEmpty();
        }
        assertThat(voice.speak("  ").samples()).isEmpty();
    }

    @Test
    void aVoiceThatIsNotThereIsToldInASentence() throws IOException {
        Path file = Files.writeString(data.resolve("taken"), "a file where a folder is wanted");
        assertThatThrownBy(
                        () -> new NeuralVoice(new ModelFolder(file), Speaking.USUAL.by(Speaker.DEEP)).speak("Roots."))
                .isInstanceOf(VoiceException.class)
                .hasMessageStartingWith("The voice cannot speak. The model \"voice/symbols.json\"");
    }
}
