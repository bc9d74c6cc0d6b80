package hitch.desk.task;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.media.MediaException;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

class TasksTest {
    /** What would run on the interface thread; run here by the test. */
    private final LinkedBlockingQueue<Runnable> screen = new LinkedBlockingQueue<>();

    private final Tasks tasks = new Tasks(screen::add);
    private final List<String> told = new ArrayList<>();

    @AfterEach
    void close() {
        tasks.close();
    }

    private Tasks.After<String> after(String name) {
        return new Tasks.After<>(
                r -> told.add(name + " gave " + r),
                why -> told.add(name + " failed: " + why),
                () -> told.add(name + " stopped"));
    }

    private Task run(String name, Rank rank, Tasks.Work<String> work) {
        return tasks.run(name, rank, work, after(name));
    }

    private void untilOver(Task... all) throws InterruptedException {
        while (List.of(all).stream().anyMatch(t -> !t.stateProperty().get().isOver())) {
            Runnable next = screen.poll(20, TimeUnit.SECONDS);
            assertThat(next).as("something happens on the screen").isNotNull();
            next.run();
        }
    }

    /** Holds a thread of the board until it is let go. */
    private static Tasks.Work<String> held(CountDownLatch go) {
        return progress -> {
            try {
                go.await();
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
            progress.at(0.5, "half way");
            return "something";
        };
    }

    @Test
    void aWorkStandsOnTheBoardUntilItGaveWhatItGives() throws InterruptedException {
        Task task = run("Count", Rank.ASKED, p -> "12");
        assertThat(tasks.open()).containsExactly(task);
        untilOver(task);
        assertThat(tasks.open()).isEmpty();
        assertThat(task.stateProperty().get()).isEqualTo(Task.State.DONE);
        assertThat(told).containsExactly("Count gave 12");
    }

    @Test
    void whatSomebodyWaitsForGoesFirst() throws InterruptedException {
        CountDownLatch go = new CountDownLatch(1);
        CountDownLatch last = new CountDownLatch(1);
        ConcurrentLinkedQueue<String> order = new ConcurrentLinkedQueue<>();
        Task a = run("a", Rank.ASKED, held(go));
        Task b = run("b", Rank.ASKED, held(last));
        Task later = run("later", Rank.QUIET, p -> order.add("quiet") + "");
        Task asked = run("asked", Rank.ASKED, p -> order.add("asked") + "");
        Task first = run("first", Rank.AWAITED, p -> order.add("awaited") + "");
        assertThat(order).as("two at once, the rest waits").isEmpty();
        // One place on the board is let go, so that what waits comes one after the other.
        go.countDown();
        untilOver(a, later, asked, first);
        last.countDown();
        untilOver(b);
        assertThat(order).containsExactly("awaited", "asked", "quiet");
    }

    @Test
    void twoQuietOnesNeverRunTogetherAndNeverKeepOthersWaiting() throws InterruptedException {
        CountDownLatch go = new CountDownLatch(1);
        AtomicInteger at = new AtomicInteger();
        AtomicInteger most = new AtomicInteger();
        Tasks.Work<String> quiet = p -> {
            most.accumulateAndGet(at.incrementAndGet(), Math::max);
            held(go).run(p);
            at.decrementAndGet();
            return "";
        };
        Task one = run("one", Rank.QUIET, quiet);
        Task two = run("two", Rank.QUIET, quiet);
        Task asked = run("asked", Rank.ASKED, p -> "at once");
        untilOver(asked);
        go.countDown();
        untilOver(one, two);
        assertThat(most.get()).isEqualTo(1);
    }

    @Test
    void aRunningOneEndsAtItsNextStepAndAWaitingOneAtOnce() throws InterruptedException {
        CountDownLatch go = new CountDownLatch(1);
        Task a = run("a", Rank.ASKED, held(go));
        Task b = run("b", Rank.ASKED, held(go));
        Task waits = run("waits", Rank.ASKED, p -> "never");
        tasks.stop(waits);
        untilOver(waits);
        assertThat(told).containsExactly("waits stopped");
        tasks.stop(a);
        go.countDown();
        untilOver(a, b);
        assertThat(a.stateProperty().get()).isEqualTo(Task.State.STOPPED);
        assertThat(told).contains("a stopped", "b gave something");
    }

    @Test
    void troubleIsToldInItsOwnWordsAndAFaultInPlainOnes() throws InterruptedException {
        Task bad = run("bad", Rank.ASKED, p -> {
            throw new MediaException("The file is a picture.");
        });
        Task worse = run("Counter of a.mp4", Rank.ASKED, p -> {
            throw new StackOverflowError();
        });
        untilOver(bad, worse);
        assertThat(told)
                .containsExactlyInAnyOrder(
                        "bad failed: The file is a picture.",
                        "Counter of a.mp4 failed: Counter of a.mp4 failed; the job is untouched. The log tells more.");
        assertThat(tasks.open()).isEmpty();
    }

    @Test
    void onlyWhatWasAskedForIsMissedWhenTheJobIsLeft() throws InterruptedException {
        CountDownLatch go = new CountDownLatch(1);
        Task quiet = run("quiet", Rank.QUIET, held(go));
        Task asked = run("asked", Rank.ASKED, held(go));
        assertThat(tasks.missed()).containsExactly(asked);
        go.countDown();
        untilOver(quiet, asked);
    }

    @Test
    void aClosedBoardTakesNothingMore() throws InterruptedException {
        tasks.close();
        Task late = run("late", Rank.AWAITED, p -> "never");
        untilOver(late);
        assertThat(told).containsExactly("late stopped");
    }

    @Test
    void theTimeLeftIsToldRoughly() {
        assertThat(TimeLeft.words(0.2)).isEqualTo("about 5 s left");
        assertThat(TimeLeft.words(5.1)).isEqualTo("about 10 s left");
        assertThat(TimeLeft.words(89)).isEqualTo("about 90 s left");
        assertThat(TimeLeft.words(91)).isEqualTo("about 2 min left");
    }
}
