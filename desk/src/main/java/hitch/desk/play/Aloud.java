package hitch.desk.play;

import hitch.core.story.SpokenForm;
import hitch.media.MediaException;
import hitch.media.voice.Narrator;
import hitch.media.voice.Sound;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Consumer;

/** Says a sentence at once, for whoever wants to hear a voice. What is asked for last is heard; the rest is broken off. */
public final class Aloud implements AutoCloseable {
    /** Handed to the device at a time, samples: so long a word goes on once something else is asked for. */
    private static final int PIECE = Narrator.RATE / 10;

    private final Speaker speaker;
    private final Consumer<String> trouble;
    private final AtomicLong wish = new AtomicLong();
    private final ExecutorService thread = Executors.newSingleThreadExecutor(work -> {
        Thread one = new Thread(work, "aloud");
        one.setDaemon(true);
        return one;
    });

    /**
     * @param trouble gets what could not be heard and why; from another thread
     */
    public Aloud(Speaker speaker, Consumer<String> trouble) {
        this.speaker = speaker;
        this.trouble = trouble;
    }

    /** Lets a narrator say a sentence as it is written. */
    public void say(String sentence, Narrator narrator) {
        long mine = wish.incrementAndGet();
        thread.execute(() -> {
            if (wish.get() == mine) {
                speak(sentence, narrator, mine);
            }
        });
    }

    private void speak(String sentence, Narrator narrator, long mine) {
        if (!speaker.open()) {
            trouble.accept("Nothing can be heard: this machine has no sound device, or another program holds it.");
            return;
        }
        try {
            Sound sound = narrator.speak(SpokenForm.of(sentence));
            float[] samples = sound.samples();
            for (int at = 0; at < samples.length && wish.get() == mine; at += PIECE) {
                speaker.write(java.util.Arrays.copyOfRange(samples, at, Math.min(samples.length, at + PIECE)));
            }
            if (wish.get() != mine) {
                speaker.flush();
            }
        } catch (MediaException e) {
            trouble.accept(e.getMessage());
        }
    }

    @Override
    public void close() {
        wish.incrementAndGet();
        thread.shutdown();
        speaker.close();
    }
}
