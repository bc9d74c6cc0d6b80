package hitch.desk;

import hitch.core.story.Sentences;
import hitch.core.story.SpokenForm;
import hitch.media.MediaException;
import hitch.media.voice.Narrator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicLong;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Speaks ahead what a film will say, a sentence at a time, while nobody waits for it; what is kept is not spoken again. The latest wish
 * stands: what was asked for before is left off after its present sentence.
 */
public final class SpeechAhead implements AutoCloseable {
    private static final Logger LOG = LoggerFactory.getLogger(SpeechAhead.class);

    private final ExecutorService thread = Executors.newSingleThreadExecutor(work -> {
        Thread made = Workspace.daemon("speech").newThread(work);
        made.setPriority(Thread.MIN_PRIORITY);
        return made;
    });
    private final AtomicLong wish = new AtomicLong();

    /** Has a narrator speak every sentence of these narrations that was not spoken yet. */
    public void of(List<String> narrations, Narrator narrator) {
        Set<String> sentences = new LinkedHashSet<>();
        narrations.forEach(n -> sentences.addAll(Sentences.of(n)));
        long mine = wish.incrementAndGet();
        if (!thread.isShutdown()) {
            thread.execute(() -> speak(sentences, narrator, mine));
        }
    }

    private void speak(Set<String> sentences, Narrator narrator, long mine) {
        try {
            for (String sentence : sentences) {
                if (wish.get() != mine) {
                    return;
                }
                narrator.speak(SpokenForm.of(sentence));
            }
            narrator.rest();
        } catch (MediaException e) {
            // Whoever hands a film over is told; here nobody waits.
            LOG.info("nothing is spoken ahead: {}", e.getMessage());
        }
    }

    @Override
    public void close() {
        wish.incrementAndGet();
        thread.shutdownNow();
    }
}
