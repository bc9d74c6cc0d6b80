package hitch.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.StringLength;
import org.junit.jupiter.api.Test;

class FileNamesTest {
    @Property
    void anyTextGivesANameThatAnyMachineCanWrite(@ForAll @StringLength(max = 140) String text) {
        String name = FileNames.safe(text, StandardCharsets.US_ASCII);
        assertThat(StandardCharsets.US_ASCII.newEncoder().canEncode(name)).isTrue();
        assertThat(name).isNotBlank().hasSizeLessThanOrEqualTo(60);
        assertThat(Path.of(FileNames.safe(text)).getFileName()).hasToString(FileNames.safe(text));
    }

    @Test
    void aLongNameIsNotCutInsideALetter() {
        // An old Persian letter takes two places; the odd number of plain ones before puts it over the cut.
        String name = FileNames.safe("x" + "\uD800\uDFA0".repeat(50), StandardCharsets.UTF_8);
        assertThat(StandardCharsets.UTF_8.newEncoder().canEncode(name)).isTrue();
        assertThat(FileNames.safe("xy" + "\uD800\uDFA0".repeat(50), StandardCharsets.UTF_8))
                .isNotEqualTo(name);
    }

    @Test
    void titlesInAnotherScriptStayApartWhereItCannotBeWritten() {
        String one = FileNames.safe("Улица Гоголя 7", StandardCharsets.US_ASCII);
        assertThat(one).startsWith("7-").isNotEqualTo(FileNames.safe("Улица Чехова 7", StandardCharsets.US_ASCII));
        assertThat(FileNames.safe("Улица Гоголя 7", StandardCharsets.UTF_8)).isEqualTo("улица-гоголя-7");
    }
}
