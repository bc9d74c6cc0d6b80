package hitch.core.talk;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.note.Draft;
import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;

/** Guesses beside much that rules know, and beside little. */
class FewGuessesTest {
    @Property
    void guessesGoTogetherOrNotAtAllAndWhatRulesKnowStays(
            @ForAll @IntRange(max = 60) int known, @ForAll @IntRange(max = 60) int guessed) {
        List<Spoken> drafts = drafts(known, guessed);
        FewGuesses.drop(drafts);
        assertThat(drafts).filteredOn(d -> !d.likeness()).hasSize(known);
        assertThat(drafts.stream().filter(Spoken::likeness).count()).isIn(0L, (long) guessed);
    }

    @Property
    void ofFewDraftsAllStay(@ForAll @IntRange(max = 19) int guessed) {
        List<Spoken> drafts = drafts(19 - guessed, guessed);
        FewGuesses.drop(drafts);
        assertThat(drafts).hasSize(19);
    }

    @Property
    void theMoreIsGuessedTheMoreIsBelieved(@ForAll @IntRange(min = 20, max = 60) int known) {
        List<Spoken> few = drafts(known, 1);
        List<Spoken> many = drafts(known, known);
        FewGuesses.drop(few);
        FewGuesses.drop(many);
        assertThat(few).noneMatch(Spoken::likeness);
        assertThat(many).hasSize(2 * known);
    }

    private static List<Spoken> drafts(int known, int guessed) {
        List<Spoken> all = new ArrayList<>();
        for (int i = 0; i < known + guessed; i++) {
            all.add(new Spoken("k" + i, i, Draft.remark("It hums."), Spoken.Source.NONE, i >= known));
        }
        return all;
    }
}
