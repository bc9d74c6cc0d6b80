package hitch.desk.mark;

import hitch.core.counter.Counted;
import hitch.core.counter.Doubtful;
import hitch.core.footage.Clip;
import hitch.core.job.Edit;
import hitch.desk.Context;
import hitch.desk.play.Player;
import hitch.desk.task.Rank;
import hitch.desk.task.Task;
import hitch.media.clip.CounterScan;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;

/** Reads the shown clip's counter in the background, all by itself or in a box drawn by hand. */
final class CounterTask {
    private final Context desk;
    private final CounterBook book;
    private final CounterBox box;
    private final Consumer<String> tell;
    private final Runnable done;
    private boolean reading;

    /**
     * @param tell says how far it is
     * @param done runs when it has ended, however it went
     */
    CounterTask(Context desk, CounterBook book, CounterBox box, Consumer<String> tell, Runnable done) {
        this.desk = desk;
        this.book = book;
        this.box = box;
        this.tell = tell;
        this.done = done;
    }

    boolean isReading() {
        return reading;
    }

    /** Reads the counter of the shown clip in the background; what is set by hand already stays. */
    void readIt() {
        read(CounterScan.Told.NOTHING);
    }

    /** Lets a box be drawn round the counter, and reads it there. */
    void drawBox() {
        if (desk.player().shown().isEmpty() || reading) {
            return;
        }
        box.askForBox(region -> read(CounterScan.Told.NOTHING.in(region)));
    }

    private void read(CounterScan.Told told) {
        Optional<Clip> clip = desk.player().shown().map(Player.Frame::clip);
        if (clip.isEmpty() || reading) {
            return;
        }
        reading = true;
        Task task = desk.work()
                .longWork(
                        "Counter of " + clip.get().fileName(),
                        Rank.AWAITED,
                        progress -> book.read(clip.get(), told, progress),
                        edit -> keep(clip.get(), told, edit));
        task.shareProperty()
                .addListener((o, was, share) ->
                        tell.accept(String.format(Locale.ROOT, "reading, %.0f %%", 100 * share.doubleValue())));
        task.stateProperty().addListener((o, was, is) -> {
            if (is.isOver()) {
                reading = false;
                done.run();
            }
        });
    }

    /** What is left to be asked of what was read. */
    private static String asked(Edit.ReadCounter edit) {
        Counted counted = edit.counted().orElseThrow();
        if (!counted.upSure()) {
            return "It is not clear which way up its digits stand: go to a frame where you can read them and set what it "
                    + "shows there (C). ";
        }
        if (!counted.unitSure()) {
            return "It is not clear whether it counts feet or metres: say which, beside the reading. ";
        }
        long doubts = edit.doubts().stream()
                .filter(d -> d.confidence() < Doubtful.TO_BE_ASKED)
                .count();
        return doubts == 0 ? "Nothing in it is doubtful. " : "J goes to what is doubtful (" + doubts + "). ";
    }

    private void keep(Clip clip, CounterScan.Told told, Edit.ReadCounter edit) {
        if (book.place(clip.id()).isEmpty()) {
            if (!edit.marks().isEmpty()) {
                desk.work().apply(edit);
            }
            desk.work()
                    .notices()
                    .say(
                            "No counter was found "
                                    + (told.region().isPresent() ? "in that box. " : "on " + clip.fileName() + ". ")
                                    + "The camera's own motion was followed instead: set two readings or more that you know "
                                    + "(C), and the way between them goes by it. If there is a counter, draw a box round it (G).");
            return;
        }
        desk.work().apply(edit);
        desk.work()
                .notices()
                .say("The counter of " + clip.fileName() + " was read. "
                        + asked(edit)
                        + "Marks set by hand stay; Undo takes the reading back.");
    }
}
