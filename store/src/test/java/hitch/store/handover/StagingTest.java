package hitch.store.handover;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hitch.store.StoreException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class StagingTest {
    @TempDir
    Path folder;

    private Path target;

    @BeforeEach
    void name() {
        target = folder.resolve("parcel");
    }

    private void hand(String recipient, String words) throws IOException, StoreException {
        try (Staging staging = Staging.begin(target, recipient)) {
            fill(staging.place(), recipient, words);
            staging.commit();
        }
    }

    private static void fill(Path place, String recipient, String words) throws IOException {
        Files.writeString(place.resolve("report.html"), words);
        Files.writeString(
                place.resolve("manifest.json"),
                "{\"for\":\"" + recipient + "\",\"products\":[{\"file\":\"report.html\"}]}");
    }

    private String[] beside() throws IOException {
        try (Stream<Path> all = Files.list(folder)) {
            return all.map(p -> p.getFileName().toString()).sorted().toArray(String[]::new);
        }
    }

    @Test
    void whatIsFinishedTakesThePlaceOfWhatWasThere() throws IOException, StoreException {
        hand("buyer", "first");
        hand("buyer", "second");
        assertThat(target.resolve("report.html")).hasContent("second");
        assertThat(beside()).containsExactly("parcel");
    }

    @Test
    void whatIsBrokenOffLeavesWhatWasThere() throws IOException, StoreException {
        hand("buyer", "first");
        try (Staging staging = Staging.begin(target, "buyer")) {
            Files.writeString(staging.place().resolve("report.html"), "half");
        }
        assertThat(target.resolve("report.html")).hasContent("first");
        assertThat(beside()).containsExactly("parcel");
    }

    @Test
    void aProgramEndedWhileItWroteLeavesWhatWasThereAndTheNextOneClearsUp() throws IOException, StoreException {
        hand("buyer", "first");
        Path half = Files.createDirectories(folder.resolve(".parcel.hitch-making"));
        Files.writeString(half.resolve("report.html"), "half");
        assertThat(target.resolve("report.html")).hasContent("first");
        hand("buyer", "second");
        assertThat(target.resolve("report.html")).hasContent("second");
        assertThat(beside()).containsExactly("parcel");
    }

    @Test
    void aProgramEndedBetweenTakingAwayAndPuttingInPlaceLosesNothing() throws IOException, StoreException {
        hand("buyer", "first");
        Files.move(target, folder.resolve(".parcel.hitch-before"));
        try (Staging staging = Staging.begin(target, "buyer")) {
            assertThat(target.resolve("report.html")).hasContent("first");
        }
        assertThat(target.resolve("report.html")).hasContent("first");
    }

    @Test
    void aFolderWithOtherFilesIsRefusedAndLeftAlone() throws IOException {
        Files.createDirectories(target);
        Files.writeString(target.resolve("tax.txt"), "mine");
        assertThatThrownBy(() -> hand("buyer", "first"))
                .isInstanceOf(StoreException.class)
                .hasMessageContaining("tax.txt");
        assertThat(target.resolve("tax.txt")).hasContent("mine");
        assertThat(beside()).containsExactly("parcel");
    }

    @Test
    void aSetThatSomethingWasAddedToIsRefused() throws IOException, StoreException {
        hand("buyer", "first");
        Files.writeString(target.resolve("letter.txt"), "mine");
        assertThatThrownBy(() -> hand("buyer", "second")).hasMessageContaining("letter.txt");
        assertThat(target.resolve("report.html")).hasContent("first");
    }

    @Test
    void whatOneRecipientGotIsNotReplacedByAnothers() throws IOException, StoreException {
        hand("homeowner", "first");
        assertThatThrownBy(() -> hand("district", "second")).hasMessageContaining("made for the homeowner");
        assertThat(target.resolve("report.html")).hasContent("first");
    }

    @Test
    void twoAtOnceAreOne() throws IOException, StoreException {
        try (Staging staging = Staging.begin(target, "buyer")) {
            assertThatThrownBy(() -> Staging.begin(target, "buyer")).hasMessageContaining("just now");
            fill(staging.place(), "buyer", "only");
            staging.commit();
        }
        assertThat(target.resolve("report.html")).hasContent("only");
    }

    @Test
    void aFileIsNoFolder() throws IOException {
        Files.writeString(target, "a file");
        assertThatThrownBy(() -> hand("buyer", "first")).hasMessageContaining("is a file");
        assertThat(target).hasContent("a file");
    }
}
