package hitch.core.judge.matter;

import hitch.core.decide.EarlierVisit;
import hitch.core.detail.Detail;
import hitch.core.survey.Survey;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.regex.Pattern;

/** When a visit was, for what, and whether anybody uses the building. */
public final class Visit {
    private static final Pattern SALE =
            Pattern.compile("\\b(?:purchase|buy(?:er|ing)?|sale|sell(?:er|ing)?|closing|escrow)\\b");
    private static final Pattern IDLE =
            Pattern.compile("\\b(?:idle|vacant|empty|unoccupied|nobody lives|not lived in|no one living)\\b");

    private final Survey survey;

    Visit(Survey survey) {
        this.survey = survey;
    }

    /** Whether the property is being sold. */
    public boolean isSale() {
        return says(Detail.PURPOSE, SALE);
    }

    /** Whether nobody uses the building. */
    public boolean isIdle() {
        return says(Detail.OCCUPIED, IDLE);
    }

    private boolean says(Detail<String> of, Pattern what) {
        return survey.facts()
                .more()
                .get(of)
                .filter(t -> what.matcher(t.toLowerCase(Locale.ROOT)).find())
                .isPresent();
    }

    /** The day of the visit; empty where nobody wrote it down. */
    public Optional<LocalDate> day() {
        return date(survey.facts().inspectedOn());
    }

    /** Whole months between the visit laid beside last and this one; empty where a day is not known. */
    public OptionalInt monthsSinceEarlier() {
        List<EarlierVisit> all = survey.decisions().beside();
        Optional<LocalDate> then =
                all.isEmpty() ? Optional.empty() : date(all.getLast().when());
        return then.isPresent() && day().filter(d -> d.isAfter(then.get())).isPresent()
                ? OptionalInt.of((int) ChronoUnit.MONTHS.between(then.get(), day().get()))
                : OptionalInt.empty();
    }

    private static Optional<LocalDate> date(String text) {
        try {
            return Optional.of(LocalDate.parse(text.strip()));
        } catch (DateTimeException e) {
            return Optional.empty();
        }
    }
}
