package hitch.core.decide;

import hitch.core.finding.FindingId;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;

/**
 * Everything a person decided on what was proposed; immutable.
 *
 * @param choices on asks, one for each matter
 * @param own asks that were written by hand
 * @param groupings findings said to be one matter; no finding is in two
 * @param answers by question
 * @param verdict the verdict in a person's words; blank as proposed
 * @param verdictOn a fingerprint of the facts those words were written on
 * @param beside earlier visits, the latest put down last
 */
public record Decisions(
        List<Choice> choices,
        List<OwnAsk> own,
        List<Grouping> groupings,
        Map<String, Answer> answers,
        String verdict,
        String verdictOn,
        List<EarlierVisit> beside) {
    public static final Decisions NONE = new Decisions(List.of(), List.of(), List.of(), Map.of(), "", "", List.of());

    public Decisions {
        choices = List.copyOf(choices);
        own = List.copyOf(own);
        groupings = List.copyOf(groupings);
        answers = java.util.Collections.unmodifiableMap(new LinkedHashMap<>(answers));
        beside = List.copyOf(beside);
    }

    /** These with one more. */
    public Decisions with(Decision decision) {
        return switch (decision) {
            case Decision.OnAsk d -> choices(put(choices, d.choice(), c -> isSame(c, d.choice())));
            case Decision.AsProposed d ->
                choices(without(
                        choices,
                        c -> c.theme().equals(d.theme()) && c.findings().equals(d.findings())));
            case Decision.Own d ->
                own(put(own, d.ask(), o -> o.id().equals(d.ask().id())));
            case Decision.DropOwn d -> own(without(own, o -> o.id().equals(d.id())));
            case Decision.AsOne d -> {
                List<Grouping> next = new ArrayList<>(less(d.grouping().findings()));
                next.add(d.grouping());
                yield groupings(next);
            }
            case Decision.AsMany d -> groupings(less(d.findings()));
            case Decision.OnQuestion d -> {
                Map<String, Answer> next = new LinkedHashMap<>(answers);
                if (d.answer().kind() == Answer.Kind.OPEN) {
                    next.remove(d.question());
                } else {
                    next.put(d.question(), d.answer());
                }
                yield new Decisions(choices, own, groupings, next, verdict, verdictOn, beside);
            }
            case Decision.Worded d ->
                new Decisions(choices, own, groupings, answers, d.verdict(), d.writtenOn(), beside);
            case Decision.Beside d ->
                beside(put(beside, d.visit(), v -> v.id().equals(d.visit().id())));
            case Decision.NotBeside d -> beside(without(beside, v -> v.id().equals(d.id())));
        };
    }

    private static boolean isSame(Choice a, Choice b) {
        return a.theme().equals(b.theme()) && (a.findings().equals(b.findings()) || a.shares(b.findings()) > 0);
    }

    /** The choice made on a matter, by the findings they share; those on no finding by their sort alone. */
    public Optional<Choice> on(String theme, Set<FindingId> findings) {
        return choices.stream()
                .filter(c -> c.theme().equals(theme))
                .filter(c -> c.findings().isEmpty() && findings.isEmpty() || c.shares(findings) > 0)
                .max(java.util.Comparator.comparingLong(c -> c.shares(findings)));
    }

    /** The same with every word that a person wrote put through {@code how}. */
    public Decisions worded(UnaryOperator<String> how) {
        return new Decisions(
                choices.stream()
                        .map(c -> c.withText(c.text().map(how)).withWhy(how.apply(c.why())))
                        .toList(),
                own.stream()
                        .map(o -> o.withText(how.apply(o.text())).withBecause(how.apply(o.because())))
                        .toList(),
                groupings.stream()
                        .map(g -> new Grouping(g.findings(), how.apply(g.name())))
                        .toList(),
                answers.entrySet().stream()
                        .collect(Collectors.toMap(
                                Map.Entry::getKey,
                                e -> new Answer(
                                        e.getValue().kind(),
                                        how.apply(e.getValue().words())))),
                how.apply(verdict),
                verdictOn,
                beside.stream().map(v -> v.worded(how)).toList());
    }

    public Answer to(String question) {
        return answers.getOrDefault(question, Answer.OPEN);
    }

    /** The groupings without these findings; one that is left empty goes. */
    private List<Grouping> less(Set<FindingId> gone) {
        List<Grouping> next = new ArrayList<>();
        for (Grouping grouping : groupings) {
            Set<FindingId> left = new java.util.TreeSet<>(java.util.Comparator.comparing(FindingId::value));
            grouping.findings().stream().filter(f -> !gone.contains(f)).forEach(left::add);
            if (!left.isEmpty()) {
                next.add(new Grouping(left, grouping.name()));
            }
        }
        return next;
    }

    private Decisions choices(List<Choice> next) {
        return new Decisions(next, own, groupings, answers, verdict, verdictOn, beside);
    }

    private Decisions own(List<OwnAsk> next) {
        return new Decisions(choices, next, groupings, answers, verdict, verdictOn, beside);
    }

    private Decisions groupings(List<Grouping> next) {
        return new Decisions(choices, own, next, answers, verdict, verdictOn, beside);
    }

    private Decisions beside(List<EarlierVisit> next) {
        return new Decisions(choices, own, groupings, answers, verdict, verdictOn, next);
    }

    private static <T> List<T> put(List<T> list, T value, Predicate<T> same) {
        List<T> next = new ArrayList<>(without(list, same));
        next.add(value);
        return next;
    }

    private static <T> List<T> without(List<T> list, Predicate<T> which) {
        return list.stream().filter(which.negate()).toList();
    }
}
