package hitch.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hitch.core.exchange.PricesCsv;
import hitch.core.rules.HouseRules;
import hitch.core.rules.RulesText;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class FirmFileTest {
    private static final HouseRules RULES = RulesText.with(HouseRules.DEFAULT, "judging.verdict", "pass-or-fail")
            .withPrices(PricesCsv.parse("method,per,size in,depth ft,cover,low,high\ncutting,each,,,,200,300\n"));

    @TempDir
    private Path temp;

    @Test
    void aSecondMachineJudgesAlike() throws StoreException {
        FirmFolder here = new FirmFolder(temp.resolve("here"));
        FirmProfile profile = new FirmProfile(
                "Dunlin Drain Review", List.of("Ada Quill", "Ben Orme"), "555 0102", "#335577", false, false);
        here.keep(RULES);
        here.keep(profile);
        here.keep(FirmFolder.Picture.LOGO, new byte[] {1, 2, 3});
        Path file = temp.resolve("firm.zip");
        here.export(file);
        FirmFolder there = new FirmFolder(temp.resolve("there"));
        there.take(file);
        assertThat(there.rules()).isEqualTo(RULES);
        assertThat(there.profile()).isEqualTo(profile);
        assertThat(there.picture(FirmFolder.Picture.LOGO)).isPresent();
        assertThat(there.picture(FirmFolder.Picture.SIGNATURE)).isEmpty();
        assertThatThrownBy(() -> here.export(file)).hasMessageContaining("left alone");
    }

    @Test
    void whatIsNoFirmIsRefusedAndNothingIsTaken() throws Exception {
        FirmFolder there = new FirmFolder(temp.resolve("there"));
        there.keep(RULES);
        assertRefused(there, zip("a.zip", "../evil.txt", "x"), "no part of a firm");
        assertRefused(there, zip("b.zip", "house-rules.txt", "judging.verdict = perhaps\n"), "judging.verdict");
        assertRefused(
                there, zip("c.zip", "prices.csv", "method,per,size in,depth ft,cover,low,high\nx,y,,,,1,2\n"), "Row 1");
        assertRefused(there, Files.writeString(temp.resolve("d.zip"), "not a zip"), "no firm's file");
        assertThat(there.rules()).isEqualTo(RULES);
    }

    private static void assertRefused(FirmFolder firm, Path file, String why) {
        assertThatThrownBy(() -> firm.take(file))
                .isInstanceOf(StoreException.class)
                .hasMessageContaining(why)
                .hasMessageContaining("Nothing was taken");
    }

    private Path zip(String name, String entry, String text) throws Exception {
        Path file = temp.resolve(name);
        try (OutputStream out = Files.newOutputStream(file);
                ZipOutputStream zip = new ZipOutputStream(out)) {
            zip.putNextEntry(new ZipEntry(entry));
            zip.write(text.getBytes(java.nio.charset.StandardCharsets.UTF_8));
            zip.closeEntry();
        }
        return file;
    }
}
