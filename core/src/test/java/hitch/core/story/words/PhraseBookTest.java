package hitch.core.story.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Sentences: whose they are, which of them is taken, and what becomes of what is filled in. */
class PhraseBookTest {
    private static Teller teller(String book, long seed) {
        return new Teller(PhraseBook.parse(book), "owner", seed);
    }

    @Test
    void theWaysOfSayingAThingTakeTurns() {
        Teller teller = teller("[a]\nOne {x}.\nTwo {x}.\nThree {x}.", 4);
        Set<String> said = new HashSet<>();
        for (int i = 0; i < 3; i++) {
            said.add(teller.say("a", "x", "here"));
        }
        assertThat(said).containsExactlyInAnyOrder("One here.", "Two here.", "Three here.");
    }

    @Property(tries = 60)
    void theSameSeedTakesTheSameWays(@ForAll long seed) {
        String book = "[a]\nOne.\nTwo.\nThree.\nFour.";
        Teller one = teller(book, seed);
        Teller other = teller(book, seed);
        for (int i = 0; i < 9; i++) {
            assertThat(one.say("a")).isEqualTo(other.say("a"));
        }
    }

    @Test
    void whatIsSaidToAnOwnerStandsBeforeWhatIsSaidToEverybody() {
        assertThat(teller("[a]\nAll.\n[a/owner]\nOwner.", 1).say("a")).isEqualTo("Owner.");
        assertThat(teller("[a]\nAll.\n[a/buyer]\nBuyer.", 1).say("a")).isEqualTo("All.");
    }

    @Test
    void aFirmsOwnSentencesStandInPlaceOfOurs() {
        PhraseBook own = PhraseBook.own("[greeting/owner]\nGood day. This is {property}.");
        PhraseBook all = PhraseBook.SHIPPED.with(own);
        assertThat(new Teller(all, "owner", 9).say("greeting", "property", "7 Teasel Lane"))
                .isEqualTo("Good day. This is 7 Teasel Lane.");
        assertThat(all.of("greeting", "buyer")).isEqualTo(PhraseBook.SHIPPED.of("greeting", "buyer"));
        assertThat(PhraseBook.own(own.text())).isEqualTo(own);
    }

    @Test
    void whatCannotBeSaidIsToldBeforeAFilmIsMade() {
        assertThatThrownBy(() -> PhraseBook.own("[greting/owner]\nHello."))
                .hasMessage("Nothing is said under [greting/owner] in a film.");
        assertThatThrownBy(() -> PhraseBook.own("[greeting/owner]\nHello, {name}."))
                .hasMessageContaining("and not {name}");
        assertThatThrownBy(() -> PhraseBook.parse("Hello.")).hasMessageContaining("Line 1 stands under no heading");
    }

    @Test
    void everyShippedHeadingHasSomethingUnderIt() {
        assertThat(PhraseBook.SHIPPED.lines())
                .allSatisfy((heading, said) -> assertThat(said).as(heading).isNotEmpty());
    }

    @ParameterizedTest
    @CsvSource({
        "offset,an offset",
        "crack,a crack",
        "one-way cleanout,a one-way cleanout",
        "8 in pipe,an 8 in pipe",
        "11 in pipe,an 11 in pipe"
    })
    void articlesFollowTheSound(String noun, String with) {
        assertThat(Grammar.a(noun)).isEqualTo(with);
    }

    @Test
    void sentencesAreTidied() {
        assertThat(Grammar.sentence(" roots ,  heavy")).isEqualTo("Roots, heavy.");
        assertThat(Grammar.sentence("PVC begins.")).isEqualTo("PVC begins.");
        assertThat(Grammar.lower("PVC pipe")).isEqualTo("PVC pipe");
        assertThat(Grammar.list(List.of("a", "b", "c"))).isEqualTo("a, b and c");
        assertThat(Grammar.date("2026-09-01")).isEqualTo("September 1, 2026");
    }
}
