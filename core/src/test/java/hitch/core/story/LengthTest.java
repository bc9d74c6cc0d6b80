package hitch.core.story;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hitch.core.LineJob;
import hitch.core.Sample;
import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.measure.Station;
import hitch.core.run.Direction;
import hitch.core.sketch.FilmMap;
import hitch.core.survey.Reckoner;
import hitch.core.survey.Survey;
import java.util.Comparator;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** How long films are, and what a passage and a map of one show. */
class LengthTest {
    @Test
    void aLengthIsAWordOrSeconds() {
        assertThat(Length.of("short")).contains(Length.SHORT);
        assertThat(Length.of(" full ")).contains(Length.FULL);
        assertThat(Length.of("120").orElseThrow().seconds()).hasValue(120);
        assertThat(Length.of("19")).isEmpty();
        assertThat(Length.of("3601")).isEmpty();
        assertThat(Length.of("long")).isEmpty();
    }

    @Test
    void aSlowerVoiceLeavesMoreOutOfTheSameTime() {
        Disclosure may = Disclosure.of(Reckoner.survey(Sample.marked()), Recipient.HOMEOWNER);
        StoryWish wish = StoryWish.USUAL.lasting(Length.of("60").orElseThrow());
        Story quick = ScriptWriter.write(may, wish);
        Story slow = ScriptWriter.write(may, wish.spokenBy(s -> 2 * Cutting.Speech.USUAL.seconds(s)));
        assertThat(slow.left().size()).isGreaterThan(quick.left().size());
    }

    /** Words of one's own are told and counted, and what is left out gives its time to the rest. */
    @Test
    void aLengthIsKeptWithWordsOfOnesOwnAndShotsLeftOut() {
        StoryWish wish = StoryWish.USUAL.lasting(Length.of("75").orElseThrow());
        Job job = Sample.marked();
        Disclosure may = Disclosure.of(Reckoner.survey(job), Recipient.HOMEOWNER);
        ScriptLine line = Script.of(may, wish).lines().getFirst();
        String own = "We have known this house for many years, and its line for as long as we have known the house.";
        Job changed = job.with(new Edit.ChangeShot(
                "homeowner",
                line.proposed().key(),
                line.change().saying(own, line.proposed().facts())));
        Disclosure now = Disclosure.of(Reckoner.survey(changed), Recipient.HOMEOWNER);
        assertThat(seconds(ScriptWriter.write(now, wish), now)).isCloseTo(75, within(3.0));
        assertThat(ScriptWriter.write(now, wish).shots().getFirst().narration()).isEqualTo(own);
        Job without = job.with(new Edit.ChangeShot(
                "homeowner", line.proposed().key(), line.change().leftOut(true)));
        Disclosure then = Disclosure.of(Reckoner.survey(without), Recipient.HOMEOWNER);
        assertThat(seconds(ScriptWriter.write(then, wish), then)).isCloseTo(75, within(3.0));
        assertThat(Script.of(then, wish).lines()).as("to be told again").anyMatch(ScriptLine::isLeftOut);
    }

    private static double seconds(Story story, Disclosure may) {
        return Cutting.of(story, Cutting.Speech.USUAL, s -> may.footage().around(s.frame(), s.before(), s.after()))
                .seconds();
    }

    /** Pipe without anything on it is gone along quickly; where something small lies on it, nobody says that it is plain. */
    @Test
    void aStretchIsOnlySaidToBePlainWhereNothingWasFoundOnIt() {
        LineJob plain = new LineJob()
                .run("street", Direction.WITH_FLOW, 0, 60)
                .note("street", 5, "crack")
                .note("street", 45, "offset 3/4 in");
        assertThat(passage(plain).narration()).contains("45.0 ft");
        assertThat(passage(plain.note("street", 20, "joint")).narration()).isEmpty();
    }

    private static PassageShot passage(LineJob job) {
        // As a standard film tells it, with all that can be said.
        StoryWish wish = StoryWish.USUAL.lasting(new Length("told", OptionalDouble.of(3600), 15));
        return ScriptWriter.write(Disclosure.of(job.survey(), Recipient.HOMEOWNER), wish).shots().stream()
                .filter(PassageShot.class::isInstance)
                .map(PassageShot.class::cast)
                .max(Comparator.comparingDouble(PassageShot::after))
                .orElseThrow();
    }

    @Test
    void theRopeOfAMapRunsInsideThePipe() {
        Survey survey = Reckoner.survey(Sample.marked());
        FilmMap map = FilmMap.of(survey).orElseThrow();
        double at = map.view().x(Station.DATUM);
        assertThat(map.y(at)).isBetween(0.0, map.sketch().height());
        assertThat(map.y(-1000))
                .as("before the pipe, as at its end")
                .isBetween(0.0, map.sketch().height());
    }
}
