package hitch.core.sketch;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * A drawing.
 *
 * @param width pixels
 * @param height pixels
 * @param marks its shapes, from the back to the front
 * @param hots the parts that tell something; the last that covers a point is meant
 */
public record Sketch(double width, double height, List<Mark> marks, List<Hot> hots) {
    public Sketch {
        marks = List.copyOf(marks);
        hots = List.copyOf(hots);
    }

    /** The same with its words as somebody may read them. */
    public Sketch told(UnaryOperator<String> may) {
        return new Sketch(
                width,
                height,
                marks.stream()
                        .map(m -> m instanceof Mark.Words w ? w.saying(may.apply(w.text())) : m)
                        .toList(),
                hots.stream().map(h -> h.saying(may.apply(h.words()))).toList());
    }

    public Optional<Hot> at(double x, double y) {
        for (int i = hots.size() - 1; i >= 0; i--) {
            if (hots.get(i).covers(x, y)) {
                return Optional.of(hots.get(i));
            }
        }
        return Optional.empty();
    }
}
