package hitch.core.disclosure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class NamesFearedTest {
    private final NamesFeared fears = new NamesFeared(List.of("7 Teasel Lane", "Marrow Bridge", "Orme Drains"));

    @ParameterizedTest
    @CsvSource({
        "roots heavy by Ada's old oak, Ada",
        "Mrs. Quill says it backs up, Quill",
        "maria says the tub gurgles, maria",
        "offset where Tom Ashe dug last year, Tom Ashe",
        "Tom Ashe dug here, Tom Ashe",
        "bad joint; belongs to Mr Lund next door, Lund",
        "the crack that Élodie noticed, Élodie",
        "call Bo first. then look at Ferris and Bo, Bo+Ferris",
        "O'Dell told us it was cut, O'Dell"
    })
    void findsWhatMayBeAName(String text, String names) {
        assertThat(fears.in(text))
                .containsExactlyElementsOf(Stream.of(names.split("\\+")).toList());
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Roots heavy from the top, a third of the bore",
                "PVC to ABS coupling at the wall",
                "main is under Alder Street, flowing North",
                "Owner says it backs up. Neighbour said the same in March.",
                "at Teasel Lane the line bends",
                "the map says six inch",
                "cleaned by Orme Drains in October",
                "Orangeburg pipe, deformed",
                "offset, then it was called a break"
            })
    void leavesTheRestAlone(String text) {
        assertThat(fears.in(text)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"'owner, Jo Park', Jo Park", "'Ida, the plumber', Ida"})
    void aListOfPeopleBeginsWithoutACapitalOfItsOwn(String text, String name) {
        assertThat(fears.in(text, false)).containsExactly(name);
    }
}
