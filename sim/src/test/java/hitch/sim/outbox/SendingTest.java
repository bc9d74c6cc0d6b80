package hitch.sim.outbox;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.google.common.jimfs.Configuration;
import com.google.common.jimfs.Jimfs;
import hitch.media.Progress;
import hitch.media.clip.Fingerprint;
import hitch.store.StoreException;
import hitch.store.out.OutFolder;
import hitch.store.seal.Verified;
import hitch.store.send.Destination;
import hitch.store.send.ToFolder;
import hitch.store.send.ToZip;
import hitch.store.send.Upload;
import hitch.store.send.UploadService;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.FileSystem;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Random;
import java.util.concurrent.CancellationException;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Stream;
import java.util.zip.ZipFile;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class SendingTest {
    @TempDir
    Path folder;

    private Path parcel;

    @BeforeEach
    void make() throws Exception {
        parcel = folder.resolve("issue-1");
        Files.createDirectories(parcel.resolve("stills"));
        byte[] film = new byte[3_000_000];
        new Random(1).nextBytes(film);
        Files.write(parcel.resolve("film.mp4"), film);
        Files.writeString(parcel.resolve("stills/Ä 1.png"), "still");
        Files.createFile(parcel.resolve("empty.txt"));
        StringBuilder list = new StringBuilder();
        for (String name : new String[] {"film.mp4", "stills/Ä 1.png", "empty.txt"}) {
            list.append(list.isEmpty() ? "" : ",")
                    .append("{\"file\":\"")
                    .append(name)
                    .append("\",\"sha256\":\"")
                    .append(Fingerprint.of(parcel.resolve(name), Progress.NONE))
                    .append("\"}");
        }
        Files.writeString(parcel.resolve(Verified.MANIFEST), "{\"for\":\"buyer\",\"products\":[" + list + "]}");
    }

    private Path outbox() {
        return folder.resolve("outbox");
    }

    private static boolean isWhole(Path copy) throws StoreException {
        return Verified.of(copy, Progress.NONE).isWhole();
    }

    @Test
    void intoAFolderWholeOrNotAtAll() throws Exception {
        new ToFolder(folder.resolve("stick"), "for-the-buyer").take(parcel, Progress.NONE);
        assertThat(isWhole(folder.resolve("stick/for-the-buyer"))).isTrue();
        assertThatThrownBy(() -> new ToFolder(folder.resolve("stick"), "for-the-buyer").take(parcel, Progress.NONE))
                .hasMessageContaining("is there already and was left as it is");
    }

    @Test
    void whatIsStoppedHalfWayLeavesNothing() throws Exception {
        Progress stopping = (share, doing) -> {
            if (share > 0.5) {
                throw new CancellationException();
            }
        };
        Path stick = Files.createDirectories(folder.resolve("stick"));
        assertThatThrownBy(() -> new ToFolder(stick, "x").take(parcel, stopping))
                .isInstanceOf(CancellationException.class);
        assertThatThrownBy(() -> new ToZip(stick.resolve("x.zip")).take(parcel, stopping))
                .isInstanceOf(CancellationException.class);
        try (Stream<Path> left = Files.list(stick)) {
            assertThat(left).isEmpty();
        }
        assertThat(isWhole(parcel)).isTrue();
    }

    @Test
    void aPlaceThatIsNotThereOrMayNotBeWrittenToIsToldInWords() throws Exception {
        Path file = Files.writeString(folder.resolve("no-folder"), "x");
        assertThatThrownBy(() -> new ToFolder(file, "x").take(parcel, Progress.NONE))
                .isInstanceOf(StoreException.class);
        assertThatThrownBy(() -> new ToZip(file.resolve("x.zip")).take(parcel, Progress.NONE))
                .isInstanceOf(StoreException.class)
                .hasMessageContaining("The parcel lies where it was made, whole");
    }

    /** A disk of four megabytes, with room for the parcel until something else is written to it. */
    private static FileSystem disk() {
        return Jimfs.newFileSystem(
                Configuration.unix().toBuilder().setMaxSize(4_000_000).build());
    }

    private static Progress atHalf(Path file, int bytes) {
        return (share, doing) -> {
            if (share > 0.4 && Files.notExists(file)) {
                try {
                    Files.write(file, new byte[bytes]);
                } catch (IOException e) {
                    throw new UncheckedIOException(e);
                }
            }
        };
    }

    @Test
    void aDiskThatIsTooSmallIsToldBeforeAnythingIsWritten() throws Exception {
        try (FileSystem disk = disk()) {
            Path stick = Files.createDirectory(disk.getPath("/stick"));
            Files.write(stick.resolve("photographs"), new byte[2_000_000]);
            for (Destination there : List.of(new ToFolder(stick, "x"), new ToZip(stick.resolve("x.zip")))) {
                assertThatThrownBy(() -> there.take(parcel, Progress.NONE))
                        .hasMessageContaining("too little room")
                        .hasMessageContaining("3.0 MB")
                        .hasMessageContaining("Nothing was written there");
            }
        }
    }

    @Test
    void aDiskThatFillsOnTheWayKeepsNothingHalf() throws Exception {
        try (FileSystem disk = disk()) {
            Path stick = Files.createDirectory(disk.getPath("/stick"));
            for (Destination there : List.of(new ToFolder(stick, "x"), new ToZip(stick.resolve("x.zip")))) {
                Path other = disk.getPath("/other");
                assertThatThrownBy(() -> there.take(parcel, atHalf(other, 1_500_000)))
                        .isInstanceOf(StoreException.class)
                        .hasMessageContaining("out of disk space")
                        .hasMessageContaining("where it was made, whole");
                try (Stream<Path> left = Files.list(stick)) {
                    assertThat(left).isEmpty();
                }
                Files.delete(other);
            }
        }
        assertThat(isWhole(parcel)).isTrue();
    }

    @Test
    void aStickThatIsPulledOutOnTheWayIsToldInWords() throws Exception {
        for (String name : List.of("x", "x.zip")) {
            Path stick = Files.createDirectories(folder.resolve("stick"));
            Destination there = name.endsWith("zip") ? new ToZip(stick.resolve(name)) : new ToFolder(stick, name);
            Progress pulling = (share, doing) -> {
                if (share > 0.4 && Files.isDirectory(stick)) {
                    try {
                        OutFolder.remove(stick);
                        Files.writeString(stick, "nothing is in the slot");
                    } catch (IOException e) {
                        throw new UncheckedIOException(e);
                    }
                }
            };
            assertThatThrownBy(() -> there.take(parcel, pulling))
                    .isInstanceOf(StoreException.class)
                    .hasMessageContaining("where it was made, whole");
            Files.delete(stick);
        }
        assertThat(isWhole(parcel)).isTrue();
    }

    @Test
    void asOneFileThatAnyProgramOpens() throws Exception {
        Path file = folder.resolve("out/larkspur.zip");
        new ToZip(file).take(parcel, Progress.NONE);
        try (ZipFile zip = new ZipFile(file.toFile())) {
            assertThat(zip.stream().map(e -> e.getName()).toList())
                    .contains("larkspur/film.mp4", "larkspur/stills/Ä 1.png", "larkspur/manifest.json")
                    .last()
                    .isEqualTo("larkspur/manifest.json");
        }
    }

    @Test
    void whatIsNotAsItWasMadeIsNotSent() throws Exception {
        Files.writeString(parcel.resolve("empty.txt"), "now it holds something");
        assertThatThrownBy(() -> new ToFolder(folder.resolve("stick"), "x").take(parcel, Progress.NONE))
                .hasMessageContaining("is not as it was made");
        assertThat(folder.resolve("stick/x")).doesNotExist();
    }

    @Test
    void aLineThatBreaksIsGoneOnWithAndWhatArrivesIsWhole() throws Exception {
        AtomicInteger waited = new AtomicInteger();
        FolderOutbox outbox = new FolderOutbox(outbox(), new FolderOutbox.Line(0, 400_000));
        new Upload(outbox, "larkspur-buyer-1", millis -> waited.incrementAndGet()).take(parcel, Progress.NONE);
        assertThat(waited.get()).as("3 MB over a line that breaks every 400 kB").isGreaterThanOrEqualTo(7);
        assertThat(isWhole(outbox().resolve("open/larkspur-buyer-1"))).isTrue();
        assertThat(outbox().resolve("arriving/larkspur-buyer-1")).doesNotExist();
        outbox.takeBack("larkspur-buyer-1", "wrong house");
        assertThat(outbox().resolve("open/larkspur-buyer-1")).doesNotExist();
        assertThat(outbox().resolve("taken-back/larkspur-buyer-1/why.txt")).hasContent("wrong house");
    }

    /** A service that is gone for good after some bytes, and that changes what it takes. */
    private class Bad extends Forwarding {
        private final int most;
        private int taken;

        Bad(int most) {
            super(new FolderOutbox(outbox(), FolderOutbox.Line.GOOD));
            this.most = most;
        }

        @Override
        public void append(String parcel, String file, long offset, byte[] bytes, int length) throws IOException {
            if (taken + length > most) {
                throw new IOException("nobody answers");
            }
            taken += length;
            super.append(parcel, file, offset, bytes, length);
        }
    }

    @Test
    void whatNeverArrivesIsGivenUpAndGoneOnWithTheNextTime() throws Exception {
        assertThatThrownBy(() -> new Upload(new Bad(1_000_000), "p", millis -> {}).take(parcel, Progress.NONE))
                .isInstanceOf(StoreException.class)
                .hasMessageContaining("nobody answers")
                .hasMessageContaining("send it again and it goes on from there");
        FolderOutbox good = new FolderOutbox(outbox(), FolderOutbox.Line.GOOD);
        long held = good.held("p", "film.mp4");
        assertThat(held).isBetween(500_000L, 1_000_000L);
        AtomicInteger sent = new AtomicInteger();
        UploadService counting = new Forwarding(good) {
            @Override
            public void append(String name, String file, long offset, byte[] bytes, int length) throws IOException {
                sent.addAndGet(length);
                super.append(name, file, offset, bytes, length);
            }
        };
        new Upload(counting, "p", millis -> {}).take(parcel, Progress.NONE);
        assertThat(isWhole(outbox().resolve("open/p"))).isTrue();
        assertThat(sent.get()).as("what had arrived is not sent again").isLessThan(3_000_000 - (int) held + 10_000);
    }

    @Test
    void whatArrivesChangedIsSentAnewOnceAndThenRefused() {
        UploadService changing = new Forwarding(new FolderOutbox(outbox(), FolderOutbox.Line.GOOD)) {
            @Override
            public String sha256(String parcel, String file) {
                return "0";
            }
        };
        assertThatThrownBy(() -> new Upload(changing, "p", millis -> {}).take(parcel, Progress.NONE))
                .hasMessageContaining("arrived changed");
        assertThat(outbox().resolve("open/p")).doesNotExist();
    }

    private static class Forwarding implements UploadService {
        private final UploadService to;

        Forwarding(UploadService to) {
            this.to = to;
        }

        @Override
        public String called() {
            return to.called();
        }

        @Override
        public long held(String parcel, String file) throws IOException {
            return to.held(parcel, file);
        }

        @Override
        public void append(String parcel, String file, long offset, byte[] bytes, int length) throws IOException {
            to.append(parcel, file, offset, bytes, length);
        }

        @Override
        public String sha256(String parcel, String file) throws IOException {
            return to.sha256(parcel, file);
        }

        @Override
        public void drop(String parcel, String file) throws IOException {
            to.drop(parcel, file);
        }

        @Override
        public void open(String parcel) throws IOException {
            to.open(parcel);
        }

        @Override
        public void takeBack(String parcel, String why) throws IOException {
            to.takeBack(parcel, why);
        }
    }
}
