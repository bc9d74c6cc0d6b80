package hitch.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hitch.core.Sample;
import hitch.core.finding.Finding;
import hitch.core.footage.AdjustedSpan;
import hitch.core.footage.Adjustment;
import hitch.core.footage.Clip;
import hitch.core.footage.ClipScan;
import hitch.core.footage.FrameRef;
import hitch.core.job.Edit;
import hitch.media.MediaException;
import hitch.media.NumberedFootage;
import hitch.media.Progress;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Clips that move, change, were never finished; and what is kept of them. */
class ClipsOnDiskTest {
    @TempDir
    Path folder;

    private Path jobFolder;
    private Path cards;
    private Clip clip;

    @BeforeEach
    void aJobWithAClipOnACard() throws IOException, MediaException, StoreException {
        jobFolder = folder.resolve("jobs/one");
        cards = Files.createDirectories(folder.resolve("card"));
        Path file = NumberedFootage.write(cards.resolve("run.mp4"), 60);
        try (JobFolder job = JobFolder.create(jobFolder)) {
            clip = new Footage(jobFolder).takeIn(file, job.job(), Progress.NONE);
            job.apply(new Edit.PutClip(clip));
        }
    }

    @Test
    void aMovedAndRenamedClipIsFoundByItsFingerprint() throws Exception {
        Files.write(cards.resolve("other.mp4"), new byte[(int) clip.bytes()]);
        Path elsewhere = Files.createDirectories(folder.resolve("archive/2026"));
        Files.move(cards.resolve("run.mp4"), elsewhere.resolve("renamed.mp4"));
        Footage footage = new Footage(jobFolder);
        try (JobFolder job = JobFolder.open(jobFolder)) {
            assertThatThrownBy(() -> footage.index(clip)).hasMessageContaining("is not at");
            assertThat(footage.find(clip, job.job(), List.of(), Progress.NONE)).isEmpty();
            Clip found = footage.find(clip, job.job(), List.of(folder.resolve("archive")), Progress.NONE)
                    .orElseThrow();
            assertThat(found.id()).isEqualTo(clip.id());
            job.apply(new Edit.PutClip(found));
            assertThat(footage.index(job.job().clips().getFirst()).count()).isEqualTo(60);
            footage.verify(found, Progress.NONE);
        }
    }

    @Test
    void aClipMovedWithItsJobIsFoundBesideIt() throws Exception {
        Files.move(cards.resolve("run.mp4"), jobFolder.resolve("run.mp4"));
        try (JobFolder job = JobFolder.open(jobFolder)) {
            Clip found = new Footage(jobFolder)
                    .find(clip, job.job(), List.of(), Progress.NONE)
                    .orElseThrow();
            assertThat(found.file()).isEqualTo("run.mp4");
        }
    }

    @Test
    void aChangedClipIsRefusedWithBothFingerprints() throws Exception {
        Path file = cards.resolve("run.mp4");
        byte[] bytes = Files.readAllBytes(file);
        bytes[bytes.length / 2] ^= 1;
        Files.write(file, bytes);
        Footage footage = new Footage(jobFolder);
        assertThatThrownBy(() -> footage.verify(clip, Progress.NONE))
                .hasMessageContaining(clip.sha256())
                .hasMessageMatching("(?s).*its SHA-256 is [0-9a-f]{64} and was.*")
                .hasMessageContaining("refused as evidence");
        Files.write(file, Arrays.copyOf(bytes, bytes.length - 5));
        assertThatThrownBy(() -> new Footage(jobFolder).index(clip))
                .hasMessageContaining(clip.sha256())
                .hasMessageMatching("(?s).*its SHA-256 is [0-9a-f]{64} and was.*");
    }

    @Test
    void whatWasLearntIsKeptAndUsedAgain() throws Exception {
        Footage footage = new Footage(jobFolder);
        ClipScan scan = footage.look(clip, Progress.NONE);
        assertThat(scan.glances()).isNotEmpty();
        BufferedImage film = ImageIO.read(footage.shelf().film(clip).toFile());
        assertThat(film.getWidth()).isEqualTo(ClipShelf.PICTURES * ClipShelf.PICTURE_WIDTH);
        Footage again = new Footage(jobFolder);
        assertThat(again.look(clip, (share, doing) -> {
                    throw new AssertionError("looked through again");
                }))
                .isEqualTo(scan);
        try (JobFolder job = JobFolder.open(jobFolder)) {
            assertThat(again.watched(job.job())).containsKey(clip.id());
        }
        Path kept = jobFolder.resolve("clips-read/" + clip.sha256() + ".frames");
        Files.write(kept, new byte[] {1, 2, 3});
        assertThat(new Footage(jobFolder).index(clip).count()).isEqualTo(60);
    }

    @Test
    void aStillThroughAnAdjustmentHasTheUntouchedOneBesideIt() throws Exception {
        try (JobFolder job = JobFolder.open(jobFolder)) {
            Footage footage = new Footage(jobFolder);
            long pts = footage.index(clip).pts(40);
            Finding finding = Sample.finding(Sample.job(), Sample.DOWN, 5, "roots top");
            job.apply(new Edit.AddFinding(finding.movedTo(new FrameRef(clip.id(), pts))));
            Finding marked = job.job().findings().getFirst();
            Path plain = Stills.take(job, footage, marked);
            assertThat(plain).isEqualTo(job.untouchedStill(marked));
            byte[] before = Files.readAllBytes(plain);
            job.apply(new Edit.Adjust(clip.id(), new AdjustedSpan(pts, pts + 1, Adjustment.NONE.withRoll(180))));
            Path turned = Stills.take(job, footage, marked);
            assertThat(turned).isNotEqualTo(plain);
            BufferedImage a = ImageIO.read(plain.toFile());
            BufferedImage b = ImageIO.read(turned.toFile());
            assertThat(b.getRGB(0, 0)).isEqualTo(a.getRGB(a.getWidth() - 1, a.getHeight() - 1));
            assertThat(Files.readAllBytes(plain)).isEqualTo(before);
            assertThat(turned.resolveSibling(turned.getFileName().toString().replace(".png", ".json")))
                    .content()
                    .contains("turned 180 degrees")
                    .contains(plain.getFileName().toString())
                    .contains(clip.sha256());
        }
    }

    @Test
    void anUnfinishedFileIsRecoveredIntoTheJob() throws Exception {
        byte[] whole = Files.readAllBytes(cards.resolve("run.mp4"));
        String text = new String(whole, java.nio.charset.StandardCharsets.ISO_8859_1);
        int data = text.indexOf("mdat") - 4;
        byte[] broken = new byte[32 + whole.length - data];
        System.arraycopy(whole, 0, broken, 0, 32);
        System.arraycopy(whole, data, broken, 32, whole.length - data);
        java.nio.ByteBuffer.wrap(broken).putInt(0, 32);
        Path file = cards.resolve("broken.mp4");
        Files.write(file, broken);
        try (JobFolder job = JobFolder.open(jobFolder)) {
            Footage.Taken taken = new Footage(jobFolder).read(file, job.job(), Progress.NONE);
            assertThat(taken.note()).contains("was never finished").contains("keep it, since it is the original");
            assertThat(taken.clip().frames()).isBetween(50, 60);
            assertThat(taken.clip().file()).matches("recovered/broken-[0-9a-f]{8}-recovered\\.mp4");
            assertThat(Files.readAllBytes(file)).isEqualTo(broken);
        }
    }
}
