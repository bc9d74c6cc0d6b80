package hitch.core.sketch;

import static hitch.core.LineJob.at;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hitch.core.LineJob;
import hitch.core.Sample;
import hitch.core.exchange.SketchSvg;
import hitch.core.finding.Sighting;
import hitch.core.footage.FrameRef;
import hitch.core.footage.Stretch;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.line.Ground;
import hitch.core.measure.Extent;
import hitch.core.run.Direction;
import hitch.core.survey.Reckoner;
import hitch.core.survey.Survey;
import hitch.core.talk.Commentary;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javax.xml.parsers.DocumentBuilderFactory;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.w3c.dom.Document;

/** The drawing of a line. */
class SketchTest {
    private static final double WIDTH = 1000;

    private static Survey survey() {
        return new LineJob()
                .run("street", Direction.WITH_FLOW, 0, 50)
                .note("street", 20, "tie-in left, the kitchen & <laundry>")
                .note("street", 30, "4 in clay to 6 in pvc")
                .note("street", 40, "bend 45 degrees right")
                .note("street", 44, "roots top heavy")
                .note("street", 10, "locate 4 ft 2 in")
                .note("street", 36, "locate 4 ft 8 in")
                .run("kitchen", Direction.WITH_FLOW, 5, 14, r -> r.on("kitchen"))
                .facts(f -> f.withGround(Ground.slope(-2)))
                .survey();
    }

    private static Sketch section(Survey survey) {
        return SectionSketch.draw(
                survey, SectionSketch.all(survey, WIDTH).orElseThrow(), Optional.empty(), SectionSketch.height(survey));
    }

    @Test
    void thingsStandWhereTheirStationIs() {
        Survey survey = survey();
        View view = SectionSketch.all(survey, WIDTH).orElseThrow();
        // 44 ft of 50 ft, over the width between the sides.
        double x = SectionSketch.SIDE + 44.0 / 50 * (WIDTH - 2 * SectionSketch.SIDE);
        assertThat(view.x(at(44))).isCloseTo(x, within(1.0));
        Sketch sketch = section(survey);
        assertThat(sketch.marks().stream().filter(m -> m instanceof Mark.Knot k && k.knots() == 3))
                .singleElement()
                .satisfies(m -> assertThat(((Mark.Knot) m).x()).isCloseTo(x, within(2.0)));
    }

    @Test
    void aKnotLeadsToItsFindingAndTellsOfIt() {
        Survey survey = survey();
        Hot hot = section(survey).hots().stream()
                .filter(h -> h.words().contains("Roots"))
                .findFirst()
                .orElseThrow();
        assertThat(section(survey).at(hot.x() + hot.width() / 2, hot.y() + hot.height() / 2))
                .contains(hot);
        assertThat(survey.finding(hot.finding().orElseThrow())
                        .orElseThrow()
                        .finding()
                        .wording())
                .isEqualTo("roots top heavy");
    }

    @Test
    void whatCoversTheGroundIsNamedBetweenItsEnds() {
        Survey survey = new LineJob()
                .run("street", Direction.WITH_FLOW, 0, 50)
                .note("street", 3, "driveway 10-30")
                .note("street", 40, "street 40-41")
                .facts(f -> f.withGround(Ground.slope(-2)))
                .survey();
        View view = SectionSketch.all(survey, WIDTH).orElseThrow();
        Sketch sketch = section(survey);
        assertThat(sketch.marks().stream()
                        .filter(m -> m instanceof Mark.Words w && w.text().equals("driveway")))
                .singleElement()
                .satisfies(m -> assertThat(((Mark.Words) m).x()).isCloseTo(view.x(at(20)), within(1.0)));
        assertThat(sketch.hots())
                .as("too short for its word, it still tells of itself")
                .filteredOn(h -> h.words().endsWith(": street"))
                .singleElement()
                .satisfies(h -> assertThat(h.x()).isCloseTo(view.x(at(40)), within(1.0)));
    }

    @Test
    void whatCoversTheGroundIsLeftOutOfAViewItIsNotIn() {
        Survey survey = new LineJob()
                .run("street", Direction.WITH_FLOW, 0, 50)
                .note("street", 3, "driveway 10-20")
                .facts(f -> f.withGround(Ground.slope(-2)))
                .survey();
        View near = new View(new Extent(at(30), at(50)), 0, WIDTH);
        assertThat(SectionSketch.draw(survey, near, Optional.empty(), SectionSketch.height(survey))
                        .hots())
                .noneMatch(h -> h.words().contains("driveway"));
    }

    @Test
    void aDrawingIsWellFormedWhateverWasTyped() throws Exception {
        Survey survey = survey();
        String svg = SketchSvg.write(
                "7 & 9 <Lane>",
                List.of(section(survey), PlanSketch.draw(survey, WIDTH, 120).orElseThrow()));
        Document document = DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .parse(new ByteArrayInputStream(svg.getBytes(StandardCharsets.UTF_8)));
        assertThat(document.getElementsByTagName("title").item(0).getTextContent())
                .isEqualTo("7 & 9 <Lane>");
        assertThat(svg).contains("4 in clay").contains("kitchen branch").doesNotContain("NaN");
    }

    @Test
    void onlyWhatIsInViewIsDrawn() {
        Survey survey = survey();
        View all = SectionSketch.all(survey, WIDTH).orElseThrow();
        View near = new View(new Extent(at(0), at(8)), all.left(), all.width());
        Sketch sketch = SectionSketch.draw(survey, near, Optional.empty(), 400);
        assertThat(sketch.marks().stream().filter(m -> m instanceof Mark.Knot)).isEmpty();
    }

    /** Room to spare makes pipes larger, to a limit, and moves nothing along the line. */
    @Test
    void aTallDrawingShowsThePipesLarger() {
        Survey survey = survey();
        double least = SectionSketch.height(survey);
        assertThat(pipe(survey, 1.3 * least).height())
                .isCloseTo(1.3 * pipe(survey, least).height(), within(0.1));
        assertThat(pipe(survey, 3 * least).height())
                .isCloseTo(1.5 * pipe(survey, least).height(), within(0.1));
        assertThat(pipe(survey, 0.8 * least).height())
                .as("never smaller")
                .isEqualTo(pipe(survey, least).height());
        assertThat(pipe(survey, 1.3 * least).x()).isEqualTo(pipe(survey, least).x());
    }

    private static Mark.Pipe pipe(Survey survey, double height) {
        return SectionSketch.draw(survey, SectionSketch.all(survey, WIDTH).orElseThrow(), Optional.empty(), height)
                .marks()
                .stream()
                .filter(m -> m instanceof Mark.Pipe)
                .map(m -> (Mark.Pipe) m)
                .findFirst()
                .orElseThrow();
    }

    @Property
    void zoomingInAndOutStaysOnTheLine(
            @ForAll @DoubleRange(min = 0.1, max = 12) double factor,
            @ForAll @DoubleRange(min = 0, max = WIDTH) double x) {
        Extent whole = new Extent(at(-20), at(80));
        View view = new View(whole, SectionSketch.SIDE, WIDTH - 2 * SectionSketch.SIDE);
        View zoomed = view.zoomed(factor, x, whole).moved(300, whole).moved(-900, whole);
        assertThat(zoomed.shown().from()).isGreaterThanOrEqualTo(whole.from());
        assertThat(zoomed.shown().to().mm()).isLessThanOrEqualTo(whole.to().mm() + 1);
        assertThat(zoomed.at(zoomed.x(at(10))).mm()).isCloseTo(at(10).mm(), within(1L));
    }

    @Test
    void aBendToTheRightTurnsThePlanAndABranchComesInFromItsSide() {
        Sketch plan = PlanSketch.draw(survey(), WIDTH, 120).orElseThrow();
        List<Mark.Stroke> pipes = plan.marks().stream()
                .filter(m -> m instanceof Mark.Stroke)
                .map(m -> (Mark.Stroke) m)
                .toList();
        List<Point> line = pipes.stream()
                .filter(s -> s.width() == 5)
                .findFirst()
                .orElseThrow()
                .points();
        // The ends lie straight across; downwards on the page is to the right of one who walks from left to right.
        assertThat(line.getLast().y()).isCloseTo(line.getFirst().y(), within(0.5));
        assertThat(line.get(1).y()).isLessThan(line.getFirst().y() - 5);
        List<Point> branch = pipes.stream()
                .filter(s -> s.width() == 3)
                .findFirst()
                .orElseThrow()
                .points();
        assertThat(branch.getFirst().y()).isLessThan(branch.getLast().y());
    }

    /** Hatched over all of the pipe, where it is, and it tells how it was seen. */
    @Test
    void whatWasSeenBadlyIsHatchedWhereItIsAndTellsSo() {
        LineJob line = new LineJob()
                .run("street", Direction.WITH_FLOW, 0, 50)
                .note("street", 5, "4 in clay")
                .note("street", 50, "main connection")
                .hide("street", 20, 30, Stretch.Reason.DARK)
                .hide("street", 70, 80, Stretch.Reason.DARK);
        Survey survey = line.survey();
        View view = SectionSketch.all(survey, WIDTH).orElseThrow();
        Sketch sketch = section(survey);
        List<Mark.Hatch> hatched = sketch.marks().stream()
                .filter(m -> m instanceof Mark.Hatch)
                .map(m -> (Mark.Hatch) m)
                .toList();
        assertThat(hatched).isNotEmpty();
        assertThat(hatched.stream().mapToDouble(Mark.Hatch::x).min().orElseThrow())
                .isCloseTo(view.x(at(20)), within(2.0));
        assertThat(hatched.stream().mapToDouble(h -> h.x() + h.width()).max().orElseThrow())
                .isCloseTo(view.x(at(30)), within(2.0));
        assertThat(sketch.hots())
                .filteredOn(h -> h.words().contains("20.0 to 30.0 ft"))
                .isNotEmpty()
                .allSatisfy(h -> assertThat(h.words()).startsWith("10.0 ft"));
    }

    @Test
    void whatWasSeenWellIsNotHatched() {
        Survey survey = new LineJob()
                .run("street", Direction.WITH_FLOW, 0, 50)
                .note("street", 5, "4 in clay")
                .note("street", 50, "main connection")
                .survey();
        assertThat(section(survey).marks()).noneMatch(m -> m instanceof Mark.Hatch);
    }

    /** Water over the bottom on both passes: the bottom is hatched and no more. */
    @Test
    void aWallThatStayedHiddenIsHatchedAsFarUpAsItWas() {
        Job job = Sample.note(Sample.job(), Sample.DOWN, 22, "standing water 20-26, 20%");
        job = job.with(new Edit.PutCommentary(new Commentary("c", Sample.DOWN, "c.srt", List.of(), 0, Map.of())))
                .with(new Edit.SightSpoken(
                        "c", "k", job.findings().getFirst().id(), new Sighting(new FrameRef(Sample.DOWN, 98_000), "")));
        Sketch sketch = section(Reckoner.survey(job));
        Hot told = sketch.hots().stream()
                .filter(h -> h.words().startsWith("wall hidden"))
                .findFirst()
                .orElseThrow();
        assertThat(told.words())
                .contains("from 5 to 7 o'clock by standing water")
                .contains("20.0 to 26.0 ft");
        assertThat(sketch.marks())
                .filteredOn(m -> m instanceof Mark.Hatch)
                .anySatisfy(m -> assertThat(((Mark.Hatch) m).x()).isCloseTo(told.x(), within(2.0)));
    }
}
