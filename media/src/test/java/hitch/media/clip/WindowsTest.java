package hitch.media.clip;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.media.Progress;
import hitch.media.TelephonePhoto;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Arrays;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A stretch is scanned to the same end whatever the windows; so a file may be longer than any of them. */
class WindowsTest {
    @Property(tries = 60)
    void everyByteIsSeenOnceWhateverTheWindow(
            @ForAll @IntRange(min = 1, max = 5000) int length, @ForAll @IntRange(min = 16, max = 700) int window)
            throws IOException {
        Path file = Files.createTempFile("windows", ".bin");
        byte[] bytes = new byte[length];
        new Random(length).nextBytes(bytes);
        Files.write(file, bytes);
        ByteArrayOutputStream seen = new ByteArrayOutputStream();
        try (FileChannel channel = FileChannel.open(file, StandardOpenOption.READ)) {
            // Each time a few bytes are left for the next window, as by a unit that goes on behind it.
            new Windows(channel, 0, length, window)
                    .each(
                            (data, last) -> {
                                int done = last ? data.limit() : Math.max(1, data.limit() - 5);
                                byte[] part = new byte[done];
                                data.get(0, part);
                                seen.write(part);
                                return done;
                            },
                            Progress.NONE);
        } finally {
            Files.delete(file);
        }
        assertThat(seen.toByteArray()).isEqualTo(bytes);
    }

    @Test
    void picturesAcrossTheEdgesOfWindowsAreFoundWhole(@TempDir Path folder) throws IOException {
        byte[] picture = TelephonePhoto.jpeg(TelephonePhoto.upright());
        ByteArrayOutputStream many = new ByteArrayOutputStream();
        for (int i = 0; i < 20; i++) {
            many.write(new byte[i * 7]);
            many.write(picture);
        }
        Path file = Files.write(folder.resolve("raw"), many.toByteArray());
        ByteArrayOutputStream found = new ByteArrayOutputStream();
        JpegScan scan = new JpegScan();
        try (FileChannel channel = FileChannel.open(file, StandardOpenOption.READ)) {
            new Windows(channel, 0, many.size(), picture.length * 2 + 100)
                    .each((data, last) -> scan.copy(data, found), Progress.NONE);
        }
        assertThat(scan.count()).isEqualTo(20);
        assertThat(found.size()).isEqualTo(20 * picture.length);
        assertThat(Arrays.copyOf(found.toByteArray(), picture.length)).isEqualTo(picture);
    }
}
