package hitch.core.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.measure.LengthUnit;
import hitch.core.note.grammar.TradeNoteReader;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DraftKeysTest {
    private final TradeNoteReader reader = new TradeNoteReader();

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "roots left at 12.5|kind=roots; station=12.5; side=left",
                "roots 10 to 2 o'clock at 12.5|kind=roots; station=12.5; clock=10-2",
                "maybe a crack at 9 o'clock 31.2|kind=crack; station=31.2; clock=9; how_sure=possible",
                "standing water 26-31|kind=standing water; station=26; to=31",
                "offset 3/4 in at 40|kind=offset; station=40; size=0.75 in",
                "clay to pvc at 18|kind=material change; station=18; from_material=clay; material=plastic",
                "size change 4 in to 6 in at 18|kind=size change; station=18; size=4 in to 6 in",
                "main connection at 90|kind=main; station=90",
                "grease 30% all round at 8|kind=grease; station=8; side=all around; share=30"
            })
    void aDraftIsWrittenAsKeysAndValues(String phrase, String keys) {
        assertThat(DraftKeys.write(reader.read(phrase, LengthUnit.FEET).drafts())
                        .replace(" | ", " / "))
                .isEqualTo(keys);
    }
}
