package hitch.core.parcel;

import hitch.core.disclosure.Disclosure;
import hitch.core.pipe.Wall;
import java.util.List;
import java.util.Optional;

/**
 * A length of one sort of pipe.
 *
 * @param words what it is made of, and how wide
 * @param length in the job's unit
 * @param percent of all that was reached
 * @param wall what its inside looks like; empty where nobody knows
 */
public record PipeLength(String words, String length, double percent, Optional<Wall> wall) {
    static List<PipeLength> of(Disclosure may) {
        double total = may.reached().map(s -> (double) s.length().mm()).orElse(1.0);
        return may.spans().stream()
                .map(s -> new PipeLength(
                        s.words(),
                        may.unit().show(s.length()),
                        100 * s.length().mm() / Math.max(1, total),
                        s.pipe().wall()))
                .toList();
    }
}
