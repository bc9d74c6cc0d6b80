package hitch.core.survey;

import static hitch.core.LineJob.at;
import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.LineJob;
import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.exchange.FindingRow;
import hitch.core.finding.LocatedFinding;
import hitch.core.footage.ClipId;
import hitch.core.footage.FrameRef;
import hitch.core.line.ReadFrom;
import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import hitch.core.measure.LengthUnit;
import hitch.core.measure.Station;
import hitch.core.pipe.Branch;
import hitch.core.run.Direction;
import hitch.core.story.ScriptWriter;
import hitch.core.story.Wording;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** A place is worded in one way, wherever it stands. */
class PlaceWordsTest {
    private static LineJob job() {
        return new LineJob()
                .run("street", Direction.WITH_FLOW, 0, 60)
                .note("street", 9, "roots heavy")
                .note("street", 31, "standing water 26 to 33")
                .note("street", 60, "main connection");
    }

    @ParameterizedTest
    @CsvSource({
        "OPENING, 9.0 ft toward the main",
        "MAIN, 51.0 ft toward the building from the main",
        "BOUNDARY, 31.0 ft toward the building from the boundary",
        "WALL, 21.0 ft toward the main from the building wall"
    })
    void distancesAreReadFromOnePlaceEverywhere(ReadFrom from, String words) {
        Survey survey = job().facts(f -> f.withWall(Optional.of(at(-12)))
                        .withBoundary(Optional.of(at(40)))
                        .readingFrom(from))
                .survey();
        LocatedFinding roots = survey.findings().getFirst();
        assertThat(Wording.place(roots, survey.line(), survey.facts().unit())).isEqualTo(words);
        assertThat(FindingRow.of(Disclosure.of(survey, Recipient.HOMEOWNER))
                        .getFirst()
                        .place())
                .isEqualTo(words);
        assertThat(ScriptWriter.write(Disclosure.of(survey, Recipient.HOMEOWNER))
                        .shots())
                .extracting(hitch.core.story.Shot::title)
                .contains("Roots, " + words);
        assertThat(survey.placeAt(new FrameRef(new ClipId("street"), 9_000))
                        .orElseThrow()
                        .all())
                .isEqualTo(words);
    }

    @Test
    void aStretchIsToldNearerEndFirstAndAcrossTheZeroWithBothSides() {
        Line line = job().line();
        assertThat(line.place(Branch.LINE, new Extent(at(26), at(33)), LengthUnit.FEET))
                .isEqualTo(new PlaceWords("26.0 to 33.0 ft", "toward the main"));
        assertThat(line.place(Branch.LINE, new Extent(at(-33), at(-26)), LengthUnit.FEET)
                        .all())
                .isEqualTo("26.0 to 33.0 ft toward the building");
        assertThat(line.place(Branch.LINE, new Extent(at(-2), at(3)), LengthUnit.FEET)
                        .all())
                .isEqualTo("2.0 ft toward the building to 3.0 ft toward the main");
        assertThat(line.place(Branch.LINE, Station.DATUM, LengthUnit.FEET)).isEqualTo(new PlaceWords("0.0 ft", ""));
    }

    @Test
    void onABranchItIsToldFromItsJoin() {
        LineJob job = new LineJob()
                .run("street", Direction.WITH_FLOW, 0, 50)
                .note("street", 20, "tie-in left, the kitchen")
                .run("kitchen", Direction.WITH_FLOW, 5, 14, r -> r.on("kitchen"));
        Line line = job.line();
        assertThat(line.place("kitchen", at(12), LengthUnit.FEET).all()).isEqualTo("8.0 ft up the kitchen branch");
        assertThat(line.place("kitchen", new Extent(at(10), at(15)), LengthUnit.FEET)
                        .all())
                .isEqualTo("5.0 to 10.0 ft up the kitchen branch");
        assertThat(line.place("laundry", at(12), LengthUnit.FEET).all()).isEqualTo("in the laundry branch");
    }

    @ParameterizedTest
    @EnumSource(LengthUnit.class)
    void noPlaceHasAMinus(LengthUnit unit) {
        Line line = job().facts(f -> f.readingFrom(ReadFrom.MAIN)).line();
        for (int feet = -30; feet < 60; feet += 7) {
            String words = line.place(Branch.LINE, new Extent(at(feet), at(feet + 3)), unit)
                    .all();
            assertThat(words).doesNotContain("-").contains("from the main");
        }
    }

    @Property(tries = 60)
    void theCameraAndAFindingAtItsFrameAreWordedAlike(@ForAll @IntRange(min = 1, max = 59) int second) {
        Survey survey = new LineJob()
                .run("street", Direction.WITH_FLOW, 0, 60)
                .note("street", second, "crack at the joint")
                .survey();
        FrameRef frame = new FrameRef(new ClipId("street"), second * 1000L);
        assertThat(survey.placeAt(frame).orElseThrow().all())
                .isEqualTo(Wording.place(
                        survey.findings().getFirst(),
                        survey.line(),
                        survey.facts().unit()));
        assertThat(survey.stationAt(frame).orElseThrow().fromDatum()).isEqualTo(Distance.feet(second));
    }
}
