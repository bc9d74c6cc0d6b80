package hitch.core.run;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hitch.core.measure.Distance;
import hitch.core.measure.Station;
import hitch.core.pipe.Opening;
import hitch.core.pipe.PipeSize;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Where the lens sits, and what the counter counted before the pipe. */
class EquipmentTest {
    private static Equipment head(double inches, Equipment.Guide guide) {
        return new Equipment(Optional.of(Distance.inches(inches)), guide);
    }

    @ParameterizedTest
    @CsvSource({
        "1.5, OFF, 4, 0.75",
        "1.5, ON, 4, 2",
        "1.5, NOT_SAID, 4, 0.75",
        "3, ON, 6, 3",
        "5, OFF, 4, 2",
        "1.25, OFF, 2, 0.625"
    })
    void theLensSitsInTheMiddleWithAGuideAndOnTheBottomWithoutOne(
            double head, Equipment.Guide guide, int bore, double lens) {
        assertThat(head(head, guide).lensHeight(PipeSize.inches(bore)).inInches())
                .isCloseTo(lens, within(0.03));
    }

    @Test
    void aHeadOfWhichNothingIsSaidIsAUsualOne() {
        assertThat(Equipment.NOT_SAID.lensHeight(PipeSize.inches(4)).inInches()).isCloseTo(0.625, within(0.03));
    }

    @Property(tries = 80)
    void noLensLiesHigherThanTheMiddleOfThePipe(
            @ForAll @IntRange(min = 2, max = 12) int bore, @ForAll @IntRange(min = 1, max = 12) int head) {
        for (Equipment.Guide guide : Equipment.Guide.values()) {
            double lens = head(head, guide).lensHeight(PipeSize.inches(bore)).inInches();
            assertThat(lens).isBetween(0.0, bore / 2.0 + 0.03);
        }
    }

    @Test
    void onlyACounterZeroedAtTheLipCountsTheRiser() {
        Distance riser = Distance.feet(2.5);
        assertThat(new Zero(Zero.At.LIP, riser).beforeThePipe()).isEqualTo(riser);
        assertThat(new Zero(Zero.At.BASE, riser).beforeThePipe()).isEqualTo(Distance.ZERO);
        assertThatThrownBy(() -> new Zero(Zero.At.LIP, new Distance(-1))).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void aRunIsChangedOnePartAtATime() {
        Run run = hitch.core.Sample.run("street run", Direction.WITH_FLOW);
        Run changed = run.named("other")
                .on("kitchen")
                .going(Direction.AGAINST_FLOW)
                .with(head(1.5, Equipment.Guide.ON))
                .in(Phase.AFTER)
                .counting(Distance.feet(2), new Zero(Zero.At.LIP, Distance.feet(1)))
                .startingAt(new Station(500), true);
        assertThat(changed.id()).isEqualTo(run.id());
        assertThat(changed.name()).isEqualTo("other");
        assertThat(changed.branch()).isEqualTo("kitchen");
        assertThat(changed.direction()).isEqualTo(Direction.AGAINST_FLOW);
        assertThat(changed.phase()).isEqualTo(Phase.AFTER);
        assertThat(changed.equipment().guide()).isEqualTo(Equipment.Guide.ON);
        assertThat(changed.atThePipe()).isEqualTo(Distance.feet(2).plus(Distance.feet(1)));
        assertThat(changed.tied()).isTrue();
        assertThat(changed.opening()).isEqualTo(run.opening());
        assertThat(changed.withClips(java.util.List.of()).phase()).isEqualTo(Phase.AFTER);
        assertThat(changed.from(Opening.UNKNOWN).phase()).isEqualTo(Phase.AFTER);
    }
}
