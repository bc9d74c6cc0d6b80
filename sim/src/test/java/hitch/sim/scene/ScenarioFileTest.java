package hitch.sim.scene;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hitch.media.MediaException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ScenarioFileTest {
    private static final String PIPE = """
            seed: 3
            width: 320
            height: 240
            rate: 10
            bitRate: 200000
            pipes:
              - {from: 0, to: 9, material: clay, size: 4, joints: 3}
            things:
              - {kind: roots, at: 4.5, clock: 2, amount: 0.3, sort: hair}
              - {kind: crack, at: 2}
            clips:
              - file: a.mp4
                run: street run
                toward: main
                path: [{t: 0, ft: 0}, {t: 9, ft: 8}]
                does:
                  - {what: fog, t: 3, to: 5, amount: 0.4}
            """;

    @TempDir
    Path folder;

    private Scenario read(String text) throws IOException, MediaException {
        return ScenarioFile.read(Files.writeString(folder.resolve("pipe.yaml"), text));
    }

    @Test
    void whatIsLeftOutIsAsUsual() throws Exception {
        Scenario read = read(PIPE);
        assertThat(read.things().get(0)).isEqualTo(Thing.at(Kind.ROOTS, 4.5, 2, 0.3, "hair"));
        assertThat(read.things().get(1)).isEqualTo(Thing.at(Kind.CRACK, 2, 12, Kind.CRACK.usual(), "along"));
        assertThat(read.clips().getFirst().at(Act.FOG, 4)).isEqualTo(0.4);
        assertThat(read.counter()).isEqualTo(Scenario.Counter.USUAL);
    }

    @ParameterizedTest(name = "{0} -> {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "kind: roots, | kind: rotos, | line 9, column 5 | \"rotos\" is nothing that can be drawn; was \"roots\" meant?",
                "clock: 2, | clock: 14, | line 9, | clock is an hour from 0 to 12, not 14.0",
                "clock: 2, | clok: 2, | line 9, column 28 | there is no \"clok\" here; was \"clock\" meant?",
                "amount: 0.3 | amount: 3 | line 9, | the amount of roots is share of the bore from 0.01 to 1.0, not 3.0",
                "sort: hair | sort: hairy | line 9, | \"hairy\" is no sort of roots; it comes as clump, hair, mass, hangers",
                "at: 2} | clock: 2} | line 10, | crack needs its station: at: 12.5",
                "kind: crack, | kind: grease, | line 10, | grease lies along a stretch: say where it ends",
                "material: clay | material: cley | line 7, | \"cley\" cannot be used here; it is one of clay, cast_iron",
                "size: 4 | size: 40 | line 7, | size is the bore in inches, 2 to 12, not 40",
                "size: 4 | size: four | line 7, | \"four\" cannot be used here; a number was meant",
                "t: 9, ft | t: 0, ft | line 12, | the path goes back in time",
                "what: fog | what: frog | line 17, | \"frog\" is nothing that happens on a take; was \"fog\" meant?",
                "toward: main | toward: maine | line 12, column 5 | a take goes toward: main, or toward: building, not maine",
                "width: 320 | width: 321 | line | a picture of 321 x 240 cannot be recorded",
            })
    void whatIsWrongIsToldWithItsPlace(String right, String wrong, String where, String what) {
        String text = PIPE.replace(right, wrong);
        assertThat(text).isNotEqualTo(PIPE);
        assertThatThrownBy(() -> read(text))
                .isInstanceOf(MediaException.class)
                .hasMessageContaining("pipe.yaml")
                .hasMessageContaining(where)
                .hasMessageContaining(what);
    }

    @Test
    void pipesLeaveNoGapAndThingsNameTheirClips() {
        assertThatThrownBy(() -> read(
                        PIPE.replace("things:", "  - {from: 10, to: 12, material: pvc, size: 4, joints: 3}\nthings:")))
                .hasMessageContaining("does not begin where the one before it ends, at 9.0");
        assertThatThrownBy(() -> read(PIPE.replace("at: 2}", "at: 2, only: [b.mp4]}")))
                .hasMessageContaining("crack 2.0 is only on b.mp4, which is no clip");
    }

    @Test
    void noYamlAndNoFileAreTold() {
        assertThatThrownBy(() -> read("seed: ["))
                .hasMessageContaining("pipe.yaml")
                .hasMessageContaining("line");
        assertThatThrownBy(() -> ScenarioFile.read(folder.resolve("none.yaml"))).hasMessageContaining("none.yaml");
    }
}
