package hitch.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Follows the walks of CONTRIBUTING.md and the table of ARCHITECTURE.md: what they name is there. */
class ContributingTest {
    private static final Path TOP = Path.of("..").toAbsolutePath().normalize();
    private static final Pattern NAMED =
            Pattern.compile("`([\\w./-]+/[\\w./-]+\\.(?:java|txt|md|jsonl))(?:#([\\w.-]+))?`");
    private static final int LONGEST = 12;

    private static String page(String name) throws IOException {
        return Files.readString(TOP.resolve(name));
    }

    @Test
    void everyFileAndNameOfAWalkIsThere() throws IOException {
        var named = NAMED.matcher(page("CONTRIBUTING.md")).results().toList();
        assertThat(named).hasSizeGreaterThan(30);
        for (var name : named) {
            Path file = TOP.resolve(name.group(1));
            assertThat(file).exists();
            if (name.group(2) != null) {
                assertThat(Files.readString(file)).as(name.group()).contains(name.group(2));
            }
        }
    }

    @Test
    void noWalkIsLong() throws IOException {
        List<String> walks =
                Arrays.stream(page("CONTRIBUTING.md").split("\n## ")).skip(1).toList();
        assertThat(walks).hasSize(9);
        for (String walk : walks) {
            assertThat(walk.lines().filter(l -> l.matches("\\d+\\. .*"))).hasSizeBetween(3, LONGEST);
        }
    }

    @Test
    void everyClassThatTheTableOfTheHouseNamesIsThere() throws IOException {
        List<String> classes;
        try (var all = Files.walk(TOP)) {
            classes = all.map(Path::toString)
                    .filter(p -> p.endsWith(".java") && p.contains("/src/main/"))
                    .map(p -> p.replaceAll(".*/src/main/java/hitch/", "").replaceAll("\\.java$", ""))
                    .toList();
        }
        var named = Pattern.compile("`((?:core|media|paper|store|sim|bench|desk|app)/[\\w/]+/[A-Z]\\w+)[.`]")
                .matcher(page("docs/ARCHITECTURE.md"))
                .results()
                .map(m -> m.group(1))
                .filter(name -> !name.contains("/src/"))
                .toList();
        assertThat(named).hasSizeGreaterThan(40);
        assertThat(classes).containsAll(named);
    }
}
