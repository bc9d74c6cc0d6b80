package hitch.core.parcel;

import hitch.core.counter.CounterMarks;
import hitch.core.counter.Doubtful;
import hitch.core.footage.Clip;
import hitch.core.job.Job;
import java.util.ArrayList;
import java.util.List;

/** Whether the counters of a job's clips were read, and can be trusted. */
final class CounterChecks {
    private CounterChecks() {}

    static List<Check> of(Job job) {
        List<Check> all = new ArrayList<>();
        List<Clip> unread = Checks.footage(job)
                .filter(c -> job.runOf(c.id()).isPresent())
                .filter(c -> job.marksOf(c.id()).isEmpty())
                .toList();
        if (!unread.isEmpty()) {
            all.add(new Check(
                    "unread " + unread.stream().map(Clip::id).toList(),
                    Check.Weight.TELLS,
                    "The counter of " + files(unread) + " was not read, so nothing on " + it(unread)
                            + " has a station.",
                    "Read the counter",
                    Check.Where.MARK));
        }
        List<Clip> doubtful =
                Checks.footage(job).filter(c -> isDoubtful(job, c)).toList();
        if (!doubtful.isEmpty()) {
            all.add(new Check(
                    "doubtful " + doubtful.stream().map(Clip::id).toList(),
                    Check.Weight.TELLS,
                    "The counter of " + files(doubtful) + " could not be read with trust everywhere.",
                    "Walk the doubtful stretches",
                    Check.Where.MARK));
        }
        return all;
    }

    private static boolean isDoubtful(Job job, Clip clip) {
        CounterMarks marks = job.counterOf(clip.id());
        return marks.doubts().stream().anyMatch(d -> d.confidence() < Doubtful.TO_BE_ASKED);
    }

    private static String files(List<Clip> clips) {
        return clips.size() == 1 ? clips.getFirst().fileName() : clips.size() + " clips";
    }

    private static String it(List<Clip> clips) {
        return clips.size() == 1 ? "it" : "them";
    }
}
