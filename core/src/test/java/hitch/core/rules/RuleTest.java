package hitch.core.rules;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;

class RuleTest {
    @Test
    void everyRuleHasATitleAReasonAndAValueThatCanBe() {
        List<Rule> all = Rule.of(HouseRules.DEFAULT);
        assertThat(all)
                .extracting(Rule::name)
                .containsAll(RulesText.lines(HouseRules.DEFAULT).keySet());
        assertThat(all).extracting(Rule::title).doesNotHaveDuplicates();
        assertThat(all).allSatisfy(r -> {
            assertThat(r.title()).isNotBlank().isNotEqualTo(r.name());
            assertThat(r.reason()).endsWith(".");
            assertThat(RulesText.with(HouseRules.DEFAULT, r.name(), r.value())).isEqualTo(HouseRules.DEFAULT);
            assertThat(r.choices().isEmpty() || r.choices().contains(r.value())).isTrue();
        });
    }

    @Test
    void oneRuleIsChangedAndTheOthersStay() {
        HouseRules changed = RulesText.with(HouseRules.DEFAULT, "judging.liner-step", "0.75 in");
        assertThat(RuleChange.between(HouseRules.DEFAULT, changed))
                .containsExactly(new RuleChange("judging.liner-step", "1 in", "0.75 in"));
        HouseRules without = RulesText.with(HouseRules.DEFAULT, "care.weak-from-steel", "none");
        assertThat(RulesText.with(without, "judging.liner-step", "2 in").care()).isEqualTo(without.care());
        assertThatThrownBy(() -> RulesText.with(HouseRules.DEFAULT, "judging.liner-step", "a lot"))
                .hasMessageContaining("judging.liner-step");
        assertThatThrownBy(() -> RulesText.with(HouseRules.DEFAULT, "judging.verdict", "maybe"))
                .hasMessageContaining("graded or pass-or-fail or described");
        assertThatThrownBy(() -> RulesText.with(HouseRules.DEFAULT, "ages.pvc", "old"))
                .hasMessageContaining("lasts");
    }

    @Test
    void rulesAreFoundByAnyOfTheirWords() {
        assertThat(Rule.of(HouseRules.DEFAULT).stream().filter(r -> r.speaksOf("liner Folds")))
                .extracting(Rule::name)
                .contains("judging.liner-step");
        assertThat(Rule.of(HouseRules.DEFAULT).stream().filter(r -> r.speaksOf("submarine")))
                .isEmpty();
    }
}
