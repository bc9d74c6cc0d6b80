package hitch.core.exchange;

import static hitch.core.exchange.JsonRow.feet;
import static hitch.core.exchange.JsonRow.row;

import hitch.core.measure.Station;
import hitch.core.run.Run;
import hitch.core.survey.Line;
import hitch.core.survey.Survey;
import hitch.core.survey.align.Slip;
import hitch.core.survey.align.Tie;
import java.util.List;
import java.util.Map;

/** How the runs were brought onto one line, as JSON. */
final class TiesJson {
    private TiesJson() {}

    static Map<String, Object> of(Survey survey) {
        Line line = survey.line();
        return row(
                "runs",
                survey.runs().stream().map(r -> run(line, r)).toList(),
                "ties",
                line.tied().ties().stream().map(t -> tie(line, t)).toList(),
                "misclosure_ft",
                feet(line.tied().misclosure()),
                "slips",
                line.tied().slips().stream().map(TiesJson::slip).toList(),
                "not_tied",
                line.tied().loose().stream().map(r -> r.value()).toList());
    }

    private static Map<String, Object> run(Line line, Run run) {
        return row(
                "id", run.id().value(),
                "name", run.name(),
                "opening", run.opening().words(),
                "opening_sort", run.opening().sort().word(),
                "ways", run.opening().ways().word(),
                "start_ft", station(line, run.start()),
                "start_is", run.tied() ? "reckoned" : "given",
                "direction", run.direction().toward(),
                "branch", run.branch(),
                "zeroed_at", run.zero().at().word());
    }

    private static Map<String, Object> tie(Line line, Tie tie) {
        return row(
                "kind", tie.kind().word(),
                "finding", tie.finding().value(),
                "station_ft", station(line, tie.at()),
                "runs", List.of(tie.one().value(), tie.two().value()),
                "gap_ft", feet(tie.gap()));
    }

    private static Map<String, Object> slip(Slip slip) {
        return row(
                "run", slip.run().value(),
                "clip", slip.after().clip().value(),
                "before_pts", slip.before().pts(),
                "after_pts", slip.after().pts(),
                "by_ft", feet(slip.by()),
                "seen_by", slip.seenBy());
    }

    private static double station(Line line, Station station) {
        return feet(line.stationing().read(station).mm());
    }
}
