package hitch.core.disclosure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hitch.core.Sample;
import hitch.core.exchange.FindingRow;
import hitch.core.exchange.FindingsJson;
import hitch.core.finding.FindingId;
import hitch.core.finding.LocatedFinding;
import hitch.core.footage.ClipId;
import hitch.core.footage.FrameIndex;
import hitch.core.footage.FrameRef;
import hitch.core.footage.Patch;
import hitch.core.footage.TimeBase;
import hitch.core.footage.Watched;
import hitch.core.footage.Writing;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.job.PropertyFacts;
import hitch.core.job.PropertyFactsBuilder;
import hitch.core.measure.LengthUnit;
import hitch.core.measure.Station;
import hitch.core.story.ScriptWriter;
import hitch.core.story.Shot;
import hitch.core.survey.Reckoner;
import hitch.core.survey.Survey;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;

class DisclosureTest {
    private static Job marked(String... more) {
        Job job = Sample.note(Sample.job(), Sample.DOWN, 20, "roots heavy, Ada Quill's old oak");
        job = Sample.note(job, Sample.DOWN, 45, "boundary, at the hedge");
        job = Sample.note(job, Sample.DOWN, 60, "main connection");
        for (String words : more) {
            job = Sample.note(job, Sample.DOWN, 50, words);
        }
        return job;
    }

    private static Disclosure of(Job job, Recipient recipient) {
        return Disclosure.of(Reckoner.survey(job), recipient);
    }

    private static List<String> ids(Disclosure may) {
        return may.findings().stream().map(f -> f.finding().id().value()).toList();
    }

    private static double boundary(Job job) {
        return Reckoner.survey(job)
                .finding(new FindingId("F2"))
                .orElseThrow()
                .extent()
                .orElseThrow()
                .from()
                .mm();
    }

    private static String told(Disclosure may) {
        return ScriptWriter.write(may).shots().stream().map(Shot::toString).collect(Collectors.joining("\n"))
                + FindingRow.of(may)
                + FindingsJson.write(may);
    }

    @Test
    void aDistrictSeesFromTheBoundaryOnAndTheFirmAll() {
        Disclosure district = of(marked(), Recipient.DISTRICT);
        assertThat(district.shows(new FrameRef(Sample.DOWN, 46_000))).isTrue();
        assertThat(district.shows(new FrameRef(Sample.DOWN, 44_000))).isFalse();
        assertThat(district.shows(new FrameRef(Sample.UP, 30_000))).isFalse();
        assertThat(district.shows(new FrameRef(Sample.YARD, 1_000))).isFalse();
        assertThat(ids(district)).containsExactly("F2", "F3");
        for (Recipient who : Recipient.STANDARD) {
            if (!who.isPublic()) {
                assertThat(of(marked(), who).shows(new FrameRef(Sample.YARD, 1_000)))
                        .isTrue();
                assertThat(ids(of(marked(), who))).containsExactly("F1", "F2", "F3");
            }
        }
    }

    @Test
    void withoutABoundaryThePublicPartBeginsAtTheMain() {
        Job job = Sample.note(Sample.job(), Sample.DOWN, 20, "roots heavy");
        assertThat(of(job, Recipient.DISTRICT).findings()).isEmpty();
        assertThat(of(job, Recipient.DISTRICT).shows(new FrameRef(Sample.DOWN, 59_000)))
                .isFalse();
        Disclosure main = of(Sample.note(job, Sample.DOWN, 60, "main connection"), Recipient.DISTRICT);
        assertThat(ids(main)).containsExactly("F2");
        assertThat(main.shows(new FrameRef(Sample.DOWN, 59_000))).isFalse();
    }

    @Test
    void aBuildingsWallIsNoBoundaryToTheStreet() {
        Job job = Sample.note(Sample.job(), Sample.DOWN, 5, "boundary, building wall");
        job = Sample.note(job, Sample.DOWN, 20, "roots heavy");
        assertThat(of(job, Recipient.DISTRICT).findings()).isEmpty();
        assertThat(of(job, Recipient.DISTRICT).shows(new FrameRef(Sample.DOWN, 20_000)))
                .isFalse();
    }

    @Test
    void aTypedBoundaryGoesBeforeOneThatWasSeen() {
        Job job = marked();
        long typed = Math.round(boundary(job) + 2000);
        Job moved = job.with(new Edit.DescribeLine(job.line().withBoundary(Optional.of(new Station(typed)))));
        Disclosure district = of(moved, Recipient.DISTRICT);
        assertThat(ids(district)).containsExactly("F3");
        assertThat(district.shows(new FrameRef(Sample.DOWN, 46_000))).isFalse();
    }

    @Test
    void aStretchThatBeginsOnThePrivateSideBeginsAtTheBoundaryAndShowsItselfFromThere() {
        Job job = marked("standing water 2 to 200 ft");
        long edge = Math.round(boundary(job));
        Disclosure district = of(job, Recipient.DISTRICT);
        LocatedFinding water = district.findings().stream()
                .filter(f -> f.finding().kind().word().contains("water"))
                .findFirst()
                .orElseThrow();
        assertThat(water.extent().orElseThrow().from().mm()).isEqualTo(edge);
        assertThat(district.shows(water.finding().frame())).isTrue();
        assertThat(water.finding().typed().orElseThrow().from().mm()).isEqualTo(edge);
        assertThat(told(district)).doesNotContain("2 to 200");
        assertThat(told(of(job, Recipient.HOMEOWNER))).contains("2 to 200");
    }

    @Test
    void writingOnPicturesIsCoveredForWhoMayNotKnowThePeopleUntilItIsAllowed() {
        Writing stamp = new Writing(new Patch(100, 100, 3000, 900), 0, 60_000);
        Map<ClipId, Watched> seen = Map.of(Sample.DOWN, new Watched(List.of(), List.of(), 0, List.of(stamp)));
        Survey asked = Reckoner.survey(marked(), seen);
        assertThat(Disclosure.of(asked, Recipient.DISTRICT).keptBack().covered(Sample.DOWN))
                .containsExactly(stamp);
        assertThat(Disclosure.of(asked, Recipient.AGENT).keptBack().covered(Sample.DOWN))
                .containsExactly(stamp);
        assertThat(Disclosure.of(asked, Recipient.HOMEOWNER).keptBack().covered(Sample.DOWN))
                .isEmpty();
        Edit allow = new Edit.AnswerWriting(
                asked.writing().stream().map(w -> w.answered(true)).toList());
        Survey allowed = Reckoner.survey(marked().with(allow), seen);
        assertThat(Disclosure.of(allowed, Recipient.DISTRICT).keptBack().covered(Sample.DOWN))
                .isEmpty();
    }

    @Test
    void whatIsWrittenOnAClipIsNotKnownBeforeItWasLookedThrough() {
        Disclosure district = of(marked(), Recipient.DISTRICT);
        assertThat(district.keptBack().isKnownWhatIsWritten(Sample.DOWN)).isFalse();
        assertThat(of(marked(), Recipient.HOMEOWNER).keptBack().isKnownWhatIsWritten(Sample.DOWN))
                .isTrue();
    }

    @Test
    void aWordThatMayBeANameIsAskedAboutAndLeftOutOnceItIsSaidToBeOne() {
        Job job = marked("offset 1/2 in by Ferris's shed");
        NameFeared feared = of(job, Recipient.DISTRICT).namesFeared().getFirst();
        assertThat(feared.name()).isEqualTo("Ferris");
        assertThat(feared.where()).isEqualTo("F4");
        assertThat(of(job, Recipient.HOMEOWNER).namesFeared()).isEmpty();
        Job said = job.with(new Edit.DescribeProperty(feared.leftOut(job.facts())));
        Disclosure without = of(said, Recipient.DISTRICT);
        assertThat(without.namesFeared()).isEmpty();
        assertThat(told(without)).doesNotContain("Ferris").contains("(name) shed");
        assertThat(told(of(said, Recipient.HOMEOWNER))).contains("Ferris").doesNotContain("Names to leave out");
    }

    @Test
    void footageRoundAFindingStopsAtTheBoundary() {
        Job job = marked();
        FrameRef frame = new FrameRef(Sample.DOWN, 46_000);
        assertThat(of(job, Recipient.DISTRICT).footage().secondsBefore(frame, 2.5))
                .isCloseTo(1.0, within(0.05));
        assertThat(of(job, Recipient.HOMEOWNER).footage().secondsBefore(frame, 2.5))
                .isEqualTo(job.rules().showing().before());
        assertThat(of(job, Recipient.DISTRICT).footage().secondsAfter(frame, 1.5))
                .isEqualTo(job.rules().showing().after());
    }

    @Test
    void whoMayNotKnowThePeopleReadsNoName() {
        Job job = marked();
        PropertyFacts facts = job.facts();
        job = job.with(new Edit.DescribeProperty(PropertyFactsBuilder.builder(facts)
                .client("Ada Quill")
                .unit(LengthUnit.FEET)
                .examined("the line of Ada Quill")
                .notExamined(List.of("what is under Quill's porch"))
                .internalOnly(false)
                .build()));
        for (Recipient who : List.of(Recipient.DISTRICT, Recipient.AGENT)) {
            assertThat(told(of(job, who)).toLowerCase()).doesNotContain("ada").doesNotContain("quill");
        }
        assertThat(told(of(job, Recipient.AGENT))).contains(NoNames.LEFT_OUT + " old oak");
        assertThat(told(of(job, Recipient.HOMEOWNER))).contains("Ada Quill");
    }

    @Test
    void oneFindingIsSeenAsAllAre() {
        Job job = marked("standing water 2 to 200 ft");
        Survey survey = Reckoner.survey(job);
        Disclosure district = Disclosure.of(survey, Recipient.DISTRICT);
        LocatedFinding roots = survey.finding(new FindingId("F1")).orElseThrow();
        assertThat(district.seen(roots)).isEmpty();
        LocatedFinding water = survey.finding(new FindingId("F4")).orElseThrow();
        assertThat(district.seen(water)
                        .orElseThrow()
                        .extent()
                        .orElseThrow()
                        .from()
                        .mm())
                .isEqualTo(Math.round(boundary(job)));
        assertThat(Disclosure.of(survey, Recipient.FIRM).seen(roots)).contains(roots);
    }

    @Test
    void aDistrictReadsNothingOfThePrivateSide() {
        String told = told(of(marked(), Recipient.DISTRICT));
        assertThat(told)
                .doesNotContain("oak")
                .doesNotContain("street run")
                .doesNotContain("two-way cleanout")
                .doesNotContain("side path");
        Survey survey = Reckoner.survey(marked());
        Disclosure district = Disclosure.of(survey, Recipient.DISTRICT);
        assertThat(district.reached().orElseThrow().from().mm()).isEqualTo(Math.round(boundary(marked())));
        assertThat(district.spans())
                .allSatisfy(
                        s -> assertThat(s.extent().from().mm()).isGreaterThanOrEqualTo(Math.round(boundary(marked()))));
        assertThat(district.stationAt(new FrameRef(Sample.DOWN, 20_000))).isEmpty();
        assertThat(district.placeAt(new FrameRef(Sample.DOWN, 20_000))).isEmpty();
        assertThat(district.asks()).isEmpty();
        assertThat(district.standingWater().mm()).isZero();
    }

    @Test
    void aStretchOfFramesEndsWhereWhatMayBeSeenEnds() {
        FrameIndex index = new FrameIndex(
                new TimeBase(1, 1000),
                LongStream.range(0, 3000).map(n -> 40 * n).toArray(),
                new boolean[3000],
                120_000);
        Disclosure district = of(marked(), Recipient.DISTRICT);
        FrameRef frame = new FrameRef(Sample.DOWN, 50_000);
        assertThat(index.pts(district.footage().back(frame, index, 0))).isBetween(45_000L, 45_040L);
        // The camera turns at sixty seconds and is back at the boundary at seventy-five.
        assertThat(index.pts(district.footage().on(frame, index, 2999))).isBetween(74_960L, 75_040L);
        assertThat(district.footage().back(frame, index, 1200)).isEqualTo(1200);
        Disclosure firm = of(marked(), Recipient.FIRM);
        assertThat(firm.footage().back(frame, index, 7)).isEqualTo(7);
        assertThat(firm.footage().on(frame, index, 2998)).isEqualTo(2998);
    }

    @Test
    void recipientsAreFoundByTheirWords() {
        for (Recipient recipient : Recipient.STANDARD) {
            assertThat(Recipient.of(" " + recipient.word().toUpperCase() + " ")).contains(recipient);
        }
        assertThat(Recipient.of("Owner")).contains(Recipient.HOMEOWNER);
        assertThat(Recipient.of("neighbour")).isEmpty();
    }
}
