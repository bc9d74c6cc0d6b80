package hitch.sim.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.sim.scene.Act;
import hitch.sim.scene.Kind;
import hitch.sim.scene.Thing;
import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Collection;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class SpecimensTest {
    @Test
    void everySortOfEveryKindIsOnASheet() {
        Set<String> shown = Specimens.all().values().stream()
                .flatMap(Collection::stream)
                .flatMap(s -> s.scenario().things().stream())
                .map(t -> t.kind() + " " + t.sort())
                .collect(Collectors.toSet());
        for (Kind kind : Kind.values()) {
            for (String sort : kind.sorts()) {
                // The main of plastic and a wipe that is shoved look like what is shown of their kind.
                if (kind != Kind.BOUNDARY && !sort.equals("plastic") && !sort.equals("pushed")) {
                    assertThat(shown).contains(kind + " " + sort);
                }
            }
        }
    }

    @Test
    void theManualNamesEveryKindSortAndAct() throws Exception {
        String manual = Files.readString(Path.of("../docs/SCENES.md"));
        for (Kind kind : Kind.values()) {
            assertThat(manual).contains("| `" + kind.word() + "` | " + String.join(", ", kind.sorts()) + " |");
        }
        for (Act act : Act.values()) {
            assertThat(manual).contains("`" + act.name().toLowerCase(java.util.Locale.ROOT) + "`");
        }
    }

    @Test
    void aSheetHasAPictureForEach() {
        var two = Specimens.all().get("lens").subList(0, 2);
        BufferedImage sheet = ContactSheet.draw(two, 2);
        assertThat(sheet.getWidth()).isEqualTo(640);
        assertThat(sheet.getRGB(160, 60)).isNotEqualTo(sheet.getRGB(318, 60));
        assertThat(two.getFirst().scenario().things()).isEqualTo(java.util.List.<Thing>of());
    }
}
