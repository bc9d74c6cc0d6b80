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
                "1/8 in | an eighth of an inch",
                "1/2 in | half an inch",
                "a 3/4 in step | a three quarter inch step",
                "a 1/2 in gap | a half inch gap",
                "2 1/4 in deep | two and a quarter inches deep",
                "3 in of water | three inches of water",
                "1 in | one inch",
                "a 6 in pipe | a six inch pipe",
                "7 ft 4 in below the mark | seven feet four inches below the mark",
                "1 ft 1 in | one foot one inch",
                "1.00 m | one metre",
                "9.57 m | nine point five seven metres",
                "4.05 m | four point zero five metres",
                "100 mm clay | one hundred millimetres clay",
                "1,200 ft | one thousand two hundred feet",
                "$900 to $1,400 | nine hundred to one thousand four hundred dollars",
                "$12,000 | twelve thousand dollars",
                "built in 1951 | built in nineteen fifty one",
                "since 2005 | since two thousand five",
                "before 1900 | before nineteen hundred",
                "in 2024 | in twenty twenty four",
                "417 Alder St. | four seventeen Alder Street",
                "1420 Kestrel Ave, Wendle | fourteen twenty Kestrel Avenue, Wendle",
                "7 Teasel Lane | seven Teasel Lane",
                "105 Sorrel Row | one O five Sorrel Row",
                "2000 Birch Dr | two thousand Birch Drive",
                "1200 Birch Blvd | twelve hundred Birch Boulevard",
                "the 3rd joint | the third joint",
                "approx. 20 ft | about twenty feet",
                "roots & wipes | roots and wipes",
                "the bottom, 26-31 ft | the bottom, twenty six to thirty one feet",
                "permit 20240131001.2 | permit two zero two four zero one three one zero zero one point two",
                "0071 | zero zero seven one",
                "12345678 | one two three four five six seven eight",
                "1.5 ft | one point five feet",
                "20.0 ft | twenty feet",
                "26.4 to 33.8 ft | twenty six point four to thirty three point eight feet",
                "Offset, 3/4 in. | Offset, three quarters of an inch.",
                "Gap, 1 1/2 in | Gap, one and a half inches",
                "4 in clay to 6 in PVC | four inch clay to six inch P V C",
                "55 % of the bore | fifty five percent of the bore",
                "from 10 to 2 o'clock | from ten to two o clock",
                "120 ft | one hundred twenty feet",
                "2026-09-14 | September fourteenth, twenty twenty six",
                "Tie-in | Tie in",
                "3.2 m | three point two metres",
                "seen in clay | seen in clay"
            })
    void spellsOutFiguresAndUnits(String written, String spoken) {
        assertThat(SpokenForm.of(written)).isEqualTo(spoken);
    }

    /** Every tenth of a foot to 200 ft, in the words of a table of its own. */
    @Test
    void everyTenthOfAFootIsSaidAsItIsWritten() {
        String[] ones =
                "zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen"
                        .split(" ");
        String[] tens = ", ,twenty,thirty,forty,fifty,sixty,seventy,eighty,ninety".split(",");
        for (int tenth = 0; tenth <= 2000; tenth++) {
            int whole = tenth / 10;
            int rest = whole % 100;
            String said = (whole >= 100 ? ones[whole / 100] + " hundred" : "")
                    + (rest == 0 && whole > 0 && whole >= 100
                            ? ""
                            : (whole >= 100 ? " " : "")
                                    + (rest < 20
                                            ? ones[rest]
                                            : tens[rest / 10] + (rest % 10 == 0 ? "" : " " + ones[rest % 10])))
                    + (tenth % 10 == 0 ? "" : " point " + ones[tenth % 10])
                    + (tenth == 10 ? " foot" : " feet");
            assertThat(SpokenForm.of("At " + whole + "." + tenth % 10 + " ft, roots."))
                    .isEqualTo("At " + said + ", roots.");
        }
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
