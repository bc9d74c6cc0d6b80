package hitch.core.decide;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.finding.FindingId;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

class DecisionsTest {
    private static final FindingId ONE = new FindingId("F1");
    private static final FindingId TWO = new FindingId("F2");
    private static final FindingId THREE = new FindingId("F3");

    private static Decision.OnAsk on(String theme, Choice.Standing standing, FindingId... findings) {
        return new Decision.OnAsk(Choice.of(theme, Set.of(findings), standing, "0f"));
    }

    @Test
    void aChoiceIsFoundByTheFindingsItShares() {
        Decisions made = Decisions.NONE
                .with(on("roots", Choice.Standing.ACCEPTED, ONE))
                .with(on("roots", Choice.Standing.DECLINED, TWO, THREE));
        assertThat(made.on("roots", Set.of(ONE, TWO, THREE)).orElseThrow().standing())
                .as("the one that shares most")
                .isEqualTo(Choice.Standing.DECLINED);
        assertThat(made.on("roots", Set.of(ONE)).orElseThrow().standing()).isEqualTo(Choice.Standing.ACCEPTED);
        assertThat(made.on("cracks", Set.of(ONE))).isEmpty();
        assertThat(made.on("roots", Set.of(new FindingId("F9")))).isEmpty();
    }

    @Test
    void aLaterChoiceOnTheSameMatterTakesTheEarliersPlace() {
        Decisions made = Decisions.NONE
                .with(on("roots", Choice.Standing.ACCEPTED, ONE, TWO))
                .with(on("roots", Choice.Standing.DECLINED, TWO, THREE));
        assertThat(made.choices())
                .singleElement()
                .satisfies(c -> assertThat(c.standing()).isEqualTo(Choice.Standing.DECLINED));
        assertThat(made.with(new Decision.AsProposed("roots", Set.of(TWO, THREE))))
                .isEqualTo(Decisions.NONE);
    }

    @Test
    void noFindingIsInTwoMatters() {
        Decisions made = Decisions.NONE
                .with(new Decision.AsOne(new Grouping(Set.of(ONE, TWO), "first")))
                .with(new Decision.AsOne(new Grouping(Set.of(TWO, THREE), "second")));
        assertThat(made.groupings())
                .containsExactly(new Grouping(Set.of(ONE), "first"), new Grouping(Set.of(TWO, THREE), "second"));
        assertThat(made.with(new Decision.AsMany(Set.of(ONE, TWO, THREE))).groupings())
                .isEmpty();
    }

    @Test
    void anAnswerThatIsOpenAgainIsNone() {
        Decisions made = Decisions.NONE.with(
                new Decision.OnQuestion("promise/F1", new Answer(Answer.Kind.UNKNOWN, "nobody went back")));
        assertThat(made.to("promise/F1").words()).isEqualTo("nobody went back");
        assertThat(made.with(new Decision.OnQuestion("promise/F1", Answer.OPEN)))
                .isEqualTo(Decisions.NONE);
    }

    @Test
    void everyWordOfAPersonIsPutThroughWhatHidesNames() {
        Decisions made = Decisions.NONE
                .with(new Decision.OnAsk(Choice.of("roots", Set.of(ONE), Choice.Standing.CHANGED, "0f")
                        .withWhy("Ada says so")
                        .withText(Optional.of("Call Ada"))))
                .with(new Decision.AsOne(new Grouping(Set.of(ONE), "Ada's oak")))
                .with(new Decision.OnQuestion("q", new Answer(Answer.Kind.SETTLED, "by Ada")))
                .with(new Decision.Worded("Ada's line works", "0f"));
        assertThat(made.worded(t -> t.replace("Ada", "…")).toString()).doesNotContain("Ada");
    }
}
