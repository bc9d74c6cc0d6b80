package hitch.core.judge.rule;

import hitch.core.judge.matter.Case;
import hitch.core.judge.remedy.Caution;
import hitch.core.judge.remedy.Reason;
import hitch.core.line.GroundMark.Surface;
import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import hitch.core.measure.Range;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What goes with any digging: marks and depths before anybody leaves, and where a trench can hurt. */
final class Digging {
    /** Deeper than a person's chest a trench can bury somebody. */
    private static final double CHEST_FT = 5;

    private Digging() {}

    static List<Caution> cautions(String branch, List<Extent> places, Case c) {
        List<Caution> cautions = new ArrayList<>(List.of(Caution.MARK_UTILITIES));
        boolean street = places.stream().anyMatch(e -> c.isUnder(branch, e, Surface.STREET));
        boolean deep = places.stream().anyMatch(e -> {
            Optional<Range> depth = c.depth(branch, e);
            return depth.isEmpty() || depth.get().high() >= CHEST_FT;
        });
        if (deep || street) {
            cautions.add(Caution.DEEP);
        }
        if (street) {
            cautions.add(Caution.STREET);
        }
        cautions.add(Caution.LOCAL_CODE);
        return cautions;
    }

    /** What is still to be marked above the ends of places to be dug, a sentence; empty where all of it is. */
    static List<String> first(String branch, List<Extent> places, Case c) {
        List<String> ends = places.stream()
                .flatMap(e -> List.of(e.from(), e.to()).stream())
                .filter(s -> !c.isLocated(branch, s) && !c.isAtAnOpening(branch, s))
                .map(s -> c.place(branch, Extent.at(s)))
                .distinct()
                .toList();
        if (ends.isEmpty()) {
            return List.of();
        }
        return List.of("Locate and mark it above " + String.join(" and ", ends)
                + ", with the depth, before anybody leaves or digs.");
    }

    /** What is known of depth and cover, as a reason; empty where nothing is. */
    static Optional<Reason> ground(String branch, Extent extent, Case c) {
        List<Surface> above = c.above(branch, extent);
        Optional<Range> depth = c.depth(branch, extent);
        if (above.isEmpty() && depth.isEmpty()) {
            return Optional.empty();
        }
        List<String> parts = new ArrayList<>();
        depth.ifPresent(d -> parts.add("about " + c.show(Distance.feet(d.middle())) + " deep"));
        above.forEach(s -> parts.add(s.above()));
        boolean costly = c.isUnder(branch, extent, Surface.STREET, Surface.SLAB, Surface.BUILDING)
                || depth.filter(d -> d.high() >= c.rules().judging().deep().inFeet())
                        .isPresent();
        return Optional.of(
                costly
                        ? Reason.number(
                                "It lies " + String.join(", ", parts)
                                        + ": a short trench costs nearly what a long one does there.",
                                "judging.deep")
                        : Reason.practice("It lies " + String.join(", ", parts) + ".", "ground above"));
    }
}
