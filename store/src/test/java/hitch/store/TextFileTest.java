package hitch.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class TextFileTest {
    private static final String TEXT = "Wurzeln über 3 m, ½ Zoll\n";

    @TempDir
    Path folder;

    private String read(byte[] bytes) throws Exception {
        return TextFile.read(Files.write(folder.resolve("t.txt"), bytes));
    }

    @Test
    void lettersAreReadInWhateverFormTheyWereWritten() throws Exception {
        for (Charset form :
                new Charset[] {StandardCharsets.UTF_8, StandardCharsets.UTF_16, Charset.forName("windows-1252")}) {
            assertThat(read(TEXT.getBytes(form))).as(form.name()).isEqualTo(TEXT);
        }
        assertThat(read(("\ufeff" + TEXT).getBytes(StandardCharsets.UTF_8))).isEqualTo(TEXT);
        assertThat(read(("\ufeff" + TEXT).getBytes(StandardCharsets.UTF_16LE))).isEqualTo(TEXT);
        assertThat(read(new byte[0])).isEmpty();
    }

    @Test
    void theLongestLineIsReadAndOneLongerIsNot() throws Exception {
        String longest = "x".repeat(TextFile.LONGEST_LINE);
        assertThat(read(("a\n" + longest + "\n").getBytes(StandardCharsets.UTF_8)))
                .hasSize(longest.length() + 3);
        assertThatThrownBy(() -> read(("a\n" + longest + "x").getBytes(StandardCharsets.UTF_8)))
                .isInstanceOf(StoreException.class)
                .hasMessageContaining("Line 2");
    }

    @Test
    void whatIsLargerThanAnyTextIsRefused() {
        byte[] lines = "roots at 12\n".repeat((int) (TextFile.LARGEST / 12) + 1).getBytes(StandardCharsets.UTF_8);
        assertThatThrownBy(() -> read(lines)).hasMessageContaining("larger than 32 MB");
    }

    @Test
    void aFolderAndAMissingFileAreTold() {
        assertThatThrownBy(() -> TextFile.read(folder)).hasMessageContaining("no ordinary file");
        assertThatThrownBy(() -> TextFile.read(folder.resolve("none"))).hasMessageContaining("could not be read");
    }
}
