package hitch.core.story;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.finding.FindingId;
import hitch.core.finding.LocatedFinding;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.survey.Reckoner;
import hitch.core.survey.Survey;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class ScriptWriterTest {
    private static final Survey SURVEY = Reckoner.survey(Sample.marked());

    private static String words(Recipient recipient) {
        return ScriptWriter.write(Disclosure.of(SURVEY, recipient)).shots().stream()
                .map(s -> s.title() + "\n" + s.narration() + "\n"
                        + (s instanceof CardShot c ? c.rows().toString() : ""))
                .collect(Collectors.joining("\n"));
    }

    private static List<String> ids(Recipient recipient) {
        return Disclosure.of(SURVEY, recipient).findings().stream()
                .map(LocatedFinding::finding)
                .map(f -> f.id().value())
                .toList();
    }

    @Test
    void goesOutwardFromTheOpeningRunByRun() {
        assertThat(ids(Recipient.HOMEOWNER)).containsExactly("F1", "F2", "F3", "F4", "F5", "F6", "F7", "F8");
        assertThat(ScriptWriter.write(Disclosure.of(SURVEY, Recipient.HOMEOWNER))
                        .chapters())
                .extracting(Chapter::title)
                .containsExactly("Opening", "Building run", "Street run", "Also seen", "Closing");
    }

    @Test
    void aDistrictSeesItsOwnPartOnly() {
        assertThat(ids(Recipient.DISTRICT)).containsExactly("F6", "F7");
        assertThat(words(Recipient.DISTRICT)).doesNotContain("A. Client").doesNotContain("hose bib");
    }

    @Test
    void withoutABoundaryADistrictGetsTheConnectionOnly() {
        Job job = Sample.marked().with(new Edit.RemoveFinding(new FindingId("F6")));
        assertThat(Disclosure.of(Reckoner.survey(job), Recipient.DISTRICT).findings())
                .extracting(f -> f.finding().id().value())
                .containsExactly("F7");
    }

    @Test
    void everyRecipientHearsTheSameFacts() {
        for (Recipient recipient : Recipient.STANDARD) {
            for (LocatedFinding found : Disclosure.of(SURVEY, recipient).findings()) {
                Shot shot = ScriptWriter.write(Disclosure.of(SURVEY, recipient)).shots().stream()
                        .filter(s -> s instanceof FindingShot f
                                && f.finding().equals(found.finding().id()))
                        .findFirst()
                        .orElseThrow();
                assertThat(shot.narration().toLowerCase())
                        .contains(Wording.place(
                                        found, SURVEY.line(), SURVEY.facts().unit())
                                .toLowerCase())
                        .contains(Wording.what(found).toLowerCase());
            }
        }
    }

    @Test
    void theScriptsDiffer() {
        assertThat(words(Recipient.HOMEOWNER)).contains("your sewer line").contains("It needs a repair.");
        assertThat(words(Recipient.BUYER)).contains("before closing").doesNotContain("your sewer line");
        assertThat(words(Recipient.DISTRICT)).contains("for the district to settle");
    }

    @Test
    void theOpeningSaysWhatWasExaminedAndWhatNot() {
        for (Recipient recipient : Recipient.STANDARD) {
            if (recipient.isPublic()) {
                // What was not examined lies on the private side.
                continue;
            }
            CardShot card = (CardShot)
                    ScriptWriter.write(Disclosure.of(SURVEY, recipient)).shots().getFirst();
            assertThat(card.rows())
                    .extracting(CardShot.Row::text)
                    .contains("The buried line.", "The drains beneath the building.");
            assertThat(card.rows()).extracting(CardShot.Row::label).contains("Opening used", "Direction");
        }
    }

    @Test
    void theClosingListsByWeightWhatWasNotSeenAndTheCautions() {
        CardShot card = (CardShot) ScriptWriter.write(Disclosure.of(SURVEY, Recipient.HOMEOWNER))
                .shots()
                .getLast();
        List<Integer> knots = card.rows().stream()
                .map(CardShot.Row::knots)
                .filter(k -> k >= 0)
                .toList();
        assertThat(knots).isSortedAccordingTo(java.util.Comparator.reverseOrder());
        assertThat(card.rows()).extracting(CardShot.Row::label).contains("Not seen", "Mind");
        assertThat(card.rows().toString())
                .contains("Past 20.0 ft toward the building: can't get past, bend at the wall");
        assertThat(card.narration()).contains("One finding calls for a repair");
    }

    @Test
    void anEmptyJobStillMakesAStory() {
        Story story = ScriptWriter.write(Disclosure.of(Reckoner.survey(Job.EMPTY), Recipient.BUYER));
        assertThat(story.shots())
                .hasSize(2)
                .allSatisfy(s -> assertThat(s.narration()).isNotBlank());
    }
}
