package hitch.core.gauge;

import hitch.core.footage.Drawn;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What a tool reads off a frame: by the hand where it pointed at enough, else what is proposed.
 *
 * @param rings what is measured by
 */
record HandSizes(FrameGauge proposed, Tool tool, Hand hand, List<Ring> rings) {
    /** Places of an outline that tell its shape. */
    private static final int OUTLINE = 5;

    List<Sized> all() {
        return switch (tool) {
            case JOINT -> hand.rings().isEmpty() ? proposedJoints() : handJoint();
            case LENGTH, WIDTH -> hand.places().size() < 2 ? List.of() : List.of(length());
            case WATER -> hand.places().size() == 2 ? List.of(handWater()) : proposedWater();
            case SHARE -> share().stream().toList();
            case ROUND -> round().stream().toList();
        };
    }

    private List<Sized> proposedJoints() {
        return proposed.joints().stream().flatMap(this::sizes).toList();
    }

    private List<Sized> handJoint() {
        List<Ring> inOrder =
                rings.stream().sorted(Comparator.comparingDouble(Ring::ahead)).toList();
        if (inOrder.size() < 2) {
            return List.of();
        }
        Ring near = inOrder.getFirst();
        return sizes(new Caliper(Eye.seeing(lens(), way(), near), proposed.boreMm()).joint(near, inOrder.getLast()))
                .toList();
    }

    private Stream<Sized> sizes(JointGauge joint) {
        List<Drawn> drawn =
                List.of(drawn(joint.rings().near()), drawn(joint.rings().far().orElseThrow()));
        double clock = joint.clock();
        return Stream.of(
                Sized.of(SizeSort.STEP, joint.step(), Optional.of(new Sized.Arc(clock, clock)), drawn),
                Sized.of(SizeSort.GAP, joint.gap(), Optional.empty(), drawn));
    }

    private Sized length() {
        List<double[]> places = hand.places();
        double[] round = caliper().clocks(places.getFirst(), places.getLast());
        return Sized.of(
                tool == Tool.LENGTH ? SizeSort.LENGTH : SizeSort.WIDTH,
                caliper().length(places),
                Optional.of(new Sized.Arc(round[0], round[1])),
                List.of(drawn(Drawn.Form.LINE, places)));
    }

    private Sized handWater() {
        double[] one = hand.places().getFirst();
        double[] other = hand.places().getLast();
        boolean inOrder = one[0] <= other[0];
        double[] left = inOrder ? one : other;
        double[] right = inOrder ? other : one;
        return Sized.of(
                SizeSort.DEPTH,
                caliper().water(left, right),
                Optional.empty(),
                List.of(drawn(Drawn.Form.LINE, List.of(left, right))));
    }

    private List<Sized> proposedWater() {
        return proposed.water().stream()
                .map(w -> Sized.of(
                        SizeSort.DEPTH,
                        w,
                        Optional.empty(),
                        proposed.found().water().stream()
                                .flatMap(l -> Stream.of(l.left(), l.right()))
                                .map(turn ->
                                        drawn(Drawn.Form.LINE, proposed.found().edge(turn)))
                                .toList()))
                .toList();
    }

    private Optional<Sized> share() {
        Optional<Ring> ring = rings.stream().max(Comparator.comparingDouble(Ring::r));
        if (ring.isEmpty() || hand.strokes().isEmpty()) {
            return Optional.empty();
        }
        Caliper.Share share =
                caliper().share(ring.get(), (x, y) -> hand.strokes().stream().anyMatch(s -> s.covers(x, y)));
        List<Drawn> drawn = new ArrayList<>(
                hand.strokes().stream().map(s -> s.drawn(lens())).toList());
        drawn.add(drawn(ring.get()));
        return Optional.of(Sized.share(SizeSort.SHARE, share.share(), share.error(), drawn));
    }

    private Optional<Sized> round() {
        return hand.places().size() < OUTLINE
                ? Optional.empty()
                : caliper()
                        .outOfRound(hand.places())
                        .map(s -> Sized.share(
                                SizeSort.OUT_OF_ROUND,
                                s.share(),
                                s.error(),
                                List.of(drawn(Drawn.Form.RING, hand.places()))));
    }

    private Caliper caliper() {
        Eye eye = hand.rings().isEmpty() ? proposed.found().eye() : Eye.seeing(lens(), way(), rings.getFirst());
        return new Caliper(eye, proposed.boreMm());
    }

    private Drawn drawn(Drawn.Form form, List<double[]> places) {
        return Drawn.of(form, places, lens().width(), lens().height());
    }

    private Drawn drawn(Ring ring) {
        return Pictured.ring(Aligned.along(lens(), way()), ring);
    }

    private LensView lens() {
        return proposed.found().lens();
    }

    private double[] way() {
        return proposed.found().way();
    }
}
