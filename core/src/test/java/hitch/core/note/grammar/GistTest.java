package hitch.core.note.grammar;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.regex.Pattern;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class GistTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "\\broots?\\b; the rain; false",
                "\\broots?\\b; a root; true",
                "(?:the )?(?:owner|tenant) says; owner said; false",
                "(?:the )?(?:owner|tenant) says; tenant says; true",
                "(?<!not )wet|dry; wet; true",
                "(?<!not )wet|dry; nothing; false",
                "[a-z]+ (?:in|out); zzz; false",
                "no+ne; noone; true",
                "x{0,2}; zzz; true",
                "colou?r; color; true",
                "a|; zzz; true",
                "(?i:Wall); wall; true"
            })
    void tellsWhatCannotBeThere(String pattern, String text, boolean may) {
        assertThat(Gist.of(Pattern.compile(pattern)).mayBeIn(text)).isEqualTo(may);
    }

    /** Patterns of a few letters, put together every way. */
    @Provide
    Arbitrary<String> patterns() {
        Arbitrary<String> leaf =
                Arbitraries.of("ab", "ba", "c", "[ab]", ".", "\\w", "\\b", "abc", " ", "a+", "b?", "[^c]");
        return grown(grown(leaf));
    }

    private static Arbitrary<String> grown(Arbitrary<String> small) {
        Arbitrary<List<String>> some = small.list().ofMinSize(2).ofMaxSize(3);
        return Arbitraries.oneOf(List.of(
                small,
                some.map(l -> String.join("", l)),
                some.map(l -> "(?:" + String.join("|", l) + ")"),
                some.map(l -> l.get(0) + "(" + l.get(1) + ")?"),
                some.map(l -> "(?:" + l.get(0) + ")*" + l.get(1)),
                small.map(p -> "(?:" + p + "){1,2}"),
                small.map(p -> "(?!" + p + ")")));
    }

    @Property(tries = 3000)
    void neverSaysNoWhereThePatternIsFound(@ForAll("patterns") String pattern, @ForAll("texts") List<String> texts) {
        Pattern compiled = Pattern.compile(pattern);
        for (String text : texts) {
            assertThat(!compiled.matcher(text).find() || Gist.of(compiled).mayBeIn(text))
                    .as(pattern + " in " + text)
                    .isTrue();
        }
    }

    @Provide
    Arbitrary<List<String>> texts() {
        return Arbitraries.strings().withChars("abc ").ofMaxLength(9).list().ofSize(6);
    }
}
