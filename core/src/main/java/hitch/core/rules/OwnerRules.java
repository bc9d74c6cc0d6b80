package hitch.core.rules;

/**
 * Whose pipe it is.
 *
 * @param reach how far the owner's pipe is reckoned to go
 */
public record OwnerRules(OwnersReach reach) implements RulePart {
    @Override
    public String about() {
        return "how far the owner's pipe goes";
    }
}
