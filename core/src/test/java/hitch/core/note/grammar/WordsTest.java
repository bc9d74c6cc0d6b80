package hitch.core.note.grammar;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.finding.FindingKind;
import hitch.core.measure.LengthUnit;
import hitch.core.note.Draft;
import hitch.core.pipe.Material;
import hitch.core.pipe.Wall;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
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

class WordsTest {
    private static Draft read(String note) {
        return new TradeNoteReader().read(note, LengthUnit.FEET).first();
    }

    static Stream<Arguments> kinds() {
        return Words.shipped().phrases().entrySet().stream()
                .filter(e -> e.getValue() instanceof Meaning.Thing t
                        && !t.weak()
                        && t.kind().family() != FindingKind.Family.TOLD
                        && t.kind().family() != FindingKind.Family.LIMIT)
                .map(e -> Arguments.of(e.getKey(), ((Meaning.Thing) e.getValue()).kind()));
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void everyPhraseTypedIsItsKindAndStaysWholeOrGoesWhole(String phrase, FindingKind kind) {
        assertThat(read(phrase).kind()).as(phrase).isEqualTo(kind);
        assertThat(read(phrase).remark()).isIn("", phrase);
        assertThat(read(phrase.toUpperCase(Locale.ROOT)).kind()).isEqualTo(kind);
    }

    @Test
    void everyMaterialAndEveryKindThatIsNoMatterOfTheWordsAboutItHasAWord() {
        List<Meaning> meanings = List.copyOf(Words.shipped().phrases().values());
        assertThat(Arrays.stream(Material.values()).map(Meaning.MadeOf::new)).allMatch(meanings::contains);
        List<FindingKind> named = meanings.stream()
                .filter(m -> m instanceof Meaning.Thing)
                .map(m -> ((Meaning.Thing) m).kind())
                .distinct()
                .toList();
        assertThat(FindingKind.values())
                .filteredOn(k -> !named.contains(k))
                .containsExactly(
                        FindingKind.PART_SEEN,
                        FindingKind.EQUIPMENT,
                        FindingKind.SURFACE,
                        FindingKind.CLEANED,
                        FindingKind.SYMPTOM,
                        FindingKind.PROMISE,
                        FindingKind.VERDICT,
                        FindingKind.ADVICE,
                        FindingKind.REMARK);
    }

    @Property
    void everyChangeOfMaterialIsRead(@ForAll("materials") String before, @ForAll("materials") String after) {
        Draft draft = read(before + " to " + after);
        if (wall(before) == wall(after)) {
            return;
        }
        assertThat(draft.kind()).isEqualTo(FindingKind.MATERIAL_CHANGE);
        assertThat(draft.traits().before().wall()).contains(wall(before));
        assertThat(draft.traits().after().wall()).contains(wall(after));
        assertThat(draft.remark()).isEmpty();
    }

    @Test
    void theFirmsOwnWordsAreKnown() {
        TradeNoteReader reader =
                new TradeNoteReader(Map.of("beaver dam", FindingKind.BLOCKAGE, "root", FindingKind.DEBRIS));
        assertThat(reader.read("beaver dam at 31", LengthUnit.FEET).first().kind())
                .isEqualTo(FindingKind.BLOCKAGE);
        assertThat(reader.read("root at 31", LengthUnit.FEET).first().kind()).isEqualTo(FindingKind.DEBRIS);
        assertThat(reader.completions("beav")).containsExactly("beaver dam");
    }

    @Test
    void ordinaryWordsAreNotTakenForTradeWords() {
        NearWords near = new NearWords(java.util.Set.of("roots", "crack", "offset"), java.util.Set.of("roots"));
        assertThat(near.to("rotos")).contains("roots");
        assertThat(near.to("ofset")).contains("offset");
        assertThat(near.to("offzet")).contains("offset");
        assertThat(near.to("boots")).isEmpty();
        assertThat(near.to("track")).isEmpty();
        assertThat(near.to("roots")).isEmpty();
    }

    private static Wall wall(String phrase) {
        return ((Meaning.MadeOf) Words.shipped().phrases().get(phrase)).wall();
    }

    @Provide
    Arbitrary<String> materials() {
        return Arbitraries.of(Words.shipped().phrases().entrySet().stream()
                .filter(e -> e.getValue() instanceof Meaning.MadeOf)
                .map(Map.Entry::getKey)
                .sorted()
                .toList());
    }
}
