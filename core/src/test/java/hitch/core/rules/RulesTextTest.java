package hitch.core.rules;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hitch.core.finding.FindingKind;
import hitch.core.measure.Distance;
import hitch.core.pipe.Material;
import java.util.Map;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RulesTextTest {
    @Test
    void whatShipsIsWrittenAsItShips() {
        assertThat(RulesText.parse("")).isEqualTo(HouseRules.DEFAULT);
        assertThat(RulesText.parse(RulesText.write(HouseRules.DEFAULT))).isEqualTo(HouseRules.DEFAULT);
        assertThat(RulesText.write(HouseRules.DEFAULT))
                .contains("# Roots are a repair from: Roots that take half the bore", "weighing.roots-to-mend = 50 %");
    }

    @Test
    void aRuleThatATextLeavesOutStandsAsShipped() {
        HouseRules rules = RulesText.parse("care.between-cleanings = 6 months\nwords.fuzz = roots\n");
        assertThat(rules.care().monthsBetweenCleanings()).isEqualTo(6);
        assertThat(rules.words()).containsEntry("fuzz", FindingKind.ROOTS);
        assertThat(rules.weighing()).isEqualTo(HouseRules.DEFAULT.weighing());
    }

    @Property(tries = 200)
    void everySetOfRulesIsReadBackAsItWasWritten(@ForAll("rules") HouseRules rules) {
        assertThat(RulesText.parse(RulesText.write(rules))).isEqualTo(rules);
    }

    @Test
    void aMaterialThatIsNeverWeakStaysSo() {
        HouseRules rules = HouseRules.DEFAULT.with(new CareRules(9, Map.of(Material.CONCRETE, 70)));
        assertThat(RulesText.parse(RulesText.write(rules))).isEqualTo(rules);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "weighing.roots-to-mend = many %|roots-to-mend is a number of %, not \"many %\"",
                "weighing.roots-to-mend = 5 in|roots-to-mend is a number of %",
                "weighing.rotos = 5 %|There is no house rule \"weighing.rotos\"",
                "ownership.reach = the fence|not \"the fence\"",
                "words.fuzz = fluff|names \"fluff\", which is no kind of finding",
                "something else|Line 1 is no rule"
            })
    void whatCannotBeIsNamed(String line, String said) {
        assertThatThrownBy(() -> RulesText.parse(line))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining(said);
    }

    @Test
    void whatDiffersIsToldRuleByRule() {
        HouseRules other = HouseRules.DEFAULT
                .with(HouseRules.DEFAULT.weighing().withRoots(30))
                .with(new WordRules(Map.of("fuzz", FindingKind.ROOTS)));
        assertThat(RuleChange.between(HouseRules.DEFAULT, HouseRules.DEFAULT)).isEmpty();
        assertThat(RuleChange.between(HouseRules.DEFAULT, other))
                .containsExactly(
                        new RuleChange("weighing.roots-to-mend", "50 %", "30 %"),
                        new RuleChange("words.fuzz", "", "roots"));
        assertThat(RuleChange.between(other, HouseRules.DEFAULT))
                .extracting(RuleChange::words)
                .containsExactly("weighing roots to mend", "words fuzz");
    }

    @Provide
    Arbitrary<HouseRules> rules() {
        Arbitrary<Distance> small = Arbitraries.longs().between(1, 300).map(Distance::new);
        Arbitrary<Distance> large = Arbitraries.longs().between(1, 90_000).map(Distance::new);
        Arbitrary<WeighingRules> weighing = Combinators.combine(
                        Arbitraries.integers().between(1, 100), small, small, large)
                .as(WeighingRules::new);
        Arbitrary<DepthRules> depths = Combinators.combine(
                        Arbitraries.doubles().between(0.01, 2).ofScale(4), small, small)
                .as((fall, error, bedding) -> HouseRules.DEFAULT
                        .line()
                        .depths()
                        .withFall(3, fall)
                        .withLocator(error, 0.05)
                        .withBedding(bedding));
        Arbitrary<ToolRules> tools = Combinators.combine(
                        large, Arbitraries.integers().between(1, 900))
                .as(ToolRules::new);
        Arbitrary<OwnerRules> owners = Arbitraries.of(OwnersReach.values()).map(OwnerRules::new);
        return Combinators.combine(weighing, depths, tools, owners)
                .as((w, d, t, o) -> HouseRules.DEFAULT.with(w).with(d).with(t).with(o));
    }
}
