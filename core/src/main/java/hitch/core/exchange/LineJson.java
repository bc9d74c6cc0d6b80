package hitch.core.exchange;

import static hitch.core.exchange.JsonRow.feet;
import static hitch.core.exchange.JsonRow.inches;
import static hitch.core.exchange.JsonRow.row;
import static hitch.core.exchange.JsonRow.three;

import hitch.core.finding.FindingId;
import hitch.core.finding.LocatedFinding;
import hitch.core.measure.Extent;
import hitch.core.measure.Station;
import hitch.core.pipe.Branch;
import hitch.core.pipe.Lining;
import hitch.core.pipe.PipeSpan;
import hitch.core.survey.BendSum;
import hitch.core.survey.Fall;
import hitch.core.survey.Line;
import hitch.core.survey.LineOpening;
import hitch.core.survey.Locate;
import hitch.core.survey.OpeningFault;
import hitch.core.survey.Reach;
import hitch.core.survey.Reaches;
import hitch.core.survey.Survey;
import hitch.core.survey.Way;
import hitch.core.survey.Whose;
import hitch.core.survey.told.Surfaces;
import java.util.LinkedHashMap;
import java.util.Map;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** Everything reckoned of the line as JSON. Lengths and stations are feet to two decimals, stations read as chosen. */
public final class LineJson {
    private static final JsonMapper MAPPER =
            JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

    private final Survey survey;
    private final Line line;
    private final Surfaces surfaces;

    private LineJson(Survey survey) {
        this.survey = survey;
        this.line = survey.line();
        this.surfaces = Surfaces.of(survey.findings());
    }

    public static String write(Survey survey) {
        return MAPPER.writeValueAsString(new LineJson(survey).all());
    }

    private Map<String, Object> all() {
        Map<String, Object> root = new LinkedHashMap<>();
        root.put("property", survey.facts().title());
        root.put("stations_read_from", line.stationing().from().word());
        root.putAll(TiesJson.of(survey));
        root.put("pipes", line.ways().stream().map(this::way).toList());
        line.inMain().ifPresent(e -> root.put("in_the_main", placed(Branch.MAIN, e, "length_ft", feet(e.length()))));
        root.put(
                "lengths",
                line.lengths().stream()
                        .map(r -> row("pipe", r.pipe(), "within_ft", feet(r.within()), "beyond_ft", feet(r.beyond())))
                        .toList());
        root.put(
                "events",
                line.events().stream()
                        .map(e ->
                                placed(e.branch(), e.extent(), "kind", e.kind().word(), "finding", id(e.finding())))
                        .toList());
        SeenJson seen = new SeenJson(line);
        root.put("seen", seen.seen());
        root.put("limits", seen.limits());
        root.put("openings_left", seen.openingsLeft());
        root.put("locates", line.depths().locates().stream().map(this::locate).toList());
        root.put("falls", line.falls().stream().map(this::fall).toList());
        root.put("openings", line.openings().stream().map(this::opening).toList());
        root.put("bends", line.bends().stream().map(this::bends).toList());
        root.put("opening_rules", line.faults().stream().map(this::fault).toList());
        root.put("whose", whose());
        Reaches reaches = line.reaches(survey.rules().line(), survey.findings());
        root.put(
                "findings",
                survey.findings().stream().map(f -> finding(f, reaches)).toList());
        return root;
    }

    private Map<String, Object> way(Way way) {
        Map<String, Object> row = placed(way.name(), way.whole());
        way.into().ifPresent(i -> row.put("joins", i));
        way.join().ifPresent(j -> row.put("join_ft", station(j)));
        row.put("reached_ft", feet(way.reached().mm()));
        row.put("upper_end_known", way.upperKnown());
        row.put("lower_end_known", way.lowerKnown());
        row.put("spans", way.spans().stream().map(s -> span(way, s)).toList());
        return row;
    }

    private Map<String, Object> span(Way way, PipeSpan span) {
        Map<String, Object> row = placed(
                way.name(),
                span.extent(),
                "length_ft",
                feet(span.length()),
                "material",
                span.material().map(m -> m.word()).orElse("unknown"),
                "size_in",
                inches(span.size()),
                "lined",
                span.lined());
        // "lined" alone means a liner.
        span.pipe().lining().filter(l -> l != Lining.LINER).ifPresent(l -> row.put("lining", l.word()));
        span.pipe().laid().ifPresent(year -> row.put("laid", year));
        return row;
    }

    private Map<String, Object> locate(Locate locate) {
        return row(
                "finding", id(locate.finding()),
                "pipe", locate.branch(),
                "station_ft", station(locate.at()),
                "depth_ft", feet(locate.depth()),
                "invert_depth_ft", feet(locate.invert()),
                "invert_level_ft", feet(locate.level()),
                "plus_minus_ft", feet(locate.error()),
                "ground", locate.ground().words());
    }

    private Map<String, Object> fall(Fall fall) {
        return placed(
                fall.branch(),
                fall.extent(),
                "upper",
                id(fall.upper()),
                "lower",
                id(fall.lower()),
                "drop_ft",
                feet(fall.drop()),
                "inches_a_foot",
                three(fall.inchesAFoot()),
                "plus_minus_inches_a_foot",
                three(fall.plusMinus()),
                "percent",
                three(fall.percent()),
                "plus_minus_percent",
                three(fall.percentPlusMinus()),
                "least_inches_a_foot",
                fall.least(),
                "verdict",
                fall.steepness().word());
    }

    private Map<String, Object> opening(LineOpening opening) {
        return row(
                "name", opening.name(),
                "place", opening.place(),
                "sort", opening.sort().word(),
                "pipe", opening.branch(),
                "station_ft", station(opening.at()),
                "size_in", inches(opening.size()),
                "ways", opening.ways().map(w -> w.word()).orElse("not known"),
                "buried", opening.buried(),
                "used", opening.used());
    }

    private Map<String, Object> bends(BendSum sum) {
        return placed(
                sum.branch(),
                sum.extent(),
                "bends",
                sum.bends(),
                "degrees",
                sum.degrees(),
                "without_degrees",
                sum.unsaid());
    }

    private Map<String, Object> fault(OpeningFault fault) {
        Map<String, Object> row = placed(fault.branch(), fault.extent());
        row.put("rule", fault.rule().word());
        row.put("says", fault.says());
        fault.fitting().ifPresent(f -> row.put("buried_fitting_ft", station(f.at())));
        row.put("openings_wanted_ft", fault.where().stream().map(this::station).toList());
        return row;
    }

    private Map<String, Object> whose() {
        Whose whose = line.whose();
        Map<String, Object> row = new LinkedHashMap<>();
        row.put("school", whose.school().word());
        whose.boundary().ifPresent(b -> row.put("boundary_ft", station(b)));
        row.put("note", Whose.CHECK);
        return row;
    }

    private Map<String, Object> finding(LocatedFinding found, Reaches reaches) {
        Map<String, Object> row = new LinkedHashMap<>();
        row.put("id", id(found.finding().id()));
        row.put("also", found.also().stream().map(FindingId::value).toList());
        row.put("kind", found.finding().kind().word());
        row.put("what", found.finding().phrase());
        found.extent().ifPresent(e -> row.putAll(placed(found.branch(), e)));
        row.put("doubt_ft", feet(found.doubt()));
        row.put("sightings", found.finding().sightings().size() + 1);
        row.put("best_clip", found.best().clip().value());
        row.put("best_pts", found.best().pts());
        row.put("weight", found.weight().word());
        row.put("owners", line.isOwners(found).map(Whose::word).orElse("not known"));
        row.put(
                "trench_ft",
                found.extent()
                        .flatMap(e -> line.depths().trench(found.branch(), e))
                        .map(JsonRow::feet)
                        .orElse(null));
        row.put(
                "above",
                found.extent()
                        .filter(e -> found.branch().equals(Branch.LINE))
                        .map(surfaces::words)
                        .orElse(""));
        if (found.weight().knots() > 0) {
            row.put("reach", reaches.to(found).stream().map(this::reach).toList());
        }
        return row;
    }

    private Map<String, Object> reach(Reach reach) {
        return row(
                "from", reach.opening().name(),
                "opening_ft", station(reach.opening().at()),
                "distance_ft", feet(reach.distance()),
                "bends", reach.bends(),
                "degrees", reach.degrees(),
                "widest_tool_in", inches(reach.tool()),
                "pipe_in", inches(reach.there()),
                "verdict", reach.passage().word(),
                "because", reach.because());
    }

    private Map<String, Object> placed(String branch, Extent extent, Object... more) {
        return JsonRow.placed(line, branch, extent, more);
    }

    private static String id(FindingId id) {
        return id.value();
    }

    private double station(Station station) {
        return JsonRow.station(line, station);
    }
}
