package hitch.bench.visit;

import hitch.core.pipe.OpeningKind;
import hitch.media.MediaException;
import hitch.sim.scene.Scenario;
import hitch.sim.scene.ScenarioFile;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;

/**
 * A made-up visit of which it is known what of it are runs.
 *
 * @param name of its scenario
 * @param openings where the camera went in, by the run's name, as far as anything tells it
 * @param waySaid whether anybody says which way it goes
 */
record Visit(String name, Map<String, OpeningKind> openings, boolean waySaid) {
    static final List<Visit> ALL = List.of(
            new Visit("rolled", Map.of("street run", OpeningKind.INDOOR_CLEANOUT), true),
            new Visit(
                    "two-directions",
                    Map.of("house run", OpeningKind.GROUND_CLEANOUT, "street run", OpeningKind.GROUND_CLEANOUT),
                    true),
            new Visit(
                    "branch",
                    Map.of("street run", OpeningKind.GROUND_CLEANOUT, "kitchen run", OpeningKind.INDOOR_CLEANOUT),
                    true),
            new Visit("out-of-order", Map.of("street run", OpeningKind.GROUND_CLEANOUT), true),
            new Visit(
                    "before-and-after",
                    Map.of("street run", OpeningKind.GROUND_CLEANOUT, "street run after", OpeningKind.GROUND_CLEANOUT),
                    true),
            new Visit("above-ground", Map.of("street run", OpeningKind.GROUND_CLEANOUT), true),
            new Visit("from-the-roof", Map.of("vent run", OpeningKind.ROOF_VENT), true),
            new Visit("without-a-word", Map.of("street run", OpeningKind.UNKNOWN), false));

    /** @param scratch a folder where its file may lie for a moment */
    Scenario scenario(Path scratch) throws MediaException {
        String file = name + ".yaml";
        try (InputStream in = Visit.class.getResourceAsStream("/hitch/bench/visits/" + file)) {
            Path copy = scratch.resolve(file);
            Files.writeString(copy, new String(in.readAllBytes(), StandardCharsets.UTF_8));
            return ScenarioFile.read(copy);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
