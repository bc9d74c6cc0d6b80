package hitch.store.seal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hitch.media.Progress;
import hitch.media.clip.Fingerprint;
import hitch.store.StoreException;
import hitch.store.seal.Verified.State;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class VerifiedTest {
    @TempDir
    Path folder;

    @BeforeEach
    void handedOver() throws Exception {
        Files.createDirectories(folder.resolve("stills"));
        Path video = Files.writeString(folder.resolve("a.mp4"), "video");
        Path still = Files.writeString(folder.resolve("stills/f1.png"), "still");
        Files.writeString(
                folder.resolve("manifest.json"),
                "{\"for\":\"buyer\",\"products\":[{\"file\":\"a.mp4\",\"sha256\":\""
                        + Fingerprint.of(video, Progress.NONE)
                        + "\"},{\"file\":\"stills/f1.png\",\"sha256\":\"" + Fingerprint.of(still, Progress.NONE)
                        + "\"}]}");
    }

    private Verified verified() throws StoreException {
        return Verified.of(folder, Progress.NONE);
    }

    @Test
    void whatIsAsItWasHandedOverIsWhole() throws StoreException {
        assertThat(verified().isWhole()).isTrue();
        assertThat(verified().recipient()).isEqualTo("buyer");
    }

    @Test
    void everyChangeIsToldByItsFile() throws Exception {
        Files.writeString(folder.resolve("a.mp4"), "vidEo");
        Files.delete(folder.resolve("stills/f1.png"));
        Files.writeString(folder.resolve("stills/more.png"), "x");
        assertThat(verified().lines())
                .containsExactly(
                        new Verified.Line("a.mp4", State.CHANGED),
                        new Verified.Line("stills/f1.png", State.MISSING),
                        new Verified.Line("stills/more.png", State.ADDED));
        assertThat(verified().isWhole()).isFalse();
    }

    @Test
    void aLinkInPlaceOfAFileIsNotTheFile() throws Exception {
        Path elsewhere = Files.writeString(folder.resolveSibling(folder.getFileName() + "-video"), "video");
        Files.delete(folder.resolve("a.mp4"));
        Files.createSymbolicLink(folder.resolve("a.mp4"), elsewhere);
        assertThat(verified().lines().getFirst().state()).isEqualTo(State.MISSING);
        Files.delete(elsewhere);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "{\"products\":[{\"file\":\"../secret\",\"sha256\":\"0\"}]}",
                "{\"products\":[{\"file\":\"/etc/hostname\",\"sha256\":\"0\"}]}",
                "{\"products\":[{\"file\":\"a\\u0000b\",\"sha256\":\"0\"}]}",
                "{\"products\":[{\"sha256\":\"0\"}]}",
                "{\"products\":[]}",
                "{\"products\":",
                "[]",
                ""
            })
    void aManifestThatIsNoneIsRefusedInWords(String manifest) throws Exception {
        Files.writeString(folder.resolve("manifest.json"), manifest);
        assertThatThrownBy(this::verified).isInstanceOf(StoreException.class).hasMessageContaining("manifest.json");
    }

    @Test
    void aFolderWithoutOneIsNamed() throws Exception {
        Files.delete(folder.resolve("manifest.json"));
        assertThatThrownBy(this::verified).hasMessageContaining("was not handed over");
    }
}
