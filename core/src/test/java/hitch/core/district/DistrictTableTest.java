package hitch.core.district;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hitch.core.Sample;
import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.job.Job;
import hitch.core.line.ReadFrom;
import hitch.core.measure.Distance;
import hitch.core.measure.LengthUnit;
import hitch.core.measure.Station;
import hitch.core.survey.Reckoner;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class DistrictTableTest {
    private static final CodeTable CODES =
            CodeTable.parse("kind,code,words\ncrack,520,\nmain connection,900,the tap\n");

    private static DistrictForm form(ReadFrom from, boolean rising, LengthUnit unit, int decimals, String names) {
        return new DistrictForm(
                "Wendle Water",
                from,
                rising,
                unit,
                decimals,
                "A-1",
                "A-2",
                0,
                names,
                List.of(
                        new Column("at", Column.Field.STATION),
                        new Column("to", Column.Field.STATION_END),
                        new Column("code", Column.Field.CODE),
                        new Column("what", Column.Field.WORDS),
                        new Column("up", Column.Field.UPPER),
                        new Column("file", Column.Field.STILL)));
    }

    private static Disclosure may(Job job) {
        return Disclosure.of(Reckoner.survey(job), Recipient.DISTRICT);
    }

    @Test
    void distancesAreReadFromItsOwnDatumInItsOwnDirectionAndUnit() {
        Job job = Sample.note(Sample.marked(), Sample.DOWN, 50, "crack left");
        DistrictTable up = new DistrictTable(may(job), form(ReadFrom.MAIN, false, LengthUnit.FEET, 1, ""), CODES);
        // The connection is at 60 ft, the crack at 50, the boundary at 45.
        assertThat(up.rows()).extracting(r -> r.get(0)).containsExactlyInAnyOrder("15.0", "10.0", "0.0");
        DistrictTable down = new DistrictTable(may(job), form(ReadFrom.MAIN, true, LengthUnit.METRES, 2, ""), CODES);
        assertThat(down.rows()).extracting(r -> r.get(0)).containsExactlyInAnyOrder("-4.57", "-3.05", "0.00");
        assertThat(up.rows()).allMatch(r -> r.get(4).equals("A-1"));
        assertThat(up.csv().lines().findFirst()).contains("at,to,code,what,up,file");
        assertThat(up.uncoded()).extracting(f -> f.finding().kind()).containsExactly(FindingKind.BOUNDARY);
    }

    /** Whatever the datum, direction and unit: the same place, and never another. */
    @Property(tries = 40)
    void everyDistanceLeadsBackToItsStation(
            @ForAll ReadFrom from,
            @ForAll boolean rising,
            @ForAll @IntRange(min = 0, max = 3) int decimals,
            @ForAll @IntRange(min = 46, max = 59) int second) {
        Job job = Sample.note(Sample.marked(), Sample.DOWN, second, "crack left");
        Disclosure may = may(job);
        DistrictTable table = new DistrictTable(may, form(from, rising, LengthUnit.FEET, decimals, ""), CODES);
        Station zero = may.zero(from).orElse(null);
        List<LocatedFinding> told = may.findings();
        for (int i = 0; i < told.size(); i++) {
            String cell = table.rows().get(i).getFirst();
            if (zero == null) {
                assertThat(cell).isEmpty();
            } else {
                double feet = (rising ? 1 : -1) * Double.parseDouble(cell) + zero.mm() / 304.8;
                assertThat(feet)
                        .isCloseTo(
                                told.get(i).extent().orElseThrow().from().mm() / 304.8,
                                within(0.5 * Math.pow(10, -decimals) + 1e-6));
            }
        }
    }

    @Test
    void stillsAreCalledByItsPatternEachOnceAndSafely() {
        Job job = Sample.note(Sample.marked(), Sample.DOWN, 50, "crack left");
        job = Sample.note(job, Sample.DOWN, 52, "crack right");
        DistrictTable table =
                new DistrictTable(may(job), form(ReadFrom.MAIN, false, LengthUnit.FEET, 1, "{upper}/../{code}"), CODES);
        assertThat(table.stills().values())
                .doesNotHaveDuplicates()
                .allMatch(n -> n.matches("[\\p{L}\\p{N}._-]+\\.png") && !n.startsWith("."))
                .contains("A-1-..-520.png", "A-1-..-520-2.png");
    }

    /** Every field that a column can hold, of one finding that has them all. */
    @Test
    void eachColumnHoldsWhatItIsAskedFor() {
        Job job = Sample.note(Sample.marked(), Sample.DOWN, 50, "crack left, 1/8 in, from 50 to 52, old one");
        List<Column> all = Arrays.stream(Column.Field.values())
                .map(f -> new Column(f.word(), f))
                .toList();
        DistrictForm form = new DistrictForm(
                "", ReadFrom.MAIN, false, LengthUnit.METRES, 2, "A-1", "A-2", 0, "{upper}_{code}_{station}", all);
        Disclosure may = may(job);
        LocatedFinding crack = may.findings().stream()
                .filter(f -> f.finding().kind() == FindingKind.CRACK)
                .findFirst()
                .orElseThrow();
        List<String> row = new DistrictTable(may, form, CODES)
                .rows().stream()
                        .filter(r -> r.get(Column.Field.KIND.ordinal()).equals("crack"))
                        .findFirst()
                        .orElseThrow();
        Map<Column.Field, String> told = new EnumMap<>(Column.Field.class);
        for (Column.Field field : Column.Field.values()) {
            told.put(field, row.get(field.ordinal()));
        }
        assertThat(told)
                .containsEntry(Column.Field.CODE, "520")
                .containsEntry(Column.Field.STATION, "2.44")
                .containsEntry(Column.Field.STATION_END, "3.05")
                .containsEntry(Column.Field.LENGTH, "0.61")
                .containsEntry(Column.Field.CLOCK, "on the left")
                .containsEntry(
                        Column.Field.HOW_SURE, crack.finding().certainty().word())
                .containsEntry(Column.Field.FINDING, crack.finding().id().value())
                .containsEntry(Column.Field.STILL, "A-1_520_2.44.png")
                .containsEntry(Column.Field.CLIP, "down.mp4")
                .containsEntry(Column.Field.TIME, "50.0")
                .containsEntry(Column.Field.UPPER, "A-1")
                .containsEntry(Column.Field.LOWER, "A-2")
                .containsEntry(Column.Field.RECORDED, "2026-05-02")
                .containsEntry(Column.Field.PROPERTY, may.title())
                .containsEntry(Column.Field.SIZE_HOW, crack.finding().sizeHow())
                .containsEntry(Column.Field.REMARK, crack.finding().remark());
        assertThat(told.get(Column.Field.SIZE)).contains("1/8");
        assertThat(told.get(Column.Field.SHARE)).isEmpty();
        assertThat(told.get(Column.Field.WORDS)).isNotBlank();
    }

    /** Where the datum is not known no distance is made up, and what is a point has one end. */
    @Test
    void withoutItsDatumNoDistanceIsTold() {
        Job job = Sample.note(Sample.job(), Sample.DOWN, 45, "boundary");
        job = Sample.note(job, Sample.DOWN, 50, "crack left");
        DistrictTable table =
                new DistrictTable(may(job), form(ReadFrom.MAIN, false, LengthUnit.FEET, 1, "{code}"), CODES);
        assertThat(table.isRead()).isFalse();
        assertThat(table.rows())
                .isNotEmpty()
                .allMatch(r -> r.get(0).isEmpty() && r.get(1).isEmpty());
        DistrictTable line =
                new DistrictTable(may(job), form(ReadFrom.BOUNDARY, true, LengthUnit.FEET_INCHES, 1, "{code}"), CODES);
        assertThat(line.rows()).anyMatch(r -> r.get(0).equals(LengthUnit.FEET_INCHES.show(Distance.feet(5))));
    }
}
