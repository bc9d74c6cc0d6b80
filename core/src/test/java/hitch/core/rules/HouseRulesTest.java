package hitch.core.rules;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hitch.core.finding.FindingKind;
import hitch.core.measure.Distance;
import hitch.core.pipe.PipeSize;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class HouseRulesTest {
    private static final HouseRules RULES = HouseRules.DEFAULT;

    @Test
    void theShippedNumbersAreRead() {
        assertThat(RULES.weighing().rootShareToMend()).isEqualTo(50);
        assertThat(RULES.weighing().offsetToTend()).isEqualTo(Distance.inches(0.5));
        assertThat(RULES.weighing().waterToTend()).isEqualTo(Distance.feet(5));
        assertThat(RULES.care().monthsBetweenCleanings()).isEqualTo(12);
        assertThat(RULES.line().owners()).isEqualTo(OwnersReach.TO_THE_MAIN);
        assertThat(RULES.line().seeing().backPreferred()).isTrue();
        assertThat(RULES.line().depths().locatorShare()).isEqualTo(0.03);
        assertThat(RULES.line().depths().fallOf(PipeSize.inches(6))).isEqualTo(0.125);
    }

    @Test
    void everyShippedNumberHasItsReasonAboveIt() throws IOException {
        String before = "";
        try (BufferedReader file = new BufferedReader(new InputStreamReader(
                HouseRules.class.getResourceAsStream("house-rules.txt"), StandardCharsets.UTF_8))) {
            for (String line : file.lines().filter(l -> !l.isBlank()).toList()) {
                if (line.contains(" = ") && !line.startsWith("#") && !line.contains("fall-from-8")) {
                    assertThat(before).as(line).startsWith("# ");
                }
                before = line;
            }
        }
    }

    @Test
    void onePartIsChangedAndTheOthersStay() {
        List<RulePart> parts = List.of(
                RULES.weighing().withRoots(30),
                HouseRules.DEFAULT.care().every(6),
                new ShowingRules(1, 2),
                new WordRules(Map.of("fuzz", FindingKind.ROOTS)),
                new OwnerRules(OwnersReach.TO_THE_CURB),
                new SeeingRules(Distance.feet(1), false),
                new OpeningRules(Distance.feet(75), 90),
                new ToolRules(Distance.feet(60), 180),
                RULES.line().depths().withBedding(Distance.inches(4)).withFall(4, 0.25));
        HouseRules all = RULES;
        for (RulePart part : parts) {
            assertThat(RULES.with(part)).isNotEqualTo(RULES);
            assertThat(part.about()).isNotBlank();
            all = all.with(part);
        }
        for (RulePart part : parts) {
            assertThat(all.with(part)).isEqualTo(all);
        }
        assertThat(all.words()).containsKey("fuzz");
    }

    @Test
    void aLengthOfNothingIsNoRule() {
        assertThatThrownBy(() -> new ToolRules(Distance.ZERO, 90)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new OpeningRules(Distance.ZERO, 90)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new SeeingRules(Distance.ZERO, true)).isInstanceOf(IllegalArgumentException.class);
    }
}
