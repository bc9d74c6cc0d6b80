package hitch.core.rules;

import hitch.core.pipe.Material;
import hitch.core.pipe.Pipe;
import java.util.Map;
import java.util.Optional;

/**
 * How the line is cared for.
 *
 * @param monthsBetweenCleanings months until the next cleaning where roots were found
 * @param weakFrom the age in years from which pipe of a material is too weak for strong water; materials that are never
 *     too weak are left out
 */
public record CareRules(int monthsBetweenCleanings, Map<Material, Integer> weakFrom) implements RulePart {
    public CareRules {
        // Rules that were written before there was a choice stand as they were meant: as shipped.
        weakFrom = weakFrom == null ? HouseRules.DEFAULT.care().weakFrom() : Map.copyOf(weakFrom);
    }

    /** The same rules with another time between cleanings. */
    public CareRules every(int months) {
        return new CareRules(months, weakFrom);
    }

    /**
     * Whether a pipe may be too weak for strong water by {@code year}. One laid nobody knows when is taken for old: that is
     * the side on which nothing breaks.
     *
     * @param year empty where the day of the visit is not known: then only what was laid decides nothing, and it is taken for old
     */
    public boolean isWeak(Pipe pipe, Optional<Integer> year) {
        Optional<Integer> from = pipe.material().map(weakFrom::get);
        if (from.isEmpty() || pipe.lining().isPresent()) {
            return false;
        }
        Optional<Integer> age = year.flatMap(now -> pipe.laid().map(laid -> now - laid));
        return age.isEmpty() || age.get() >= from.get();
    }

    /** The name of the rule that tells from which age pipe of a material is weak. */
    public static String weakRule(Material material) {
        return "care.weak-from-" + RuleLines.key(material.word());
    }

    @Override
    public String about() {
        return "how the line is cared for";
    }
}
