package hitch.sim.scene;

import hitch.media.MediaException;
import hitch.store.NearestWord;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;
import tools.jackson.databind.exc.ValueInstantiationException;
import tools.jackson.dataformat.yaml.YAMLMapper;

/** Reads scenarios. What is wrong in one is told with its line and column, and what was meant there. */
public final class ScenarioFile {
    private static final YAMLMapper MAPPER = YAMLMapper.builder()
            .enable(MapperFeature.ACCEPT_CASE_INSENSITIVE_ENUMS)
            .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .disable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .build();

    private ScenarioFile() {}

    public static Scenario read(Path file) throws MediaException {
        String text;
        try {
            text = Files.readString(file);
        } catch (IOException e) {
            throw new MediaException("The scenario " + file + " cannot be read: " + e.getMessage(), e);
        }
        try {
            return MAPPER.readValue(text, Scenario.class);
        } catch (JacksonException e) {
            throw new MediaException("The scenario " + file + ", " + new YamlPlace(text).of(e) + ": " + what(e), e);
        }
    }

    public static Scenario read(InputStream in) {
        return MAPPER.readValue(in, Scenario.class);
    }

    private static String what(JacksonException e) {
        if (e instanceof UnrecognizedPropertyException unknown) {
            List<String> known = unknown.getKnownPropertyIds().stream()
                    .map(String::valueOf)
                    .sorted()
                    .toList();
            return "there is no \"" + unknown.getPropertyName() + "\" here; was \""
                    + NearestWord.to(unknown.getPropertyName(), known) + "\" meant? It has "
                    + String.join(", ", known) + ".";
        }
        if (e instanceof ValueInstantiationException made && made.getCause() != null) {
            return made.getCause().getMessage();
        }
        if (e instanceof InvalidFormatException wrong) {
            Class<?> meant = wrong.getTargetType();
            String like = meant != null && meant.isEnum()
                    ? "it is one of "
                            + Arrays.stream(meant.getEnumConstants())
                                    .map(v -> v.toString().toLowerCase(java.util.Locale.ROOT))
                                    .collect(Collectors.joining(", "))
                    : "a number was meant";
            return "\"" + wrong.getValue() + "\" cannot be used here; " + like;
        }
        return e.getOriginalMessage();
    }
}
