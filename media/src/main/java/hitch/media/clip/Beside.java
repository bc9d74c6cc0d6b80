package hitch.media.clip;

import hitch.media.MediaException;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Future;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;

/**
 * Does work on decoded pictures beside decoding them, on a thread of its own: one piece after another, in the order they
 * are given. A giver who is far ahead waits, so that few pictures are held.
 */
final class Beside implements AutoCloseable {
    /** Pieces that may wait. */
    private static final int AHEAD = 8;

    /** A piece of work. */
    interface Work {
        void run() throws MediaException;
    }

    private final ArrayBlockingQueue<Future<?>> waiting = new ArrayBlockingQueue<>(AHEAD);
    private final ExecutorService thread =
            new ThreadPoolExecutor(1, 1, 0, TimeUnit.SECONDS, new LinkedBlockingQueue<>(), work -> {
                Thread made = new Thread(work, "hitch-beside-decoding");
                made.setDaemon(true);
                return made;
            });

    /** Gives one more piece; waits while many are not done yet, and tells what went wrong in one before. */
    void add(Work work) throws MediaException {
        if (waiting.remainingCapacity() == 0) {
            await(waiting.remove());
        }
        waiting.add(thread.submit(() -> {
            work.run();
            return null;
        }));
    }

    /** Waits until all that was given is done. */
    void finish() throws MediaException {
        while (!waiting.isEmpty()) {
            await(waiting.remove());
        }
    }

    private static void await(Future<?> one) throws MediaException {
        try {
            one.get();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new CancellationException("stopped while reading pictures");
        } catch (ExecutionException e) {
            throw rethrown(e.getCause());
        }
    }

    private static MediaException rethrown(Throwable cause) {
        if (cause instanceof MediaException known) {
            return known;
        }
        if (cause instanceof RuntimeException unknown) {
            throw unknown;
        }
        throw (Error) cause;
    }

    /** Drops what was not begun. */
    @Override
    public void close() {
        thread.shutdownNow();
    }
}
