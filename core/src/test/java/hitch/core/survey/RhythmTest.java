package hitch.core.survey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hitch.core.Sample;
import hitch.core.counter.CounterMark;
import hitch.core.counter.Reading;
import hitch.core.footage.Clip;
import hitch.core.gauge.JointTrail.Rim;
import hitch.core.gauge.RimLook;
import hitch.core.job.Job;
import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import hitch.core.measure.Station;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** A camera goes 60 ft down 4 in pipe whose joints are known; every look shows the joint before it, and the next. */
class RhythmTest {
    private static final double RADIUS = 50.8;

    private final Job job = Sample.note(Sample.job(), Sample.DOWN, 15.05, "roots top");
    private final Survey survey = Reckoner.survey(job);
    private final Clip clip = survey.clip(Sample.DOWN).orElseThrow();

    private double cable(long pts) {
        return survey.traces().get(Sample.DOWN).cableAt(pts).orElseThrow();
    }

    /** @param feet where the joints lie along the cable */
    private Rhythm along(List<Double> feet) {
        List<RimLook> looks = new ArrayList<>();
        for (long pts = 2_000; pts < 40_000; pts += 50) {
            double at = cable(pts);
            List<Rim> rims = new ArrayList<>();
            for (double joint : feet) {
                double ahead = (joint * Distance.MM_PER_FOOT - at) / RADIUS;
                if (ahead > 1.5 && ahead < 9) {
                    rims.add(new Rim(ahead, 0.9));
                }
            }
            looks.add(new RimLook(pts, rims));
        }
        return Rhythm.of(survey, clip, looks);
    }

    private static List<Double> every(double length, double from, double to) {
        List<Double> all = new ArrayList<>();
        for (double at = from; at < to; at += length) {
            all.add(at);
        }
        return all;
    }

    private static List<Double> feet(List<Station> stations) {
        return stations.stream()
                .map(s -> Math.abs(s.mm()) / Distance.MM_PER_FOOT)
                .toList();
    }

    @Test
    void theJointsAndTheLengthOfThePieces() {
        Rhythm rhythm = along(every(2.5, 6, 26));
        assertThat(feet(rhythm.joints())).hasSize(8);
        assertThat(feet(rhythm.joints()).getFirst()).isCloseTo(6, within(0.15));
        assertThat(rhythm.stretches()).singleElement().satisfies(s -> {
            assertThat(s.length().inFeet()).isCloseTo(2.5, within(0.02));
            assertThat(s.joints()).isEqualTo(8);
        });
        assertThat(rhythm.missing()).isEmpty();
        assertThat(rhythm.doubts()).isEmpty();
        assertThat(rhythm.words(survey)).startsWith("8 joints, 8 of them 2.50 ft apart");
    }

    @Test
    void aJointThatNobodySawIsWanted() {
        List<Double> joints = every(2.5, 6, 26);
        joints.remove(4);
        Rhythm rhythm = along(joints);
        assertThat(feet(rhythm.missing()))
                .singleElement()
                .satisfies(f -> assertThat(f).isCloseTo(16, within(0.15)));
        assertThat(rhythm.doubts())
                .singleElement()
                .satisfies(d ->
                        assertThat(d).startsWith("No joint was seen at 16.0 ft").contains("2.50 ft"));
    }

    @Test
    void aCounterThatSlippedPutsTheJointsOutOfStep() {
        List<Double> joints = new ArrayList<>(every(2.5, 6, 17));
        joints.addAll(every(2.5, 17.4, 29));
        Rhythm rhythm = along(joints);
        assertThat(rhythm.stretches()).hasSize(2);
        assertThat(rhythm.doubts()).anySatisfy(d -> assertThat(d).contains("out of step"));
        assertThat(rhythm.slips()).singleElement();

        List<CounterMark> marks = job.marksOf(clip.id());
        CounterWalk.Stop stop = CounterWalk.of(clip, marks, survey, rhythm).stream()
                .filter(s -> s.question().contains("out of step"))
                .findFirst()
                .orElseThrow();
        assertThat(cable(stop.pts()) / Distance.MM_PER_FOOT)
                .as("between the two steps")
                .isBetween(16.0, 17.5);
        assertThat(stop.reading()).isNotEmpty();
        assertThat(CounterWalk.open(job, survey, Map.of(clip.id(), rhythm)))
                .isEqualTo(CounterWalk.open(job, survey, Map.of()) + 1);

        List<CounterMark> read = new ArrayList<>(marks);
        read.add(Reading.byHand(stop.pts(), Distance.feet(17)));
        assertThat(CounterWalk.of(clip, read, survey, rhythm))
                .as("somebody has read the counter there")
                .noneMatch(s -> s.question().contains("out of step"));
    }

    @Test
    void whatIsNotKnownTellsNothing() {
        assertThat(Rhythm.of(survey, clip, List.of())).isEqualTo(Rhythm.NONE);
        assertThat(Rhythm.NONE.words(survey)).isEqualTo("No joints were found.");
        Clip yard = Sample.clip(Sample.YARD, 5);
        assertThat(Rhythm.of(survey, yard, List.of(new RimLook(0, List.of(new Rim(3, 1))))))
                .isEqualTo(Rhythm.NONE);
    }

    @Test
    void theJointsBeyondAFindingUpToAPlace() {
        Rhythm rhythm = along(every(2.5, 6, 26));
        List<Station> all = rhythm.joints();
        Station third = all.get(2);
        assertThat(rhythm.onFrom(Extent.at(third), all.get(5))).containsExactlyElementsOf(all.subList(3, 6));
        assertThat(rhythm.onFrom(Extent.at(third), all.getFirst())).containsExactlyElementsOf(all.subList(0, 2));
        assertThat(rhythm.onFrom(Extent.at(third), third)).isEmpty();
        assertThat(Rhythm.NONE.onFrom(Extent.at(third), all.getLast())).isEmpty();
    }

    @Test
    void theJointsWithRootsAreCounted() {
        Rhythm rhythm = along(every(2.5, 6, 26));
        assertThat(rhythm.rooted(Reckoner.survey(Sample.job()))).isZero();
        Job job = Sample.note(Sample.job(), Sample.DOWN, 15, "roots at 13.5");
        assertThat(rhythm.rooted(Reckoner.survey(job))).isEqualTo(1);
    }
}
