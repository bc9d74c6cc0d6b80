package hitch.core.disclosure;

import hitch.core.job.PropertyFacts;
import hitch.core.job.PropertyFactsBuilder;
import java.util.function.UnaryOperator;

/** What of the visit a recipient may know. */
final class FactsShown {
    private FactsShown() {}

    /** @param text free text as the recipient may read it */
    static PropertyFacts of(PropertyFacts facts, Recipient recipient, UnaryOperator<String> text) {
        // From nothing on: what is not named here stays with the firm.
        var may = PropertyFactsBuilder.builder(PropertyFacts.BLANK)
                .property(text.apply(facts.property()))
                .town(facts.town())
                .inspectedOn(facts.inspectedOn())
                .reviewer(facts.reviewer())
                .firm(facts.firm())
                .unit(facts.unit())
                .internalOnly(facts.internalOnly())
                .more(facts.more().shown(!recipient.isPublic(), recipient.people(), text));
        if (recipient.people()) {
            may.client(facts.client());
        }
        if (!recipient.isPublic()) {
            may.examined(text.apply(facts.examined()))
                    .notExamined(facts.notExamined().stream().map(text).toList());
        }
        return may.build();
    }
}
