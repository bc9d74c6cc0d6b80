package hitch.core.exchange;

import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import hitch.core.story.Audience;
import hitch.core.survey.Survey;
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

    public static String write(Survey survey, Audience audience) {
        Map<String, Object> root = new LinkedHashMap<>();
        root.put("property", survey.facts().title());
        root.put("recorded", survey.facts().inspectedOn());
        root.put("for", audience.word());
        root.put("unit", survey.facts().unit().sign());
        survey.seen().ifPresent(s -> root.put("seen_ft", feet(s.length())));
        if (audience != Audience.DISTRICT) {
            root.put("standing_water_ft", feet(survey.standingWater()));
            root.put("pipe", spans(survey));
        }
        root.put("findings", FindingRow.of(survey, audience));
        return MAPPER.writeValueAsString(root);
    }

    private static List<Map<String, Object>> spans(Survey survey) {
        return survey.spans().stream()
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
