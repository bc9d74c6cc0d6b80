package hitch.core.survey;

import hitch.core.line.SpanGiven;
import hitch.core.measure.Cover;
import hitch.core.measure.Extent;
import hitch.core.pipe.PipeSpan;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Lays what a person said of the pipe over what was reckoned; the last word wins. */
final class SpansGiven {
    private final List<SpanGiven> given;

    SpansGiven(List<SpanGiven> given) {
        this.given = given;
    }

    List<PipeSpan> over(String branch, List<PipeSpan> reckoned) {
        List<PipeSpan> spans = reckoned;
        for (SpanGiven one : given) {
            if (one.branch().equals(branch)) {
                spans = lay(one, spans);
            }
        }
        return join(spans);
    }

    private static List<PipeSpan> lay(SpanGiven given, List<PipeSpan> spans) {
        List<PipeSpan> next = new ArrayList<>();
        for (PipeSpan span : spans) {
            Cover inside = Cover.of(span.extent()).within(given.extent());
            Cover.of(span.extent()).minus(inside).parts().forEach(e -> next.add(span.over(e)));
            for (Extent e : inside.parts()) {
                next.add(given.over(span, e));
            }
            if (span.extent().isPoint()) {
                next.add(span);
            }
        }
        next.sort(Comparator.comparing(PipeSpan::extent));
        return next;
    }

    /** Neighbours that are alike are one span. */
    private static List<PipeSpan> join(List<PipeSpan> spans) {
        List<PipeSpan> joined = new ArrayList<>();
        for (PipeSpan span : spans) {
            PipeSpan last = joined.isEmpty() ? null : joined.getLast();
            boolean same = last != null
                    && last.extent().to().equals(span.extent().from())
                    && last.over(span.extent()).equals(span);
            if (same) {
                joined.set(
                        joined.size() - 1,
                        last.over(new Extent(last.extent().from(), span.extent().to())));
            } else {
                joined.add(span);
            }
        }
        return List.copyOf(joined);
    }
}
