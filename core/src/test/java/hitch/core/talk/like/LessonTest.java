package hitch.core.talk.like;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.note.Topics;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** The commentaries that ship: all are named, all are labelled in words that Hitch knows, and a label is read as it is written. */
class LessonTest {
    private static final Path FOLDER = Path.of("src/main/resources/hitch/core/talk/like/commentaries");

    @Test
    void allThatThereAreAreNamed() throws IOException {
        try (Stream<Path> files = Files.list(FOLDER)) {
            List<String> there = files.map(f -> f.getFileName().toString().replace(".txt", ""))
                    .filter(n -> !n.equals("all"))
                    .toList();
            assertThat(Lesson.names()).containsExactlyInAnyOrderElementsOf(there);
        }
    }

    @Test
    void whatMustBeFoundIsNamedAsHitchNamesIt() {
        for (String name : Lesson.names()) {
            for (Lesson.Line line : Lesson.shipped(name).lines()) {
                assertThat(line.text()).as(name).isNotBlank();
                line.labels().stream()
                        .filter(Lesson.Label::must)
                        .forEach(
                                l -> assertThat(Topics.named(l.kind())).as(name).isNotNull());
            }
        }
    }

    @Test
    void aLabelTellsKindPlaceAndNeed() {
        List<Lesson.Label> labels = Lesson.shipped("o").lines().stream()
                .flatMap(l -> l.labels().stream())
                .toList();
        assertThat(labels).anySatisfy(l -> {
            assertThat(l.kind()).isEqualTo("repair");
            assertThat(l.from()).isEqualTo(66);
            assertThat(l.to()).isEqualTo(66);
            assertThat(l.must()).isTrue();
        });
        assertThat(labels).anyMatch(l -> !l.hasPlace()).anyMatch(l -> !l.must());
    }

    @Test
    void captionsOfNothingTeachNothingAndOthersTheirKinds() {
        assertThat(Phrase.said()).anyMatch(p -> p.matter().isEmpty()).hasSizeGreaterThan(2500);
        assertThat(Phrase.said()).noneMatch(p -> p.words().isBlank());
    }
}
