package hitch.core.rules;

import hitch.core.measure.Distance;

/**
 * From what on a finding asks for more.
 *
 * @param rootShareToMend share of the bore from which roots count as a repair, percent, 1 to 100
 * @param offsetToTend step of an offset from which it needs care
 * @param offsetToMend step of an offset from which it needs a repair
 * @param waterToTend length of standing water from which it needs care
 */
public record WeighingRules(int rootShareToMend, Distance offsetToTend, Distance offsetToMend, Distance waterToTend)
        implements RulePart {
    @Override
    public String about() {
        return "how findings are weighed";
    }

    public WeighingRules withRoots(int share) {
        return new WeighingRules(share, offsetToTend, offsetToMend, waterToTend);
    }

    public WeighingRules withOffsets(Distance tend, Distance mend) {
        return new WeighingRules(rootShareToMend, tend, mend, waterToTend);
    }

    public WeighingRules withWater(Distance tend) {
        return new WeighingRules(rootShareToMend, offsetToTend, offsetToMend, tend);
    }
}
