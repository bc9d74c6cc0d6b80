package hitch.core.story;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.LineJob;
import hitch.core.Sample;
import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.finding.Finding;
import hitch.core.footage.FrameRef;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.run.Direction;
import hitch.core.survey.Reckoner;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Facts in a person's words follow the record. */
class LiveFactsTest {
    private static final LiveFacts FACTS = new LiveFacts(
            Map.of("F1.station", "17.9 ft", "F1.size", "1/4 in", "line.length", "117.9 ft", "job.date", "October 6"));

    @Test
    void factsAreFoundWholeAndTheLongestCounts() {
        String words = "At 17.9 ft, of 117.9 ft in all, a step of 1/4 in; 217.9 ft is not, nor 1/4 inch.";
        assertThat(FACTS.in(words))
                .extracting(s -> words.substring(s.from(), s.to()), LiveFacts.Span::name)
                .containsExactly(
                        org.assertj.core.groups.Tuple.tuple("17.9 ft", "F1.station"),
                        org.assertj.core.groups.Tuple.tuple("117.9 ft", "line.length"),
                        org.assertj.core.groups.Tuple.tuple("1/4 in", "F1.size"));
    }

    @Test
    void keptWordsAreToldAsTheRecordHasItAndAFactThatIsGoneAsItWas() {
        String kept = FACTS.kept("At 17.9 ft, on October 6. {braces|too}");
        assertThat(FACTS.told(kept)).isEqualTo("At 17.9 ft, on October 6. (braces|too)");
        LiveFacts now = new LiveFacts(Map.of("F1.station", "18.4 ft"));
        assertThat(now.told(kept)).isEqualTo("At 18.4 ft, on October 6. (braces|too)");
        assertThat(LiveFacts.asWritten(kept)).isEqualTo("At 17.9 ft, on October 6. (braces|too)");
        assertThat(FACTS.kept("Nothing known here.")).isEqualTo("Nothing known here.");
    }

    @Test
    void aStationInWordsOfOnesOwnFollowsItsFinding() {
        Job job = new LineJob()
                .run("street", Direction.WITH_FLOW, 0, 60)
                .note("street", 20, "roots top heavy")
                .job();
        Finding roots = job.findings().getFirst();
        String key = "finding:" + roots.id();
        Disclosure may = may(job);
        ScriptLine line = Script.of(may).line(key).orElseThrow();
        String station = LiveFacts.of(line.shot(), may).facts().get(roots.id() + ".station");
        assertThat(station).isEqualTo("20.0 ft");
        String kept = LiveFacts.of(line.shot(), may).kept("We found them at 20.0 ft, thick as a rope.");
        job = job.with(new Edit.ChangeShot(
                "homeowner", key, line.change().saying(kept, line.proposed().facts())));
        assertThat(words(job, key)).isEqualTo("We found them at 20.0 ft, thick as a rope.");
        Job moved = job.with(new Edit.MoveFinding(
                roots.id(), new FrameRef(roots.frame().clip(), roots.frame().pts() + 3000)));
        String now =
                may(moved).place(may(moved).findings().getFirst()).orElseThrow().distance();
        assertThat(now).isNotEqualTo("20.0 ft");
        assertThat(words(moved, key)).isEqualTo("We found them at " + now + ", thick as a rope.");
        assertThat(Script.of(may(moved)).line(key).orElseThrow().isStale()).isTrue();
    }

    @Test
    void propertyAndLengthAreFactsOfEveryShot() {
        Disclosure may = may(Sample.marked());
        for (ScriptLine line : Script.of(may).lines()) {
            assertThat(LiveFacts.of(line.shot(), may).facts().keySet())
                    .as(line.proposed().key())
                    .containsAll(List.of("job.property", "line.length"));
        }
    }

    private static Disclosure may(Job job) {
        return Disclosure.of(Reckoner.survey(job), Recipient.HOMEOWNER);
    }

    private static String words(Job job, String key) {
        return Script.of(may(job)).line(key).orElseThrow().shot().narration();
    }
}
