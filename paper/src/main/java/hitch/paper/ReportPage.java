package hitch.paper;

import hitch.core.detail.Details;
import hitch.core.disclosure.Disclosure;
import hitch.core.exchange.FindingRow;
import hitch.core.exchange.PhotoRow;
import hitch.core.finding.Weight;
import hitch.core.judge.Cautions;
import hitch.core.judge.Judgement;
import hitch.core.judge.ask.Ask;
import hitch.core.judge.remedy.Caution;
import hitch.core.judge.remedy.Reason;
import hitch.core.judge.remedy.Remedy;
import hitch.core.pipe.Wall;
import hitch.core.sketch.Tone;
import hitch.core.survey.told.Fixtures;
import hitch.core.survey.told.Joints;
import hitch.core.survey.told.Symptoms;
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
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

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
    public static String write(Disclosure may, String video) {
        PebbleTemplate template = ENGINE.getTemplate("report");
        Map<String, Object> values = new HashMap<>();
        List<FindingRow> rows = FindingRow.of(may);
        values.put("facts", may.facts());
        values.put("title", may.title());
        values.put("audience", may.recipient().title());
        values.put("more", more(may.facts().more()).entrySet());
        values.put("client", may.facts().client());
        values.put("seen", may.reached().map(s -> may.unit().show(s.length())).orElse(""));
        values.put("water", may.standingWater().mm() == 0 ? "" : may.unit().show(may.standingWater()));
        values.put("rows", rows);
        values.put("counts", counts(rows));
        Optional<Judgement> judged = may.judgement();
        values.put("comesTo", may.comesTo());
        values.put(
                "asks",
                judged.map(Judgement::standing).orElse(List.of()).stream()
                        .map(Asked::of)
                        .toList());
        values.put("pipe", may.recipient().isPublic() ? List.of() : pipe(may));
        values.put(
                "fixtures",
                Fixtures.of(may.findings()).all().stream().map(Water::of).toList());
        values.put("joints", may.recipient().isPublic() ? List.of() : Joints.of(may.findings()));
        values.put("symptoms", Symptoms.of(may.findings()));
        values.put("unseen", may.unseen());
        values.put("photos", PhotoRow.of(may));
        values.put("cautions", Cautions.ALL);
        values.put("tones", Tone.values());
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

    /** What else is known of the visit, each under its name. */
    private static Map<String, String> more(Details known) {
        Map<String, String> more = new LinkedHashMap<>();
        known.all().forEach(d -> more.put(d.title(), known.text(d)));
        return more;
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

    /** Something to be done as the page tells it. */
    public record Asked(
            String what,
            String when,
            int knots,
            List<String> because,
            List<String> unless,
            List<String> first,
            List<String> mind,
            String cost) {
        static Asked of(Ask ask) {
            return new Asked(
                    ask.text(),
                    ask.soon() + ", " + ask.who().word()
                            + ask.due().map(d -> ", by " + d).orElse(""),
                    ask.weight().knots(),
                    ask.remedy()
                            .map(r -> r.because().stream().map(Reason::text).toList())
                            .orElse(ask.why().isBlank() ? List.of() : List.of(ask.why())),
                    ask.remedy().map(Remedy::unless).orElse(List.of()),
                    ask.remedy().map(Remedy::first).orElse(List.of()),
                    ask.remedy()
                            .map(r -> r.cautions().stream().map(Caution::text).toList())
                            .orElse(List.of()),
                    ask.remedy().flatMap(r -> r.cost().words()).orElse(""));
        }
    }

    /** A room and its water as the page tells it. */
    public record Water(String room, String ran, String came) {
        static Water of(Fixtures.Fixture fixture) {
            return new Water(fixture.room(), fixture.ran(), fixture.came());
        }
    }

    /** A length of pipe as the page draws it. */
    public record Length(String words, String length, String share, String colour) {}

    private static List<Length> pipe(Disclosure may) {
        double total = may.reached().map(s -> (double) s.length().mm()).orElse(1.0);
        return may.spans().stream()
                .map(s -> new Length(
                        s.words(),
                        may.unit().show(s.length()),
                        String.format(Locale.ROOT, "%.2f", 100 * s.length().mm() / Math.max(1, total)),
                        s.pipe().wall().map(ReportPage::colour).orElse(Tone.EDGE.hex())))
                .toList();
    }

    private static String colour(Wall wall) {
        return String.format("#%06X", Palette.wall(wall).getRGB() & 0xFFFFFF);
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
