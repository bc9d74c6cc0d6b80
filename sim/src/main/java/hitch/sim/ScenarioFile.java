package hitch.sim;

import hitch.media.MediaException;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.MapperFeature;
import tools.jackson.dataformat.yaml.YAMLMapper;

/** Reads scenarios. */
public final class ScenarioFile {
    private static final YAMLMapper MAPPER = YAMLMapper.builder()
            .enable(MapperFeature.ACCEPT_CASE_INSENSITIVE_ENUMS)
            .disable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .build();

    private ScenarioFile() {}

    public static Scenario read(Path file) throws MediaException {
        try (InputStream in = Files.newInputStream(file)) {
            return read(in);
        } catch (IOException e) {
            throw new MediaException("The scenario " + file + " cannot be read: " + e.getMessage(), e);
        } catch (JacksonException e) {
            throw new MediaException("The scenario " + file + " is not as expected: " + e.getOriginalMessage(), e);
        }
    }

    public static Scenario read(InputStream in) {
        return MAPPER.readValue(in, Scenario.class);
    }
}
