package hitch.core.note.grammar;

import hitch.core.finding.PipePart;
import hitch.core.pipe.Material;
import java.util.Optional;

/** Joins bores and materials that stand beside each other into one pipe: "4 inch", "cast iron", "four inch clay". */
final class Pipes {
    private Pipes() {}

    static void join(Phrases parts) {
        for (int i = 0; i < parts.size(); i++) {
            Optional<PipePart> here = pipe(parts, i);
            if (here.isEmpty()) {
                continue;
            }
            int last = i;
            PipePart whole = here.get();
            for (int next = onward(parts, last); next > 0; next = onward(parts, last)) {
                Optional<PipePart> more = pipe(parts, next).flatMap(both(whole));
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

    private static java.util.function.Function<PipePart, Optional<PipePart>> both(PipePart first) {
        return second -> {
            boolean clash = first.material().isPresent() && second.material().isPresent()
                    || first.size().isPresent() && second.size().isPresent();
            return clash
                    ? Optional.empty()
                    : Optional.of(new PipePart(
                            first.material().or(second::material), first.size().or(second::size)));
        };
    }

    private static Optional<PipePart> pipe(Phrases parts, int i) {
        Optional<Material> material = parts.as(i, Meaning.MadeOf.class).map(Meaning.MadeOf::material);
        if (material.isPresent()) {
            return Optional.of(new PipePart(material, Optional.empty()));
        }
        return parts.as(i, Meaning.Pipe.class).map(Meaning.Pipe::part);
    }
}
