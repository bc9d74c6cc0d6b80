package hitch.bench.harm;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.atomic.AtomicInteger;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class BreakTableTest {
    @TempDir
    Path scratch;

    @Test
    void nothingThatIsHandedInBreaksAnything() throws Exception {
        List<String> said = new ArrayList<>();
        AtomicInteger rounds = new AtomicInteger();
        Map<String, BreakTable.Row> rows =
                new BreakTable(scratch, 7, said::add).run(() -> rounds.incrementAndGet() >= 12);
        assertThat(rows).hasSize(7);
        rows.forEach((name, row) -> {
            assertThat(row.faults()).as(name + " " + said).isZero();
            assertThat(row.tries()).isEqualTo(12);
        });
    }

    @Property(tries = 300)
    void harmIsAlwaysHarm(@ForAll @Size(min = 1, max = 400) byte[] whole, @ForAll long seed) {
        byte[] before = whole.clone();
        assertThat(Arrays.equals(new Harm(new Random(seed)).done(whole), whole)).isFalse();
        assertThat(whole).isEqualTo(before);
    }
}
