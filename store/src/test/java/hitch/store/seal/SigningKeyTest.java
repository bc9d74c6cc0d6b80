package hitch.store.seal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hitch.media.Progress;
import hitch.media.clip.Fingerprint;
import hitch.store.StoreException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.lifecycle.BeforeProperty;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class SigningKeyTest {
    @TempDir
    Path folder;

    private Path parcel;

    @BeforeEach
    void handedOver() throws Exception {
        parcel = parcel(folder.resolve("parcel"));
    }

    private static Path parcel(Path to) throws Exception {
        Files.createDirectories(to);
        Path file = Files.writeString(to.resolve("a.txt"), "what was found in the pipe");
        Files.writeString(
                to.resolve(Verified.MANIFEST),
                "{\"for\":\"buyer\",\"firm\":\"Wendle Drains\",\"products\":[{\"file\":\"a.txt\",\"sha256\":\""
                        + Fingerprint.of(file, Progress.NONE) + "\"}]}");
        return to;
    }

    @Test
    void aKeyIsMadeOnceAndKeptForTheFirmAlone() throws Exception {
        SigningKey made = SigningKey.in(folder.resolve("firm"));
        SigningKey again = SigningKey.in(folder.resolve("firm"));
        assertThat(again.fingerprint()).isEqualTo(made.fingerprint()).hasSize(64);
        assertThat(PosixFilePermissions.toString(
                        Files.getPosixFilePermissions(folder.resolve("firm").resolve(SigningKey.PRIVATE))))
                .isEqualTo("rw-------");
        again.export(folder.resolve("safe"));
        assertThat(SigningKey.in(folder.resolve("safe")).fingerprint()).isEqualTo(made.fingerprint());
        assertThatThrownBy(() -> again.export(folder.resolve("safe"))).isInstanceOf(StoreException.class);
    }

    @Test
    void aKeyThatCannotBeReadIsToldAndNeverWrittenOver() throws Exception {
        Path firm = folder.resolve("firm");
        SigningKey.in(firm);
        Files.writeString(firm.resolve(SigningKey.PRIVATE), "nothing of a key");
        assertThatThrownBy(() -> SigningKey.in(firm))
                .isInstanceOf(StoreException.class)
                .hasMessageContaining("Put it back from a copy");
        assertThat(firm.resolve(SigningKey.PRIVATE)).hasContent("nothing of a key");
        SigningKey other = SigningKey.in(folder.resolve("other"));
        other.export(folder.resolve("mixed"));
        Files.copy(
                folder.resolve("other").resolve(SigningKey.PRIVATE),
                firm.resolve(SigningKey.PRIVATE),
                java.nio.file.StandardCopyOption.REPLACE_EXISTING);
        assertThatThrownBy(() -> SigningKey.in(firm)).hasMessageContaining("do not belong together");
    }

    @Test
    void whoSignedIsProvenAndAnotherManifestIsNot() throws Exception {
        SigningKey key = SigningKey.in(folder.resolve("firm"));
        SignatureFile.write(parcel, Verified.MANIFEST, key);
        Verified good = Verified.of(parcel, Progress.NONE);
        assertThat(good.isWhole()).isTrue();
        assertThat(good.signature()).isEqualTo(new SignatureFile.Found(SignatureFile.State.GOOD, key.fingerprint()));
        assertThat(good.firm()).isEqualTo("Wendle Drains");
        Path manifest = parcel.resolve(Verified.MANIFEST);
        Files.writeString(manifest, Files.readString(manifest).replace("Wendle", "Wendel"));
        Verified forged = Verified.of(parcel, Progress.NONE);
        assertThat(forged.signature().state()).isEqualTo(SignatureFile.State.BROKEN);
        assertThat(forged.isWhole())
                .as("its files are as listed, its list is not as signed")
                .isFalse();
        for (String bad : new String[] {"", "{", "[]", "{\"public_key\":\"!!\",\"signature\":\"\"}"}) {
            Files.writeString(parcel.resolve(SignatureFile.NAME), bad);
            assertThat(Verified.of(parcel, Progress.NONE).signature().state())
                    .as(bad)
                    .isEqualTo(SignatureFile.State.BROKEN);
        }
        Files.delete(parcel.resolve(SignatureFile.NAME));
        assertThat(Verified.of(parcel, Progress.NONE).signature().state()).isEqualTo(SignatureFile.State.NONE);
    }

    private static Path sealed;

    @BeforeProperty
    void sealedParcel() throws Exception {
        sealed = parcel(Files.createTempDirectory("hitch-sealed"));
        SignatureFile.write(
                sealed, Verified.MANIFEST, SigningKey.in(sealed.resolveSibling(sealed.getFileName() + "-key")));
    }

    /** Whatever single byte of whatever file is changed: it is not whole any more, or it is refused. */
    @Property(tries = 200)
    void everyChangedByteIsFound(@ForAll long seed) throws Exception {
        Random random = new Random(seed);
        String[] files = {"a.txt", Verified.MANIFEST, SignatureFile.NAME};
        Path file = sealed.resolve(files[random.nextInt(files.length)]);
        byte[] was = Files.readAllBytes(file);
        byte[] is = was.clone();
        is[random.nextInt(is.length)] ^= (byte) (1 << random.nextInt(8));
        Files.write(file, is);
        try {
            Verified verified = Verified.of(sealed, Progress.NONE);
            boolean same =
                    file.endsWith(SignatureFile.NAME) && verified.signature().state() == SignatureFile.State.GOOD;
            // What is only told beside the signature may be any text; the key and the signature may not.
            assertThat(verified.isWhole()).as(new String(is)).isEqualTo(same);
        } catch (StoreException e) {
            assertThat(file.endsWith(Verified.MANIFEST)).isTrue();
        } finally {
            Files.write(file, was);
        }
    }
}
