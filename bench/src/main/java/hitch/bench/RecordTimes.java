package hitch.bench;

import hitch.core.counter.Reading;
import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.footage.TimeBase;
import hitch.core.job.Edit;
import hitch.core.job.Entry;
import hitch.core.job.JobHistory;
import hitch.core.measure.Distance;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.function.Consumer;
import java.util.function.LongSupplier;

/** How long a job of very many edits takes to be folded, with every state kept for undo, and what memory it holds. */
public final class RecordTimes {
    private static final int EDITS = 100_000;
    private static final TimeBase BASE = new TimeBase(1, 90_000);
    private static final ClipId CLIP = new ClipId("a");
    private static final Allowed SECONDS = Allowed.most(2);
    private static final Allowed MEGABYTES = Allowed.most(300);

    private RecordTimes() {}

    public static void run(LongSupplier nanos, Consumer<String> say) {
        List<Entry> entries = entries();
        // Once unmeasured, since the first use of anything is slower.
        JobHistory.of(entries);
        long before = used();
        long start = nanos.getAsLong();
        JobHistory history = JobHistory.of(entries);
        double seconds = (nanos.getAsLong() - start) / 1e9;
        double megabytes = (used() - before) / 1e6;
        say.accept(String.format(
                Locale.ROOT,
                "%,d edits (counter marks in any order, some taken back): %d stand, folded in %.2f s %s",
                EDITS,
                history.standing(),
                seconds,
                SECONDS.verdict(seconds)));
        say.accept(String.format(
                Locale.ROOT, "  every state kept for undo: %.0f MB %s", megabytes, MEGABYTES.verdict(megabytes)));
        // The states must be reachable until they were measured.
        say.accept(
                "  readings in the last state: " + history.job().marksOf(CLIP).size());
    }

    private static List<Entry> entries() {
        Random random = new Random(15);
        List<Entry> entries = new ArrayList<>(EDITS);
        entries.add(new Entry.Did(new Edit.PutClip(new Clip(
                CLIP, "a.mp4", "0".repeat(64), 1, BASE, 0, 4L * 3600 * 90_000, 432_000, 720, 480, false, ""))));
        while (entries.size() < EDITS) {
            boolean back = random.nextInt(20) == 0;
            entries.add(
                    back
                            ? new Entry.Undid()
                            : new Entry.Did(new Edit.SetMark(
                                    CLIP,
                                    Reading.byHand(
                                            random.nextLong(4L * 3600 * 90_000),
                                            Distance.feet(random.nextInt(2000) / 10.0)))));
        }
        return entries;
    }

    private static long used() {
        System.gc();
        Runtime java = Runtime.getRuntime();
        return java.totalMemory() - java.freeMemory();
    }
}
