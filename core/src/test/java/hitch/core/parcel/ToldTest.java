package hitch.core.parcel;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.finding.FindingId;
import hitch.core.finding.Weight;
import hitch.core.job.Deed;
import hitch.core.job.Edit;
import hitch.core.job.Entry;
import hitch.core.job.Job;
import hitch.core.job.JobHistory;
import hitch.core.job.Parcels;
import hitch.core.story.StoryWish;
import hitch.core.survey.Reckoner;
import hitch.core.survey.Survey;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class ToldTest {
    private static Map<String, String> told(Job job, Recipient whom) {
        return Told.of(Disclosure.of(Reckoner.survey(job), whom));
    }

    private static Deed.Made made(int issue, Map<String, String> told) {
        return new Deed.Made("homeowner", issue, "2026-05-03T10:00:00Z", "R. Viewer", "x", 1, 2, "r", told);
    }

    @Test
    void whatChangedIsToldAndNothingElse() {
        Job job = Sample.marked();
        Job heavier = job.with(new Edit.WeighFinding(new FindingId("F4"), Optional.of(Weight.STOP)));
        assertThat(Told.changed(told(job, Recipient.HOMEOWNER), told(job, Recipient.HOMEOWNER)))
                .isEmpty();
        assertThat(Told.changed(told(job, Recipient.HOMEOWNER), told(heavier, Recipient.HOMEOWNER)))
                .contains("1 finding", "what to do", "what it comes to");
        assertThat(Told.findings(told(job, Recipient.HOMEOWNER), told(heavier, Recipient.HOMEOWNER)))
                .containsExactly("F4");
        assertThat(Told.changed(told(job, Recipient.DISTRICT), told(heavier, Recipient.DISTRICT)))
                .as("it lies on the owner's part")
                .isEmpty();
    }

    @Test
    void undoNeverTakesBackWhatWasHandedOver() {
        Job job = Sample.job();
        JobHistory history = JobHistory.EMPTY
                .then(new Entry.Did(new Edit.DescribeProperty(job.facts())))
                .then(new Entry.Handed(made(1, Map.of())))
                .then(new Entry.Handed(new Deed.Sent("homeowner", 1, "2026-05-03T11:00:00Z", "R. Viewer", "a stick")));
        JobHistory undone = history.then(new Entry.Undid());
        assertThat(undone.job()).isEqualTo(Job.EMPTY);
        assertThat(undone.parcels()).isEqualTo(history.parcels());
        assertThat(undone.parcels().newest("homeowner").orElseThrow().sent()).hasSize(1);
        assertThat(undone.then(new Entry.Redid()).parcels()).isEqualTo(history.parcels());
        assertThat(history.standing()).as("it is no edit").isEqualTo(1);
    }

    @Test
    void issuesAreCountedByRecipientAndTheEarlierStay() {
        Parcels parcels = Parcels.NONE.with(made(1, Map.of())).with(made(2, Map.of()));
        assertThat(parcels.next("homeowner")).isEqualTo(3);
        assertThat(parcels.next("buyer")).isEqualTo(1);
        assertThat(parcels.of("homeowner")).hasSize(2);
        Parcels back = parcels.with(new Deed.TakenBack("homeowner", 1, "", "", "wrong house"));
        assertThat(back.of("homeowner").getFirst().takenBack()).isPresent();
        assertThat(back.newest("homeowner").orElseThrow().takenBack()).isEmpty();
        assertThat(parcels.with(new Deed.Sent("buyer", 7, "", "", "x"))).isEqualTo(parcels);
    }

    @Test
    void aParcelKnowsHowItStands() {
        Job job = Sample.marked();
        Survey survey = Reckoner.survey(job);
        Parcels parcels = Parcels.NONE.with(made(1, told(job, Recipient.HOMEOWNER)));
        assertThat(stand(job, survey, Parcels.NONE)).isEqualTo(ParcelState.Stand.NOT_MADE);
        assertThat(stand(job, survey, parcels)).isEqualTo(ParcelState.Stand.MADE);
        Parcels sent = parcels.with(new Deed.Sent("homeowner", 1, "", "", "a stick"));
        assertThat(stand(job, survey, sent)).isEqualTo(ParcelState.Stand.SENT);
        Job heavier = job.with(new Edit.WeighFinding(new FindingId("F4"), Optional.of(Weight.STOP)));
        assertThat(stand(heavier, Reckoner.survey(heavier), sent)).isEqualTo(ParcelState.Stand.OVERTAKEN);
        Parcels back = sent.with(new Deed.TakenBack("homeowner", 1, "", "", "why"));
        assertThat(stand(job, survey, back)).isEqualTo(ParcelState.Stand.TAKEN_BACK);
    }

    private static ParcelState.Stand stand(Job job, Survey survey, Parcels parcels) {
        return ParcelState.of(job, survey, parcels, Recipient.HOMEOWNER, StoryWish.USUAL, Optional.empty())
                .stand();
    }

    @Test
    void whoGotWhatIsAListWithARowForEachTimeItWentOut() {
        Parcels parcels = Parcels.NONE
                .with(made(1, Map.of()))
                .with(new Deed.Sent("homeowner", 1, "2026-05-03T11:00:00Z", "R. Viewer", "=a stick"))
                .with(new Deed.Sent("homeowner", 1, "2026-05-03T12:00:00Z", "R. Viewer", "the outbox"))
                .with(new Deed.TakenBack("homeowner", 1, "2026-05-04T12:00:00Z", "R. Viewer", "the wrong house"))
                .with(made(2, Map.of()));
        assertThat(ParcelsCsv.write(parcels).lines())
                .hasSize(4)
                .element(1)
                .asString()
                .contains("homeowner,1,2026-05-03T10:00:00Z")
                .contains("'=a stick")
                .contains("the wrong house");
    }
}
