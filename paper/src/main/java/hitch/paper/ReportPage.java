package hitch.paper;

import hitch.core.exchange.FindingRow;
import hitch.core.finding.Weight;
import hitch.core.judge.Advice;
import hitch.core.judge.Adviser;
import hitch.core.judge.Cautions;
import hitch.core.pipe.Material;
import hitch.core.story.Audience;
import hitch.core.survey.Survey;
import hitch.media.draw.Palette;
import io.pebbletemplates.pebble.PebbleEngine;
import io.pebbletemplates.pebble.loader.ClasspathLoader;
import io.pebbletemplates.pebble.template.PebbleTemplate;
import java.io.IOException;
import java.io.InputStream;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Base64;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** Writes {@code report.html}: complete in itself but for the stills and the video beside it. */
public final class ReportPage {
    private static final PebbleEngine ENGINE = new PebbleEngine.Builder()
            .loader(loader())
            .strictVariables(true)
            .autoEscaping(true)
            .defaultLocale(Locale.US)
            .build();

    private ReportPage() {}

    private static ClasspathLoader loader() {
        ClasspathLoader loader = new ClasspathLoader(ReportPage.class.getClassLoader());
        loader.setPrefix("hitch/paper");
        loader.setSuffix(".html");
        return loader;
    }

    /**
     * @param video file name of the video beside the page; blank for none
     */
    public static String write(Survey survey, Audience audience, String video) {
        PebbleTemplate template = ENGINE.getTemplate("report");
        Map<String, Object> values = new HashMap<>();
        List<FindingRow> rows = FindingRow.of(survey, audience);
        boolean district = audience == Audience.DISTRICT;
        values.put("facts", survey.facts());
        values.put("title", survey.facts().title());
        values.put("audience", audience.title());
        values.put("client", district ? "" : survey.facts().client());
        values.put(
                "seen",
                survey.seen().map(s -> survey.facts().unit().show(s.length())).orElse(""));
        values.put(
                "water",
                district || survey.standingWater().mm() == 0
                        ? ""
                        : survey.facts().unit().show(survey.standingWater()));
        values.put("rows", rows);
        values.put("counts", counts(rows));
        values.put("advice", district ? List.<Advice>of() : Adviser.advise(survey));
        values.put("pipe", district ? List.of() : pipe(survey));
        values.put("cautions", Cautions.ALL);
        values.put("video", video);
        values.put("textFont", font("HankenGrotesk-Regular.ttf"));
        values.put("boldFont", font("HankenGrotesk-SemiBold.ttf"));
        values.put("measureFont", font("SplineSansMono-Medium.ttf"));
        try (StringWriter out = new StringWriter()) {
            template.evaluate(out, values);
            return out.toString();
        } catch (IOException e) {
            throw new UncheckedIOException("the report template cannot be filled", e);
        }
    }

    /** How many findings have a weight, heaviest first. */
    public record Count(String word, String meaning, int knots, long number) {}

    private static List<Count> counts(List<FindingRow> rows) {
        List<Count> counts = new ArrayList<>();
        for (Weight weight : List.of(Weight.STOP, Weight.MEND, Weight.TEND, Weight.WATCH, Weight.NOTED)) {
            long number = rows.stream().filter(r -> r.knots() == weight.knots()).count();
            if (number > 0) {
                counts.add(new Count(weight.word(), weight.meaning(), weight.knots(), number));
            }
        }
        return counts;
    }

    /** A length of pipe as the page draws it. */
    public record Length(String words, String length, String share, String colour) {}

    private static List<Length> pipe(Survey survey) {
        double total = survey.seen().map(s -> (double) s.length().mm()).orElse(1.0);
        return survey.spans().stream()
                .map(s -> new Length(
                        s.words(),
                        survey.facts().unit().show(s.length()),
                        String.format(Locale.ROOT, "%.2f", 100 * s.length().mm() / Math.max(1, total)),
                        s.material().map(ReportPage::colour).orElse("#DDD7CA")))
                .toList();
    }

    private static String colour(Material material) {
        return String.format("#%06X", Palette.material(material).getRGB() & 0xFFFFFF);
    }

    private static String font(String file) {
        try (InputStream in = ReportPage.class.getResourceAsStream("/hitch/fonts/" + file)) {
            if (in == null) {
                throw new IllegalStateException("the shipped typeface " + file + " is missing");
            }
            return Base64.getEncoder().encodeToString(in.readAllBytes());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
