package hitch.core.job;

import hitch.core.detail.Detail;
import hitch.core.detail.Details;
import hitch.core.measure.LengthUnit;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What is known of the visit.
 *
 * @param property address or name of the property
 * @param town its town
 * @param client who asked for the job; never shown to a district
 * @param inspectedOn date of the recording, {@code yyyy-mm-dd}; may be blank
 * @param reviewer who reviews it
 * @param firm the reviewer's firm
 * @param unit how distances are shown
 * @param examined what was examined, one sentence
 * @param notExamined what was not examined, a sentence each
 * @param internalOnly whether the job must not leave the firm
 * @param more whatever else is known of it, of {@link Detail#ofJobs}
 */
@RecordBuilder
public record PropertyFacts(
        String property,
        String town,
        String client,
        String inspectedOn,
        String reviewer,
        String firm,
        LengthUnit unit,
        String examined,
        List<String> notExamined,
        boolean internalOnly,
        Details more)
        implements PropertyFactsBuilder.With {
    private static final Pattern YEAR = Pattern.compile("(\\d{4})-");

    public static final PropertyFacts BLANK =
            new PropertyFacts("", "", "", "", "", "", LengthUnit.FEET, "", List.of(), false);

    public PropertyFacts {
        notExamined = List.copyOf(notExamined);
        more = more == null ? Details.NONE : more;
    }

    /** A visit of which no more is known. */
    public PropertyFacts(
            String property,
            String town,
            String client,
            String inspectedOn,
            String reviewer,
            String firm,
            LengthUnit unit,
            String examined,
            List<String> notExamined,
            boolean internalOnly) {
        this(
                property,
                town,
                client,
                inspectedOn,
                reviewer,
                firm,
                unit,
                examined,
                notExamined,
                internalOnly,
                Details.NONE);
    }

    /** What {@code now} becomes when the parts that differ between {@code was} and this are changed in it. */
    public PropertyFacts changedFrom(PropertyFacts was, PropertyFacts now) {
        return new PropertyFacts(
                changed(was.property, property, now.property),
                changed(was.town, town, now.town),
                changed(was.client, client, now.client),
                changed(was.inspectedOn, inspectedOn, now.inspectedOn),
                changed(was.reviewer, reviewer, now.reviewer),
                changed(was.firm, firm, now.firm),
                changed(was.unit, unit, now.unit),
                changed(was.examined, examined, now.examined),
                changed(was.notExamined, notExamined, now.notExamined),
                changed(was.internalOnly, internalOnly, now.internalOnly),
                changed(was.more, more, now.more));
    }

    private static <T> T changed(T was, T typed, T now) {
        return typed.equals(was) ? now : typed;
    }

    /** The same visit with its distances in another unit. */
    public PropertyFacts in(LengthUnit other) {
        return withUnit(other);
    }

    /** The year of the recording, where it is known. */
    public Optional<Integer> year() {
        Matcher year = YEAR.matcher(inspectedOn);
        return year.lookingAt() ? Optional.of(Integer.valueOf(year.group(1))) : Optional.empty();
    }

    /** The job in a few words, for captions and window titles. */
    public String title() {
        String title = property.isBlank() ? "Unnamed property" : property;
        return town.isBlank() ? title : title + ", " + town;
    }
}
