package hitch.core.talk;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.measure.LengthUnit;
import hitch.core.note.grammar.TradeNoteReader;
import hitch.core.talk.Labelled.Score;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Fifty-seven made-up commentaries in as many manners: terse, chatty, formal, without a sign, misheard. */
class CommentariesTest {
    private static final String[] ALL = {
        "a", "b", "c", "d", "e", "f", "g", "h", "i", "j", "k", "l", "m", "n", "o", "p", "q", "r", "s", "t", "u", "v",
        "w", "x", "aa", "ab", "ac", "ad", "ae", "af", "ag", "ah", "ai", "aj", "ak", "al", "am", "an", "ao", "ap", "aq",
        "ar", "as", "at", "au", "av", "aw", "ax", "ay", "az", "ba", "bb", "bc", "bd", "be"
    };

    private static Score score(String name) {
        Labelled said = Labelled.read(name);
        return said.score(new TalkReader(new TradeNoteReader(), LengthUnit.FEET)
                .read(said.cues())
                .drafts());
    }

    @Test
    void togetherNineInTenIsUnderstood() {
        Score all =
                Stream.of(ALL).map(CommentariesTest::score).reduce(Score::plus).orElseThrow();
        assertThat(all.recall()).as("what must be found, at its place").isGreaterThan(0.86);
        assertThat(all.precision()).as("drafts that are right").isGreaterThan(0.84);
        assertThat(all.places()).as("places").isGreaterThan(0.84);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "a", "b", "c", "d", "e", "f", "g", "h", "i", "j", "k", "l", "m", "n", "o", "p", "q", "r", "s", "t", "u",
                "v", "w", "x", "y", "z", "aa", "ab", "ac", "ad", "ae", "af", "ag", "ah", "ai", "aj", "ak", "al", "am",
                "an", "ao", "ap", "aq", "ar", "as", "at", "au", "av", "aw", "ax", "ay", "az", "ba", "bb", "bc", "bd",
                "be"
            })
    void noMannerIsBeyondIt(String name) {
        Score score = score(name);
        assertThat(score.recall()).isGreaterThan(0.68);
        assertThat(score.precision()).isGreaterThan(0.7);
    }

    @Test
    void readingAgainGivesTheSameKeys() {
        Labelled said = Labelled.read("g");
        TalkReader reader = new TalkReader(new TradeNoteReader(), LengthUnit.FEET);
        assertThat(reader.read(said.cues()).drafts())
                .isEqualTo(reader.read(said.cues()).drafts());
        assertThat(reader.read(said.cues()).drafts()).extracting(Spoken::key).doesNotHaveDuplicates();
    }
}
