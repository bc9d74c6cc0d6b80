package hitch.core.note.grammar;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.detail.Detail;
import hitch.core.finding.FindingKind;
import hitch.core.measure.LengthUnit;
import hitch.core.note.Draft;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What of the wall was not seen, where, and why: it is told of the part that stayed hidden, never of the one that was seen. */
class PartSeenTest {
    private static List<Draft> read(String note) {
        return new TradeNoteReader().read(note, LengthUnit.FEET).drafts();
    }

    private static Draft part(String note) {
        return read(note).stream()
                .filter(d -> d.matter() == FindingKind.PART_SEEN)
                .findFirst()
                .orElseThrow(() -> new AssertionError(note + ": " + read(note)));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "only the lower half of the pipe at 20 | at the top | 50",
                "only saw the bottom third of the wall at 20 | at the top | 33",
                "saw the upper third only at 20 | at the bottom | 33",
                "only the left half was visible at 20 | on the right | 50",
                "only the right quarter seen at 20 | on the left | 25",
            })
    void whatWasNotSeenIsOppositeToWhatWas(String note, String hidden, int share) {
        Draft part = part(note);
        assertThat(part.traits().clock())
                .hasValueSatisfying(c -> assertThat(c.words()).isEqualTo(hidden));
        assertThat(part.traits().details().get(Detail.SEEN_SHARE)).contains(share);
        assertThat(part.place()).isPresent();
    }

    @ParameterizedTest
    @CsvSource({
        "only a third of the pipe at 20 because of the suds, 33",
        "only 40% of the wall at 20, 40",
        "only half the pipe at 20, 50"
    })
    void whereNobodySaysWhichPartItIsOfNone(String note, int share) {
        assertThat(part(note).traits().clock()).isEmpty();
        assertThat(part(note).traits().details().get(Detail.SEEN_SHARE)).contains(share);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "right side only seen from 10 to 20 | on the left",
                "left only visible at 20 | on the right",
                "at 20 the invert is hidden by foam | at the bottom",
                "debris hides the bottom at 30 | at the bottom",
                "crown was out of view at 25 | at the top",
                "water covering the bottom at 15 | at the bottom",
            })
    void aPartThatWasHiddenIsNamed(String note, String hidden) {
        assertThat(part(note).traits().clock().map(c -> c.words())).isEqualTo(Optional.of(hidden));
    }

    @ParameterizedTest
    @CsvSource({
        "at 20 the invert is hidden by foam, foam",
        "debris hides the bottom at 30, debris",
        "water covering the bottom at 15, standing water",
        "only a third of the pipe at 20 because of the suds, suds"
    })
    void whatHidItIsTold(String note, String cause) {
        assertThat(part(note).traits().details().texts()).containsEntry("cause", cause);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "lens is fogged up at 12",
                "picture went dark at 12",
                "there is mud on the lens at 12",
                "can't vouch for 12 to 30",
                "too much steam to see at 12"
            })
    void whereNothingCouldBeMadeOutAllOfItIsLeftOpen(String note) {
        Draft part = part(note);
        assertThat(part.traits().clock()).isEmpty();
        assertThat(part.place()).isPresent();
        assertThat(read(note)).noneMatch(d -> d.matter() == FindingKind.DEBRIS || d.matter() == FindingKind.LIMIT);
    }

    @ParameterizedTest
    @ValueSource(strings = {"only got under water at 20", "camera went under at 20", "the lens is under at 20"})
    void aLensThatIsUnderIsUnderWater(String note) {
        assertThat(read(note)).extracting(Draft::matter).containsExactly(FindingKind.UNDER_WATER);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "roots at the bottom at 20",
                "standing water at 20, a quarter of the pipe",
                "head is under the slab at 20",
                "half the pipe is roots at 20"
            })
    void whatLiesInThePipeOrAboveItHidesNothing(String note) {
        assertThat(read(note)).noneMatch(d -> d.matter() == FindingKind.PART_SEEN);
    }
}
