package hitch.core.exchange;

import hitch.core.eyes.LookHere;
import hitch.core.footage.Clip;
import hitch.core.measure.Distance;
import hitch.core.survey.PlaceWords;
import hitch.core.survey.Survey;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** Places that stand out, as JSON; {@code docs/formats/take-in.md} tells each field. */
public final class LooksJson {
    private static final JsonMapper MAPPER =
            JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

    private LooksJson() {}

    public static String write(Survey survey, List<LookHere> looks) {
        return MAPPER.writeValueAsString(looks.stream().map(l -> row(survey, l)).toList());
    }

    private static Map<String, Object> row(Survey survey, LookHere look) {
        Optional<Clip> clip = survey.clip(look.frame().clip());
        Map<String, Object> row = new LinkedHashMap<>();
        row.put("clip", clip.map(Clip::fileName).orElse(null));
        row.put(
                "seconds",
                clip.map(c -> Math.round(c.secondsInto(look.frame().pts()) * 10) / 10.0)
                        .orElse(null));
        row.put("station_ft", Math.round(look.station().mm() / Distance.MM_PER_FOOT * 10) / 10.0);
        row.put("place", survey.placeAt(look.frame()).map(PlaceWords::all).orElse(null));
        row.put("by", Math.round(look.by() * 10) / 10.0);
        row.put("why", look.why().words());
        return row;
    }
}
