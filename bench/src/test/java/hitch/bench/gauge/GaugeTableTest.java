package hitch.bench.gauge;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.bench.gauge.GaugeTable.Sort;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class GaugeTableTest {
    @Test
    void whatAHandPointsAtIsMeasuredRightAndAllOfItIsTold() {
        List<String> lines = new ArrayList<>();
        GaugeTable.Scores scores = new GaugeTable(1, 5, lines::add).run();
        assertThat(scores.byHand()).containsKeys(Sort.STEP, Sort.GAP, Sort.STEP_FAR, Sort.GAP_FAR, Sort.SHARE);
        assertThat(scores.byHand().get(Sort.SHARE).right()).isEqualTo(1);
        assertThat(scores.byHand().get(Sort.GAP).held()).isPositive();
        scores.proposed().values().forEach(s -> {
            assertThat(s.told()).isLessThanOrEqualTo(s.tried());
            assertThat(s.right()).isLessThanOrEqualTo(s.told());
        });
        assertThat(lines).anyMatch(l -> l.startsWith("| step | 1 |")).anyMatch(l -> l.startsWith("dry pipe: 4"));
    }
}
