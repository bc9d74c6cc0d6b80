package hitch.core.finding;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.detail.Detail;
import hitch.core.detail.Details;
import hitch.core.detail.Frame;
import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.exchange.FindingRow;
import hitch.core.job.Job;
import hitch.core.run.Direction;
import hitch.core.survey.Reckoner;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class WithFlowTest {
    private static final Optional<Direction> WITH = Optional.of(Direction.WITH_FLOW);
    private static final Optional<Direction> AGAINST = Optional.of(Direction.AGAINST_FLOW);

    private static Traits right() {
        return Traits.NONE.withClock(Optional.of(ClockPosition.at(3)));
    }

    private static Traits right(Frame frame) {
        return right().withDetails(Details.NONE.with(Detail.FRAME, frame));
    }

    @Test
    void whatTheCameraShowsOnARunAgainstTheFlowIsOnTheOtherSide() {
        assertThat(WithFlow.clock(right(), WITH)).contains(ClockPosition.at(3));
        assertThat(WithFlow.clock(right(), AGAINST)).contains(ClockPosition.at(9));
        assertThat(WithFlow.clock(right(), Optional.empty())).isEmpty();
    }

    @Test
    void aFrameThatWasSaidGoesBeforeTheRun() {
        assertThat(WithFlow.clock(right(Frame.WITH_FLOW), AGAINST)).contains(ClockPosition.at(3));
        assertThat(WithFlow.clock(right(Frame.FROM_STREET), WITH)).contains(ClockPosition.at(9));
        assertThat(WithFlow.clock(right(Frame.FROM_STREET), Optional.empty())).contains(ClockPosition.at(9));
    }

    @Property
    void lookingBackTwiceIsLookingOn(
            @ForAll @IntRange(min = 1, max = 12) int from, @ForAll @IntRange(min = 1, max = 12) int to) {
        ClockPosition arc = ClockPosition.arc(from, to);
        assertThat(arc.mirrored().mirrored()).isEqualTo(arc);
        assertThat((arc.middle() + arc.mirrored().middle()) % 12).isZero();
    }

    @Test
    void topBottomAndAllRoundAreTheSameBothWays() {
        for (ClockPosition place : new ClockPosition[] {
            ClockPosition.at(12),
            ClockPosition.at(6),
            ClockPosition.ALL_ROUND,
            ClockPosition.BOTH_SIDES,
            ClockPosition.arc(10, 2)
        }) {
            assertThat(place.mirrored()).isEqualTo(place);
        }
    }

    @Test
    void theTableTellsBothAndTheReportTheOtherSideWhereItDiffers() {
        Job job = Sample.note(Sample.job(), Sample.UP, 10, "offset right 1/4 in");
        job = Sample.note(job, Sample.DOWN, 10, "offset right 1/4 in");
        assertThat(FindingRow.of(Disclosure.of(Reckoner.survey(job), Recipient.BUYER)))
                .extracting(FindingRow::clock, FindingRow::clockWithFlow, FindingRow::otherSide)
                .containsExactly(
                        org.assertj.core.groups.Tuple.tuple("on the right", "on the left", "on the left"),
                        org.assertj.core.groups.Tuple.tuple("on the right", "on the right", ""));
    }
}
