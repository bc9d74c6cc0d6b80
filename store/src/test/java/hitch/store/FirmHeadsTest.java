package hitch.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hitch.core.measure.Distance;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class FirmHeadsTest {
    private static final Distance SMALL = Distance.inches(1.25);

    @TempDir
    Path data;

    @Test
    void whatALensSeesStaysWithItsHeadAndGoesToAnotherMachine() throws Exception {
        FirmFolder firm = new FirmFolder(data);
        assertThat(firm.heads().lensOf(SMALL)).isEmpty();
        firm.keep(FirmHeads.NONE.with(SMALL, 92).with(Distance.inches(2), 110));
        assertThat(new FirmFolder(data).heads().lensOf(SMALL)).contains(92);
        Path file = data.resolve("firm.zip");
        firm.export(file);
        FirmFolder other = new FirmFolder(data.resolve("other"));
        other.take(file);
        assertThat(other.heads()).isEqualTo(firm.heads());
    }

    @Test
    void aLineThatIsNoHeadIsNamedAndLeftAsItIs() throws Exception {
        Path file = data.resolve("firm").resolve("heads.txt");
        Files.createDirectories(file.getParent());
        Files.writeString(file, "head 1.25 in = 400 degrees\n");
        assertThatThrownBy(() -> new FirmFolder(data).heads())
                .isInstanceOf(StoreException.class)
                .hasMessageContaining("20 to 170 degrees");
        Files.writeString(file, "the small one sees a lot\n");
        assertThatThrownBy(() -> new FirmFolder(data).heads())
                .hasMessageContaining("\"the small one sees a lot\" is no head");
        assertThat(file).content().contains("the small one");
    }
}
