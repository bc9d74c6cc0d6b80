package hitch.core.disclosure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NoNamesTest {
    @ParameterizedTest
    @CsvSource(
            quoteCharacter = '"',
            value = {
                "Ada Quill, roots by Ada Quill's oak, roots by (name) oak",
                "Ada Quill, QUILL said so, (name) said so",
                "Ada Quill, the quilled edge of an Adage, the quilled edge of an Adage",
                "Ada Quill, clips/quill-street.mp4, clips/(name)-street.mp4",
                "Mrs. Ida Moss and family, moss on the wall of the family room, (name) on the wall of the family room",
                "Jo Ek, Jo Ek was there, (name) was there",
                "Jo Ek, so jolly, so jolly",
                "Élodie Brânză, chez élodie, chez (name)",
                "C++ & Co. (Drains), paid by C++ & Co. (Drains), paid by (name)",
                "Ada Quill, nothing of hers, nothing of hers"
            })
    void takesOutTheNameAndNothingElse(String client, String text, String told) {
        assertThat(new NoNames(List.of(client)).in(text)).isEqualTo(told);
    }
}
