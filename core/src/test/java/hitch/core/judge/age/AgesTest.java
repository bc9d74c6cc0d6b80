package hitch.core.judge.age;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.detail.Detail;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.job.PropertyFacts;
import hitch.core.rules.HouseRules;
import hitch.core.rules.RulesText;
import hitch.core.survey.Reckoner;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AgesTest {
    /** The age of what the line is made of behind 20 ft. */
    private static Age age(String pipe, Integer built, HouseRules rules) {
        Job job = Sample.note(Sample.job(), Sample.DOWN, 9, "clay to " + pipe + " at 20");
        PropertyFacts facts = job.facts().withInspectedOn("2026-05-01");
        job = job.with(new Edit.DescribeProperty(
                        built == null ? facts : facts.withMore(facts.more().with(Detail.BUILT, built))))
                .with(new Edit.TakeRules(rules));
        return Ages.of(Reckoner.survey(job)).getLast();
    }

    @ParameterizedTest
    @CsvSource({
        "tar-fibre, 1958, CAN_BE, true",
        "tar-fibre, 2012, CANNOT, false",
        "tar-fibre, 1920, LATER, false",
        "pvc, 1950, LATER, false",
        "pvc, 1999, CAN_BE, false",
        "cast iron, 1951, CAN_BE, false",
        "cast iron, 1890, CAN_BE, true",
        "steel, , NOT_KNOWN, false"
    })
    void tellsWhetherItCanBeOriginalAndWhetherItIsOver(
            String pipe, Integer built, Age.Original original, boolean over) {
        Age age = age(pipe, built, HouseRules.DEFAULT);
        assertThat(age.original()).isEqualTo(original);
        assertThat(age.isOver()).isEqualTo(over);
        assertThat(age.words()).endsWith(".").doesNotContain("  ");
    }

    @Test
    void theYearsAreTheFirmsToChange() {
        HouseRules shorter = RulesText.with(HouseRules.DEFAULT, "ages.pvc", "used 1965 to now, lasts 10 to 20 years");
        assertThat(age("pvc", 1999, shorter).isOver()).isTrue();
        assertThat(age("pvc", 1999, RulesText.with(HouseRules.DEFAULT, "ages.clay", "none"))
                        .material()
                        .word())
                .isEqualTo("PVC");
    }

    @Test
    void aCarefulPersonCountsOnTheLeast() {
        Age age = age("pvc", 1999, HouseRules.DEFAULT);
        assertThat(age.left().low()).isEqualTo(70 - 27);
        assertThat(age.left().high()).isEqualTo(120 - 27);
    }

    @Test
    void ofAnUnknownDayNothingIsSaid() {
        Job job =
                Sample.job().with(new Edit.DescribeProperty(Sample.job().facts().withInspectedOn("")));
        assertThat(Ages.of(Reckoner.survey(job))).isEmpty();
    }
}
