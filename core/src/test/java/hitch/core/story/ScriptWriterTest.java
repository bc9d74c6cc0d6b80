package hitch.core.story;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.finding.FindingId;
import hitch.core.finding.LocatedFinding;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.job.ShotChange;
import hitch.core.rules.ShowingRules;
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
                .containsExactly(
                        "The visit", "What it comes to", "Building run", "Street run", "What to do", "To close");
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

    /** Whatever words are said, the same facts stand under the picture, for everybody who is shown it. */
    @Test
    void everyRecipientIsShownTheSameFacts() {
        for (Recipient recipient : Recipient.STANDARD) {
            Disclosure may = Disclosure.of(SURVEY, recipient);
            List<Shot> shots = ScriptWriter.write(may, StoryWish.USUAL.lasting(Length.FULL))
                    .shots();
            for (LocatedFinding found : may.findings()) {
                Shot shot = shots.stream()
                        .filter(s -> s.key().equals("finding:" + found.finding().id()))
                        .findFirst()
                        .orElseThrow();
                assertThat(shot.title())
                        .endsWith(Wording.place(
                                found, SURVEY.line(), SURVEY.facts().unit()));
                assertThat(shot.written()).containsExactly(Wording.what(found));
            }
        }
    }

    @Test
    void theScriptsDiffer() {
        assertThat(words(Recipient.HOMEOWNER)).contains("your sewer line").contains("repair");
        assertThat(words(Recipient.BUYER)).contains("before closing").doesNotContain("your sewer line");
        assertThat(words(Recipient.DISTRICT)).contains("for the district to settle");
    }

    @Test
    void aDistrictIsShownUntouchedEvidence() {
        assertThat(ScriptWriter.write(Disclosure.of(SURVEY, Recipient.DISTRICT)).shots())
                .noneMatch(s -> s instanceof FindingShot || s instanceof MapShot)
                .filteredOn(EvidenceShot.class::isInstance)
                .hasSize(2);
    }

    /** Back from the main as well as out: the same things, the other way round. */
    @Test
    void aFilmGoesBackWhereTheHouseRulesSaySo() {
        Job back = Sample.marked().with(new Edit.SetRules(new ShowingRules(2.5, 1.5, ShowingRules.Walk.BACK)));
        assertThat(walk(back)).containsExactlyElementsOf(walk(Sample.marked()).reversed());
    }

    private static List<String> walk(Job job) {
        return ScriptWriter.write(
                        Disclosure.of(Reckoner.survey(job), Recipient.BUYER), StoryWish.USUAL.lasting(Length.FULL))
                .chapters()
                .stream()
                .filter(c -> c.title().equals("Street run"))
                .flatMap(c -> c.shots().stream())
                .map(Shot::key)
                .filter(k -> k.startsWith("finding:"))
                .toList();
    }

    /** Small things of one kind are shown beside each other, unless somebody worded one of them. */
    @Test
    void likeThingsAreToldTogether() {
        Job job = Sample.job();
        int second = 5;
        for (int at : List.of(10, 16, 19, 40)) {
            job = Sample.note(job, Sample.DOWN, second += 5, "roots light at " + at);
        }
        assertThat(keys(job)).contains("group:F1+F2+F3+F4").doesNotContain("finding:F2");
        Job worded =
                job.with(new Edit.ChangeShot("homeowner", "finding:F2", ShotChange.NONE.saying("Only a hair.", "")));
        assertThat(keys(worded)).contains("group:F1+F3+F4", "finding:F2");
    }

    private static List<String> keys(Job job) {
        return ScriptWriter.write(Disclosure.of(Reckoner.survey(job), Recipient.HOMEOWNER)).shots().stream()
                .map(Shot::key)
                .toList();
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
            assertThat(card.rows()).extracting(CardShot.Row::label).contains("Opening used");
        }
    }

    @Test
    void whatItComesToIsListedByWeight() {
        List<Integer> knots =
                card("card:comes-to").rows().stream().map(CardShot.Row::knots).toList();
        assertThat(knots).isNotEmpty().isSortedAccordingTo(java.util.Comparator.reverseOrder());
    }

    @Test
    void whatWasNotSeenIsToldAndTheClosingHasTheCautions() {
        assertThat(words(Recipient.HOMEOWNER)).contains("can't get past, bend at the wall");
        assertThat(card("card:closing").rows())
                .extracting(CardShot.Row::label)
                .contains("Mind", "Look again", "The report");
        assertThat(card("card:closing").narration()).contains("report");
    }

    private static CardShot card(String key) {
        return (CardShot) ScriptWriter.write(Disclosure.of(SURVEY, Recipient.HOMEOWNER)).shots().stream()
                .filter(s -> s.key().equals(key))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void anEmptyJobStillMakesAStory() {
        Story story = ScriptWriter.write(Disclosure.of(Reckoner.survey(Job.EMPTY), Recipient.BUYER));
        assertThat(story.shots())
                .hasSize(3)
                .allSatisfy(s -> assertThat(s.narration()).isNotBlank());
    }
}
