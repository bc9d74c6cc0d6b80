package hitch.core.exchange;

import hitch.core.gauge.AlongClip;
import hitch.core.gauge.Ellipse;
import hitch.core.gauge.FrameGauge;
import hitch.core.gauge.JointGauge;
import hitch.core.gauge.JointTrail;
import hitch.core.gauge.LayLengths;
import hitch.core.gauge.Measured;
import hitch.core.gauge.RimGrowth;
import hitch.core.gauge.Ring;
import hitch.core.gauge.WaterLine;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** What is proposed on a frame, as JSON ({@code docs/formats/measure.md}). */
public final class GaugeJson {
    private static final JsonMapper MAPPER =
            JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

    private GaugeJson() {}

    /**
     * @param about what the frame is of, told first: its file, its number, its second
     */
    public static String write(Map<String, Object> about, FrameGauge gauge) {
        Map<String, Object> all = new LinkedHashMap<>(about);
        all.put("width", gauge.found().lens().width());
        all.put("height", gauge.found().lens().height());
        all.put("bore_mm", round(gauge.boreMm(), 1));
        all.put("lens_degrees", round(gauge.found().lens().degrees(), 1));
        all.put("rings", gauge.found().rings().stream().map(r -> ring(gauge, r)).toList());
        all.put("joints", gauge.joints().stream().map(j -> joint(gauge, j)).toList());
        all.put("water", gauge.water().map(w -> water(gauge, w)).orElse(null));
        return MAPPER.writeValueAsString(all);
    }

    /** What the rims along a clip tell, as JSON. */
    public static String write(AlongClip along) {
        Map<String, Object> all = new LinkedHashMap<>();
        all.put("bore_mm", round(along.boreMm(), 1));
        all.put("bore_seen", along.bore().map(GaugeJson::bore).orElse(null));
        all.put("lens_seen", along.lens().map(GaugeJson::lens).orElse(null));
        all.put("joints", along.joints().stream().map(GaugeJson::joint).toList());
        all.put("lengths", along.lays().stream().map(GaugeJson::lay).toList());
        return MAPPER.writeValueAsString(all);
    }

    private static Map<String, Object> bore(RimGrowth seen) {
        Map<String, Object> row = new LinkedHashMap<>();
        row.put("mm", round(2 * seen.radiusMm(), 1));
        row.put("error_mm", round(2 * seen.error(), 1));
        return row;
    }

    private static Map<String, Object> lens(RimGrowth.LensSeen seen) {
        Map<String, Object> row = new LinkedHashMap<>();
        row.put("degrees", round(seen.degrees(), 1));
        row.put("error_degrees", round(seen.error(), 1));
        return row;
    }

    private static Map<String, Object> joint(JointTrail.Joint joint) {
        Map<String, Object> row = new LinkedHashMap<>();
        row.put("cable_mm", round(joint.at(), 0));
        row.put("error_mm", round(joint.error(), 0));
        row.put("seen", joint.seen());
        row.put("sure", round(joint.sure(), 2));
        return row;
    }

    private static Map<String, Object> lay(LayLengths.Lay lay) {
        Map<String, Object> row = new LinkedHashMap<>();
        row.put("from_mm", round(lay.from(), 0));
        row.put("to_mm", round(lay.to(), 0));
        row.put("length_mm", round(lay.length(), 0));
        row.put("joints", lay.joints());
        row.put("not_seen_mm", lay.missing().stream().map(m -> round(m, 0)).toList());
        return row;
    }

    private static Map<String, Object> ring(FrameGauge gauge, Ring ring) {
        Map<String, Object> row = new LinkedHashMap<>();
        Ellipse e = gauge.found().ellipse(ring).orElseThrow();
        row.put("x", round(e.x(), 1));
        row.put("y", round(e.y(), 1));
        row.put("a", round(e.a(), 1));
        row.put("b", round(e.b(), 1));
        row.put("turn_degrees", round(e.turn(), 1));
        row.put("ahead_mm", round(ring.ahead() * gauge.boreMm() / 2, 0));
        row.put("seen", round(ring.seen(), 2));
        row.put("sure", round(ring.sure(), 2));
        return row;
    }

    private static Map<String, Object> joint(FrameGauge gauge, JointGauge joint) {
        Map<String, Object> row = new LinkedHashMap<>();
        row.put("near", ring(gauge, joint.rings().near()));
        row.put("far", ring(gauge, joint.rings().far().orElseThrow()));
        Map<String, Object> step = measured(joint.step(), gauge.boreMm());
        step.put("clock", round(joint.clock(), 1));
        row.put("step", step);
        row.put("gap", measured(joint.gap(), gauge.boreMm()));
        return row;
    }

    private static Map<String, Object> water(FrameGauge gauge, Measured depth) {
        WaterLine line = gauge.found().water().orElseThrow();
        Map<String, Object> row = measured(depth, gauge.boreMm());
        row.put("area_share", round(line.share(), 3));
        row.put("roll_degrees", round(Math.toDegrees(line.roll()), 1));
        row.put("edges", List.of(edge(gauge, line.left()), edge(gauge, line.right())));
        return row;
    }

    /** Two places of the edge, pixels. */
    private static List<List<Double>> edge(FrameGauge gauge, double turn) {
        return gauge.found().edge(turn).stream()
                .map(p -> List.of(round(p[0], 1), round(p[1], 1)))
                .toList();
    }

    private static Map<String, Object> measured(Measured m, double boreMm) {
        Map<String, Object> row = new LinkedHashMap<>();
        row.put("mm", round(m.mm(), 1));
        row.put("error_mm", round(m.error(), 1));
        row.put("inches", round(m.inches(), 2));
        row.put("error_inches", round(m.errorInches(), 2));
        row.put("share_of_bore", round(m.mm() / boreMm, 3));
        row.put("sure", round(m.sure(), 2));
        return row;
    }

    private static double round(double value, int places) {
        double by = Math.pow(10, places);
        return Math.rint(value * by) / by;
    }
}
