package hitch.core.pipe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hitch.core.rules.HouseRules;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PipeTest {
    private static final Pipe IRON = Pipe.of(Material.CAST_IRON, PipeSize.inches(4));

    @ParameterizedTest
    @CsvSource({"4, 4 in", "1.5, 1 1/2 in", "1.25, 1 1/4 in", "12, 12 in", "3.94, 4 in"})
    void aBoreIsShownAsItIsNamed(double inches, String words) {
        assertThat(PipeSize.inches(inches).show()).isEqualTo(words);
        assertThat(PipeSize.inches(PipeSize.inches(inches).inInches()).show()).isEqualTo(words);
    }

    @Test
    void whatIsNoDrainIsRefused() {
        assertThatThrownBy(() -> PipeSize.inches(0.2)).hasMessageContaining("not a drain");
        assertThatThrownBy(() -> PipeSize.inches(300)).hasMessageContaining("not a drain");
        assertThatThrownBy(() -> IRON.withLaid(Optional.of(19))).hasMessageContaining("the year 19");
    }

    @Test
    void wordsNameWhatIsKnownAndNoMore() {
        assertThat(Pipe.UNKNOWN.words()).isEmpty();
        assertThat(IRON.words()).isEqualTo("4 in cast iron");
        assertThat(IRON.withLining(Optional.of(Lining.COATING))
                        .withLaid(Optional.of(1962))
                        .words())
                .isEqualTo("4 in cast iron, coated, laid 1962");
        assertThat(Pipe.of(Lining.LINER).words()).isEqualTo("lined");
    }

    @Test
    void theInsideShowsTheLiningBeforeTheMaterial() {
        assertThat(IRON.wall()).contains(Material.CAST_IRON);
        assertThat(IRON.withLining(Optional.of(Lining.LINER)).wall()).contains(Lining.LINER);
        assertThat(Pipe.UNKNOWN.wall()).isEmpty();
    }

    @Test
    void twoPipesClashOnlyWhereBothKnow() {
        assertThat(IRON.clashes(Pipe.UNKNOWN)).isFalse();
        assertThat(IRON.clashes(Pipe.of(Material.CLAY))).isTrue();
        assertThat(IRON.clashes(Pipe.of(PipeSize.inches(6)))).isTrue();
        assertThat(IRON.clashes(Pipe.of(Lining.LINER))).isFalse();
        assertThat(IRON.or(Pipe.of(Lining.LINER)).words()).isEqualTo("4 in cast iron, lined");
    }

    @Test
    void ageMakesWeakAndAnUnknownYearCountsAsOld() {
        var care = HouseRules.DEFAULT.care();
        assertThat(care.isWeak(IRON, Optional.of(2026))).isTrue();
        assertThat(care.isWeak(IRON.withLaid(Optional.of(2010)), Optional.of(2026)))
                .isFalse();
        assertThat(care.isWeak(IRON.withLaid(Optional.of(1960)), Optional.of(2026)))
                .isTrue();
        assertThat(care.isWeak(IRON.withLaid(Optional.of(2010)), Optional.empty()))
                .isTrue();
        assertThat(care.isWeak(IRON.withLining(Optional.of(Lining.LINER)), Optional.of(2026)))
                .isFalse();
        assertThat(care.isWeak(Pipe.of(Material.PVC), Optional.of(2026))).isFalse();
    }
}
