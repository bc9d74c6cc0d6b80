package hitch.core.footage;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * What one look through a clip's pictures found.
 *
 * @param glances measures in order of time, some a second
 * @param damaged stretches whose pictures are damaged or lost, in order of time
 * @param writing what is written on the pictures beside the counter
 */
public record ClipScan(List<Glance> glances, List<Stretch> damaged, List<Writing> writing) {
    public static final ClipScan NOTHING = new ClipScan(List.of(), List.of(), List.of());

    public ClipScan {
        glances = List.copyOf(glances);
        damaged = List.copyOf(damaged);
        writing = List.copyOf(writing);
    }

    /** All stretches seen badly, and those where the camera stands, in order of time. */
    public List<Stretch> stretches(FrameIndex frames) {
        List<Stretch> all = new ArrayList<>(damaged);
        all.addAll(new StretchFinder(frames).find(glances));
        all.sort(Comparator.comparingLong(Stretch::fromPts));
        return List.copyOf(all);
    }

    /** All that was found, to be read while reckoning. */
    public Watched watched(FrameIndex frames) {
        return new Watched(stretches(frames), glances, StretchFinder.usualDetail(glances), writing);
    }

    /**
     * Where the camera next comes to rest after {@code pts}, or last came to rest before it.
     *
     * @param onward true for the next, false for the one before
     */
    public static Optional<Stretch> stop(List<Stretch> stretches, long pts, boolean onward) {
        List<Stretch> stops = stretches.stream()
                .filter(s -> s.reason() == Stretch.Reason.MOTIONLESS)
                .toList();
        return onward
                ? stops.stream().filter(s -> s.fromPts() > pts).findFirst()
                : stops.reversed().stream().filter(s -> s.fromPts() < pts).findFirst();
    }
}
