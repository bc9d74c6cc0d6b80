package hitch.core.survey;

import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.line.SpanGiven;
import hitch.core.measure.Cover;
import hitch.core.measure.Extent;
import hitch.core.measure.Station;
import hitch.core.pipe.Pipe;
import hitch.core.pipe.PipeChange;
import hitch.core.pipe.PipeSpan;
import hitch.core.pipe.PipeSpans;
import hitch.core.run.Direction;
import hitch.core.run.Run;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/** Reckons what one pipe is made of: from the changes seen, then as a person said; unknown where nobody got. */
final class SpansSeen {
    private final Evidence evidence;
    private final String branch;

    SpansSeen(Evidence evidence, String branch) {
        this.evidence = evidence;
        this.branch = branch;
    }

    /**
     * @param whole the pipe, seen or not; the spans fill it exactly
     * @param reached what the camera went through of it
     */
    List<PipeSpan> over(Extent whole, Cover reached) {
        List<PipeSpans.OpeningAt> openings = evidence.tied().runs().stream()
                .filter(r -> evidence.tied().openedInto(r).equals(branch))
                .map(r -> new PipeSpans.OpeningAt(within(r.start(), whole), r.opening()))
                .toList();
        List<PipeChange> changes = changes(whole);
        List<PipeSpan> spans = new ArrayList<>();
        Station done = whole.from();
        List<Extent> parts = reached.isEmpty() ? List.of(whole) : reached.parts();
        for (Extent part : parts) {
            unknown(done, part.from(), spans);
            spans.addAll(PipeSpans.reckon(part, openings, changes));
            done = part.to();
        }
        unknown(done, whole.to(), spans);
        List<SpanGiven> given = new ArrayList<>(stretches());
        given.addAll(evidence.facts().spans());
        return new SpansGiven(given).over(branch, spans);
    }

    /** An opening at the very end of the pipe, reckoned a little past it, tells of the pipe before it all the same. */
    private static Station within(Station opening, Extent whole) {
        Station end = whole.to();
        return opening.compareTo(end) > 0 && end.to(opening).mm() <= PublicMain.AT_THE_MAIN_MM ? end : opening;
    }

    private static void unknown(Station from, Station to, List<PipeSpan> into) {
        if (from.compareTo(to) < 0) {
            into.add(new PipeSpan(new Extent(from, to), Pipe.UNKNOWN));
        }
    }

    /** A note of what a stretch is made of, with nothing said of before: it begins and ends there. */
    private static boolean isStretch(LocatedFinding found) {
        return found.extent().filter(e -> !e.isPoint()).isPresent()
                && !found.finding().certainty().isGuess()
                && found.finding().traits().before().isUnknown();
    }

    private List<SpanGiven> stretches() {
        return Stream.concat(
                        evidence.on(branch, FindingKind.MATERIAL_CHANGE), evidence.on(branch, FindingKind.SIZE_CHANGE))
                .filter(SpansSeen::isStretch)
                .map(f -> new SpanGiven(
                        branch, f.extent().orElseThrow(), f.finding().traits().after(), Set.of()))
                .toList();
    }

    private List<PipeChange> changes(Extent whole) {
        List<PipeChange> changes = new ArrayList<>();
        for (LocatedFinding found : evidence.findings()) {
            FindingKind kind = found.finding().kind();
            boolean change = kind == FindingKind.MATERIAL_CHANGE || kind == FindingKind.SIZE_CHANGE;
            if (!change
                    || found.finding().certainty().isGuess()
                    || found.extent().isEmpty()
                    || !found.branch().equals(branch)
                    || isStretch(found)) {
                continue;
            }
            // A note names the pipe as the camera goes out; against the flow its far side lies up the line.
            boolean with = found.run()
                    .map(Run::direction)
                    .map(d -> d == Direction.WITH_FLOW)
                    .orElse(true);
            Pipe near = found.finding().traits().before();
            Pipe far = found.finding().traits().after();
            Pipe up = with ? near : far;
            Pipe down = with ? far : near;
            // A branch may end in a change that was marked a little past its join.
            Station at = found.extent().get().from();
            changes.add(new PipeChange(at.compareTo(whole.to()) > 0 ? whole.to() : at, up, down));
        }
        return changes;
    }
}
