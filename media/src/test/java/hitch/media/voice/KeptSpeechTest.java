package hitch.media.voice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import hitch.media.MediaException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class KeptSpeechTest {
    @TempDir
    private Path folder;

    private final Narrator voice = mock(Narrator.class);

    @BeforeEach
    void speaks() throws MediaException {
        when(voice.id()).thenReturn("warm-1");
        when(voice.speak(anyString())).thenReturn(new Sound(new float[] {0.5f, -0.25f, 1.5f}, Narrator.RATE));
    }

    @Test
    void noSentenceIsSpokenTwiceAndAllTimesAlike() throws MediaException {
        KeptSpeech kept = new KeptSpeech(voice, folder.resolve("speech"));
        assertThat(kept.has("Roots.")).isFalse();
        Sound first = kept.speak("Roots.");
        assertThat(kept.has("Roots.")).isTrue();
        assertThat(new KeptSpeech(voice, folder.resolve("speech"))
                        .speak("Roots.")
                        .samples())
                .isEqualTo(first.samples());
        verify(voice, times(1)).speak("Roots.");
        kept.speak("Roots!");
        when(voice.id()).thenReturn("deep-1");
        kept.speak("Roots.");
        verify(voice, times(2)).speak("Roots.");
    }

    @Test
    void aFolderThatCannotBeWrittenCostsOnlyTime() throws MediaException, IOException {
        Path taken = Files.writeString(folder.resolve("taken"), "a file");
        assertThat(new KeptSpeech(voice, taken).speak("Roots.").samples()).hasSize(3);
    }
}
