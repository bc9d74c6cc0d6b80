package hitch.bench;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.bench.VoiceTable.Aligned;
import hitch.core.story.SpokenForm;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Heard sentences as the recogniser writes them, with how many of their words and of their figures were heard wrongly. */
class VoiceTableTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "0 | 0 | At 36.5 ft, on the left, is a crack. | At 36.5 feet on the left is a crack.",
                "0 | 0 | It was recorded on February 9, 2026. | It was recorded on February 9th, 2026.",
                "2 | 0 | Your line at 1420 Linnet Drive. | Your line at 1420-12.",
                "1 | 0 | Your line at 1420 Linnet Drive. | Your line at 1420-linet drive.",
                "1 | 0 | Your line at 317 Kestrel Ave. | Your line at 317 Castro Avenue.",
                "1 | 1 | Roots at 14 ft. | Roots at 40 feet.",
                "1 | 1 | A crack on the left. | A crack on the right.",
                "1 | 1 | At 3 o'clock, a hole. | At 4 o'clock, a hole.",
            })
    void figuresAreComparedAsTheyAreSpoken(int wrong, int figures, String written, String heard) {
        Aligned aligned = Aligned.best(VoiceTable.words(SpokenForm.of(written)), heard);
        assertThat(aligned.errors()).isEqualTo(wrong);
        assertThat(aligned.missed(VoiceTable.FIGURES)).isEqualTo(figures);
    }
}
