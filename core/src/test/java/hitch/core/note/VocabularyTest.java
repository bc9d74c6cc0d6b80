package hitch.core.note;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.counter.LengthUnit;
import hitch.core.finding.FindingKind;
import hitch.core.line.Material;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

class VocabularyTest {
    private static Draft read(String note) {
        return new PlainNoteReader().read(note, LengthUnit.FEET);
    }

    static Stream<Arguments> kinds() {
        return Vocabulary.KINDS.stream().map(w -> Arguments.of(w.phrase(), w.meaning()));
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void everyPhraseIsReadAsItsKindWithNothingLeft(String phrase, FindingKind kind) {
        assertThat(read(phrase).kind()).isEqualTo(kind);
        assertThat(read(phrase).remark()).isEmpty();
        assertThat(read(phrase.toUpperCase(Locale.ROOT)).kind()).isEqualTo(kind);
    }

    @Test
    void aPhraseHasOneMeaning() {
        assertThat(Vocabulary.KINDS.stream().map(Vocabulary.Word::phrase)).doesNotHaveDuplicates();
        assertThat(Vocabulary.MATERIALS.stream().map(Vocabulary.Word::phrase)).doesNotHaveDuplicates();
    }

    @Test
    void everyMaterialAndEveryKindButARemarkHasAWord() {
        assertThat(Vocabulary.MATERIALS.stream().map(Vocabulary.Word::meaning)).contains(Material.values());
        List<FindingKind> named = Vocabulary.KINDS.stream()
                .map(Vocabulary.Word::meaning)
                .distinct()
                .toList();
        assertThat(FindingKind.values()).filteredOn(k -> !named.contains(k)).containsExactly(FindingKind.REMARK);
    }

    @Property
    void everyChangeOfMaterialIsRead(@ForAll("materials") String before, @ForAll("materials") String after) {
        Draft draft = read(before + " to " + after);
        assertThat(draft.kind()).isEqualTo(FindingKind.MATERIAL_CHANGE);
        assertThat(draft.traits().before().material()).contains(meaning(before));
        assertThat(draft.traits().after().material()).contains(meaning(after));
        assertThat(draft.remark()).isEmpty();
    }

    private static Material meaning(String phrase) {
        return Vocabulary.MATERIALS.stream()
                .filter(w -> w.phrase().equals(phrase))
                .findFirst()
                .orElseThrow()
                .meaning();
    }

    @Provide
    Arbitrary<String> materials() {
        return Arbitraries.of(
                Vocabulary.MATERIALS.stream().map(Vocabulary.Word::phrase).toList());
    }
}
