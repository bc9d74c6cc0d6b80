package hitch.paper;

import hitch.core.disclosure.Disclosure;
import hitch.core.exchange.SketchSvg;
import hitch.core.parcel.Knot;
import hitch.core.parcel.Marks;
import hitch.core.parcel.Report;
import hitch.core.sketch.Sketch;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import tools.jackson.databind.json.JsonMapper;

/**
 * Writes {@code index.html}: the film with its captions and chapters, the line under it, and the report beside it. It is
 * complete in itself but for the film and the stills, and asks nothing of any network.
 */
public final class ReportPage {
    /** What it is called within a parcel. */
    public static final String FILE = "index.html";

    private ReportPage() {}

    /**
     * @param may what its reader may see
     * @param report what it tells
     * @param beside the film it plays
     * @param marks what proves it
     */
    public static String write(Disclosure may, Report report, Beside beside, Marks marks) {
        Optional<Sketch> sketch = beside.line().map(m -> m.sketch().told(may::text));
        Map<String, Object> values = Templates.look();
        values.put("report", report);
        values.put("heading", Report.TITLE);
        values.put("sides", Report.SIDES);
        values.put("video", beside.video());
        values.put(Templates.TIMES, beside.times());
        values.put("captions", json(beside));
        values.put("files", beside.files());
        values.put("drawing", sketch.map(s -> svg(report, s)).orElse(""));
        values.put(
                "knots",
                sketch.map(s -> Knot.on(s, report.findings())).orElseGet(() -> Knot.onStrip(may, report.findings())));
        values.put("marks", marks);
        values.put("record", Marks.grouped(marks.record()));
        values.put("key", Marks.grouped(marks.key()));
        values.put("style", Templates.text("page.css"));
        values.put("script", Templates.text("page.js"));
        return Templates.fill("page", values);
    }

    private static String svg(Report report, Sketch sketch) {
        return SketchSvg.write("The line of " + report.property() + ", drawn to scale along", List.of(sketch))
                .replace("'Spline Sans Mono', monospace", "Measures, monospace")
                .replace("'Hanken Grotesk', 'Helvetica', sans-serif", "Words, sans-serif");
    }

    /** Captions as a script reads them; no sign in them ends the script. */
    private static String json(Beside beside) {
        return JsonMapper.shared()
                .writeValueAsString(beside.captions())
                .replace("<", "\\u003c")
                .replace("\u2028", "\\u2028")
                .replace("\u2029", "\\u2029");
    }
}
