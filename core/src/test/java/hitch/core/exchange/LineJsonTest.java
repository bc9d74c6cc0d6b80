package hitch.core.exchange;

import static hitch.core.LineJob.at;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hitch.core.LineJob;
import hitch.core.footage.Stretch;
import hitch.core.line.Ground;
import hitch.core.line.ReadFrom;
import hitch.core.measure.Distance;
import hitch.core.rules.OpeningRules;
import hitch.core.rules.OwnerRules;
import hitch.core.rules.OwnersReach;
import hitch.core.run.Direction;
import java.util.List;
import java.util.Optional;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** All figures of the line as JSON, against a line whose figures can be reckoned by hand. */
class LineJsonTest {
    /**
     * 50 ft to the main, 30 ft of 4 in clay and then 6 in PVC, a kitchen branch that joins at 20 ft, and a run that came up
     * from the main and saw three things again.
     */
    private final LineJob job = new LineJob()
            .run("street", Direction.WITH_FLOW, 0, 50)
            .note("street", 10, "locate 4 ft 2 in, stake by the hedge, lawn")
            .note("street", 20, "tie-in left, the kitchen")
            .note("street", 30, "4 in clay to 6 in pvc")
            .note("street", 35, "locate 5 ft 2 in, paint on the walk")
            .note("street", 38, "opening, buried cleanout wye")
            .note("street", 42, "standing water 41 to 46, a third of the bore")
            .note("street", 48, "roots right heavy")
            .note("street", 50, "main connection")
            .run("kitchen", Direction.WITH_FLOW, 5, 14, r -> r.on("kitchen"))
            .note("kitchen", 6, "bend 45 degrees left")
            .run("upward", Direction.AGAINST_FLOW, 47, 25, r -> r.startingAt(at(47), true))
            .note("upward", 2, "roots left heavy")
            .note("upward", 12, "opening, buried cleanout wye")
            .note("upward", 19.5, "6 in pvc to 4 in clay")
            .facts(f -> f.withGround(Ground.LEVEL));

    private JsonNode json() {
        return JsonMapper.shared().readTree(LineJson.write(job.survey()));
    }

    private static JsonNode one(JsonNode rows, String field, String value) {
        return StreamSupport.stream(rows.spliterator(), false)
                .filter(r -> r.get(field).asString().equals(value))
                .findFirst()
                .orElseThrow();
    }

    private static void close(JsonNode row, String field, double feet) {
        assertThat(row.get(field).asDouble()).as(field).isCloseTo(feet, within(0.11));
    }

    @Test
    void pipesTellTheirEndsJoinsAndSpans() {
        JsonNode line = one(json().get("pipes"), "pipe", "");
        close(line, "from_ft", 0);
        close(line, "to_ft", 50);
        close(line, "reached_ft", 50);
        assertThat(line.get("spans").size()).isEqualTo(2);
        JsonNode clay = line.get("spans").get(0);
        assertThat(clay.get("material").asString()).isEqualTo("clay");
        assertThat(clay.get("size_in").asInt()).isEqualTo(4);
        // The change lies at 30 ft as the street run counts, and at 30.4 ft as the upward run does.
        assertThat(clay.get("length_ft").asDouble()).isBetween(30.0, 30.45);
        JsonNode kitchen = one(json().get("pipes"), "pipe", "kitchen");
        close(kitchen, "join_ft", 20);
        assertThat(kitchen.get("joins").asString()).isEmpty();
    }

    @Test
    void runsTellWhereTheyBeganAndHowThatIsKnown() {
        JsonNode runs = json().get("runs");
        assertThat(one(runs, "id", "street").get("start_is").asString()).isEqualTo("given");
        JsonNode upward = one(runs, "id", "upward");
        assertThat(upward.get("start_is").asString()).isEqualTo("reckoned");
        // Roots at 48 ft seen 2 ft up, the wye at 38 ft seen 12 ft up, the change at 30 ft seen 19.5 ft up: about 50
        // ft.
        close(upward, "start_ft", 49.9);
        assertThat(json().get("ties").size()).isEqualTo(3);
        assertThat(json().get("misclosure_ft").asDouble()).isBetween(0.1, 0.5);
        JsonNode tie = one(json().get("ties"), "kind", "roots");
        assertThat(tie.get("runs").get(0).asString()).isEqualTo("street");
        assertThat(tie.get("runs").get(1).asString()).isEqualTo("upward");
    }

    @Test
    void locatesAndFallsTellTheirErrors() {
        JsonNode locate = json().get("locates").get(0);
        close(locate, "depth_ft", 4.17);
        assertThat(locate.get("ground").asString()).contains("stake").contains("lawn");
        assertThat(locate.get("plus_minus_ft").asDouble()).isPositive();
        JsonNode fall = json().get("falls").get(0);
        // A foot deeper over 25 ft of level ground, but for the heights of the coil: 12/25 = 0.48 in a foot, 4 percent.
        assertThat(fall.get("inches_a_foot").asDouble()).isCloseTo(0.48, within(0.01));
        assertThat(fall.get("percent").asDouble()).isCloseTo(4, within(0.1));
        assertThat(fall.get("plus_minus_percent").asDouble())
                .isCloseTo(fall.get("plus_minus_inches_a_foot").asDouble() / 12 * 100, within(0.01));
        assertThat(fall.get("verdict").asString()).isEqualTo("falls enough");
    }

    @Test
    void findingsTellWhoseTheyAreAndWhatReachesThem() {
        job.rules(r -> new OwnerRules(OwnersReach.TO_THE_PROPERTY_LINE))
                .rules(r -> new OpeningRules(Distance.feet(25), 135))
                .facts(f -> f.withBoundary(Optional.of(at(40))));
        JsonNode roots = one(json().get("findings"), "kind", "roots");
        assertThat(roots.get("owners").asString()).isEqualTo("public");
        assertThat(roots.get("sightings").asInt()).isEqualTo(2);
        assertThat(roots.get("also").size()).isEqualTo(1);
        assertThat(roots.get("doubt_ft").asDouble()).isPositive();
        JsonNode reach = one(roots.get("reach"), "from", "one-way cleanout of street");
        close(reach, "distance_ft", 48);
        assertThat(reach.get("verdict").asString()).isEqualTo("reaches narrow");
        assertThat(reach.get("widest_tool_in").asInt()).isEqualTo(4);
        assertThat(reach.get("pipe_in").asInt()).isEqualTo(6);
        close(json().get("whose"), "boundary_ft", 40);
        // 38 ft from the opening to the wye and 50 to the main: the wye may be brought up to break the 50 ft.
        JsonNode rule = json().get("opening_rules").get(0);
        assertThat(rule.get("says").asString()).isNotBlank();
    }

    @Test
    void whatWasNotSeenAndWhyIsTold() {
        job.hide("street", 5, 8, Stretch.Reason.DARK).hide("street", 92, 97, Stretch.Reason.DARK);
        JsonNode seen = json().get("seen");
        // Dark from 5 to 8 ft going out, and from 8 down to 3 ft coming back: 3 ft that nobody saw.
        close(seen, "seen_poorly_ft", 3);
        // The kitchen run stopped a foot before its join.
        close(seen, "not_reached_ft", 1);
        close(seen, "unseen_ft", 4);
        JsonNode limit = one(json().get("limits"), "how", "seen poorly");
        close(limit, "from_ft", 5);
        close(limit, "to_ft", 8);
        assertThat(limit.get("why").asString()).isEqualTo("dark");
        assertThat(limit.get("unknown_beyond").asBoolean()).isFalse();
        assertThat(one(json().get("limits"), "pipe", "kitchen")).isNotNull();
    }

    @Test
    void stationsAreReadFromWhereTheJobReadsThem() {
        job.facts(f -> f.readingFrom(ReadFrom.MAIN));
        JsonNode json = json();
        assertThat(json.get("stations_read_from").asString()).isEqualTo("the main");
        close(one(json.get("findings"), "kind", "main connection"), "from_ft", 0);
        close(one(json.get("findings"), "kind", "roots"), "from_ft", -2);
        assertThat(List.of("openings", "bends", "events", "lengths")).allMatch(json::has);
        close(one(json.get("events"), "kind", "standing water"), "to_ft", -4);
    }
}
