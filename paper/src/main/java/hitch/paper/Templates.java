package hitch.paper;

import hitch.core.parcel.FilmTimes;
import hitch.core.pipe.Wall;
import hitch.core.sketch.Tone;
import hitch.media.draw.Palette;
import io.pebbletemplates.pebble.PebbleEngine;
import io.pebbletemplates.pebble.extension.AbstractExtension;
import io.pebbletemplates.pebble.extension.Function;
import io.pebbletemplates.pebble.loader.ClasspathLoader;
import io.pebbletemplates.pebble.template.EvaluationContext;
import io.pebbletemplates.pebble.template.PebbleTemplate;
import java.io.IOException;
import java.io.InputStream;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** Fills the templates that page and PDF share. */
final class Templates {
    /** Keys of what functions of a template look at. */
    static final String TIMES = "times";

    static final String PICTURES = "pictures";

    private static final PebbleEngine ENGINE = new PebbleEngine.Builder()
            .loader(loader())
            .extension(new Words())
            .strictVariables(true)
            .autoEscaping(true)
            .defaultLocale(Locale.US)
            .build();

    private Templates() {}

    private static ClasspathLoader loader() {
        ClasspathLoader loader = new ClasspathLoader(Templates.class.getClassLoader());
        loader.setPrefix("hitch/paper");
        loader.setSuffix(".html");
        return loader;
    }

    static String fill(String template, Map<String, Object> values) {
        PebbleTemplate filled = ENGINE.getTemplate(template);
        try (StringWriter out = new StringWriter()) {
            filled.evaluate(out, values);
            return out.toString();
        } catch (IOException e) {
            throw new UncheckedIOException("the template " + template + " cannot be filled", e);
        }
    }

    /** A text that ships beside the templates. */
    static String text(String name) {
        return new String(bytes("/hitch/paper/" + name), StandardCharsets.UTF_8);
    }

    /** The colours and the typefaces of a page. */
    static Map<String, Object> look() {
        Map<String, Object> values = new HashMap<>();
        values.put("tones", Tone.values());
        values.put("textFont", font("HankenGrotesk-Regular.ttf"));
        values.put("boldFont", font("HankenGrotesk-SemiBold.ttf"));
        values.put("measureFont", font("SplineSansMono-Medium.ttf"));
        return values;
    }

    /** A shipped typeface, as it stands in a page. */
    private static String font(String file) {
        return Base64.getEncoder().encodeToString(bytes("/hitch/fonts/" + file));
    }

    private static byte[] bytes(String name) {
        try (InputStream in = Templates.class.getResourceAsStream(name)) {
            if (in == null) {
                throw new IllegalStateException("the shipped file " + name + " is missing");
            }
            return in.readAllBytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String shownAt(EvaluationContext in, Object id) {
        FilmTimes times = (FilmTimes) in.getVariable(TIMES);
        return Optional.ofNullable(times.findings().get(id))
                .map(s -> String.format(Locale.ROOT, "%.3f", s))
                .orElse("");
    }

    private static String clockAt(EvaluationContext in, Object id) {
        FilmTimes times = (FilmTimes) in.getVariable(TIMES);
        return Optional.ofNullable(times.findings().get(id))
                .map(FilmTimes::clock)
                .orElse("");
    }

    private static String colour(Object wall) {
        return ((Optional<?>) wall)
                .map(w -> String.format("#%06X", Palette.wall((Wall) w).getRGB() & 0xFFFFFF))
                .orElse(Tone.EDGE.hex());
    }

    private static String picture(EvaluationContext in, Object file) {
        Object picture = ((Map<?, ?>) in.getVariable(PICTURES)).get(file);
        return picture == null ? "" : picture.toString();
    }

    /** What templates can ask beyond the values they are given. */
    private static final class Words extends AbstractExtension {
        @Override
        public Map<String, Function> getFunctions() {
            return Map.of(
                    "shownAt", of((in, id) -> shownAt(in, id)),
                    "clockAt", of((in, id) -> clockAt(in, id)),
                    "colour", of((in, wall) -> colour(wall)),
                    "picture", of((in, file) -> picture(in, file)),
                    "percent", of((in, share) -> String.format(Locale.ROOT, "%.2f%%", ((Number) share).doubleValue())));
        }

        private interface Asked {
            Object of(EvaluationContext in, Object what);
        }

        private static Function of(Asked asked) {
            return new Function() {
                @Override
                public List<String> getArgumentNames() {
                    return List.of("of");
                }

                @Override
                public Object execute(
                        Map<String, Object> args, PebbleTemplate self, EvaluationContext context, int line) {
                    return asked.of(context, args.get("of"));
                }
            };
        }
    }
}
