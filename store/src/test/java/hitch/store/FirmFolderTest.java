package hitch.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hitch.core.disclosure.Recipient;
import hitch.core.rules.HouseRules;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FirmFolderTest {
    private static final Recipient NEIGHBOUR = new Recipient(
            "neighbour",
            "Neighbour",
            "what = comes from next door",
            Recipient.Part.PUBLIC,
            Recipient.Tone.OWNER,
            false,
            true);

    @TempDir
    private Path data;

    @Test
    void whatShipsStandsUntilTheFirmSaysOtherwise() throws StoreException {
        FirmFolder firm = new FirmFolder(data);
        assertThat(firm.rules()).isEqualTo(HouseRules.DEFAULT);
        assertThat(firm.recipients()).isEqualTo(Recipient.STANDARD);
    }

    @Test
    void whatIsKeptIsThereForTheNextJob() throws StoreException {
        HouseRules rules = HouseRules.DEFAULT.with(HouseRules.DEFAULT.care().every(6));
        new FirmFolder(data).keep(rules);
        new FirmFolder(data).keep(List.of(Recipient.BUYER, NEIGHBOUR));
        assertThat(new FirmFolder(data).rules()).isEqualTo(rules);
        assertThat(new FirmFolder(data).recipients())
                .startsWith(Recipient.STANDARD.toArray(Recipient[]::new))
                .endsWith(NEIGHBOUR)
                .hasSize(Recipient.STANDARD.size() + 1);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "a.part = all|The part of a is one of whole, public, not \"all\"",
                "a.part = whole;a.tone = record;a.people = maybe|a.people is yes or no, not \"maybe\"",
                "a.part = whole;a.tone = record;a.people = no|a.advised is yes or no",
                "nonsense|is no line such as"
            })
    void whatCannotBeIsNamedAndTheTextIsLeftAlone(String lines, String said) throws IOException {
        Path file = Files.createDirectories(data.resolve("firm")).resolve(FirmFolder.RECIPIENTS);
        Files.writeString(file, lines.replace(';', '\n'));
        assertThatThrownBy(() -> new FirmFolder(data).recipients())
                .isInstanceOf(StoreException.class)
                .hasMessageContaining(said)
                .hasMessageContaining("left as it is");
        assertThat(Files.readString(file)).isEqualTo(lines.replace(';', '\n'));
    }

    @Test
    void rulesThatCannotBeReadAreNotReplaced() throws IOException {
        Path file = Files.createDirectories(data.resolve("firm")).resolve(FirmFolder.RULES);
        Files.writeString(file, "care.between-cleanings = soon");
        assertThatThrownBy(() -> new FirmFolder(data).rules())
                .isInstanceOf(StoreException.class)
                .hasMessageContaining("is a number of months, not \"soon\"");
    }
}
