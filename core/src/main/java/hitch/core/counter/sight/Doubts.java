package hitch.core.counter.sight;

import hitch.core.counter.Doubtful;
import java.util.ArrayList;
import java.util.List;

/** Finds the stretches of a fitted path that a person had better look at. */
public final class Doubts {
    /** Confidence from which a moment is trusted as any other; below it the stretch says how much. */
    private static final double TRUSTED = 0.8;
    /** Stretches nearer than this are one, seconds. */
    private static final double NEAR = 1.5;
    /** Shorter ones between good readings are passed over, seconds. */
    private static final double SHORTEST = 0.7;

    private Doubts() {}

    /** Those to be looked at first, then those that are only trusted less, each in order of time. */
    public static List<Doubt> among(List<CablePath.Moment> moments) {
        List<Doubt> found = within(moments, 0, Doubtful.TO_BE_ASKED, NEAR);
        List<Doubt> asked = List.copyOf(found);
        within(moments, Doubtful.TO_BE_ASKED, TRUSTED, 0).stream()
                .filter(d -> asked.stream().noneMatch(a -> a.from() <= d.from() && d.to() <= a.to()))
                .forEach(found::add);
        return List.copyOf(found);
    }

    /** Stretches of moments whose confidence lies between two, those nearer than {@code near} together made one. */
    private static List<Doubt> within(List<CablePath.Moment> moments, double least, double most, double near) {
        List<Doubt> found = new ArrayList<>();
        for (int i = 0; i < moments.size(); i++) {
            CablePath.Moment at = moments.get(i);
            if (at.confidence() < least || at.confidence() >= most) {
                continue;
            }
            double to = i + 1 < moments.size() ? moments.get(i + 1).seconds() : at.seconds() + 0.2;
            boolean joins = !found.isEmpty() && at.seconds() - found.getLast().to() <= near;
            Doubt last = joins ? found.removeLast() : null;
            found.add(
                    joins
                            ? new Doubt(last.from(), to, Math.min(last.confidence(), at.confidence()))
                            : new Doubt(at.seconds(), to, at.confidence()));
        }
        found.removeIf(d -> d.seconds() < SHORTEST);
        return found;
    }
}
