package hitch.core.talk;

import hitch.core.measure.Distance;
import hitch.core.note.Draft;
import java.util.List;
import java.util.Optional;

/** "I hit it at twenty-five, twenty-six feet": one thing, somewhere between the two. */
final class Hedged {
    /** Who names two feet in a row is not sure which. */
    private static final long APART_MM = Distance.feet(1).mm() + 10;

    private Hedged() {}

    /** Makes one of two that differ by no more than a foot. */
    static void join(List<Draft> all) {
        for (int i = all.size() - 1; i > 0; i--) {
            Draft one = all.get(i - 1);
            Draft other = all.get(i);
            boolean both = one.matter().equals(other.matter())
                    && one.certainty() == other.certainty()
                    && one.start() == other.start()
                    && one.place().filter(Draft.Place::isPoint).isPresent()
                    && other.place().filter(Draft.Place::isPoint).isPresent();
            if (!both) {
                continue;
            }
            Distance from = one.place().get().from();
            Distance to = other.place().get().from();
            if (to.compareTo(from) > 0 && to.minus(from).mm() <= APART_MM) {
                all.remove(i);
                all.set(i - 1, one.at(Optional.of(new Draft.Place(from, to))));
            }
        }
    }
}
