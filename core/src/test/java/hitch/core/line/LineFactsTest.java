package hitch.core.line;

import static hitch.core.LineJob.at;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hitch.core.measure.Extent;
import hitch.core.pipe.Branch;
import hitch.core.pipe.Lining;
import hitch.core.pipe.Material;
import hitch.core.pipe.Pipe;
import hitch.core.pipe.PipeSize;
import hitch.core.pipe.PipeSpan;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a person says of the line adds up, replaces itself, and is taken back. */
class LineFactsTest {
    private static Extent feet(double from, double to) {
        return new Extent(at(from), at(to));
    }

    private static SpanGiven clay(double from, double to) {
        return SpanGiven.material(Branch.LINE, feet(from, to), Optional.of(Material.CLAY));
    }

    @Test
    void aBranchReplacesTheOneOfItsName() {
        LineFacts facts = LineFacts.NONE
                .withBranch(Branch.named("kitchen"))
                .withBranch(Branch.named("laundry"))
                .withBranch(Branch.named("kitchen").joiningAt(Optional.of(at(12))));
        assertThat(facts.branches()).hasSize(2);
        assertThat(facts.branch("kitchen").orElseThrow().join()).contains(at(12));
        assertThat(facts.without("kitchen").branch("kitchen")).isEmpty();
        assertThat(facts.without("nobody's")).isEqualTo(facts);
    }

    @Test
    void whatIsSaidOfOneStretchAddsUp() {
        LineFacts facts = LineFacts.NONE
                .withSpan(clay(10, 20))
                .withSpan(SpanGiven.size(Branch.LINE, feet(10, 20), Optional.of(PipeSize.inches(6))))
                .withSpan(SpanGiven.lining(Branch.LINE, feet(10, 20), Optional.of(Lining.LINER)));
        assertThat(facts.spans()).singleElement().satisfies(s -> {
            PipeSpan over = s.over(new PipeSpan(feet(0, 30), Pipe.UNKNOWN), feet(10, 20));
            assertThat(over.material()).contains(Material.CLAY);
            assertThat(over.size()).contains(PipeSize.inches(6));
            assertThat(over.lined()).isTrue();
        });
    }

    @Test
    void asSeenTakesBackWhatTouchesTheStretchAndNoMore() {
        LineFacts facts =
                LineFacts.NONE.withSpan(clay(0, 10)).withSpan(clay(10, 20)).withSpan(clay(20, 30));
        assertThat(facts.isSaid(Branch.LINE, feet(12, 15))).isTrue();
        assertThat(facts.isSaid("kitchen", feet(12, 15))).isFalse();
        assertThat(facts.asSeen(Branch.LINE, feet(10, 20)).spans()).hasSize(2);
        assertThat(facts.asSeen(Branch.LINE, feet(15, 25)).spans()).containsExactly(clay(0, 10));
        assertThat(facts.asSeen("kitchen", feet(0, 99))).isEqualTo(facts);
    }

    @Property(tries = 100)
    void aStretchThatWasSaidAndTakenBackLeavesNothing(
            @ForAll @IntRange(max = 50) int from, @ForAll @IntRange(min = 1, max = 50) int length) {
        Extent extent = feet(from, from + length);
        LineFacts said = LineFacts.NONE.withSpan(SpanGiven.lining(Branch.LINE, extent, Optional.of(Lining.LINER)));
        assertThat(said.isSaid(Branch.LINE, extent)).isTrue();
        assertThat(said.asSeen(Branch.LINE, extent)).isEqualTo(LineFacts.NONE);
    }

    @Test
    void knownPlacesStandBesideEachOther() {
        LineFacts facts = LineFacts.NONE
                .withBoundary(Optional.of(at(40)))
                .withWall(Optional.of(at(-12)))
                .withMain(Optional.of(at(60)))
                .readingFrom(ReadFrom.WALL)
                .withGround(Ground.LEVEL);
        assertThat(facts.boundary()).contains(at(40));
        assertThat(facts.wall()).contains(at(-12));
        assertThat(facts.main()).contains(at(60));
        assertThat(facts.readFrom()).isEqualTo(ReadFrom.WALL);
        assertThat(facts.withMain(Optional.empty()).main()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"0, 0", "10, 0.2", "-10, -0.2", "50, 1"})
    void aSlopeRisesEvenly(double feet, double height) {
        assertThat(Ground.slope(2).at(at(feet)) / 304.8)
                .isCloseTo(height, org.assertj.core.api.Assertions.within(0.01));
    }

    @Test
    void betweenHeightsTheGroundIsStraightAndBeyondThemLevel() {
        Ground ground = Ground.heights(List.of(
                new Ground.Height(at(20), hitch.core.measure.Distance.feet(4)),
                new Ground.Height(at(0), hitch.core.measure.Distance.feet(2))));
        assertThat(ground.at(at(10)) / 304.8).isCloseTo(3, org.assertj.core.api.Assertions.within(0.01));
        assertThat(ground.at(at(-50))).isEqualTo(ground.at(at(0)));
        assertThat(ground.at(at(90))).isEqualTo(ground.at(at(20)));
        assertThat(Ground.NOT_SAID.isKnown()).isFalse();
        assertThatThrownBy(() -> Ground.heights(List.of())).isInstanceOf(IllegalArgumentException.class);
    }
}
