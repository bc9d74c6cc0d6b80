package hitch.core.survey.told;

import hitch.core.detail.Detail;
import hitch.core.detail.Kept;
import hitch.core.finding.FindingId;
import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.finding.Sighting;
import hitch.core.footage.ClipId;
import hitch.core.footage.FrameRef;
import hitch.core.measure.Distance;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** The looks that were promised, and the moment at which each was kept. */
public final class Promises {
    /** Something that is seen this near to where a look was promised keeps the promise. */
    static final Distance SAME_PLACE = Distance.feet(3);

    /**
     * One promise.
     *
     * @param kept whether it was kept: as somebody said, else by whether anything was marked there later
     * @param at the first such moment
     */
    public record Promise(FindingId id, LocatedFinding finding, Kept kept, Optional<FrameRef> at) {}

    private Promises() {}

    /**
     * @param findings in any order
     * @param clips the footage in order, by which one moment is later than another
     */
    public static List<Promise> of(List<LocatedFinding> findings, List<ClipId> clips) {
        return findings.stream()
                .filter(f -> f.finding().kind() == FindingKind.PROMISE)
                .map(f -> promise(f, findings, clips))
                .toList();
    }

    private static Promise promise(LocatedFinding promise, List<LocatedFinding> findings, List<ClipId> clips) {
        Optional<FrameRef> later = findings.stream()
                .filter(f -> f.finding().kind() != FindingKind.PROMISE && isThere(f, promise))
                .flatMap(f -> Stream.concat(
                        Stream.of(f.finding().frame()),
                        f.finding().sightings().stream().map(Sighting::frame)))
                .filter(frame -> isAfter(frame, promise.finding().frame(), clips))
                .min((a, b) -> order(a, b, clips));
        Kept kept = promise.finding()
                .traits()
                .details()
                .get(Detail.KEPT)
                .orElse(later.isPresent() ? Kept.KEPT : Kept.NOT_KEPT);
        return new Promise(promise.finding().id(), promise, kept, kept == Kept.KEPT ? later : Optional.empty());
    }

    private static boolean isThere(LocatedFinding found, LocatedFinding promise) {
        return found.branch().equals(promise.branch())
                && found.extent().isPresent()
                && promise.extent().isPresent()
                && found.extent()
                                .get()
                                .middle()
                                .to(promise.extent().get().middle())
                                .compareTo(SAME_PLACE)
                        <= 0;
    }

    private static boolean isAfter(FrameRef frame, FrameRef promise, List<ClipId> clips) {
        return order(frame, promise, clips) > 0;
    }

    private static int order(FrameRef a, FrameRef b, List<ClipId> clips) {
        int clip = Integer.compare(clips.indexOf(a.clip()), clips.indexOf(b.clip()));
        return clip != 0 ? clip : Long.compare(a.pts(), b.pts());
    }
}
