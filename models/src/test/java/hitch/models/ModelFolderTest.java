package hitch.models;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class ModelFolderTest {
    @TempDir
    private Path data;

    @Test
    void aModelIsPutTogetherOnceAndAgainWhereItWasCutShort() throws ModelException, IOException {
        ModelFolder models = new ModelFolder(data);
        Path file = models.file(Model.TOKENS);
        assertThat(file).hasSize(249_974);
        Files.setLastModifiedTime(file, java.nio.file.attribute.FileTime.fromMillis(1_000));
        assertThat(Files.getLastModifiedTime(models.file(Model.TOKENS)).toMillis())
                .isEqualTo(1_000);
        Files.writeString(file, "cut short");
        assertThat(models.file(Model.TOKENS)).hasSize(249_974);
        assertThat(models.file(Model.ENCODER)).as("from four parts").hasSize(13_281_600);
        try (Stream<Path> left = Files.walk(data)) {
            assertThat(left.filter(Files::isRegularFile)).hasSize(2);
        }
    }

    @Test
    void aFolderThatCannotBeIsToldInASentence() throws IOException {
        Path file = Files.writeString(data.resolve("taken"), "a file where a folder is wanted");
        assertThatThrownBy(() -> new ModelFolder(file).file(Model.SYMBOLS))
                .isInstanceOf(ModelException.class)
                .hasMessageStartingWith("The model \"voice/symbols.json\" that ships with Hitch cannot be used: ");
    }
}
