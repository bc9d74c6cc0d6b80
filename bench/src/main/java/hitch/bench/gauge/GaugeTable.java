package hitch.bench.gauge;

import hitch.core.gauge.Caliper;
import hitch.core.gauge.Eye;
import hitch.core.gauge.FrameGauge;
import hitch.core.gauge.JointGauge;
import hitch.core.gauge.LensView;
import hitch.core.gauge.Measured;
import hitch.core.gauge.Ring;
import hitch.core.gauge.RingFinder;
import hitch.core.measure.Distance;
import hitch.sim.pipe.Bore;
import hitch.sim.scene.Kind;
import java.awt.geom.Path2D;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.function.Consumer;

/**
 * Measures made-up pipe of 4 and 6 inches whose steps, gaps, shares and depths of water are known: once by a hand that points at
 * the right places and is off by a pixel or two, once as it is proposed without a hand.
 */
public final class GaugeTable {
    /** What is measured, and how near counts as right: so many inches, or so large a share of the truth. */
    public enum Sort {
        STEP(0.125, 0.15),
        GAP(0.125, 0.15),
        /** The same farther off than a frame that is held to be measured needs to be. */
        STEP_FAR(0.125, 0.15),
        GAP_FAR(0.125, 0.15),
        WATER(0.25, 0),
        SHARE(0.05, 0);

        final double inches;
        final double share;

        Sort(double inches, double share) {
            this.inches = inches;
            this.share = share;
        }

        boolean isStep() {
            return this == STEP || this == STEP_FAR;
        }

        boolean isFar() {
            return this == STEP_FAR || this == GAP_FAR;
        }

        boolean isRight(double got, double truth) {
            return Math.abs(got - truth) <= Math.max(inches, share * truth);
        }
    }

    /**
     * How one sort fared.
     *
     * @param tried how many truths
     * @param told how many were measured at all
     * @param right how many of them within what counts as right
     * @param held of how many the truth lies within the error that was claimed
     */
    public record Score(int tried, int told, int right, int held) {
        private static final Score NONE = new Score(0, 0, 0, 0);

        private Score with(Sort sort, double truth, Optional<Measured> got) {
            return new Score(
                    tried + 1,
                    told + (got.isPresent() ? 1 : 0),
                    right + (got.filter(m -> sort.isRight(m.inches(), truth)).isPresent() ? 1 : 0),
                    held
                            + (got.filter(m -> Math.abs(m.inches() - truth) <= m.errorInches())
                                            .isPresent()
                                    ? 1
                                    : 0));
        }
    }

    /** Both tables. */
    public record Scores(Map<Sort, Score> byHand, Map<Sort, Score> proposed, int dry, int wetProposed) {}

    private static final double HAND_PIXELS = 1.0;
    /** So sure a water line is shown. */
    private static final double WATER_SHOWN = 0.4;
    /** A joint is measured where it lies 2.4 to 4.1 radii of the bore ahead, and again 4.1 to 5.7; as feet in a 4 in pipe. */
    private static final double NEAR = 0.4;

    private static final double NEAR_MORE = 0.28;
    private static final double FAR = 0.68;
    private static final double FAR_MORE = 0.27;
    /** Places along what is painted. */
    private static final int BRUSH_PLACES = 24;

    /** A length that lies off the one before is drawn so from a little beyond the joint on, feet. */
    private static final double NO_LESS = 0.02;

    private final Random random;
    private final int each;
    private final Consumer<String> out;
    private final Map<Sort, Score> byHand = new EnumMap<>(Sort.class);
    private final Map<Sort, Score> proposed = new EnumMap<>(Sort.class);
    private int dry;
    private int wetProposed;

    /** @param each truths of each sort */
    public GaugeTable(int each, long seed, Consumer<String> out) {
        this.random = new Random(seed);
        this.each = each;
        this.out = out;
    }

    public Scores run() {
        for (int i = 0; i < each; i++) {
            joint(Sort.STEP, 0.25 + random.nextDouble());
            joint(Sort.GAP, 0.3 + 1.2 * random.nextDouble());
            joint(Sort.STEP_FAR, 0.25 + random.nextDouble());
            joint(Sort.GAP_FAR, 0.3 + 1.2 * random.nextDouble());
            water(0.08 + 0.35 * random.nextDouble());
            share(0.08 + 0.5 * random.nextDouble());
        }
        tell("pointed at by a hand that is a pixel off", byHand);
        tell("proposed without a hand", proposed);
        out.accept("dry pipe: " + dry + ", water proposed in " + wetProposed);
        return new Scores(byHand, proposed, dry, wetProposed);
    }

    private void tell(String how, Map<Sort, Score> scores) {
        out.accept("| " + how + " | tried | measured | right | claimed error holds |");
        out.accept("|---|---|---|---|---|");
        scores.forEach((sort, s) -> out.accept(String.format(
                Locale.ROOT,
                "| %s | %d | %d | %.0f %% | %.0f %% |",
                sort.name().toLowerCase(Locale.ROOT).replace('_', ' '),
                s.tried(),
                s.told(),
                100.0 * s.right() / Math.max(1, s.told()),
                100.0 * s.held() / Math.max(1, s.told()))));
    }

    private void count(Map<Sort, Score> scores, Sort sort, double truth, Optional<Measured> got) {
        scores.merge(sort, Score.NONE.with(sort, truth, got), (a, b) -> a.with(sort, truth, got));
    }

    private static LensView lens() {
        return LensView.across(Posed.WIDTH, Posed.HEIGHT, LensView.USUAL_DEGREES);
    }

    private void joint(Sort sort, double amount) {
        double ahead = sort.isFar() ? FAR + FAR_MORE * random.nextDouble() : NEAR + NEAR_MORE * random.nextDouble();
        Posed posed = Posed.with(
                random, sort.isStep() ? Kind.OFFSET : Kind.GAP, ahead, ahead, amount, sort.isStep() ? "bare" : "open");
        double bore = posed.boreIn() * Distance.MM_PER_INCH;
        FrameGauge found = FrameGauge.of(posed.grey(), lens(), bore, FrameGauge.USUAL_LENS_MM);
        Posed.Opening open = posed.opening(sort.isStep() ? NO_LESS : 0);
        double truth = sort.isStep() ? posed.step(open) : (open.to() - open.from()) * 12;
        double at = posed.scenario().things().getFirst().at();
        double wall = at - Posed.stand();
        Optional<JointGauge> there = found.joints().stream()
                .filter(j -> Math.abs(j.rings().near().ahead() * posed.boreIn() / 24 - wall) < 0.25 * wall)
                .findFirst();
        count(
                proposed,
                sort,
                truth,
                there.map(j -> sort.isStep() ? j.step() : j.gap()).filter(m -> m.sure() >= Measured.LIKELY));
        dry++;
        wetProposed +=
                found.found().water().filter(w -> w.sure() >= WATER_SHOWN).isPresent() ? 1 : 0;
        // What stands off shows its own wall; of a gap the rims show.
        boolean rims = !sort.isStep();
        double first = rims ? open.before() : 1;
        double second = rims ? open.beyond() : 1;
        Optional<Ring> near = ring(posed, found.found(), open.from(), first, List.of(0.1, 2.2, 4.3));
        // Only where the far rim is seen past the near one can a hand point at it.
        double from = posed.scenario().things().getFirst().clock() / 12 * 2 * Math.PI;
        List<Double> seen = sort == Sort.STEP
                ? List.of(from + Math.PI - 0.9, from + Math.PI, from + Math.PI + 0.9)
                : List.of(0.2, 2.3, 4.4);
        Optional<Ring> far = ring(posed, found.found(), open.to(), second, seen);
        count(
                byHand,
                sort,
                truth,
                near.flatMap(n -> far.map(f -> {
                    JointGauge j = new Caliper(Eye.seeing(lens(), found.found().way(), n), bore).joint(n, f);
                    return sort.isStep() ? j.step() : j.gap();
                })));
    }

    /**
     * The ring through three places of a rim as a hand points at them.
     *
     * @param radius of what is seen of it, share of the bore's
     */
    private Optional<Ring> ring(
            Posed posed, RingFinder.Found found, double station, double radius, List<Double> turns) {
        List<double[]> clicks = new ArrayList<>();
        for (double turn : turns) {
            clicks.add(off(posed.shows(station, radius, turn)));
        }
        return Caliper.pulled(posed.grey(), found.lens(), found.way(), clicks);
    }

    private double[] off(double[] place) {
        return new double[] {
            place[0] + random.nextGaussian() * HAND_PIXELS, place[1] + random.nextGaussian() * HAND_PIXELS
        };
    }

    private void water(double amount) {
        boolean sag = random.nextBoolean();
        Posed posed = Posed.with(
                random, sag ? Kind.SAG : Kind.FLOW, -3, 7, sag ? amount : amount * 0.6, sag ? "belly" : "running");
        double station = Posed.stand() + 0.25 * posed.boreIn() / 4;
        double truth = posed.water(station);
        double lens = FrameGauge.USUAL_LENS_MM / Distance.MM_PER_INCH;
        if (truth > lens * 0.95 || truth < 0.1) {
            return;
        }
        double bore = posed.boreIn() * Distance.MM_PER_INCH;
        FrameGauge found = FrameGauge.of(posed.grey(), lens(), bore, FrameGauge.USUAL_LENS_MM);
        count(proposed, Sort.WATER, truth, found.water().filter(w -> w.sure() >= WATER_SHOWN));
        Caliper caliper = new Caliper(found.found().eye(), bore);
        count(
                byHand,
                Sort.WATER,
                truth,
                Optional.of(caliper.water(off(posed.waterEdge(station, false)), off(posed.waterEdge(station, true)))));
    }

    /** A hand paints over what lies in the bore up to a height, along its edge and a pixel off it. */
    private void share(double truth) {
        Posed posed = Posed.with(random, Kind.CRACK, 0, 0, 0, "");
        double station = Posed.stand() + (0.5 + 0.4 * random.nextDouble()) * posed.boreIn() / 4;
        double height = Bore.heightOf(truth, 1);
        double from = Math.acos(height - 1);
        Path2D painted = new Path2D.Double();
        for (int i = 0; i <= BRUSH_PLACES; i++) {
            double[] p = off(posed.shows(station, 1, from + (2 * Math.PI - 2 * from) * i / BRUSH_PLACES));
            if (i == 0) {
                painted.moveTo(p[0], p[1]);
            } else {
                painted.lineTo(p[0], p[1]);
            }
        }
        painted.closePath();
        double bore = posed.boreIn() * Distance.MM_PER_INCH;
        RingFinder.Found found = RingFinder.of(posed.grey(), lens(), 0.3);
        count(
                byHand,
                Sort.SHARE,
                truth,
                ring(posed, found, station, 1, List.of(0.3, 2.4, 4.5))
                        .map(r -> new Caliper(Eye.seeing(lens(), found.way(), r), bore).share(r, painted::contains))
                        .map(s -> new Measured(s.share() * Distance.MM_PER_INCH, s.error() * Distance.MM_PER_INCH, 1)));
    }
}
