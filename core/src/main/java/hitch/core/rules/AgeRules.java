package hitch.core.rules;

import hitch.core.pipe.Material;
import java.util.Map;
import java.util.Optional;

/**
 * When each material was used and how long it lasts. Opinions with ranges, to be edited: towns differ by decades.
 *
 * @param of each material that something is known of
 * @param doubt years by which the first and the last year of use may be off
 */
public record AgeRules(Map<Material, MaterialAge> of, int doubt) implements RulePart {
    public AgeRules {
        of = Map.copyOf(of);
    }

    /** The name of the rule for a material. */
    public static String rule(Material material) {
        return "ages." + RuleLines.key(material.word());
    }

    public Optional<MaterialAge> of(Material material) {
        return Optional.ofNullable(of.get(material));
    }

    @Override
    public String about() {
        return "how old pipe gets";
    }
}
