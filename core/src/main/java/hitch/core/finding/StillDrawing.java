package hitch.core.finding;

import hitch.core.footage.Drawn;
import hitch.core.footage.FrameRef;
import java.util.List;
import java.util.function.UnaryOperator;

/**
 * What a hand drew on a still. The still itself stays as it was recorded.
 *
 * @param frame the frame that it was drawn on; on another it would point at nothing
 * @param marks in the order they were drawn
 */
public record StillDrawing(FrameRef frame, List<Drawn> marks) {
    public StillDrawing {
        marks = List.copyOf(marks);
    }

    StillDrawing worded(UnaryOperator<String> how) {
        return new StillDrawing(frame, marks.stream().map(m -> m.worded(how)).toList());
    }
}
