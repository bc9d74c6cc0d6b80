package hitch.core.rules;

import hitch.core.measure.Distance;
import hitch.core.pipe.PipeSize;
import java.util.Map;
import java.util.TreeMap;

/**
 * How depth and fall are judged.
 *
 * @param falls least fall by nominal size: from that size in inches upwards, in inches a foot
 * @param locatorError standing error of a depth reading, plus or minus
 * @param locatorShare further error as a share of the depth, 0 to 1
 * @param bedding how far below the invert a trench is dug
 */
public record DepthRules(Map<Integer, Double> falls, Distance locatorError, double locatorShare, Distance bedding)
        implements RulePart {
    /** Where no smaller size has a fall of its own, inches a foot. */
    private static final double USUAL_FALL = 0.25;

    public DepthRules {
        falls = Map.copyOf(falls);
    }

    @Override
    public String about() {
        return "how depth and fall are judged";
    }

    /** The least fall a pipe of this size should have, inches a foot. */
    public double fallOf(PipeSize size) {
        Map.Entry<Integer, Double> rule = new TreeMap<>(falls).floorEntry((int) size.inInches());
        return rule == null ? USUAL_FALL : rule.getValue();
    }

    /** Standard error of a depth that was read off a locator, millimetres: its standing error and its share of the depth. */
    public double errorOf(Distance depth) {
        return Math.hypot(locatorError.mm(), locatorShare * depth.mm());
    }

    public DepthRules withFall(int from, double inchesAFoot) {
        Map<Integer, Double> next = new TreeMap<>(falls);
        next.put(from, inchesAFoot);
        return new DepthRules(next, locatorError, locatorShare, bedding);
    }

    public DepthRules withLocator(Distance error, double share) {
        return new DepthRules(falls, error, share, bedding);
    }

    public DepthRules withBedding(Distance below) {
        return new DepthRules(falls, locatorError, locatorShare, below);
    }
}
