package hitch.core.exchange;

import static hitch.core.exchange.JsonRow.feet;

import hitch.core.measure.Extent;
import hitch.core.measure.Inches;
import hitch.core.survey.HiddenWall;
import hitch.core.survey.Limit;
import hitch.core.survey.Line;
import hitch.core.survey.Look;
import hitch.core.survey.OpeningLeft;
import hitch.core.survey.SeenPart;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** What of the line was seen, and what was not and why, as rows of JSON. */
final class SeenJson {
    private final Line line;

    SeenJson(Line line) {
        this.line = line;
    }

    List<Map<String, Object>> limits() {
        return line.limits().stream().map(this::limit).toList();
    }

    List<Map<String, Object>> openingsLeft() {
        return line.openingsLeft().stream().map(this::left).toList();
    }

    Map<String, Object> seen() {
        Map<String, Object> row = new LinkedHashMap<>();
        row.put("all_ft", feet(line.seeing().mm()));
        row.put("share_seen_well", Math.round(line.seeing().share() * 1000) / 1000.0);
        row.put("unseen_ft", feet(line.seeing().unseenMm()));
        for (Look look : Look.values()) {
            if (look != Look.NOT_LOOKED) {
                row.put(
                        look.word().replace(' ', '_') + "_ft",
                        feet(line.seeing().mm(look)));
            }
        }
        row.put("not_looked_at_on_the_way_back_ft", feet(line.seeing().onlyOutMm()));
        row.put("parts", line.seeing().parts().stream().map(this::part).toList());
        row.put("wall_hidden", line.seeing().hidden().stream().map(this::hidden).toList());
        return row;
    }

    private Map<String, Object> part(SeenPart part) {
        return JsonRow.placed(
                line,
                part.branch(),
                part.extent(),
                "out",
                part.out().word(),
                "back",
                part.back().word(),
                "best",
                part.best().word(),
                "why",
                part.why());
    }

    private Map<String, Object> left(OpeningLeft left) {
        return JsonRow.placed(
                line,
                left.branch(),
                Extent.at(left.at()),
                "finding",
                left.stop().value(),
                "passed",
                left.passed(),
                "at_least",
                left.more().map(Inches::show).orElse(""),
                "under",
                left.less().map(Inches::show).orElse(""),
                "words",
                left.words());
    }

    private Map<String, Object> hidden(HiddenWall wall) {
        return JsonRow.placed(
                line,
                wall.branch(),
                wall.extent(),
                "clock",
                wall.hidden().words(),
                "share_of_wall",
                Math.round(wall.hidden().share() * 1000) / 1000.0,
                "by",
                wall.by());
    }

    private Map<String, Object> limit(Limit limit) {
        Map<String, Object> row = JsonRow.placed(line, limit.branch(), limit.from());
        row.put("how", limit.look().word());
        row.put("why", limit.why());
        row.put("unknown_beyond", limit.isUnknownBeyond());
        return row;
    }
}
