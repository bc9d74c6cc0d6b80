package hitch.core.judge.ask;

import hitch.core.decide.Choice;
import hitch.core.decide.OwnAsk;
import hitch.core.decide.When;
import hitch.core.finding.FindingId;
import hitch.core.finding.Weight;
import hitch.core.judge.matter.Case;
import hitch.core.judge.matter.Matter;
import hitch.core.judge.matter.Theme;
import hitch.core.judge.remedy.Remedy;
import hitch.core.judge.work.Work;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Makes the asks of the ways to meet each matter, by what a person chose, and puts them in order. */
public final class Asks {
    private final Case in;

    public Asks(Case in) {
        this.in = in;
    }

    /**
     * @param ways the ways to meet each matter, the proposed one first
     */
    public List<Ask> of(Map<Matter, List<Remedy>> ways) {
        Map<String, Ask> asks = new LinkedHashMap<>();
        ways.forEach((matter, options) -> {
            Ask ask = ask(matter, options);
            asks.merge(key(ask), ask, this::joined);
        });
        List<Ask> all = new ArrayList<>(asks.values());
        in.survey().decisions().own().forEach(o -> all.add(own(o)));
        all.sort(Comparator.comparing(Ask::isDeclined)
                .thenComparing(Ask::when)
                .thenComparing(Asks::goesFirst)
                .thenComparing(Ask::weight, Comparator.reverseOrder())
                .thenComparing(Asks::from)
                .thenComparing(Ask::id));
        return List.copyOf(all);
    }

    /** What is renewed once is asked for once, whatever it is for. */
    private static String key(Ask ask) {
        return ask.remedy()
                .filter(r -> r.work().renews() && !ask.isDeclined())
                .map(r -> r.work().key() + r.branch() + r.extent())
                .orElse(ask.id());
    }

    /** Where the first of its matters lies, millimetres. */
    private static long from(Ask ask) {
        return ask.matters().stream()
                .flatMap(m -> m.extent().stream())
                .mapToLong(e -> e.from().mm())
                .min()
                .orElse(Long.MAX_VALUE);
    }

    /** What others wait for. */
    private static int goesFirst(Ask ask) {
        return ask.remedy()
                .map(r -> r.work() instanceof Work.CleanAndLook
                        ? 0
                        : r.work() instanceof Work.OpenAccess && ask.weight().compareTo(Weight.WATCH) > 0 ? 1 : 2)
                .orElse(2);
    }

    private Ask ask(Matter matter, List<Remedy> options) {
        Set<FindingId> ids = matter.ids();
        String fingerprint = fingerprint(matter, options.getFirst());
        Optional<Choice> choice = in.survey().decisions().on(matter.theme().word(), ids);
        Remedy proposed = options.getFirst();
        Remedy taken = taken(options, choice);
        When when = choice.flatMap(Choice::when).orElse(Timing.when(List.of(matter), taken, in));
        int months = Timing.months(List.of(matter), taken, when, in);
        return new Ask(
                id(matter),
                List.of(matter),
                Optional.of(taken),
                options,
                choice.flatMap(Choice::text).orElse(taken.sentence()),
                matter.weight(),
                when,
                months,
                choice.flatMap(Choice::who).orElse(taken.work().who()),
                choice.flatMap(Choice::due).flatMap(Asks::date).or(() -> Timing.due(when, months, in)),
                choice.map(Choice::standing).orElse(Choice.Standing.PROPOSED),
                choice.map(Choice::why).orElse(""),
                List.of(fingerprint),
                choice.filter(c -> !c.writtenOn().equals(fingerprint)).isPresent());
    }

    /** The way a person took; the proposed one where nobody did, or where that way is no longer one. */
    public static Remedy taken(List<Remedy> options, Optional<Choice> choice) {
        return choice.flatMap(Choice::work)
                .flatMap(key ->
                        options.stream().filter(r -> r.work().key().equals(key)).findFirst())
                .orElse(options.getFirst());
    }

    private Ask joined(Ask a, Ask b) {
        List<Matter> matters = new ArrayList<>(a.matters());
        matters.addAll(b.matters());
        Ask first = a.when().compareTo(b.when()) <= 0 ? a : b;
        Remedy remedy = first.remedy().orElseThrow();
        Set<hitch.core.judge.remedy.Reason> because =
                new LinkedHashSet<>(a.remedy().orElseThrow().because());
        because.addAll(b.remedy().orElseThrow().because());
        return AskBuilder.builder(first)
                .matters(matters)
                .remedy(Optional.of(remedy.withBecause(List.copyOf(because))))
                .weight(Timing.heaviest(matters))
                .fingerprints(Stream.concat(a.fingerprints().stream(), b.fingerprints().stream())
                        .toList())
                .overtaken(a.overtaken() || b.overtaken())
                .build();
    }

    private static Optional<LocalDate> date(String text) {
        try {
            return Optional.of(LocalDate.parse(text));
        } catch (DateTimeException e) {
            return Optional.empty();
        }
    }

    /** The theme and the first finding by name: the same as long as that finding is in the matter. */
    private static String id(Matter matter) {
        String about = matter.findings().stream()
                .map(f -> f.finding().id().value())
                .min(Comparator.comparing(String::length).thenComparing(Comparator.naturalOrder()))
                .orElse(matter.branch().isBlank() ? "line" : matter.branch());
        boolean pipe = matter.findings().isEmpty() && matter.theme() != Theme.OPENINGS;
        return matter.theme().word().replace(' ', '-') + "/" + about
                + (pipe ? matter.extent().map(e -> "@" + e.from().mm()).orElse("") : "");
    }

    /** Two judgements with the same fingerprint rest on the same facts. */
    private static String fingerprint(Matter matter, Remedy proposed) {
        String facts = matter.theme().word()
                + matter.weight().word()
                + matter.all().stream()
                        .map(f -> f.finding().phrase()
                                + f.weight().word()
                                + f.extent().map(Object::toString).orElse(""))
                        .collect(Collectors.joining("|"))
                + proposed.work().key()
                + proposed.extent();
        return Integer.toHexString(facts.hashCode());
    }

    private Ask own(OwnAsk own) {
        return new Ask(
                "own/" + own.id(),
                List.of(),
                Optional.empty(),
                List.of(),
                own.text(),
                own.weight(),
                own.when(),
                own.when() == When.WATCH
                        ? in.rules().judging().lookEvery()
                        : in.rules().judging().careWithin(),
                own.who(),
                own.due()
                        .flatMap(Asks::date)
                        .or(() -> Timing.due(own.when(), in.rules().judging().careWithin(), in)),
                Choice.Standing.OWN,
                own.because(),
                List.of(),
                false);
    }
}
