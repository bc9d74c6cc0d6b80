package hitch.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hitch.core.Sample;
import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.media.MediaException;
import hitch.media.NumberedFootage;
import hitch.media.Progress;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.Chars;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import net.jqwik.api.constraints.StringLength;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FootageTest {
    @TempDir
    Path folder;

    @Test
    void takesInAClipWhereItLies() throws MediaException, IOException {
        Path outside = NumberedFootage.write(folder.resolve("Run One.mp4"), 30);
        Path home = Files.createDirectories(folder.resolve("job"));
        Clip clip = new Footage(home).takeIn(outside, Job.EMPTY, Progress.NONE);
        assertThat(clip.id().value()).isEqualTo("run-one");
        assertThat(clip.frames()).isEqualTo(30);
        assertThat(new Footage(home).file(clip)).exists();
        assertThat(clip.seconds()).isBetween(1.19, 1.21);
    }

    @Test
    void aClipInsideTheJobIsNamedRelativeToIt() throws MediaException, IOException {
        Path clips = Files.createDirectories(folder.resolve("clips"));
        NumberedFootage.write(clips.resolve("a.mp4"), 10);
        Clip clip = new Footage(folder).takeIn(clips.resolve("a.mp4"), Job.EMPTY, Progress.NONE);
        assertThat(clip.file()).isEqualTo("clips/a.mp4");
    }

    @Test
    void theSameFootageIsTheSameClipAndTheSameNameIsNot() throws MediaException, IOException {
        Path first = NumberedFootage.write(folder.resolve("a.mp4"), 10);
        Footage footage = new Footage(folder);
        Clip one = footage.takeIn(first, Job.EMPTY, Progress.NONE);
        Job job = Job.EMPTY.with(new Edit.PutClip(one));
        Path copy = Files.copy(first, folder.resolve("b.mp4"));
        assertThat(footage.takeIn(copy, job, Progress.NONE).id()).isEqualTo(one.id());
        Path other = NumberedFootage.write(
                Files.createDirectories(folder.resolve("x")).resolve("a.mp4"), 12);
        assertThat(footage.takeIn(other, job, Progress.NONE).id().value()).isEqualTo("a-2");
    }

    @Test
    void filesOfOneNameThatAreReadTogetherAreTwoClips() throws Exception {
        Path first = NumberedFootage.write(
                Files.createDirectories(folder.resolve("100")).resolve("0001.mp4"), 10);
        Path second = NumberedFootage.write(
                Files.createDirectories(folder.resolve("101")).resolve("0001.mp4"), 12);
        Footage footage = new Footage(folder);
        // Neither is in the job when the other is read, as when a folder is dropped.
        Clip one = footage.takeIn(first, Job.EMPTY, Progress.NONE);
        Clip two = footage.takeIn(second, Job.EMPTY, Progress.NONE);
        assertThat(one.id()).isNotEqualTo(two.id());
        assertThat(Job.EMPTY
                        .with(new Edit.PutClip(one))
                        .with(new Edit.PutClip(two))
                        .clips())
                .hasSize(2);
        assertThat(footage.takeIn(first, Job.EMPTY, Progress.NONE).id()).isEqualTo(one.id());
    }

    @Property
    void everyFootageHasAnIdOfItsOwn(
            @ForAll @Size(max = 30) List<@StringLength(max = 3) @Chars({'a', 'b', '1'}) String> names,
            @ForAll @Size(max = 30) List<@IntRange(max = 40) Integer> prints) {
        ClipIds ids = new ClipIds();
        Job job = Job.EMPTY;
        Map<String, ClipId> known = new HashMap<>();
        for (int i = 0; i < Math.min(names.size(), prints.size()); i++) {
            String sha = String.format("%064x", prints.get(i));
            ClipId id = ids.of(FileNames.safe(names.get(i)), sha, job);
            ClipId before = known.putIfAbsent(sha, id);
            assertThat(before == null || before.equals(id)).isTrue();
            // Every other one gets into the job at once, the rest are still on their way.
            if (i % 2 == 0) {
                Clip clip = Sample.clip(id, 5);
                job = job.with(
                        new Edit.PutClip(new Clip(id, clip.file(), sha, 5, clip.base(), 0, 9, 1, 4, 4, false, "")));
            }
        }
        assertThat(known.values()).doesNotHaveDuplicates();
    }

    @Test
    void longNamesThatBeginAlikeStayTwo() {
        String long1 = "a clip with a very long name that goes on and on and on until it is cut off at 100";
        assertThat(FileNames.safe(long1)).hasSizeLessThanOrEqualTo(60);
        assertThat(FileNames.safe(long1)).isNotEqualTo(FileNames.safe(long1 + "0"));
        assertThat(FileNames.safe(long1)).isEqualTo(FileNames.safe(long1));
    }

    @Test
    void aChangedClipIsRefusedAsEvidence() throws MediaException, IOException {
        Path file = NumberedFootage.write(folder.resolve("a.mp4"), 10);
        Clip clip = new Footage(folder).takeIn(file, Job.EMPTY, Progress.NONE);
        byte[] bytes = Files.readAllBytes(file);
        bytes[bytes.length / 2] ^= 1;
        Files.write(file, bytes);
        assertThatThrownBy(() -> new Footage(folder).verify(clip, Progress.NONE))
                .hasMessageContaining("has changed")
                .hasMessageContaining(clip.sha256());
        Files.write(file, new byte[] {1, 2, 3});
        assertThatThrownBy(() -> new Footage(folder).index(clip)).hasMessageContaining("refused as evidence");
        Files.delete(file);
        assertThatThrownBy(() -> new Footage(folder).index(clip)).hasMessageContaining("is not at");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "7 Teasel Lane, Marrowby | 7-teasel-lane-marrowby",
                "../../etc/passwd | etc-passwd",
                "a/b\\c:d*e?f | a-b-c-d-e-f",
                "'' | job",
                "... | job",
                "CON | job-con",
                "Müllers Straße | müllers-straße"
            })
    void fileNamesAreHarmless(String typed, String name) {
        assertThat(FileNames.safe(typed)).isEqualTo(name);
    }

    @Test
    void remembersRecentJobsNewestFirst() throws StoreException {
        RecentJobs recent = new RecentJobs(folder.resolve("data"));
        assertThat(recent.list()).isEmpty();
        for (String name : new String[] {"one", "two", "one"}) {
            Path job = folder.resolve(name);
            if (!Files.exists(job)) {
                JobFolder.create(job).close();
            }
            recent.opened(job);
        }
        recent.opened(folder.resolve("gone"));
        assertThat(new RecentJobs(folder.resolve("data")).list())
                .extracting(p -> p.getFileName().toString())
                .containsExactly("one", "two");
    }
}
