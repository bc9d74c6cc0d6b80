package hitch.core.decide;

import hitch.core.finding.FindingId;
import hitch.core.finding.Weight;
import hitch.core.measure.Extent;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;

/**
 * An ask that a person wrote.
 *
 * @param id its name within the job
 * @param text what is to be done, a sentence
 * @param because why; may be blank
 * @param weight how much it asks for
 * @param when how soon
 * @param who who is asked
 * @param due the date, {@code yyyy-mm-dd}
 * @param branch the pipe it is about
 * @param extent from where to where
 * @param findings what it rests on
 */
@RecordBuilder
public record OwnAsk(
        String id,
        String text,
        String because,
        Weight weight,
        When when,
        Who who,
        Optional<String> due,
        String branch,
        Optional<Extent> extent,
        List<FindingId> findings)
        implements OwnAskBuilder.With {
    public OwnAsk {
        text = text.strip();
        because = because == null ? "" : because.strip();
        findings = findings == null ? List.of() : List.copyOf(findings);
        if (text.isEmpty()) {
            throw new IllegalArgumentException("an ask says what is to be done");
        }
    }
}
