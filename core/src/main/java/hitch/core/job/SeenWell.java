package hitch.core.job;

import hitch.core.counter.CounterTrace;
import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.footage.Stretch;
import hitch.core.line.Extent;
import hitch.core.line.Run;
import hitch.core.line.Station;
import hitch.core.line.Unseen;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * Which stretches of line were passed but never seen well. A place seen badly going out and well coming back was seen;
 * one that every pass shows damaged, dark or blurred was not.
 */
final class SeenWell {
    /** Length of line judged as one, mm. */
    private static final long BIN = 50;
    /** Times a second that the camera's place is asked. */
    private static final double ASKED = 5;

    private final long from;
    private final boolean[] well;
    private final Stretch.Reason[] badly;

    private SeenWell(Extent seen) {
        from = seen.from().mm();
        int bins = (int) Math.min(seen.length().mm() / BIN + 1, 1 << 20);
        well = new boolean[bins];
        badly = new Stretch.Reason[bins];
    }

    static List<Unseen> reckon(
            Job job, Map<ClipId, CounterTrace> traces, Map<ClipId, List<Stretch>> stretches, Extent seen) {
        boolean anyBad = stretches.values().stream()
                .flatMap(List::stream)
                .anyMatch(s -> s.reason().hides());
        if (!anyBad) {
            return List.of();
        }
        SeenWell seenWell = new SeenWell(seen);
        for (Run run : job.runs()) {
            for (ClipId id : run.clips()) {
                CounterTrace trace = traces.get(id);
                job.clip(id)
                        .filter(c -> trace != null)
                        .ifPresent(c -> seenWell.follow(c, run, trace, stretches.getOrDefault(id, List.of())));
            }
        }
        return seenWell.gaps();
    }

    private void follow(Clip clip, Run run, CounterTrace trace, List<Stretch> stretches) {
        List<Stretch> hiding =
                stretches.stream().filter(s -> s.reason().hides()).toList();
        long step = Math.max(1, clip.base().ticks(1 / ASKED));
        int before = -1;
        for (long pts = clip.firstPts(); pts < clip.endPts(); pts += step) {
            long at = pts;
            int bin = bin(run.stationOf(trace.cableAt(pts).orElseThrow()));
            Stretch.Reason reason = hiding.stream()
                    .filter(s -> s.covers(at))
                    .map(Stretch::reason)
                    .findFirst()
                    .orElse(null);
            int low = before < 0 ? bin : Math.min(before, bin);
            int high = before < 0 ? bin : Math.max(before, bin);
            for (int i = Math.max(0, low); i <= Math.min(high, well.length - 1); i++) {
                if (reason == null) {
                    well[i] = true;
                } else {
                    badly[i] = reason;
                }
            }
            before = bin;
        }
    }

    private int bin(Station station) {
        return (int) Math.clamp((station.mm() - from) / BIN, 0, well.length - 1);
    }

    private List<Unseen> gaps() {
        List<Unseen> found = new ArrayList<>();
        int start = -1;
        for (int i = 0; i <= well.length; i++) {
            boolean gap = i < well.length && !well[i] && badly[i] != null;
            boolean same = start >= 0 && gap && badly[i] == badly[start];
            if (start >= 0 && !same) {
                found.add(new Unseen(
                        new Extent(new Station(from + start * BIN), new Station(from + i * BIN)), badly[start]));
                start = -1;
            }
            if (gap && start < 0) {
                start = i;
            }
        }
        return found;
    }
}
