package hitch.core.job;

import hitch.core.decide.Answer;
import hitch.core.decide.Choice;
import hitch.core.decide.Decision;
import hitch.core.decide.EarlierVisit;
import hitch.core.decide.Grouping;
import hitch.core.decide.OwnAsk;
import hitch.core.decide.When;
import hitch.core.decide.Who;
import hitch.core.detail.Details;
import hitch.core.finding.FindingId;
import hitch.core.finding.FindingKind;
import hitch.core.finding.Weight;
import hitch.core.measure.Extent;
import hitch.core.measure.Station;
import hitch.core.pipe.Branch;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;

/** Decisions made up by chance. */
final class RandomDecisions {
    private static final Extent SOME = new Extent(new Station(3000), new Station(9000));

    private RandomDecisions() {}

    static Arbitrary<Decision> decision(Arbitrary<String> text, Arbitrary<FindingId> id) {
        Arbitrary<Set<FindingId>> ids = id.set().ofMinSize(1).ofMaxSize(3);
        Arbitrary<String> theme = Arbitraries.of("roots", "open wall", "openings");
        Arbitrary<Decision> choice = Combinators.combine(
                        theme, ids, Arbitraries.of(Choice.Standing.values()), text, Arbitraries.of(When.values()))
                .as((t, on, standing, why, when) -> new Decision.OnAsk(Choice.of(t, on, standing, "0f")
                        .withWhy(why)
                        .withWork(Optional.of("reline"))
                        .withExtent(Optional.of(SOME))
                        .withWhen(Optional.of(when))
                        .withText(Optional.of(why))));
        Arbitrary<Decision> own = text.filter(t -> !t.isBlank())
                .map(t -> new Decision.Own(new OwnAsk(
                        "A1",
                        t,
                        t,
                        Weight.MEND,
                        When.NOW,
                        Who.CITY,
                        Optional.of("2027-01-01"),
                        Branch.LINE,
                        Optional.of(SOME),
                        List.of(new FindingId("F1")))));
        Arbitrary<Decision> beside = text.map(t -> new Decision.Beside(new EarlierVisit(
                "v1",
                "2024-01-01",
                t,
                List.of(new EarlierVisit.Then(
                        "F2",
                        FindingKind.ROOTS,
                        Branch.LINE,
                        SOME,
                        Optional.of(30),
                        12,
                        Weight.TEND,
                        t,
                        Details.NONE)))));
        return Arbitraries.oneOf(
                choice,
                own,
                beside,
                Combinators.combine(theme, ids).as(Decision.AsProposed::new),
                Combinators.combine(ids, text).as((on, name) -> new Decision.AsOne(new Grouping(on, name))),
                ids.map(Decision.AsMany::new),
                Combinators.combine(
                                Arbitraries.of("promise/F1", "unseen/x"), Arbitraries.of(Answer.Kind.values()), text)
                        .as((q, kind, words) -> new Decision.OnQuestion(q, new Answer(kind, words))),
                text.map(t -> new Decision.Worded(t, "0f")),
                Arbitraries.of(new Decision.DropOwn("A1"), new Decision.NotBeside("v1")));
    }
}
