package hitch.core.line;

import hitch.core.measure.Extent;
import hitch.core.measure.Station;
import hitch.core.pipe.Branch;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What a person knows of the line besides what the camera saw.
 *
 * @param branches pipes that join it
 * @param ground the surface above it
 * @param boundary station of the owner's boundary, where it was typed
 * @param wall station of the building wall, where it was typed
 * @param main station of the main, where it was typed
 * @param readFrom what distances are read from
 * @param spans stretches whose pipe was said by hand
 */
@RecordBuilder
public record LineFacts(
        List<Branch> branches,
        Ground ground,
        Optional<Station> boundary,
        Optional<Station> wall,
        Optional<Station> main,
        ReadFrom readFrom,
        List<SpanGiven> spans)
        implements LineFactsBuilder.With {
    public static final LineFacts NONE = new LineFacts(
            List.of(),
            Ground.NOT_SAID,
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            ReadFrom.OPENING,
            List.of());

    public LineFacts {
        branches = List.copyOf(branches);
        spans = List.copyOf(spans);
    }

    public Optional<Branch> branch(String name) {
        return branches.stream().filter(b -> b.name().equals(name)).findFirst();
    }

    /** With a branch added, or put in place of the one of its name. */
    public LineFacts withBranch(Branch branch) {
        List<Branch> next = new ArrayList<>(without(branch.name()).branches());
        next.add(branch);
        return withBranches(next);
    }

    public LineFacts without(String name) {
        return withBranches(
                branches.stream().filter(b -> !b.name().equals(name)).toList());
    }

    public LineFacts readingFrom(ReadFrom next) {
        return withReadFrom(next);
    }

    /** With something said by hand of a stretch, after all that was said before of the very same stretch. */
    public LineFacts withSpan(SpanGiven span) {
        List<SpanGiven> next = new ArrayList<>();
        SpanGiven whole = span;
        for (SpanGiven before : spans) {
            if (before.branch().equals(span.branch()) && before.extent().equals(span.extent())) {
                whole = span.after(before);
            } else {
                next.add(before);
            }
        }
        next.add(whole);
        return withSpans(next);
    }

    /** Whether anything was said by hand of any part of a stretch. */
    public boolean isSaid(String branch, Extent extent) {
        return spans.stream().anyMatch(s -> s.branch().equals(branch) && overlap(s.extent(), extent));
    }

    /** With nothing said by hand of any part of a stretch: what was seen stands. */
    public LineFacts asSeen(String branch, Extent extent) {
        return withSpans(spans.stream()
                .filter(s -> !s.branch().equals(branch) || !overlap(s.extent(), extent))
                .toList());
    }

    private static boolean overlap(Extent a, Extent b) {
        return a.equals(b) || a.from().compareTo(b.to()) < 0 && b.from().compareTo(a.to()) < 0;
    }
}
