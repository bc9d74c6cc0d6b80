package hitch.bench.harm;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class LeakTableTest {
    @Test
    void aDistrictGetsNothingOfThePrivateSideAndTheFirmGetsAll(@TempDir Path scratch) throws Exception {
        LeakTable.Outcome found = new LeakTable(scratch, line -> {}).run(1, 2);
        assertThat(found.finds()).isEmpty();
        assertThat(found.control()).contains("a secret", "the private side");
        assertThat(found.pictures()).isGreaterThan(200);
    }
}
