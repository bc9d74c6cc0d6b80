package hitch.core.sketch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hitch.core.LineJob;
import hitch.core.footage.Stretch;
import hitch.core.line.ReadFrom;
import hitch.core.measure.Distance;
import hitch.core.rules.OpeningRules;
import hitch.core.run.Direction;
import hitch.core.survey.Survey;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What the drawing shows of lines that are not whole, not seen, or not as the house rules want them. */
class OddLinesTest {
    private static final double WIDTH = 1000;
    private static final double HEIGHT = 420;

    private static Sketch drawn(LineJob job) {
        Survey survey = job.survey();
        return SectionSketch.draw(survey, SectionSketch.all(survey, WIDTH).orElseThrow(), Optional.empty(), HEIGHT);
    }

    private static <T extends Mark> Stream<T> marks(Sketch sketch, Class<T> sort) {
        return sketch.marks().stream().filter(sort::isInstance).map(sort::cast);
    }

    private static List<String> words(Sketch sketch) {
        return marks(sketch, Mark.Words.class).map(Mark.Words::text).toList();
    }

    private static double x(double feet, double whole) {
        return SectionSketch.SIDE + feet / whole * (WIDTH - 2 * SectionSketch.SIDE);
    }

    @Test
    void anEndThatNobodySawIsAskedFor() {
        LineJob job = new LineJob().run("street", Direction.WITH_FLOW, 0, 40);
        assertThat(words(drawn(job))).contains("main?", "depth not measured");
        job.note("street", 40, "main connection");
        assertThat(words(drawn(job))).contains("main").doesNotContain("main?");
    }

    @Test
    void whatWasNotSeenIsHatchedAsLongAsItIs() {
        LineJob job = new LineJob()
                .run("street", Direction.WITH_FLOW, 0, 40)
                .hide("street", 10, 16, Stretch.Reason.DARK)
                .hide("street", 64, 70, Stretch.Reason.DARK);
        Mark.Hatch hatch = marks(drawn(job), Mark.Hatch.class).findFirst().orElseThrow();
        assertThat(hatch.x()).isCloseTo(x(10, 40), within(2.0));
        assertThat(hatch.x() + hatch.width()).isCloseTo(x(16, 40), within(2.0));
        assertThat(drawn(job).hots()).anySatisfy(h -> assertThat(h.words()).contains("seen poorly, dark"));
    }

    @Test
    void standingWaterIsAsDeepAsItWasNoted() {
        LineJob job = new LineJob()
                .run("street", Direction.WITH_FLOW, 0, 40)
                .note("street", 15, "standing water 10 to 20, half the bore");
        Mark.Pipe pipe = marks(drawn(job), Mark.Pipe.class).findFirst().orElseThrow();
        Mark.Area water = marks(drawn(job), Mark.Area.class)
                .filter(a -> a.tone() == Tone.WATER)
                .findFirst()
                .orElseThrow();
        double top = water.corners().getFirst().y();
        assertThat(top).isCloseTo(pipe.leftY() + pipe.height() / 2, within(1.0));
        assertThat(water.corners().getFirst().x()).isCloseTo(x(10, 40), within(2.0));
        assertThat(water.corners().get(1).x()).isCloseTo(x(20, 40), within(2.0));
    }

    @Test
    void anOpeningThatTheRulesMissIsDrawnWhereItWouldDo() {
        LineJob job = new LineJob()
                .run("street", Direction.WITH_FLOW, 0, 40)
                .rules(r -> new OpeningRules(Distance.feet(25), 135));
        Hot wanted = drawn(job).hots().stream()
                .filter(h -> h.words().startsWith("An opening here would satisfy the house rule"))
                .findFirst()
                .orElseThrow();
        assertThat(wanted.x() + wanted.width() / 2).isCloseTo(x(20, 40), within(2.0));
    }

    @Test
    void aBuriedFittingTellsThatItIsBuriedAndARoofVentStandsAboveTheGround() {
        LineJob job = new LineJob()
                .run(
                        "vent",
                        Direction.WITH_FLOW,
                        0,
                        40,
                        r -> r.from(r.opening()
                                .withSort(
                                        hitch.core.pipe.OpeningKind.ROOF_VENT,
                                        r.opening().ways())))
                .note("vent", 25, "opening, buried cleanout wye");
        Sketch sketch = drawn(job);
        assertThat(sketch.hots()).anySatisfy(h -> assertThat(h.words()).endsWith("buried"));
        double ground = SectionSketch.GROUND_Y;
        assertThat(marks(sketch, Mark.Stroke.class)
                        .filter(Mark.Stroke::isPlumb)
                        .filter(s -> s.width() == 4)
                        .mapToDouble(s -> s.points().getFirst().y()))
                .singleElement()
                .satisfies(y -> assertThat(y).isLessThan(ground - 20));
    }

    @Test
    void aPipeIsPickedWithItsBranchAndPlace() {
        LineJob job = new LineJob()
                .run("street", Direction.WITH_FLOW, 0, 40)
                .note("street", 30, "tie-in left, the kitchen")
                .run("kitchen", Direction.WITH_FLOW, 10, 19, r -> r.on("kitchen"));
        Sketch sketch = drawn(job);
        List<Hot> pipes =
                sketch.hots().stream().filter(h -> h.pipe().isPresent()).toList();
        assertThat(pipes).extracting(h -> h.pipe().orElseThrow()).contains("", "kitchen");
        Hot kitchen = pipes.stream()
                .filter(h -> h.pipe().equals(Optional.of("kitchen")))
                .findFirst()
                .orElseThrow();
        assertThat(kitchen.words()).contains("up the kitchen branch");
        Hot line = pipes.stream()
                .filter(h -> h.pipe().equals(Optional.of("")))
                .findFirst()
                .orElseThrow();
        assertThat(kitchen.y() + kitchen.height()).isLessThan(line.y());
    }

    @Test
    void aRopeThatGoesOnPassesBehindTheWordsOfOthers() {
        LineJob job = new LineJob()
                .run("street", Direction.WITH_FLOW, 0, 40)
                .note("street", 20, "roots top heavy")
                .note("street", 20.2, "offset 1/2 in")
                .note("street", 20.4, "crack top");
        List<Mark> marks = drawn(job).marks();
        int lastRope = marks.lastIndexOf(marks.stream()
                .filter(m -> m instanceof Mark.Stroke s && s.tone() == Tone.ROPE)
                .reduce((a, b) -> b)
                .orElseThrow());
        int firstKnot = marks.indexOf(
                marks.stream().filter(Mark.Knot.class::isInstance).findFirst().orElseThrow());
        assertThat(firstKnot).isGreaterThan(lastRope);
    }

    @Test
    void theScaleCountsFromWhereTheJobReads() {
        LineJob job = new LineJob()
                .run("street", Direction.WITH_FLOW, 0, 40)
                .note("street", 40, "main connection")
                .facts(f -> f.readingFrom(ReadFrom.MAIN));
        Sketch sketch = drawn(job);
        assertThat(words(sketch)).contains("distances from the main", "0", "20", "40");
        Mark.Words zero = marks(sketch, Mark.Words.class)
                .filter(w -> w.text().equals("0"))
                .findFirst()
                .orElseThrow();
        assertThat(zero.x()).isCloseTo(x(40, 40), within(1.0));
    }

    @Test
    void aStraightLineNeedsLessRoomFromAboveThanOneThatTurns() {
        LineJob straight = new LineJob().run("street", Direction.WITH_FLOW, 0, 40);
        double low = PlanSketch.height(straight.survey());
        LineJob turning = straight.note("street", 20, "bend 45 degrees right");
        assertThat(PlanSketch.height(turning.survey())).isGreaterThan(low);
        Sketch plan = PlanSketch.draw(turning.survey(), WIDTH, PlanSketch.height(turning.survey()))
                .orElseThrow();
        List<Point> line = marks(plan, Mark.Stroke.class)
                .filter(s -> s.width() == 5)
                .findFirst()
                .orElseThrow()
                .points();
        // As wide as the strip, and within its height.
        assertThat(line.getLast().x() - line.getFirst().x()).isCloseTo(WIDTH - 2 * SectionSketch.SIDE, within(1.0));
        assertThat(line).allSatisfy(p -> assertThat(p.y()).isBetween(0.0, PlanSketch.height(turning.survey())));
        assertThat(words(plan)).anySatisfy(w -> assertThat(w).contains("sideways drawn"));
    }
}
