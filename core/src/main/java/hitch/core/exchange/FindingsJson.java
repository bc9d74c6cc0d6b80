package hitch.core.exchange;

import hitch.core.disclosure.Disclosure;
import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import hitch.core.survey.told.Fixtures;
import hitch.core.survey.told.Joints;
import hitch.core.survey.told.Surfaces;
import hitch.core.survey.told.Symptoms;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** Findings and the reckoned line as JSON. */
public final class FindingsJson {
    private static final JsonMapper MAPPER =
            JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

    private FindingsJson() {}

    public static String write(Disclosure may) {
        Map<String, Object> root = new LinkedHashMap<>();
        root.put("property", may.title());
        root.put("recorded", may.facts().inspectedOn());
        root.put("job", may.facts().more().texts());
        root.put("for", may.recipient().word());
        root.put("unit", may.facts().unit().sign());
        may.reached().ifPresent(s -> root.put("seen_ft", feet(s.length())));
        if (!may.recipient().isPublic()) {
            root.put("standing_water_ft", feet(may.standingWater()));
            root.put("pipe", spans(may));
            root.put(
                    "joints",
                    Joints.of(may.findings()).stream()
                            .map(t -> JsonRow.row("what", t.words(), "some", t.some(), "of", t.of()))
                            .toList());
        }
        told(may, root);
        root.put("photographs", PhotoRow.of(may));
        root.put("findings", FindingRow.of(may));
        return MAPPER.writeValueAsString(root);
    }

    /** What was told rather than found; nothing of it for who sees the public part alone. */
    private static void told(Disclosure may, Map<String, Object> root) {
        root.put(
                "fixtures",
                Fixtures.of(may.findings()).all().stream()
                        .map(f -> JsonRow.row(
                                "room", f.room(),
                                "ran", f.ran(),
                                "arrived", f.arrived().word(),
                                "delay", f.delay(),
                                "branch", f.branch()))
                        .toList());
        root.put(
                "symptoms",
                Symptoms.of(may.findings()).stream()
                        .map(s -> JsonRow.row("noticed", s.words(), "cause", s.cause()))
                        .toList());
        root.put(
                "surfaces",
                Surfaces.of(may.findings()).all().stream()
                        .map(a -> JsonRow.row(
                                "from_ft", JsonRow.feet(a.extent().from().mm()),
                                "to_ft", JsonRow.feet(a.extent().to().mm()),
                                "surface", a.surface().word()))
                        .toList());
    }

    private static List<Map<String, Object>> spans(Disclosure may) {
        return may.spans().stream()
                .map(s -> {
                    Extent extent = s.extent();
                    Map<String, Object> row = new LinkedHashMap<>();
                    row.put("from_ft", feet(new Distance(extent.from().mm())));
                    row.put("to_ft", feet(new Distance(extent.to().mm())));
                    row.put("pipe", s.words());
                    return row;
                })
                .toList();
    }

    private static double feet(Distance distance) {
        return Double.parseDouble(String.format(Locale.ROOT, "%.1f", distance.inFeet()));
    }
}
