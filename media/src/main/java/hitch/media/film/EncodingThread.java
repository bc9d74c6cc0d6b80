package hitch.media.film;

import hitch.media.MediaException;
import hitch.media.render.VideoWriter;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.BlockingQueue;

/** Codes pictures and sound on a thread of its own while the next are drawn. A few pictures wait at most. */
final class EncodingThread implements FilmSink, AutoCloseable {
    private static final int WAITING = 4;

    private final VideoWriter writer;
    private final BlockingQueue<Work> queue = new ArrayBlockingQueue<>(WAITING);
    private final BlockingQueue<int[]> free = new ArrayBlockingQueue<>(WAITING + 2);
    private final Thread thread = new Thread(this::run, "encoding");
    private volatile MediaException trouble;
    private volatile boolean stopped;

    /** Something to be written. */
    private sealed interface Work {
        record Drawn(int[] rgb) implements Work {}

        record Again() implements Work {}

        record Heard(float[] sound) implements Work {}

        record End() implements Work {}
    }

    EncodingThread(VideoWriter writer) {
        this.writer = writer;
        thread.setDaemon(true);
        thread.start();
    }

    private void run() {
        try {
            for (Work work = queue.take(); !(work instanceof Work.End); work = queue.take()) {
                if (trouble != null || stopped) {
                    continue;
                }
                try {
                    write(work);
                } catch (MediaException e) {
                    trouble = e;
                }
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private void write(Work work) throws MediaException {
        switch (work) {
            case Work.Drawn d -> {
                writer.picture(d.rgb());
                free.offer(d.rgb());
            }
            case Work.Again a -> writer.again();
            case Work.Heard h -> writer.sound(h.sound());
            case Work.End e -> {}
        }
    }

    private void put(Work work) throws MediaException {
        if (trouble != null) {
            throw trouble;
        }
        try {
            queue.put(work);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new MediaException("Making the video was stopped.", e);
        }
    }

    @Override
    public void picture(int[] rgb) throws MediaException {
        int[] copy = free.poll();
        copy = copy == null ? new int[rgb.length] : copy;
        System.arraycopy(rgb, 0, copy, 0, rgb.length);
        put(new Work.Drawn(copy));
    }

    @Override
    public void again() throws MediaException {
        put(new Work.Again());
    }

    @Override
    public void sound(float[] samples) throws MediaException {
        put(new Work.Heard(samples));
    }

    /** Waits until all is written. */
    void finish() throws MediaException {
        put(new Work.End());
        join();
        if (trouble != null) {
            throw trouble;
        }
    }

    private void join() throws MediaException {
        try {
            thread.join();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new MediaException("Making the video was stopped.", e);
        }
    }

    /** Lets go of what waits; the writer must not be closed before. */
    @Override
    public void close() throws MediaException {
        if (thread.isAlive()) {
            stopped = true;
            queue.clear();
            end();
            join();
        }
    }

    private void end() {
        try {
            queue.put(new Work.End());
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            thread.interrupt();
        }
    }
}
