package hitch.core.story;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hitch.core.Sample;
import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.finding.FindingId;
import hitch.core.finding.LocatedFinding;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.story.words.PhraseBook;
import hitch.core.survey.Reckoner;
import org.junit.jupiter.api.Test;

/** Sentences of reviewers that become the firm's. */
class KeptPhraseTest {
    private static final FindingId FIRST = new FindingId("F1");

    private static Disclosure may(Job job) {
        return Disclosure.of(Reckoner.survey(job), Recipient.HOMEOWNER);
    }

    private static Shot shot(Disclosure may, StoryWish wish) {
        return ScriptWriter.write(may, wish).shots().stream()
                .filter(s -> s.key().equals("finding:F1"))
                .findFirst()
                .orElseThrow();
    }

    private static String station(Disclosure may) {
        LocatedFinding found = may.finding(FIRST).orElseThrow();
        return may.place(found).orElseThrow().distance();
    }

    private static StoryWish with(KeptPhrase kept) {
        PhraseBook own = PhraseBook.own(kept.in(PhraseBook.EMPTY).text());
        return new StoryWish(Length.FULL, 1, PhraseBook.SHIPPED.with(own), Cutting.Speech.USUAL);
    }

    @Test
    void aSentenceIsProposedForSuchFindingsWithTheirOwnFacts() {
        Disclosure may = may(Sample.marked());
        Shot shot = shot(may, StoryWish.USUAL.lasting(Length.FULL));
        KeptPhrase kept = KeptPhrase.of(shot, "Look here, at " + station(may) + ": it is old.", may)
                .orElseThrow();
        assertThat(kept.sentence()).isEqualTo("Look here, at {station}: it is old.");
        assertThat(kept.heading()).startsWith("kept.").endsWith("/owner");
        // The next time it stands elsewhere, and the sentence goes with it; the place is told once.
        Job moved = Sample.marked()
                .with(new Edit.MoveFinding(
                        FIRST,
                        Sample.marked()
                                .finding(new FindingId("F2"))
                                .orElseThrow()
                                .frame()));
        Disclosure there = may(moved);
        String told = shot(there, with(kept)).narration();
        assertThat(told).contains("Look here, at " + station(there) + ": it is old.");
        assertThat(told.split(java.util.regex.Pattern.quote(station(there)), -1))
                .hasSize(2);
    }

    @Test
    void oneWithoutAPlaceIsSaidBesideTheSentenceThatTellsIt() {
        Disclosure may = may(Sample.marked());
        Shot shot = shot(may, StoryWish.USUAL);
        KeptPhrase kept = KeptPhrase.of(shot, "We would leave this alone.", may).orElseThrow();
        String told = shot(may, with(kept)).narration();
        assertThat(told).contains("We would leave this alone.").contains(station(may));
    }

    @Test
    void aFactThatIsNotKnownHasItsSentenceLeftUnsaid() {
        Disclosure may = may(Sample.marked());
        Shot shot = shot(may, StoryWish.USUAL);
        KeptPhrase kept = KeptPhrase.of(shot, "Old.", may).orElseThrow();
        KeptPhrase asks = new KeptPhrase(kept.heading(), "It takes up {share} and is {size}.");
        boolean known = may.finding(FIRST)
                        .orElseThrow()
                        .finding()
                        .traits()
                        .share()
                        .isPresent()
                && may.finding(FIRST).orElseThrow().finding().traits().size().isPresent();
        assertThat(shot(may, with(asks)).narration().contains("It takes up")).isEqualTo(known);
    }

    @Test
    void plainFactsAreToldInNoPhrasesAndOtherSlotsAreRefused() {
        Disclosure firm = Disclosure.of(Reckoner.survey(Sample.marked()), Recipient.DISTRICT);
        assertThat(KeptPhrase.isFor(firm.recipient())).isFalse();
        assertThatThrownBy(() -> PhraseBook.own("[kept.roots.mend/owner]\nIt was {weather}."))
                .hasMessageContaining("{station}");
        assertThat(PhraseBook.own("[kept.roots.mend/owner]\nAt {station}.").lines())
                .hasSize(1);
    }
}
