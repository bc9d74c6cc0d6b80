package hitch.core.eyes;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.counter.CounterTrace;
import hitch.core.footage.Stretch;
import hitch.core.measure.Distance;
import java.util.List;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class SeenWallTest {
    /** A foot a second, as the sample's street run goes out. */
    private static final CounterTrace OUT =
            CounterTrace.fit(Sample.MS, List.of(Sample.reading(0, 0), Sample.reading(60, 60)));

    private static List<StandOut> standing(MadeUpWall wall) {
        return seen(wall, List.of()).standing(List.of());
    }

    private static SeenWall seen(MadeUpWall wall, List<Stretch> bad) {
        return SeenWall.of(Sample.DOWN, wall.seen(0, 50, feet -> Math.round(feet * 1000)), OUT, MadeUpWall.RADIUS, bad)
                .orElseThrow();
    }

    private static double feet(StandOut place) {
        return place.at() / Distance.MM_PER_FOOT;
    }

    @Test
    void aPipeWithNothingButJointsHasNothingToLookAt() {
        assertThat(standing(new MadeUpWall(1, 3))).isEmpty();
        assertThat(standing(new MadeUpWall(2, 10))).isEmpty();
    }

    @Test
    void whatIsWrittenOnEveryPictureIsNoThing() {
        assertThat(standing(new MadeUpWall(3, 2.5).stamped())).isEmpty();
    }

    @Property(tries = 8)
    void whatIsLikeNothingElseIsPointedAtAndTheJointsAreNot(
            @ForAll @IntRange(min = 1, max = 100_000) int seed,
            @ForAll @DoubleRange(min = 2, max = 7) double joints,
            @ForAll @DoubleRange(min = 4, max = 45) double at,
            @ForAll @IntRange(max = 70) int round) {
        List<StandOut> places = standing(new MadeUpWall(seed, joints).with(at, round, 60, 0));
        assertThat(places).isNotEmpty();
        assertThat(feet(places.getFirst())).isBetween(at - 0.3, at + 0.3);
        // A joint that is a little unlike the others may be told too.
        assertThat(places).hasSizeLessThanOrEqualTo(4);
    }

    @Test
    void anotherHueAloneStandsOut() {
        List<StandOut> places = standing(new MadeUpWall(4, 3).with(20.4, 40, 0, 30));
        assertThat(places).isNotEmpty();
        assertThat(feet(places.getFirst())).isBetween(20.1, 20.7);
    }

    @Test
    void theFrameThatShowsAPlaceWasTakenALittleBeforeIt() {
        SeenWall wall = seen(new MadeUpWall(5, 3).with(20.4, 40, 60, 0), List.of());
        double seconds = wall.showing(wall.standing(List.of()).getFirst()).pts() / 1000.0;
        assertThat(seconds).isBetween(19.8, 20.3);
    }

    @Test
    void whatLooksLikeSomethingThatIsKnownStandsOutNoMore() {
        SeenWall wall = seen(new MadeUpWall(6, 3).with(12.4, 10, 60, 20).with(31.9, 58, 60, 20), List.of());
        List<StandOut> places = wall.standing(List.of());
        assertThat(places.stream().map(p -> Math.round(feet(p)))).containsExactlyInAnyOrder(12L, 32L);
        StandOut first = places.stream().filter(p -> feet(p) < 20).findFirst().orElseThrow();
        assertThat(wall.standing(wall.about(wall.showing(first)))).isEmpty();
    }

    @Test
    void whatAStretchSeenBadlyShowsIsLeftOut() {
        List<Stretch> bad = List.of(new Stretch(19_000, 21_500, Stretch.Reason.BLURRED));
        assertThat(seen(new MadeUpWall(7, 3).with(20.4, 40, 60, 0), bad).standing(List.of()))
                .isEmpty();
    }

    @Test
    void tooFewLooksTellNoRhythm() {
        ClipWall little = new MadeUpWall(8, 3).seen(0, 2, feet -> Math.round(feet * 1000));
        assertThat(SeenWall.of(Sample.DOWN, little, OUT, MadeUpWall.RADIUS, List.of()))
                .isEmpty();
    }

    @Property(tries = 200)
    void whatComesAtABeatIsAJointWhateverLiesBetween(
            @ForAll @DoubleRange(min = 600, max = 3000) double length,
            @ForAll @DoubleRange(max = 600) double first,
            @ForAll @IntRange(min = 5, max = 9) int joints,
            @ForAll @DoubleRange(min = 0.3, max = 0.7) double between) {
        List<StandOut> beat = IntStream.range(0, joints)
                .mapToObj(i -> new StandOut(first + i * length, 6))
                .toList();
        StandOut thing = new StandOut(first + (1 + between) * length, 20);
        List<StandOut> all = new java.util.ArrayList<>(beat);
        all.add(thing);
        assertThat(JointBeat.joints(all)).containsExactlyInAnyOrderElementsOf(beat);
    }

    @Test
    void aFewPlacesAtNoBeatAreNoJoints() {
        List<StandOut> places =
                List.of(new StandOut(1000, 9), new StandOut(2900, 9), new StandOut(7500, 9), new StandOut(9100, 9));
        assertThat(JointBeat.joints(places)).isEmpty();
    }
}
