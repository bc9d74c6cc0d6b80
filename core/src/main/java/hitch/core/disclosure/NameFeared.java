package hitch.core.disclosure;

import hitch.core.detail.Detail;
import hitch.core.job.PropertyFacts;

/**
 * A word that may be the name of somebody whom the recipient is not to know.
 *
 * @param name the word or words
 * @param where what they stand in
 */
public record NameFeared(String name, String where) {
    /** The facts with this name among those to leave out. */
    public PropertyFacts leftOut(PropertyFacts facts) {
        String before = facts.more().get(Detail.NAMES).orElse("");
        return facts.withMore(facts.more().with(Detail.NAMES, before.isBlank() ? name : before + ", " + name));
    }
}
