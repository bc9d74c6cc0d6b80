package hitch.core.gauge;

import hitch.core.counter.sight.GreyPicture;
import hitch.core.footage.Drawn;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Stream;

/**
 * A held frame under the hand: places that are clicked and strokes that are painted become rings, lines and sizes. Places are pixels
 * from the picture's left and top.
 */
public final class Measuring {
    /** A click so near to a ring that was found takes it, pixels of a picture 640 wide. */
    private static final double NEAR = 6;

    /** Places within so many times that of a ring are of its rim. */
    private static final double SAME_RIM = 3;

    private static final int RIM = 3;
    /** A rim proposed less surely than this is not what a hand's ring is measured against. */
    private static final double RELIED_ON = 0.5;
    /** A ring of the hand goes with a rim that was found no further off than this, radii of the bore. */
    private static final double GOES_WITH = 1;

    private final FrameGauge proposed;
    private final GreyPicture picture;
    private Tool tool = Tool.JOINT;
    private Hand hand = Hand.NOTHING;
    private final Deque<Hand> before = new ArrayDeque<>();

    /**
     * @param proposed what was found on the frame
     * @param picture the frame
     */
    public Measuring(FrameGauge proposed, GreyPicture picture) {
        this.proposed = proposed;
        this.picture = picture;
    }

    public FrameGauge proposed() {
        return proposed;
    }

    public Tool tool() {
        return tool;
    }

    /** Takes up another tool; what was clicked for the last one is put away, rings stay. */
    public void take(Tool other) {
        tool = other;
        hand = hand.ringsAlone();
        before.clear();
    }

    private void now(Hand next) {
        before.push(hand);
        hand = next;
    }

    /** Takes the last thing that the hand did back; false where it did nothing. */
    public boolean back() {
        if (before.isEmpty()) {
            return false;
        }
        hand = before.pop();
        return true;
    }

    /** Puts all that the hand did away. */
    public void clear() {
        now(Hand.NOTHING);
    }

    /**
     * A click.
     *
     * @param pinned whether the place counts alone: no ring that was found there is taken, and a ring through it is not pulled onto an
     *     edge of the picture
     */
    public void click(double x, double y, boolean pinned) {
        double[] place = {x, y};
        if (tool == Tool.JOINT) {
            now(rim(place, pinned));
            return;
        }
        boolean full =
                (tool == Tool.WIDTH || tool == Tool.WATER) && hand.places().size() >= 2;
        now(hand.with(full ? List.of(place) : hand.placesAnd(place)));
    }

    /** A place of a rim: a ring that was found there is taken at once, and laid anew by three places of the hand, about which it is pulled onto its edge. */
    private Hand rim(double[] place, boolean pinned) {
        Optional<Ring> there = pinned
                ? Optional.empty()
                : foundAt(place[0], place[1]).filter(r -> !hand.rings().contains(r));
        boolean onTheLast = hand.snapped() && off(hand.rings().getLast(), place[0], place[1]) <= SAME_RIM * reach();
        if (there.isPresent() && (hand.places().isEmpty() || hand.snapped() && !onTheLast)) {
            return hand.snapped(there.get(), place);
        }
        if (hand.snapped() && !onTheLast) {
            return hand.elsewhere(place);
        }
        List<double[]> rim = hand.placesAnd(place);
        return rim.size() < RIM
                ? hand.with(rim)
                : ring(rim, pinned).map(hand::ringed).orElse(hand.with(List.of()));
    }

    private Optional<Ring> ring(List<double[]> rim, boolean pinned) {
        return pinned ? Caliper.ring(lens(), way(), rim) : Caliper.pulled(picture, lens(), way(), rim);
    }

    /**
     * A stroke with the hand held down.
     *
     * @param radius of the brush, pixels
     */
    public void stroke(List<double[]> places, double radius) {
        if (tool == Tool.SHARE) {
            now(hand.painted(places, radius));
        } else if (tool == Tool.ROUND) {
            List<double[]> all = new ArrayList<>(hand.places());
            all.addAll(places);
            now(hand.with(List.copyOf(all)));
        }
    }

    private Optional<Ring> foundAt(double x, double y) {
        // A rim that only the band behind it tells is no ring that was found.
        Stream<Ring> rims = proposed.joints().stream()
                .map(JointGauge::rings)
                .flatMap(j -> Stream.concat(Stream.of(j.near()), j.far().stream()));
        return Stream.concat(rims, proposed.found().rings().stream())
                .filter(r -> off(r, x, y) <= reach())
                .min(Comparator.comparingDouble(r -> off(r, x, y)));
    }

    private double reach() {
        return NEAR * Math.max(1, lens().width() / 640.0);
    }

    /** How far a place lies off a ring, pixels. */
    private double off(Ring ring, double x, double y) {
        double[] f = aligned().flat(x, y);
        return Math.abs(Math.hypot(f[0] - ring.u(), f[1] - ring.v()) - ring.r()) * lens().focal();
    }

    /** Which of {@link #rings} lies under the hand. */
    public OptionalInt ringAt(double x, double y) {
        List<Ring> rings = rings();
        OptionalInt best = OptionalInt.empty();
        for (int i = 0; i < rings.size(); i++) {
            if (off(rings.get(i), x, y) <= reach()
                    && (best.isEmpty() || off(rings.get(i), x, y) < off(rings.get(best.getAsInt()), x, y))) {
                best = OptionalInt.of(i);
            }
        }
        return best;
    }

    /** Begins to drag a ring: all moves until the next are one thing that can be taken back. */
    public void grab() {
        before.push(hand);
    }

    /**
     * Drags a ring from one place to another.
     *
     * @param size whether it grows or shrinks rather than moves
     */
    public void drag(int ring, double[] from, double[] to, boolean size) {
        List<Ring> rings = new ArrayList<>(rings());
        Ring r = rings.get(ring);
        double[] a = aligned().flat(from[0], from[1]);
        double[] b = aligned().flat(to[0], to[1]);
        double more = Math.hypot(b[0] - r.u(), b[1] - r.v()) - Math.hypot(a[0] - r.u(), a[1] - r.v());
        rings.set(
                ring,
                size
                        ? new Ring(r.u(), r.v(), Math.clamp(r.r() + more, 0.05, 5), 1, 1, 0)
                        : new Ring(r.u() + b[0] - a[0], r.v() + b[1] - a[1], r.r(), 1, 1, 0));
        hand = hand.dragged(rings);
    }

    /** The rings that are measured by: those of the hand, and the one proposed that goes with them. */
    public List<Ring> rings() {
        if (hand.rings().size() == 2 || hand.dragged()) {
            return hand.rings();
        }
        Optional<Ring> near = proposed.found().joints().stream()
                .map(JointRings::near)
                .filter(n -> n.sure() >= RELIED_ON)
                .findFirst()
                .or(() -> proposed.found().rings().stream()
                        .filter(n -> n.sure() >= RELIED_ON)
                        .max(Comparator.comparingDouble(Ring::r)));
        if (hand.rings().isEmpty()) {
            return near.map(List::of).orElse(List.of());
        }
        Ring mine = hand.rings().getFirst();
        return near.filter(n -> n.r() != mine.r() && Math.abs(n.ahead() - mine.ahead()) <= GOES_WITH)
                .map(n -> List.of(n, mine))
                .orElse(List.of(mine));
    }

    /** Places that were clicked and make nothing yet. */
    public List<double[]> places() {
        return hand.places();
    }

    /** What is drawn of the rings. */
    public List<Drawn> ringsDrawn() {
        return rings().stream().map(r -> Pictured.ring(aligned(), r)).toList();
    }

    /** What was painted. */
    public List<Drawn> painted() {
        return hand.strokes().stream().map(s -> s.drawn(lens())).toList();
    }

    /** What the tool reads: by the hand where it pointed at enough, else what is proposed, the surest first. */
    public List<Sized> sizes() {
        return new HandSizes(proposed, tool, hand, rings()).all();
    }

    private Aligned aligned() {
        return Aligned.along(lens(), way());
    }

    private LensView lens() {
        return proposed.found().lens();
    }

    private double[] way() {
        return proposed.found().way();
    }
}
