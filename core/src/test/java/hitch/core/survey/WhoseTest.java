package hitch.core.survey;

import static hitch.core.LineJob.at;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hitch.core.LineJob;
import hitch.core.line.ReadFrom;
import hitch.core.measure.LengthUnit;
import hitch.core.pipe.Branch;
import hitch.core.rules.OwnerRules;
import hitch.core.rules.OwnersReach;
import hitch.core.run.Direction;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Whose pipe it is, what it is by hand, and what distances are read from. */
class WhoseTest {
    private static LineJob job() {
        return new LineJob()
                .run("street", Direction.WITH_FLOW, 0, 50)
                .note("street", 30, "clay to pvc")
                .note("street", 40, "boundary, property line at the hedge")
                .note("street", 45, "roots top heavy")
                .note("street", 50, "main connection");
    }

    @Test
    void toTheMainAllOfItIsTheOwners() {
        Line line = job().line();
        assertThat(line.lengths()).allSatisfy(r -> assertThat(r.beyond().mm()).isZero());
        assertThat(line.whose().boundary()).contains(at(50));
    }

    @Test
    void toThePropertyLineWhatLiesPastItIsNot() {
        LineJob job = job().rules(r -> new OwnerRules(OwnersReach.TO_THE_PROPERTY_LINE));
        Line line = job.line();
        // 30 ft of clay; 20 ft of PVC, of which the property line at 40 ft leaves 10 ft to the owner.
        LengthRow pvc = line.lengths().stream()
                .filter(r -> r.pipe().equals("4 in PVC"))
                .findFirst()
                .orElseThrow();
        assertThat(pvc.within().inFeet()).isCloseTo(10, within(0.1));
        assertThat(pvc.beyond().inFeet()).isCloseTo(10, within(0.1));
        var roots = job.survey().findings().stream()
                .filter(f -> f.finding().wording().startsWith("roots"))
                .findFirst()
                .orElseThrow();
        assertThat(line.isOwners(roots)).contains(false);
    }

    @Test
    void aTypedBoundaryWinsAndAnUnseenOneIsNotKnown() {
        LineJob typed = job().facts(f -> f.withBoundary(Optional.of(at(20))));
        assertThat(typed.line().whose().boundary()).contains(at(20));
        LineJob curb = job().rules(r -> new OwnerRules(OwnersReach.TO_THE_CURB));
        assertThat(curb.line().whose().boundary()).isEmpty();
    }

    @Test
    void distancesAreReadFromAnyKnownPlaceAndTheLineStays() {
        LineJob fromMain = job().facts(f -> f.readingFrom(ReadFrom.MAIN));
        assertThat(fromMain.line().place(Branch.LINE, at(30), LengthUnit.FEET).all())
                .isEqualTo("20.0 ft toward the building from the main");
        assertThat(fromMain.line().lengths()).isEqualTo(job().line().lengths());
        Stationing unknown =
                job().facts(f -> f.readingFrom(ReadFrom.WALL)).line().stationing();
        assertThat(unknown.from()).isEqualTo(ReadFrom.OPENING);
        assertThat(unknown.asked()).isEqualTo(ReadFrom.WALL);
    }
}
