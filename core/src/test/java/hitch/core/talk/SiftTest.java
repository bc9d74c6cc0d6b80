package hitch.core.talk;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.finding.Certainty;
import hitch.core.finding.ClockPosition;
import hitch.core.finding.FindingKind;
import hitch.core.finding.Topic;
import hitch.core.finding.Traits;
import hitch.core.note.Act;
import hitch.core.note.Draft;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** Guesses beside much that rules know, and beside little; and what a colleague would hardly note. */
class SiftTest {
    private static final String ROOTS = "There's roots hanging down from the top of the joint.";
    private static final String DOG = "My dog is waiting in the truck.";

    @Property
    void nothingIsLostAndAllStaysInOrder(
            @ForAll @IntRange(max = 60) int known, @ForAll @IntRange(max = 60) int guessed) {
        List<Spoken> drafts = drafts(known, guessed, ROOTS);
        Sift sift = sifted(drafts);
        assertThat(new Spoken.All(sift.likely(), sift.unlikely(), List.of(), List.of(), List.of()).everything())
                .isEqualTo(drafts);
    }

    @Property
    void besideMuchThatRulesKnowNoGuessIsLikely(@ForAll @IntRange(min = 20, max = 60) int known) {
        Sift sift = sifted(drafts(known, 1, DOG));
        assertThat(sift.likely()).hasSize(known).noneMatch(Spoken::likeness);
        assertThat(sift.unlikely()).singleElement().matches(Spoken::likeness);
    }

    /** Where nothing or little was said nobody can tell how many guesses are few. */
    @Property
    void ofFewDraftsAFewGuessesStay(@ForAll @IntRange(min = 6, max = 18) int known) {
        assertThat(sifted(drafts(known, 1, DOG)).unlikely()).isEmpty();
    }

    @Property
    void aNewSpeakerIsBelievedByWhatTheWordsAreLike(@ForAll @IntRange(min = 1, max = 30) int half) {
        assertThat(sifted(drafts(half, half, ROOTS)).unlikely()).isEmpty();
        assertThat(sifted(drafts(half, half, DOG)).likely()).isEmpty();
    }

    @Test
    void aSideMakesItLikelierAndARuledOutOrGuessedOneIsLessSo() {
        Spoken plain = said(FindingKind.ROOTS, "It is all hairy along there.", false);
        double seen = Agreement.of(plain);
        Draft onASide = new Draft(
                FindingKind.ROOTS,
                Optional.empty(),
                Optional.empty(),
                plain.draft().traits().withClock(Optional.of(ClockPosition.at(3))),
                Certainty.SEEN,
                plain.draft().wording(),
                "",
                0);
        assertThat(Agreement.of(plain.with(onASide))).isGreaterThan(seen).isLessThan(1);
        assertThat(Agreement.of(plain.with(plain.draft().ruledOut())))
                .isLessThan(seen)
                .isPositive();
        assertThat(Agreement.of(said(FindingKind.ROOTS, "It is all hairy along there.", true)))
                .isLessThan(seen);
    }

    /** What may be taken without a look: known by rules, in words that are hardly ever said of something else. */
    @Test
    void aFindingIsByItsWordsWhereTheyAreLikeIt() {
        assertThat(said(FindingKind.ROOTS, ROOTS, false).isByItsWords()).isTrue();
        assertThat(said(FindingKind.ROOTS, ROOTS, true).isByItsWords())
                .as("guessed")
                .isFalse();
        assertThat(said(FindingKind.ROOTS, DOG, false).isByItsWords()).isFalse();
    }

    @Test
    void anActIsToldByItsOwnWords() {
        assertThat(Agreement.of(said(Act.ZERO, "Counter is set to zero at the edge of the cleanout.", false)))
                .isGreaterThan(0.5);
        assertThat(Agreement.of(said(Act.ZERO, DOG, false))).isLessThan(0.4);
    }

    private static Spoken said(Topic matter, String words, boolean likeness) {
        return new Spoken("k", 0, draft(matter, words), Spoken.Source.NONE, likeness);
    }

    private static List<Spoken> drafts(int known, int guessed, String words) {
        List<Spoken> all = new ArrayList<>();
        for (int i = 0; i < known + guessed; i++) {
            all.add(new Spoken("k" + i, i, draft(FindingKind.ROOTS, words), Spoken.Source.NONE, i >= known));
        }
        return all;
    }

    private static Draft draft(Topic matter, String words) {
        return new Draft(matter, Optional.empty(), Optional.empty(), Traits.NONE, Certainty.SEEN, words, "", 0);
    }

    private static Sift sifted(List<Spoken> drafts) {
        return Sift.of(drafts, drafts.stream().filter(Spoken::likeness).count());
    }

    /** A guess that was named later is none, and tells all the same that the speaker is a new one. */
    @Test
    void whoWasGuessedAtFirstIsANewSpeakerStill() {
        List<Spoken> known = drafts(24, 0, DOG);
        assertThat(Sift.of(known, 0).unlikely()).isEmpty();
        assertThat(Sift.of(known, 6).likely()).isEmpty();
    }

    /** A band where the pipe changes: what is told along with the other is as likely. */
    @Test
    void whatIsToldInOneBreathIsLikelyTogether() {
        String words = "It goes to plastic with a shielded coupling.";
        assertThat(Agreement.of(said(FindingKind.COUPLING, words, false)))
                .isEqualTo(Agreement.of(said(FindingKind.MATERIAL_CHANGE, words, false)));
        assertThat(Agreement.of(said(FindingKind.ROOTS, words, false)))
                .isLessThan(Agreement.of(said(FindingKind.COUPLING, words, false)));
    }
}
