package hitch.core.talk.like;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.finding.FindingKind;
import hitch.core.finding.Topic;
import hitch.core.talk.like.Likeness.Like;
import hitch.sense.WordSense;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What words are like that no rule knows: learned from a part of the phrases, tried on the others; and what becomes of it. */
class LikenessTest {
    private static final int PARTS = 5;
    /** As sure as words must be behind a place. */
    private static final double SURE = 0.7;

    /** Phrases that were left out while it learned. */
    private static List<Tried> tried() {
        List<Phrase> all = Phrase.shipped();
        List<Tried> tried = new ArrayList<>();
        for (int part = 0; part < PARTS; part++) {
            int left = part;
            Likeness taught = Likeness.taughtBy(
                    IntStream.range(0, all.size())
                            .filter(i -> i % PARTS != left)
                            .mapToObj(all::get)
                            .toList(),
                    List.of(),
                    Optional.empty());
            IntStream.range(0, all.size())
                    .filter(i -> i % PARTS == left)
                    .mapToObj(all::get)
                    .forEach(p -> tried.add(new Tried(p, taught.of(p.words()))));
        }
        return tried;
    }

    private record Tried(Phrase phrase, Like like) {
        boolean isSure() {
            return like.matter().isPresent() && like.certainty() >= SURE;
        }

        /** Paper is debris, a blister a deformation: kinds that are one in broad. */
        boolean isRight() {
            return broad(phrase.matter()).equals(broad(like.matter()));
        }

        private static Optional<Object> broad(Optional<Topic> matter) {
            return matter.map(m -> m instanceof FindingKind kind ? kind.broad() : m);
        }
    }

    @Test
    void whatWasLeftOutIsMostlyKnownAndSeldomInvented() {
        List<Tried> tried = tried();
        List<Tried> things =
                tried.stream().filter(t -> t.phrase().matter().isPresent()).toList();
        List<Tried> nothings =
                tried.stream().filter(t -> t.phrase().matter().isEmpty()).toList();
        List<Tried> sure = things.stream().filter(Tried::isSure).toList();
        double told = (double) sure.size() / things.size();
        double right = (double) sure.stream().filter(Tried::isRight).count() / sure.size();
        double invented = (double) nothings.stream().filter(Tried::isSure).count() / nothings.size();
        System.out.printf("left out: told %.3f, of them right %.3f; invented %.3f%n", told, right, invented);
        assertThat(told).as("things that are told").isGreaterThan(0.4);
        assertThat(right).as("of what is told, right").isGreaterThan(0.85);
        assertThat(invented).as("of nothings, told").isLessThan(0.1);
    }

    @Test
    void everyKindIsTaughtByTenPhrasesAndNoPhraseIsOfTwo() {
        List<Phrase> phrases = Phrase.shipped();
        assertThat(phrases.stream().map(Phrase::words)).doesNotHaveDuplicates();
        Map<String, Long> byKind = phrases.stream()
                .collect(Collectors.groupingBy(p -> p.matter().map(Topic::word).orElse("none"), Collectors.counting()));
        assertThat(byKind).allSatisfy((kind, many) -> assertThat(many).as(kind).isGreaterThanOrEqualTo(10));
        assertThat(byKind.get("none")).as("what is said of nothing").isGreaterThan(500);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "hang on a second",
                "so far so good",
                "give me a little slack",
                "",
                "fourteen",
                "the",
                "zzyzx qwop"
            })
    void whatIsSaidOfNothingIsLikeNothingForSure(String words) {
        Like like = Likeness.known().of(words);
        assertThat(like.matter().isPresent() && like.certainty() >= SURE)
                .as(like.toString())
                .isFalse();
    }

    @Test
    void signsCapitalsAndNumbersDoNotMatter() {
        assertThat(Likeness.known().of("Fine ROOTS hanging down, there: 14!"))
                .isEqualTo(Likeness.known().of("fine roots hanging down there ninety nine"))
                .satisfies(l -> assertThat(l.matter()).contains(FindingKind.ROOTS));
    }

    @Test
    void aPhraseIsKnownByHeart() {
        for (Phrase phrase : Phrase.shipped().subList(0, 50)) {
            assertThat(Likeness.known().of(phrase.words())).as(phrase.words()).isEqualTo(new Like(phrase.matter(), 1));
        }
    }

    /** Words that stand in no list, and mean what others say. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "an acorn tree sent its feelers in through the seam | roots",
                "the kitchen has coated these walls with bacon drippings | grease",
                "I can go no deeper, the reel has run out | limit",
                "you ought to budget for a new sewer before winter | advice",
                "I'll drop the recording in your mailbox tonight | promise"
            })
    void itTellsByTheSenseOfWords(String said, String kind) {
        assertThat(Likeness.known().of(said).matter()).map(Topic::word).contains(kind);
    }

    @Property(tries = 200)
    void anyTextHasACertaintyOrNone(@ForAll String text) {
        assertThat(Likeness.known().of(text).certainty()).isBetween(0.0, 1.0);
    }

    /** A kind that was added to the phrases, while the net was not taught anew. */
    @Test
    void aKindThatTheNetDoesNotKnowIsKnownByHeart() {
        WordSense sense = WordSense.shipped().orElseThrow();
        List<Phrase> taught = List.of(
                new Phrase(Optional.of(FindingKind.ROOTS), "roots hang down"),
                new Phrase(Optional.of(FindingKind.GREASE), "grease on the walls"),
                new Phrase(Optional.empty(), "good morning"));
        Net net = Likeness.netTaughtBy(taught, List.of(), sense);
        Phrase added = new Phrase(Optional.of(FindingKind.INSECTS), "roaches on the crown");
        Likeness likeness = new Likeness(
                Stream.concat(taught.stream(), Stream.of(added)).toList(),
                List.of(),
                Optional.of(new Likeness.Sensed(net, sense)));
        assertThat(likeness.of("Roaches on the crown.")).isEqualTo(new Like(added.matter(), 1));
        assertThat(likeness.share("roaches on the crown", m -> m == FindingKind.INSECTS))
                .isEqualTo(1);
        assertThat(likeness.knows(FindingKind.INSECTS)).isFalse();
        assertThat(likeness.of("some roots hang down here").matter()).contains(FindingKind.ROOTS);
    }
}
