package hitch.core.note.grammar;

import hitch.core.pipe.Lining;
import hitch.core.pipe.Material;
import hitch.core.pipe.Pipe;
import java.util.Optional;

/** Joins bores and materials that stand beside each other into one pipe: "4 inch", "cast iron", "four inch clay". */
final class Pipes {
    private Pipes() {}

    static void join(Phrases parts) {
        for (int i = 0; i < parts.size(); i++) {
            Optional<Pipe> here = pipe(parts, i);
            if (here.isEmpty()) {
                continue;
            }
            int last = i;
            Pipe whole = here.get();
            for (int next = onward(parts, last); next > 0; next = onward(parts, last)) {
                Optional<Pipe> more = pipe(parts, next).flatMap(both(whole));
                if (more.isEmpty()) {
                    break;
                }
                whole = more.get();
                last = next;
            }
            if (parts.says(last + 1, "pipe")) {
                last++;
            }
            if (last > i) {
                parts.join(i, last, new Meaning.Pipe(whole));
            } else {
                parts.set(i, new Meaning.Pipe(whole));
            }
        }
    }

    /** The next part that may belong to the same pipe. */
    private static int onward(Phrases parts, int i) {
        boolean between = parts.says(i + 1, "diameter", "vitrified", "white", "green", "black", "pipe", "old", "inch");
        return between ? i + 2 : i + 1;
    }

    private static java.util.function.Function<Pipe, Optional<Pipe>> both(Pipe first) {
        return second ->
                first.clashes(second) || first.equals(second) ? Optional.empty() : Optional.of(first.or(second));
    }

    private static Optional<Pipe> pipe(Phrases parts, int i) {
        return parts.as(i, Meaning.MadeOf.class)
                .map(Meaning.MadeOf::wall)
                .map(w -> switch (w) {
                    case Material m -> Pipe.of(m);
                    case Lining l -> Pipe.of(l);
                })
                .or(() -> parts.as(i, Meaning.Pipe.class).map(Meaning.Pipe::part));
    }
}
