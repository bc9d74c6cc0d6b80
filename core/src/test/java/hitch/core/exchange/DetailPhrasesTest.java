package hitch.core.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.caption.Cue;
import hitch.core.measure.LengthUnit;
import hitch.core.note.Draft;
import hitch.core.note.grammar.TradeNoteReader;
import hitch.core.talk.Spoken;
import hitch.core.talk.TalkReader;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Phrases with details, typed and said, each read whole; {@code details.txt} has them. */
class DetailPhrasesTest {
    private static final TradeNoteReader READER = new TradeNoteReader();

    static List<String> phrases() throws IOException {
        try (BufferedReader in = new BufferedReader(new InputStreamReader(
                DetailPhrasesTest.class.getResourceAsStream("/hitch/core/note/details.txt"), StandardCharsets.UTF_8))) {
            return in.lines().filter(l -> l.contains(" => ")).toList();
        }
    }

    @ParameterizedTest
    @MethodSource("phrases")
    void isUnderstoodWhole(String line) {
        String mode = line.substring(0, line.indexOf(' '));
        String phrase = line.substring(line.indexOf(' ') + 1, line.lastIndexOf(" => "));
        String wanted = line.substring(line.lastIndexOf(" => ") + 4);
        List<Draft> drafts = mode.equals("typed")
                ? READER.read(phrase, LengthUnit.FEET).drafts()
                : new TalkReader(READER, LengthUnit.FEET)
                        .read(List.of(new Cue(0, 4, phrase))).drafts().stream()
                                .map(Spoken::draft)
                                .toList();
        String read = DraftKeys.write(drafts);
        // A typed note of which nothing was understood is kept as a remark.
        assertThat(read.isEmpty() || read.equals("kind=remark") ? "-" : read)
                .as(phrase)
                .isEqualTo(wanted.equals("kind=remark") ? "-" : wanted);
    }
}
