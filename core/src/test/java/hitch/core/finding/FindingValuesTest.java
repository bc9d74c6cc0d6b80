package hitch.core.finding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hitch.core.Sample;
import hitch.core.footage.FrameRef;
import hitch.core.measure.Distance;
import hitch.core.measure.Inches;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** The small values that a finding is made of. */
class FindingValuesTest {
    private static Finding roots() {
        return Sample.finding(Sample.job(), Sample.DOWN, 9, "roots top heavy");
    }

    @Property(tries = 100)
    void theHourNearestToADirectionPointsThere(@ForAll @IntRange(min = -720, max = 720) int degrees) {
        ClockPosition clock = ClockPosition.towards(degrees);
        double off = Math.abs(Math.IEEEremainder(clock.middle() * 30 - degrees, 360));
        assertThat(off).isLessThanOrEqualTo(15.0);
        assertThat(clock.from()).isBetween(1, 12);
    }

    @ParameterizedTest
    @CsvSource({
        "12, 12, at the top",
        "6, 6, at the bottom",
        "3, 3, on the right",
        "9, 9, on the left",
        "7, 7, at 7 o'clock",
        "10, 2, from 10 to 2 o'clock"
    })
    void aClockPositionInWords(int from, int to, String words) {
        assertThat(ClockPosition.arc(from, to).words()).isEqualTo(words);
    }

    @Test
    void hoursAreOneToTwelveAndAllRoundIsItsOwn() {
        assertThat(ClockPosition.ALL_ROUND.words()).isEqualTo("all round");
        assertThat(ClockPosition.arc(10, 2).middle()).isZero();
        assertThat(ClockPosition.arc(11, 5).middle()).isEqualTo(2);
        assertThatThrownBy(() -> ClockPosition.at(0)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> ClockPosition.at(13)).isInstanceOf(IllegalArgumentException.class);
    }

    @ParameterizedTest
    @CsvSource({"0.75, 3/4 in", "1.5, 1 1/2 in", "2, 2 in", "0.125, 1/8 in", "0.0625, 1/16 in", "3.26, 3 1/4 in"})
    void sizesAreWrittenAsTheTradeWritesThem(double inches, String words) {
        assertThat(Inches.show(Distance.inches(inches))).isEqualTo(words);
    }

    @Property(tries = 200)
    void aWrittenSizeIsWithinHalfASixteenth(@ForAll @IntRange(min = 0, max = 300) int mm) {
        String[] parts = Inches.show(new Distance(mm)).replace(" in", "").split(" ");
        double read = 0;
        for (String part : parts) {
            String[] fraction = part.split("/");
            read += fraction.length == 2
                    ? Double.parseDouble(fraction[0]) / Double.parseDouble(fraction[1])
                    : Double.parseDouble(part);
        }
        assertThat(Math.abs(read - mm / 25.4)).isLessThanOrEqualTo(1 / 32.0 + 1e-9);
    }

    @Test
    void amendedWordsJoinTheHistoryAndTheFrameStays() {
        Finding first = roots();
        Finding second = Sample.finding(Sample.job(), Sample.DOWN, 44, "scale, it catches wipes");
        Finding amended = first.weighing(Optional.of(Weight.WATCH)).amendedTo(second);
        assertThat(amended.id()).isEqualTo(first.id());
        assertThat(amended.kind()).isEqualTo(FindingKind.SCALE);
        assertThat(amended.frame()).isEqualTo(first.frame());
        assertThat(amended.history()).containsExactly(new Amendment("roots top heavy", FindingKind.ROOTS));
        assertThat(amended.weightSet()).contains(Weight.WATCH);
        assertThat(amended.amendedTo(first).history()).hasSize(2);
    }

    @Test
    void aSightingIsAddedOnce() {
        Sighting again = new Sighting(new FrameRef(Sample.DOWN, 70_000), "seen coming back");
        Finding seen = roots().seenAgain(List.of(again)).seenAgain(List.of(again));
        assertThat(seen.sightings()).containsExactly(again);
        assertThat(seen.apartFrom(new FindingId("F7")).apart()).containsExactly(new FindingId("F7"));
        assertThat(seen.movedTo(new FrameRef(Sample.DOWN, 1)).sightings()).hasSize(1);
    }

    @ParameterizedTest
    @EnumSource(Lasting.class)
    void onlyWhatIsOverAsksForNothing(Lasting lasting) {
        assertThat(lasting.isOver())
                .isEqualTo(lasting == Lasting.DRAINED || lasting == Lasting.CLEANED_SINCE || lasting == Lasting.OURS);
        assertThat(lasting.word().isEmpty()).isEqualTo(lasting == Lasting.LASTS);
    }

    @ParameterizedTest
    @CsvSource({
        "the same wipe again, true, false",
        "paper pushed ahead of us, true, false",
        "it hung on the skid, true, false",
        "soft plug and the head broke through, false, true",
        "knocked loose by the camera, false, true",
        "wipes on the bottom, false, false",
        "mud moves nobody, true, false",
        "removed last year, false, false"
    })
    void notesTellThatAThingMovedOrBroke(String words, boolean moved, boolean broken) {
        assertThat(Movable.saysMoved(words)).isEqualTo(moved);
        assertThat(Movable.saysBroken(words)).isEqualTo(broken);
    }

    @ParameterizedTest
    @EnumSource(FindingKind.class)
    void onlyDepositsMoveAndOnlyTheyAndRootsAreCleaned(FindingKind kind) {
        if (Movable.is(kind)) {
            assertThat(Cleanable.is(kind)).isTrue();
        }
        if (kind.family() != FindingKind.Family.CONDITION) {
            assertThat(Cleanable.is(kind)).isFalse();
        }
        assertThat(kind.title().toLowerCase()).isEqualTo(kind.word());
    }
}
