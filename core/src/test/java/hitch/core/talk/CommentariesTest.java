package hitch.core.talk;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.measure.LengthUnit;
import hitch.core.note.grammar.TradeNoteReader;
import hitch.core.talk.Labelled.Score;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Made-up commentaries in as many manners: terse, chatty, formal, without a sign, misheard. */
class CommentariesTest {
    static Stream<String> all() {
        return Labelled.names().stream();
    }

    /** Each is read once for all that is asked of it. */
    private static final Map<String, Score> SCORES = new ConcurrentHashMap<>();

    private static Score score(String name) {
        return SCORES.computeIfAbsent(name, CommentariesTest::read);
    }

    private static Score read(String name) {
        Labelled said = Labelled.read(name);
        return said.score(new TalkReader(new TradeNoteReader(), LengthUnit.FEET)
                .read(said.cues())
                .drafts());
    }

    @Test
    void togetherNineInTenIsUnderstood() {
        assertThat(all()).hasSizeGreaterThan(60);
        Score all = all().map(CommentariesTest::score).reduce(Score::plus).orElseThrow();
        assertThat(all.recall()).as("what must be found, at its place").isGreaterThan(0.86);
        assertThat(all.precision()).as("drafts that are right").isGreaterThan(0.84);
        assertThat(all.places()).as("places").isGreaterThan(0.84);
    }

    @ParameterizedTest
    @MethodSource("all")
    void noMannerIsBeyondIt(String name) {
        Score score = score(name);
        assertThat(score.recall()).isGreaterThan(0.5);
        assertThat(score.precision()).isGreaterThan(0.5);
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
