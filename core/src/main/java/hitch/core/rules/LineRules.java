package hitch.core.rules;

import hitch.core.measure.Distance;
import hitch.core.pipe.PipeSize;
import java.util.Map;
import java.util.TreeMap;

/**
 * The firm's numbers for the pipe itself. All are the firm's opinion, to be edited; local code decides where it speaks.
 *
 * @param school how far the owner's pipe goes
 * @param fastest length of pipe a second above which it is passed too fast to be seen well
 * @param backPreferred whether a picture from the way back is preferred
 * @param openingEvery longest stretch of pipe without an opening
 * @param openingBend degrees of bend in all between two openings, at most
 * @param reach longest stretch a cleaning tool is pushed
 * @param reachBend degrees of bend in all that a cleaning tool passes
 * @param falls least fall by nominal size: from that size in inches upwards, in inches a foot
 * @param locatorError standing error of a depth reading, plus or minus
 * @param locatorShare further error as a share of the depth, 0 to 1
 * @param bedding how far below the invert a trench is dug
 */
public record LineRules(
        OwnersReach school,
        Distance fastest,
        boolean backPreferred,
        Distance openingEvery,
        int openingBend,
        Distance reach,
        int reachBend,
        Map<Integer, Double> falls,
        Distance locatorError,
        double locatorShare,
        Distance bedding) {
    /** Where no smaller size has a fall of its own, inches a foot. */
    private static final double USUAL_FALL = 0.25;

    public static final LineRules DEFAULT = new LineRules(
            OwnersReach.TO_THE_MAIN,
            Distance.feet(1.5),
            true,
            Distance.feet(100),
            135,
            Distance.feet(120),
            270,
            Map.of(1, 0.25, 4, 0.125, 8, 0.0625),
            Distance.inches(1),
            0.03,
            Distance.inches(6));

    public LineRules {
        falls = Map.copyOf(falls);
        if (fastest.mm() <= 0 || openingEvery.mm() <= 0 || reach.mm() <= 0) {
            throw new IllegalArgumentException("a rule's length is above nothing");
        }
    }

    /** The least fall a pipe of this size should have, inches a foot. */
    public double fallOf(PipeSize size) {
        Map.Entry<Integer, Double> rule = new TreeMap<>(falls).floorEntry(size.inches());
        return rule == null ? USUAL_FALL : rule.getValue();
    }

    /** Standard error of a depth that was read off a locator, millimetres: its standing error and its share of the depth. */
    public double errorOf(Distance depth) {
        return Math.hypot(locatorError.mm(), locatorShare * depth.mm());
    }

    public LineRules withSchool(OwnersReach next) {
        return new LineRules(
                next,
                fastest,
                backPreferred,
                openingEvery,
                openingBend,
                reach,
                reachBend,
                falls,
                locatorError,
                locatorShare,
                bedding);
    }

    public LineRules withOpenings(Distance every, int bend) {
        return new LineRules(
                school,
                fastest,
                backPreferred,
                every,
                bend,
                reach,
                reachBend,
                falls,
                locatorError,
                locatorShare,
                bedding);
    }

    public LineRules withReach(Distance far, int bend) {
        return new LineRules(
                school,
                fastest,
                backPreferred,
                openingEvery,
                openingBend,
                far,
                bend,
                falls,
                locatorError,
                locatorShare,
                bedding);
    }

    public LineRules withSeeing(Distance tooFast, boolean back) {
        return new LineRules(
                school,
                tooFast,
                back,
                openingEvery,
                openingBend,
                reach,
                reachBend,
                falls,
                locatorError,
                locatorShare,
                bedding);
    }

    public LineRules withDepths(Map<Integer, Double> least, Distance error, double share, Distance below) {
        return new LineRules(
                school,
                fastest,
                backPreferred,
                openingEvery,
                openingBend,
                reach,
                reachBend,
                least,
                error,
                share,
                below);
    }
}
