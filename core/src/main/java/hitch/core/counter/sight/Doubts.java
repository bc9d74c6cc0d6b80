package hitch.core.counter.sight;

import java.util.ArrayList;
import java.util.List;

/** Finds the stretches of a fitted path that a person had better look at. */
public final class Doubts {
    /** Confidence below which a moment is doubtful. */
    public static final double TRUSTED = 0.6;
    /** Doubtful stretches nearer than this are one, seconds. */
    private static final double NEAR = 1.5;
    /** Shorter ones between good readings are passed over, seconds. */
    private static final double SHORTEST = 0.7;

    private Doubts() {}

    /** In order of time. */
    public static List<Doubt> of(CablePath path) {
        return among(path.moments());
    }

    /**
     * @param moments in order of time
     */
    public static List<Doubt> among(List<CablePath.Moment> moments) {
        List<Doubt> found = new ArrayList<>();
        for (int i = 0; i < moments.size(); i++) {
            CablePath.Moment at = moments.get(i);
            if (at.confidence() >= TRUSTED) {
                continue;
            }
            double to = i + 1 < moments.size() ? moments.get(i + 1).seconds() : at.seconds() + 0.2;
            boolean near = !found.isEmpty() && at.seconds() - found.getLast().to() <= NEAR;
            Doubt last = near ? found.removeLast() : null;
            found.add(
                    near
                            ? new Doubt(last.from(), to, Math.min(last.confidence(), at.confidence()))
                            : new Doubt(at.seconds(), to, at.confidence()));
        }
        found.removeIf(d -> d.seconds() < SHORTEST);
        return List.copyOf(found);
    }
}
