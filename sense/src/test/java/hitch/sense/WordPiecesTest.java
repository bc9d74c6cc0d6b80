package hitch.sense;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;

/** Words in the longest pieces that a table has. */
class WordPiecesTest {
    private static final String TABLE = """
            {"model": {"vocab": {"[CLS]": 1, "[SEP]": 2, "[UNK]": 3, "root": 10, "##s": 11, "##let": 12, "roots": 13, ",": 14, "4": 15}}}
            """;

    private static WordPieces pieces(String table) throws IOException {
        return new WordPieces(new ByteArrayInputStream(table.getBytes(StandardCharsets.UTF_8)));
    }

    @Test
    void theLongestPieceIsTaken() throws IOException {
        assertThat(pieces(TABLE).of("Roots, rootlets", 64)).containsExactly(1, 13, 14, 10, 12, 11, 2);
    }

    @Test
    void whatHasNoPiecesIsUnknown() throws IOException {
        assertThat(pieces(TABLE).of("root qanat 4", 64)).containsExactly(1, 10, 3, 15, 2);
    }

    @Test
    void whatIsBeyondIsLeftOutAndTheEndIsKept() throws IOException {
        assertThat(pieces(TABLE).of("root root root root", 4)).containsExactly(1, 10, 10, 2);
        assertThat(pieces(TABLE).of("", 4)).containsExactly(1, 2);
    }

    @Test
    void aTableWithoutSignsIsNone() {
        assertThatThrownBy(() -> pieces("{\"model\": {\"vocab\": {\"root\": 10}}}"))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("[CLS]");
    }
}
