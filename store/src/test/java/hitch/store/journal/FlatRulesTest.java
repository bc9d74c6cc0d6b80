package hitch.store.journal;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.job.Edit;
import hitch.core.job.Entry;
import hitch.core.measure.Distance;
import hitch.core.rules.HouseRules;
import hitch.core.rules.OwnersReach;
import org.junit.jupiter.api.Test;

class FlatRulesTest {
    private static HouseRules read(String rules) {
        String line =
                "{\"n\":1,\"at\":\"2026-01-01T00:00:00Z\",\"did\":{\"edit\":\"SetRules\",\"rules\":" + rules + "}}";
        Entry.Did did = (Entry.Did) Migrations.fromFirst(line).orElseThrow().entry();
        return ((Edit.TakeRules) did.edit()).rules();
    }

    @Test
    void everyNumberComesIntoItsPart() {
        HouseRules rules = read("{\"rootShareToMend\":40,\"offsetToTend\":{\"mm\":10},\"offsetToMend\":{\"mm\":20},"
                + "\"waterToTend\":{\"mm\":1200},\"monthsBetweenCleanings\":9,\"shownBefore\":3.5,\"shownAfter\":2.5,"
                + "\"words\":{\"fuzz\":\"ROOTS\"},\"line\":{\"school\":\"TO_THE_CURB\",\"fastest\":{\"mm\":300},"
                + "\"backPreferred\":false,\"openingEvery\":{\"mm\":9000},\"openingBend\":90,\"reach\":{\"mm\":8000},"
                + "\"reachBend\":180,\"falls\":{\"4\":0.25},\"locatorError\":{\"mm\":30},\"locatorShare\":0.05,"
                + "\"bedding\":{\"mm\":100}}}");
        assertThat(rules.weighing().rootShareToMend()).isEqualTo(40);
        assertThat(rules.weighing().offsetToMend()).isEqualTo(new Distance(20));
        assertThat(rules.weighing().waterToTend()).isEqualTo(new Distance(1200));
        assertThat(rules.care().monthsBetweenCleanings()).isEqualTo(9);
        assertThat(rules.showing().before()).isEqualTo(3.5);
        assertThat(rules.showing().after()).isEqualTo(2.5);
        assertThat(rules.words()).containsOnlyKeys("fuzz");
        assertThat(rules.line().owners()).isEqualTo(OwnersReach.TO_THE_CURB);
        assertThat(rules.line().seeing().fastest()).isEqualTo(new Distance(300));
        assertThat(rules.line().seeing().backPreferred()).isFalse();
        assertThat(rules.line().openings().every()).isEqualTo(new Distance(9000));
        assertThat(rules.line().openings().bend()).isEqualTo(90);
        assertThat(rules.line().tools().reach()).isEqualTo(new Distance(8000));
        assertThat(rules.line().tools().bend()).isEqualTo(180);
        assertThat(rules.line().depths().falls()).containsEntry(4, 0.25).hasSize(1);
        assertThat(rules.line().depths().locatorShare()).isEqualTo(0.05);
        assertThat(rules.line().depths().bedding()).isEqualTo(new Distance(100));
    }

    @Test
    void whatAnEarlierVersionDidNotWriteStandsAsItShips() {
        HouseRules rules = read("{\"rootShareToMend\":40,\"words\":null,\"line\":null}");
        assertThat(rules)
                .isEqualTo(HouseRules.DEFAULT.with(HouseRules.DEFAULT.weighing().withRoots(40)));
    }

    @Test
    void otherEditsAreNotTouched() {
        String line = "{\"n\":1,\"did\":{\"edit\":\"RemoveFinding\",\"id\":{\"value\":\"F3\"}}}";
        Entry.Did did = (Entry.Did) Migrations.fromFirst(line).orElseThrow().entry();
        assertThat(did.edit()).isInstanceOf(Edit.RemoveFinding.class);
        assertThat(Migrations.fromFirst("{\"n\":1,\"did\":{\"edit\":\"Unheard\"}}"))
                .isEmpty();
        assertThat(Migrations.fromFirst("[]")).isEmpty();
        assertThat(Migrations.fromFirst("{\"n\":1")).isEmpty();
    }
}
