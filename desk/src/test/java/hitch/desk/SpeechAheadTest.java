package hitch.desk;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.media.MediaException;
import hitch.media.voice.Narrator;
import hitch.media.voice.Sound;
import hitch.media.voice.VoiceException;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;

/** What a film will say is spoken while nobody waits. */
class SpeechAheadTest {
    /** Says what it was asked to say, and waits in its first sentence until it is let on. */
    private static final class Waiting implements Narrator {
        private final List<String> said = new CopyOnWriteArrayList<>();
        private final CountDownLatch begun = new CountDownLatch(1);
        private final CountDownLatch on = new CountDownLatch(1);
        private final CountDownLatch rested = new CountDownLatch(1);

        @Override
        public Sound speak(String text) throws MediaException {
            said.add(text);
            begun.countDown();
            try {
                on.await(10, TimeUnit.SECONDS);
            } catch (InterruptedException e) {
                throw new VoiceException("stopped", e);
            }
            return new Sound(new float[0], RATE);
        }

        @Override
        public void rest() {
            rested.countDown();
        }
    }

    @Test
    void theLatestWishStandsAndTheVoiceRestsBehindIt() throws InterruptedException {
        Waiting voice = new Waiting();
        try (SpeechAhead ahead = new SpeechAhead()) {
            ahead.of(List.of("Roots at 12.0 ft. More roots."), voice);
            assertThat(voice.begun.await(10, TimeUnit.SECONDS)).isTrue();
            ahead.of(List.of("A crack. A crack.", "Grease."), voice);
            voice.on.countDown();
            assertThat(voice.rested.await(10, TimeUnit.SECONDS)).isTrue();
            assertThat(voice.said).containsExactly("Roots at twelve feet.", "A crack.", "Grease.");
        }
    }

    @Test
    void nothingIsSpokenOnceTheJobIsLeft() throws InterruptedException {
        Waiting voice = new Waiting();
        SpeechAhead ahead = new SpeechAhead();
        ahead.of(List.of("One. Two."), voice);
        assertThat(voice.begun.await(10, TimeUnit.SECONDS)).isTrue();
        ahead.close();
        ahead.of(List.of("Three."), voice);
        assertThat(voice.said).containsExactly("One.");
    }
}
