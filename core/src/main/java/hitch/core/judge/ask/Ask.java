package hitch.core.judge.ask;

import hitch.core.decide.Choice;
import hitch.core.decide.When;
import hitch.core.decide.Who;
import hitch.core.finding.FindingId;
import hitch.core.finding.Weight;
import hitch.core.judge.matter.Matter;
import hitch.core.judge.remedy.Remedy;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.LocalDate;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Something to be done.
 *
 * @param id its name among the asks of a judgement
 * @param matters what it is for; empty for an ask that was written by hand
 * @param remedy the way that is taken
 * @param options every way there is, the proposed one first
 * @param text what is to be done, a sentence: a person's, or the remedy's own
 * @param weight how much it asks for
 * @param when how soon
 * @param months within how many months, where it is that; else until the next look
 * @param who who is asked
 * @param due the date that comes to; empty where the day of the visit is not known
 * @param standing as proposed, or what a person made of it
 * @param why a word why, from whoever decided
 * @param fingerprints of the facts that each of its matters rests on
 * @param overtaken whether the facts have changed since a person decided
 */
@RecordBuilder
public record Ask(
        String id,
        List<Matter> matters,
        Optional<Remedy> remedy,
        List<Remedy> options,
        String text,
        Weight weight,
        When when,
        int months,
        Who who,
        Optional<LocalDate> due,
        Choice.Standing standing,
        String why,
        List<String> fingerprints,
        boolean overtaken)
        implements AskBuilder.With {
    public Ask {
        matters = List.copyOf(matters);
        options = List.copyOf(options);
        fingerprints = List.copyOf(fingerprints);
    }

    /** The findings it rests on. */
    public Set<FindingId> findings() {
        Set<FindingId> ids = new LinkedHashSet<>();
        matters.forEach(m -> ids.addAll(m.ids()));
        return ids;
    }

    /** Of the facts it rests on, all matters together. */
    public String fingerprint() {
        return String.join("", fingerprints);
    }

    public boolean isDeclined() {
        return standing == Choice.Standing.DECLINED;
    }

    /** What it is about, in a few words. */
    public String title() {
        return matters.isEmpty()
                ? text
                : matters.getFirst().title()
                        + matters.stream()
                                .skip(1)
                                .map(Matter::title)
                                .filter(t -> !t.equals(matters.getFirst().title()))
                                .distinct()
                                .map(t -> ", " + t.substring(0, 1).toLowerCase(Locale.ROOT) + t.substring(1))
                                .collect(Collectors.joining());
    }

    /** How soon, in words: {@code within 6 months}. */
    public String soon() {
        return when == When.WITHIN_MONTHS ? "within " + months + (months == 1 ? " month" : " months") : when.word();
    }
}
