package hitch.desk.play;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.timeout;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import hitch.media.voice.Narrator;
import hitch.media.voice.Sound;
import hitch.media.voice.VoiceException;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;

/** A sentence heard at once. */
class AloudTest {
    private static final int PATIENCE_MS = 10_000;

    private final Speaker speaker = mock(Speaker.class);
    private final List<String> trouble = new CopyOnWriteArrayList<>();

    @Test
    void aSentenceReachesTheDeviceWholeWithItsFiguresSpelledOut() throws Exception {
        when(speaker.open()).thenReturn(true);
        Narrator voice = mock(Narrator.class);
        when(voice.speak("Roots at twelve feet.")).thenReturn(new Sound(new float[Narrator.RATE / 4], Narrator.RATE));
        try (Aloud aloud = new Aloud(speaker, trouble::add)) {
            aloud.say("Roots at 12.0 ft.", voice);
            verify(speaker, timeout(PATIENCE_MS).times(3)).write(any());
        }
        assertThat(trouble).isEmpty();
    }

    @Test
    void whatIsAskedForLastIsHeardAndTheRestBrokenOff() throws Exception {
        when(speaker.open()).thenReturn(true);
        CountDownLatch begun = new CountDownLatch(1);
        CountDownLatch on = new CountDownLatch(1);
        Narrator slow = text -> {
            begun.countDown();
            try {
                on.await(10, TimeUnit.SECONDS);
            } catch (InterruptedException e) {
                throw new VoiceException("stopped", e);
            }
            return new Sound(new float[Narrator.RATE], Narrator.RATE);
        };
        try (Aloud aloud = new Aloud(speaker, trouble::add)) {
            aloud.say("One.", slow);
            assertThat(begun.await(10, TimeUnit.SECONDS)).isTrue();
            aloud.say("Two.", text -> new Sound(new float[10], Narrator.RATE));
            on.countDown();
            verify(speaker, timeout(PATIENCE_MS)).write(new float[10]);
            verify(speaker, never()).write(new float[Narrator.RATE / 10]);
        }
    }

    @Test
    void withoutADeviceOrAVoiceOneSentenceTellsWhy() throws Exception {
        CountDownLatch told = new CountDownLatch(2);
        try (Aloud aloud = new Aloud(speaker, why -> {
            trouble.add(why);
            told.countDown();
        })) {
            aloud.say("One.", text -> new Sound(new float[1], Narrator.RATE));
            verify(speaker, timeout(PATIENCE_MS)).open();
            when(speaker.open()).thenReturn(true);
            aloud.say("Two.", text -> {
                throw new VoiceException("The voice cannot speak.", null);
            });
            assertThat(told.await(10, TimeUnit.SECONDS)).isTrue();
        }
        assertThat(trouble.getFirst()).contains("no sound device");
        assertThat(trouble.getLast()).isEqualTo("The voice cannot speak.");
    }
}
