package hitch.desk.task;

import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.store.StoreException;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.concurrent.Executor;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Consumer;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** The board of long work: what somebody waits for goes first, two at most run at once, and everything can be stopped. */
public final class Tasks implements AutoCloseable {
    private static final Logger LOG = LoggerFactory.getLogger(Tasks.class);
    private static final int AT_ONCE = 2;

    /** A long work that tells how far it is and gives something in the end. */
    @FunctionalInterface
    public interface Work<T> {
        /**
         * @param progress told how far it is; throws when the work was called off
         */
        T run(Progress progress) throws MediaException, StoreException, IOException;
    }

    /**
     * What happens when a work is over; on the interface thread.
     *
     * @param done with what it gave
     * @param failed with a sentence saying why
     * @param stopped when it was called off
     */
    public record After<T>(Consumer<T> done, Consumer<String> failed, Runnable stopped) {}

    private record Waiting(Task task, Runnable work) {}

    private final Executor screen;
    private final ExecutorService threads;
    private final ObservableList<Task> open = FXCollections.observableArrayList();
    /** Held here: whoever listens to it would be forgotten with it. */
    private final ObservableList<Task> shown = FXCollections.unmodifiableObservableList(open);

    private final List<Waiting> waiting = new ArrayList<>();
    private final List<Task> running = new ArrayList<>();
    private boolean closed;

    /**
     * @param screen runs what changes the screen, on its thread
     */
    public Tasks(Executor screen) {
        this.screen = screen;
        this.threads = Executors.newFixedThreadPool(AT_ONCE, work -> {
            Thread thread = new Thread(work, "task");
            thread.setDaemon(true);
            return thread;
        });
    }

    /** What waits or runs; changed on the interface thread. */
    public ObservableList<Task> open() {
        return shown;
    }

    /** What would be missed if the job were left now. */
    public List<Task> missed() {
        return open.stream().filter(t -> t.rank().isMissed()).toList();
    }

    /**
     * Puts a work on the board; to be called on the interface thread.
     *
     * @param name what it is, as a person would call it
     */
    public <T> Task run(String name, Rank rank, Work<T> work, After<T> after) {
        Task task = new Task(name, rank, screen);
        open.add(task);
        Runnable whole = () -> carryOut(task, work, after);
        boolean late;
        synchronized (waiting) {
            late = closed;
            if (!late) {
                waiting.add(new Waiting(task, whole));
            }
        }
        if (late) {
            task.stop();
            whole.run();
        } else {
            next();
        }
        return task;
    }

    private void next() {
        synchronized (waiting) {
            while (running.size() < AT_ONCE) {
                boolean quiet = running.stream().anyMatch(t -> t.rank() == Rank.QUIET);
                Waiting first = waiting.stream()
                        .filter(w -> !quiet || w.task().rank() != Rank.QUIET)
                        .min(Comparator.comparing(w -> w.task().rank()))
                        .orElse(null);
                if (first == null) {
                    return;
                }
                waiting.remove(first);
                running.add(first.task());
                threads.execute(first.work());
            }
        }
    }

    private <T> void carryOut(Task task, Work<T> work, After<T> after) {
        Runnable told;
        Task.State how;
        try {
            task.begin();
            if (task.isStopped()) {
                throw new CancellationException(task.name() + " was stopped before it began");
            }
            T result = work.run(task);
            how = Task.State.DONE;
            told = () -> after.done().accept(result);
        } catch (CancellationException e) {
            how = Task.State.STOPPED;
            told = after.stopped();
        } catch (MediaException | StoreException | IOException e) {
            LOG.warn("{} failed", task.name(), e);
            how = Task.State.FAILED;
            told = () -> after.failed().accept(e.getMessage());
        } catch (RuntimeException | Error e) {
            LOG.error("{} failed", task.name(), e);
            how = Task.State.FAILED;
            told = () -> after.failed().accept(task.name() + " failed; the job is untouched. The log tells more.");
        }
        over(task, how, told);
    }

    private void over(Task task, Task.State how, Runnable told) {
        screen.execute(() -> {
            task.end(how);
            told.run();
            open.remove(task);
        });
        synchronized (waiting) {
            running.remove(task);
            if (closed && running.isEmpty() && waiting.isEmpty()) {
                threads.shutdown();
                return;
            }
        }
        next();
    }

    /** Calls one off: at once where it waits, at its next step where it runs. */
    public void stop(Task task) {
        task.stop();
        List<Waiting> its;
        synchronized (waiting) {
            its = waiting.stream().filter(w -> w.task() == task).toList();
            waiting.removeAll(its);
        }
        its.forEach(w -> w.work().run());
    }

    /** Calls everything off that waits or runs. */
    public void stopAll() {
        List.copyOf(open).forEach(this::stop);
    }

    /** Takes nothing more, and calls off what is left; to be called on the interface thread. */
    @Override
    public void close() {
        synchronized (waiting) {
            closed = true;
        }
        stopAll();
        synchronized (waiting) {
            if (running.isEmpty() && waiting.isEmpty()) {
                threads.shutdown();
            }
        }
    }
}
