package hitch.core.talk.like;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Words bare of what does not tell what they are of. */
class PlainTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Fine ROOTS, hanging down! | fine roots hanging down",
                "uh, okay, a crack | a crack",
                "It\u2019s gone | it's gone",
                "two or three of 'em | 0 or 0 of 'em",
                "Thirty-four feet, there's a bite out of it | there's a bite out of it",
                "and now at about 27 and a half feet grease | grease",
                "Twelve. Roots. | roots",
                "forty one | 0",
                "it's, uh, it's the, the kitchen | it's the kitchen",
                "and there's, and there's a, um, a crack | and there's a crack",
                "roots, roots, roots | roots",
                "the bottom of the pipe | the bottom of the pipe",
                "Nine feet | 0 feet",
                "one of these | one of these",
                "a dozen of them at 12 feet | a dozen of them at 0 feet"
            })
    void whatDoesNotTellIsLeftOut(String said, String plain) {
        assertThat(Plain.of(said)).isEqualTo(plain);
    }

    @Test
    void wordsAndPairsOfThemTellWithoutTheirEndings() {
        assertThat(Plain.features("roots hanging")).containsExactlyInAnyOrder("root", "hang", "root hang");
    }

    @Property(tries = 300)
    void whatIsPlainStaysAsItIs(@ForAll String text) {
        String plain = Plain.of(text);
        assertThat(plain).matches("[a-z0-9' ]*").doesNotContain("  ");
    }
}
