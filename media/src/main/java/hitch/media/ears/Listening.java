package hitch.media.ears;

import hitch.core.heard.HeardWord;
import hitch.media.MediaException;
import hitch.media.Progress;
import java.util.List;
import java.util.function.BiConsumer;

/** Writes down what is said on a clip. */
@FunctionalInterface
public interface Listening {
    /**
     * Writes down what is said from a moment on.
     *
     * @param heard what was written down before that moment, in an earlier attempt
     * @param from the moment, seconds; 0 for all of it
     * @param kept told after each piece: how far it got, seconds, and all that was heard so far
     * @return all words, in order
     */
    List<HeardWord> listen(
            Listener.Source sound,
            List<HeardWord> heard,
            double from,
            BiConsumer<Double, List<HeardWord>> kept,
            Progress progress)
            throws MediaException;
}
