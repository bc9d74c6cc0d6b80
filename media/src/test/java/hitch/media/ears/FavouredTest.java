package hitch.media.ears;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.AlphaChars;
import net.jqwik.api.constraints.StringLength;
import org.junit.jupiter.api.Test;

class FavouredTest {
    private final Favoured words = new Favoured(List.of("wye", "on the left", "on the", "clay", "clay to pvc"), 3);

    private double given(String... parts) {
        Favoured.At at = words.begin();
        for (String part : parts) {
            at = words.on(at, part);
        }
        return words.atEnd(at);
    }

    @Test
    void aWholePhraseIsGivenOnceAndWhatIsLentIsTakenBack() {
        assertThat(given("wye")).isEqualTo(3);
        assertThat(given("w", "y", "e")).isEqualTo(3);
        assertThat(given("why")).isZero();
        assertThat(given("wyes")).isZero();
        assertThat(words.on(words.begin(), "wy").bonus()).as("lent on the way").isCloseTo(2, within(1e-9));
        assertThat(words.on(words.begin(), "wyn").bonus()).isZero();
    }

    @Test
    void aLongerPhraseGoesBeforeAShorterThatItBeginsWith() {
        assertThat(given("clay to pvc")).isEqualTo(3);
        assertThat(given("clay to steel")).as("the shorter stands").isEqualTo(3);
        assertThat(given("on the", " left")).isEqualTo(3);
        assertThat(given("on the", " wye")).as("and a word that begins another").isEqualTo(6);
    }

    /** Ears leave signs out of talk, which runs together without; a note is one breath. */
    @Test
    void signsAreFavouredInTalkAlone() {
        assertThat(Favoured.inTalk().ofSign("."))
                .isPositive()
                .isEqualTo(Favoured.inTalk().ofSign(","));
        assertThat(Favoured.inTalk().ofSign(" wye")).isZero();
        assertThat(Favoured.inTalk().ofSign("")).isZero();
        assertThat(Favoured.inNotes().ofSign(".")).isZero();
        assertThat(Favoured.NOTHING.ofSign(".")).isZero();
    }

    @Test
    void theSameAgainAndAgainIsFavouredOnce() {
        assertThat(given("wye wye wye wye")).isEqualTo(3);
        assertThat(given("wye clay wye")).isEqualTo(9);
    }

    @Property(tries = 200)
    void wordsThatAreNotListedAreGivenNothing(@ForAll @AlphaChars @StringLength(min = 1, max = 12) String word) {
        boolean listed = List.of("wye", "clay").contains(word.toLowerCase(java.util.Locale.ROOT));
        assertThat(given("z" + word)).isZero();
        assertThat(given(word) > 0).isEqualTo(listed);
    }
}
