package hitch.core.story;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.footage.HiddenArea;
import hitch.core.footage.Patch;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.job.ShotChange;
import hitch.core.survey.Reckoner;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What is looked at once more before a film goes out. */
class LastLookTest {
    private static LastLook look(Job job, Recipient recipient) {
        Disclosure may = Disclosure.of(Reckoner.survey(job), recipient);
        return LastLook.of(may, ScriptWriter.write(may, StoryWish.USUAL.lasting(Length.FULL)));
    }

    private static Job said(String words) {
        return Sample.marked().with(new Edit.ChangeShot("homeowner", "finding:F1", ShotChange.NONE.saying(words, "")));
    }

    @Test
    void whatIsShownFromAboveGroundIsLookedAtAndNothingElse() {
        LastLook look = look(Sample.marked(), Recipient.HOMEOWNER);
        assertThat(look.all())
                .isNotEmpty()
                .allSatisfy(i -> assertThat(i.frame().orElseThrow().clip()).isEqualTo(Sample.YARD));
        assertThat(look(Sample.marked(), Recipient.DISTRICT).all())
                .noneMatch(i -> i.frame().isPresent());
    }

    @Test
    void aNameThatIsSpokenIsToldAndIsFineOnceSomebodySaysSo() {
        Job job = said("As A. Client told us, a small step.");
        LastLook.Item name = look(job, Recipient.HOMEOWNER).open().stream()
                .filter(i -> i.frame().isEmpty())
                .findFirst()
                .orElseThrow();
        assertThat(name.name()).isEqualTo("A. Client");
        Job fine = job.with(new Edit.LookOver("homeowner", List.of(name.key())));
        assertThat(look(fine, Recipient.HOMEOWNER).open())
                .noneMatch(i -> i.name().equals("A. Client"));
        assertThat(look(fine, Recipient.HOMEOWNER).all()).anyMatch(LastLook.Item::isLookedAt);
        // Fine for one is not fine for another.
        assertThat(fine.story().looked()).containsOnlyKeys("homeowner");
    }

    @Test
    void whatIsHiddenSinceIsLookedAtAgain() {
        LastLook before = look(Sample.marked(), Recipient.HOMEOWNER);
        Job fine = Sample.marked()
                .with(new Edit.LookOver(
                        "homeowner",
                        before.all().stream().map(LastLook.Item::key).toList()));
        assertThat(look(fine, Recipient.HOMEOWNER).open()).isEmpty();
        Patch patch = new Patch(0, 0, 500, 500);
        Job hidden = fine.with(
                new Edit.HideArea(new HiddenArea("hide:1", Sample.YARD, 0, 90_000, patch, patch, "a plate", "")));
        assertThat(look(hidden, Recipient.HOMEOWNER).open())
                .isNotEmpty()
                .allSatisfy(i -> assertThat(i.hidden()).containsExactly("a plate: hidden"));
    }
}
