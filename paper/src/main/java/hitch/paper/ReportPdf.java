package hitch.paper;

import com.openhtmltopdf.extend.FSObjectDrawer;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.render.DefaultObjectDrawerFactory;
import com.openhtmltopdf.util.XRLog;
import hitch.core.disclosure.Disclosure;
import hitch.core.exchange.FindingRow;
import hitch.core.parcel.Marks;
import hitch.core.parcel.Report;
import hitch.core.sketch.Sketch;
import hitch.core.sketch.Tone;
import java.io.IOException;
import java.io.OutputStream;
import java.util.Base64;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** Writes {@code report.pdf} from the same report as the page: tagged, with bookmarks, real text and the shipped typefaces. */
public final class ReportPdf {
    /** What it is called within a parcel. */
    public static final String FILE = "report.pdf";

    /** Findings that are told with their still; the others, of less weight, stand in a table. */
    private static final int FULL = 24;

    private static final double WIDE_MM = 176;

    /** Signs of the line at the head of a page. */
    private static final int RUNNING = 90;

    private ReportPdf() {}

    /**
     * @param pictures stills and photographs as JPEG, by the names that the report has for them
     * @param pointed whether pointers are drawn on them
     */
    public static void write(
            Disclosure may,
            Report report,
            Beside beside,
            Marks marks,
            Map<String, byte[]> pictures,
            boolean pointed,
            OutputStream out)
            throws IOException {
        Optional<Sketch> sketch = beside.line().map(m -> m.sketch().told(may::text));
        Map<String, Object> values = new HashMap<>();
        values.put("report", report);
        values.put("heading", Report.TITLE);
        values.put("sides", Report.SIDES);
        values.put("pointed", pointed);
        values.put(Templates.TIMES, beside.times());
        values.put(
                Templates.PICTURES,
                pictures.entrySet().stream()
                        .collect(Collectors.toMap(
                                Map.Entry::getKey,
                                p -> "data:image/jpeg;base64,"
                                        + Base64.getEncoder().encodeToString(p.getValue()))));
        Set<FindingRow> full = full(report);
        values.put("full", report.findings().stream().filter(full::contains).toList());
        values.put(
                "brief",
                report.findings().stream().filter(f -> !full.contains(f)).toList());
        values.put("drawn", sketch.isPresent());
        values.put(
                "lineHeight",
                sketch.map(s -> String.format(Locale.ROOT, "%.1f", WIDE_MM * s.height() / s.width()))
                        .orElse("0"));
        values.put("lineWords", "The line of " + report.property() + ", drawn to scale along");
        values.put("marks", marks);
        values.put("record", Marks.grouped(marks.record()));
        values.put("key", Marks.grouped(marks.key()));
        values.put("issue", marks.issued());
        values.put("by", may.facts().firm());
        values.put("running", inStyle(report.property()));
        values.put("footed", inStyle("For the " + report.audience().toLowerCase(Locale.ROOT)));
        values.put("soft", Tone.SOFT.hex());
        values.put("style", style());
        XRLog.setLoggingEnabled(false);
        PdfRendererBuilder builder = new PdfRendererBuilder();
        builder.useFastMode();
        builder.usePdfUaAccessibility(true);
        builder.usePdfAConformance(PdfRendererBuilder.PdfAConformance.PDFA_3_A);
        builder.withProducer("Hitch");
        font(builder, "HankenGrotesk-Regular.ttf", "Hanken Grotesk", 400);
        font(builder, "HankenGrotesk-SemiBold.ttf", "Hanken Grotesk", 600);
        font(builder, "HankenGrotesk-Bold.ttf", "Hanken Grotesk", 700);
        // For letters that the others have not: Cyrillic, Hebrew, Arabic and more.
        font(builder, "DejaVuSans.ttf", "DejaVu Sans", 400);
        font(builder, "SplineSansMono-Medium.ttf", "Spline Sans Mono", 400);
        font(builder, "SplineSansMono-Bold.ttf", "Spline Sans Mono", 700);
        sketch.ifPresent(s -> {
            DefaultObjectDrawerFactory drawers = new DefaultObjectDrawerFactory();
            FSObjectDrawer drawer = new LineDrawer(s);
            drawers.registerDrawer("hitch/line", drawer);
            builder.useObjectDrawerFactory(drawers);
        });
        builder.withHtmlContent(readable(Templates.fill("print", values)), null);
        builder.toStream(out);
        builder.run();
    }

    /** Without signs that no page may hold: those that control a printer of old, halves of letters, and those that turn the words behind them round. */
    private static String readable(String page) {
        return page.codePoints()
                .filter(c -> c == '\n' || c == '\t' || c >= ' ' && isReadable(c))
                .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
                .toString();
    }

    private static boolean isReadable(int c) {
        boolean turning = c >= 0x202A && c <= 0x202E || c >= 0x2066 && c <= 0x2069;
        return !turning && c != 0xFFFE && c != 0xFFFF && Character.getType(c) != Character.SURROGATE;
    }

    /** A text as it stands between quotation marks in a style sheet (CSS 2.1, 4.1.3): every sign but letters and figures by its number. */
    private static String inStyle(String text) {
        StringBuilder out = new StringBuilder();
        readable(text).codePoints().limit(RUNNING).forEach(c -> {
            if (c < 128 && (Character.isLetterOrDigit(c) || c == ' ')) {
                out.appendCodePoint(c);
            } else {
                out.append('\\').append(Integer.toHexString(c)).append(' ');
            }
        });
        return out.toString();
    }

    private static Set<FindingRow> full(Report report) {
        return report.findings().stream()
                .filter(report::isPictured)
                .sorted(Comparator.comparingInt(FindingRow::knots).reversed())
                .limit(FULL)
                .collect(Collectors.toCollection(HashSet::new));
    }

    private static void font(PdfRendererBuilder builder, String file, String family, int weight) {
        builder.useFont(() -> PlainFace.open("/hitch/fonts/" + file), family, weight, FontStyle.NORMAL, true);
    }

    /** The style sheet with the colours that stand once for all. */
    private static String style() {
        String style = Templates.text("print.css");
        for (Tone tone : Tone.values()) {
            style = style.replace("var(--" + tone.name().toLowerCase(Locale.ROOT) + ")", tone.hex());
        }
        return style;
    }
}
