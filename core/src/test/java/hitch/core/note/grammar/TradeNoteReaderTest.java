package hitch.core.note.grammar;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.finding.ClockPosition;
import hitch.core.finding.Degree;
import hitch.core.finding.Finding;
import hitch.core.finding.FindingKind;
import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import hitch.core.measure.LengthUnit;
import hitch.core.measure.Station;
import hitch.core.note.Act;
import hitch.core.note.Chip;
import hitch.core.note.Draft;
import hitch.core.note.Note;
import hitch.core.pipe.Material;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TradeNoteReaderTest {
    private static Draft read(String note) {
        return whole(note).first();
    }

    private static Note whole(String note) {
        return new TradeNoteReader().read(note, LengthUnit.FEET);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "roots top | ROOTS",
                "Roots through the joint | ROOTS",
                "joint with roots | ROOTS",
                "offset 3/4 in | OFFSET",
                "offset joint | OFFSET",
                "step up, catching | OFFSET",
                "gap at the joint | GAP",
                "open joint | GAP",
                "hairline | CRACK",
                "cracked at the bottom | CRACK",
                "broken pipe | BREAK",
                "missing piece right | BREAK",
                "hole, soil showing | HOLE",
                "squashed | DEFORMATION",
                "scale all round | SCALE",
                "gravel | DEBRIS",
                "grease a third | GREASE",
                "wipes on the root | WIPES",
                "blocked | BLOCKAGE",
                "standing water 26-33 | STANDING_WATER",
                "belly | STANDING_WATER",
                "camera under water | UNDER_WATER",
                "clay to pvc | MATERIAL_CHANGE",
                "4 in to 6 in | SIZE_CHANGE",
                "coupling | COUPLING",
                "elbow | BEND",
                "tie-in left | TIE_IN",
                "branch on the right | TIE_IN",
                "buried cleanout | OPENING",
                "property line | BOUNDARY",
                "main connection | MAIN_CONNECTION",
                "that is the main | MAIN_CONNECTION",
                "can't get past the bend | LIMIT",
                "the householder says hello | REMARK",
                "debris at a tie-in | DEBRIS",
                "rootless | REMARK"
            })
    void knowsKinds(String note, FindingKind kind) {
        assertThat(read(note).kind()).isEqualTo(kind);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "roots top | 12 | 12", "roots at 3 o'clock | 3 | 3", "roots from 10 to 2 o'clock | 10 | 2",
                "crack left side | 9 | 9", "debris on the bottom | 6 | 6", "tie-in on the right | 3 | 3",
                "roots 11-1 o'clock | 11 | 1", "hole at 5 oclock | 5 | 5"
            })
    void knowsClockPositions(String note, int from, int to) {
        assertThat(read(note).traits().clock()).contains(ClockPosition.arc(from, to));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "offset 3/4 in | 19",
                "offset 3/4 | 19",
                "offset 1 1/2 in | 38",
                "gap 0.5 inch | 13",
                "offset 20 mm | 20",
                "gap 2 cm | 20",
                "crack 4\" | 102"
            })
    void knowsSizes(String note, long mm) {
        assertThat(read(note).traits().size()).contains(new Distance(mm));
        assertThat(read(note).place()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "roots 30% | 30",
                "roots 55 percent of the bore | 55",
                "roots a third of the bore | 33",
                "grease half the pipe | 50",
                "roots a quarter | 25",
                "blocked two thirds of the bore | 67",
                "roots three quarters of the pipe | 75"
            })
    void knowsShares(String note, int share) {
        assertThat(read(note).traits().share()).contains(share);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "standing water 26-33 | 26 | 33", "standing water from 33 to 26 ft | 26 | 33",
                        "sag 10.5 to 12 | 10.5 | 12",
                "roots at 14 | 14 | 14", "roots 14.2 ft | 14.2 | 14.2", "scale between 3 and 9 feet | 3 | 9",
                "roots at 5' 6\" | 5.5 | 5.5"
            })
    void knowsPlaces(String note, double from, double to) {
        assertThat(read(note).place()).contains(new Draft.Place(Distance.feet(from), Distance.feet(to)));
    }

    @Test
    void readsUnitsOfTheJob() {
        Draft draft = new TradeNoteReader()
                .read("standing water 2.5-4", LengthUnit.METRES)
                .first();
        assertThat(draft.place()).contains(new Draft.Place(new Distance(2500), new Distance(4000)));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"METRES | at 2.50 m", "FEET | at 2.5 ft", "FEET_INCHES | at 2 ft 6 in"})
    void chipsShowTheUnitOfTheJob(LengthUnit unit, String label) {
        assertThat(new TradeNoteReader().read("roots at 2.5", unit).chips())
                .extracting(Chip::label)
                .contains(label);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"take a picture of this | PHOTO", "zero at the base | ZERO"})
    void knowsActs(String note, Act act) {
        assertThat(read(note).matter()).isEqualTo(act);
        assertThat(read(note).kind()).as("kept, it is a remark").isEqualTo(FindingKind.REMARK);
    }

    @Test
    void aPromiseIsKept() {
        assertThat(read("come back to that").kind()).isEqualTo(FindingKind.PROMISE);
    }

    @Test
    void aPictureThatIsOnlySpokenOfIsNoWish() {
        assertThat(new TradeNoteReader()
                        .hear("The picture is upside down.", LengthUnit.FEET, java.util.Optional.empty())
                        .drafts())
                .isEmpty();
    }

    @Test
    void knowsDepthsAndAngles() {
        assertThat(read("locate 5'2\" at 33").traits().depth()).contains(Distance.inches(62));
        assertThat(read("locate 3 ft, stake by the gate").traits().depth()).contains(Distance.feet(3));
        assertThat(read("locate 3 ft, stake by the gate").place()).isEmpty();
        assertThat(read("locate 33 ft").traits().depth()).isEmpty();
        assertThat(read("locate 28 ft, 5 ft 2 in deep").traits().depth()).contains(Distance.inches(62));
        assertThat(read("45 degree bend at 9").traits().angle()).contains(45);
        assertThat(read("belly from 40, 8 feet long").place())
                .contains(new Draft.Place(Distance.feet(40), Distance.feet(48)));
    }

    @Test
    void aLaterSentenceFillsInAndTakesBack() {
        TradeNoteReader reader = new TradeNoteReader();
        Draft roots = reader.read("roots at 22", LengthUnit.FEET).first();
        Draft more = reader.goOn("That's at the top, about a third of the pipe.", LengthUnit.FEET, roots);
        assertThat(more.traits().clock()).contains(ClockPosition.at(12));
        assertThat(more.traits().share()).contains(33);
        assertThat(reader.goOn("Sorry, that's 32.", LengthUnit.FEET, roots).place())
                .contains(new Draft.Place(Distance.feet(32), Distance.feet(32)));
        assertThat(reader.goOn("The weather is fine.", LengthUnit.FEET, roots)).isEqualTo(roots);
    }

    @Test
    void knowsChangesOfPipe() {
        Draft draft = read("4 in clay to 6 in pvc");
        assertThat(draft.traits().before().material()).contains(Material.CLAY);
        assertThat(draft.traits().before().size().orElseThrow().inInches()).isEqualTo(4);
        assertThat(draft.traits().after().material()).contains(Material.PVC);
        assertThat(draft.traits().after().size().orElseThrow().inInches()).isEqualTo(6);
        assertThat(draft.place()).isEmpty();
        assertThat(read("cast iron to clay").traits().before().material()).contains(Material.CAST_IRON);
    }

    @Test
    void knowsDegrees() {
        assertThat(read("roots top heavy").traits().degree()).contains(Degree.HEAVY);
        assertThat(read("slight scale").traits().degree()).contains(Degree.LIGHT);
        assertThat(read("moderate grease").traits().degree()).contains(Degree.MEDIUM);
    }

    @Test
    void keepsWhatItDoesNotUnderstand() {
        assertThat(read("roots top, likely from the willow").remark()).isEqualTo("likely from the willow");
        assertThat(read("ask Meg about this").remark()).isEqualTo("ask Meg about this");
    }

    @Test
    void impossibleFiguresStayText() {
        assertThat(read("roots 130%").traits().share()).isEmpty();
        assertThat(read("roots 130%").remark()).contains("130%");
        assertThat(read("offset 3/0 in").traits().size()).isEmpty();
        assertThat(read("roots at 14 o'clock").traits().clock()).isEmpty();
    }

    @Test
    void aTypedPlaceRunsAlongTheRun() {
        Finding up = Sample.finding(Sample.job(), Sample.UP, 10, "standing water 4-9");
        assertThat(up.typed())
                .contains(Extent.between(
                        new Station(-Distance.feet(4).mm()),
                        new Station(-Distance.feet(9).mm())));
        assertThat(Sample.finding(Sample.job(), Sample.YARD, 1, "roots at 4 ft").typed())
                .isEmpty();
    }

    @Property
    void nothingTypedIsDropped(@ForAll("notes") String note) {
        Note draft = whole(note);
        StringBuilder left = new StringBuilder(note);
        draft.chips().forEach(c -> {
            for (int i = c.start(); i < c.end(); i++) {
                left.setCharAt(i, ' ');
            }
        });
        // What a chip took may stand in the text too, where it says more than the chip.
        assertThat(letters(draft.remark())).matches(inOrder(letters(left.toString())));
        assertThat(draft.wording()).isEqualTo(note);
    }

    private static Pattern inOrder(String letters) {
        String any = ".*";
        return Pattern.compile(
                letters.codePoints()
                        .mapToObj(c -> Pattern.quote(Character.toString(c)))
                        .collect(Collectors.joining(any, any, any)),
                Pattern.DOTALL);
    }

    /** The text without the white space and the commas that closing its gaps may change. */
    private static String letters(String text) {
        return text.codePoints()
                .filter(c -> !Character.isWhitespace(c) && ",;.:".indexOf(c) < 0)
                .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
                .toString();
    }

    @Property
    void chipsNeverOverlap(@ForAll("notes") String note) {
        int end = 0;
        for (Chip chip : whole(note).chips()) {
            assertThat(chip.start()).isGreaterThanOrEqualTo(end);
            assertThat(chip.end()).isGreaterThan(chip.start()).isLessThanOrEqualTo(note.length());
            end = chip.end();
        }
    }

    @Provide
    Arbitrary<String> notes() {
        Arbitrary<String> trade = Arbitraries.of(
                "roots",
                "offset",
                "3/4 in",
                "26-33",
                "at 14.2",
                "clay to pvc",
                "top",
                "10 to 2 o'clock",
                "30%",
                "a third",
                "heavy",
                "standing water",
                "willow",
                "4 in",
                "6 in pvc",
                "to",
                "-",
                ",",
                "9 ft",
                "5' 6\"",
                "İstanbul",
                "½");
        Arbitrary<String> noise = Arbitraries.strings().ofMaxLength(6);
        return Arbitraries.frequencyOf(net.jqwik.api.Tuple.of(5, trade), net.jqwik.api.Tuple.of(1, noise))
                .list()
                .ofMaxSize(9)
                .map(l -> String.join(" ", l));
    }

    @Test
    void wordsThatOnlyLeadToWhatWasUsedAreNotLeftOver() {
        var draft = new TradeNoteReader()
                .read("cleaned 0-38 with a 3 in cutter", LengthUnit.FEET)
                .first();
        assertThat(draft.remark()).isEmpty();
    }
}
