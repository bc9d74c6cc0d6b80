package hitch.core.story;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SpokenFormTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "18.2 ft toward the main | eighteen point two feet toward the main",
                "1.0 ft | one foot",
                "31.1 ft | thirty one point one feet",
                "21 ft | twenty one feet",
                "1/8 in | an eighth inch",
                "permit 20240131001.2 | permit two zero two four zero one three one zero zero one point two",
                "0071 | zero zero seven one",
                "12345678 | one two three four five six seven eight",
                "1.5 ft | one point five feet",
                "20.0 ft | twenty feet",
                "26.4 to 33.8 ft | twenty six point four to thirty three point eight feet",
                "Offset, 3/4 in. | Offset, three quarters inch.",
                "Gap, 1 1/2 in | Gap, one and a half inch",
                "4 in clay to 6 in PVC | four inch clay to six inch P V C",
                "55 % of the bore | fifty five percent of the bore",
                "from 10 to 2 o'clock | from ten to two o clock",
                "120 ft | one hundred twenty feet",
                "2026-09-14 | September fourteen",
                "Tie-in | Tie in",
                "3.2 m | three point two metres",
                "seen in clay | seen in clay"
            })
    void spellsOutFiguresAndUnits(String written, String spoken) {
        assertThat(SpokenForm.of(written)).isEqualTo(spoken);
    }

    @Property
    void spellsAnyText(@ForAll String any, @ForAll @IntRange(min = 1) int number) {
        String text = any + " " + number + number + "." + number + "/8 in " + any;
        assertThat(SpokenForm.of(text)).doesNotContainPattern("[0-9]");
    }

    @Property
    void leavesNoFigures(@ForAll @IntRange(max = 999_999) int n, @ForAll @IntRange(max = 99) int part) {
        assertThat(SpokenForm.of(n + "." + part + " ft and " + n)).doesNotContainPattern("\\d");
    }

    @ParameterizedTest
    @CsvSource({
        "12 St. Agnes Way holds it. Next.,2",
        "At 4 Elm Ave. Roots.,1",
        "By J. Smith. Then on.,2",
        "It is 3 in. Then on.,2"
    })
    void aShortenedWordEndsNoSentence(String text, int sentences) {
        assertThat(Sentences.of(text)).hasSize(sentences);
    }

    @Test
    void splitsSentencesButNotFigures() {
        assertThat(Sentences.of("18.2 ft on. Roots, 3.5 in.  Look again! Really?"))
                .containsExactly("18.2 ft on.", "Roots, 3.5 in.", "Look again!", "Really?");
        assertThat(Sentences.of("  ")).isEmpty();
        assertThat(Sentences.of("It reads. 7 ft further on.")).hasSize(2);
    }
}
