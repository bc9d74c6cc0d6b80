package hitch.core.talk.like;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hitch.core.finding.FindingKind;
import hitch.core.finding.Topic;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.junit.jupiter.api.Test;

/** A net that is taught where words of two kinds, and of nothing, lie in a made-up world of three directions. */
class NetTest {
    private static final List<String> OF_ROOTS = List.of("twig", "hair", "beard", "tendril");
    private static final List<String> OF_GREASE = List.of("butter", "lard", "suet", "tallow");
    private static final List<String> OF_NOTHING = List.of("hello", "monday", "weather", "coffee");

    /** Words of a kind lie in its direction, each a little aside. */
    private static final Function<String, float[]> WORLD = word -> {
        float[] at = new float[4];
        at[OF_ROOTS.contains(word) ? 0 : OF_GREASE.contains(word) ? 1 : 2] = 0.9f;
        at[3] = (word.hashCode() % 10) / 50f;
        return at;
    };

    private static final Net TAUGHT = Teacher.teach(phrases(), WORLD);

    private static List<Phrase> phrases() {
        List<Phrase> phrases = new ArrayList<>();
        for (int again = 0; again < 20; again++) {
            OF_ROOTS.forEach(w -> phrases.add(new Phrase(Optional.of(FindingKind.ROOTS), w)));
            OF_GREASE.forEach(w -> phrases.add(new Phrase(Optional.of(FindingKind.GREASE), w)));
            OF_NOTHING.forEach(w -> phrases.add(new Phrase(Optional.empty(), w)));
        }
        return phrases;
    }

    private static double share(Net net, float[] sense, Optional<Topic> matter) {
        return Shares.of(net.of(sense))[net.matters().indexOf(matter)];
    }

    @Test
    void whatItWasTaughtItKnows() {
        for (Phrase phrase : phrases()) {
            assertThat(share(TAUGHT, WORLD.apply(phrase.words()), phrase.matter()))
                    .as(phrase.words())
                    .isGreaterThan(0.9);
        }
    }

    @Test
    void whatLiesNearIsLikeIt() {
        assertThat(share(TAUGHT, new float[] {0.8f, 0.1f, 0.1f, 0.05f}, Optional.of(FindingKind.ROOTS)))
                .isGreaterThan(0.8);
    }

    @Test
    void whatLiesBetweenIsLikeNeitherForSure() {
        float[] between = {0.6f, 0.6f, 0, 0};
        assertThat(share(TAUGHT, between, Optional.of(FindingKind.ROOTS))).isLessThan(0.99);
        assertThat(share(TAUGHT, between, Optional.empty())).isLessThan(0.2);
    }

    @Test
    void theSamePhrasesTeachTheSame() {
        Net again = Teacher.teach(phrases(), WORLD);
        assertThat(again.of(WORLD.apply("twig"))).containsExactly(TAUGHT.of(WORLD.apply("twig")));
        assertThat(again.phrases()).isEqualTo(240);
    }

    @Test
    void writtenAndReadItTellsTheSame() throws IOException {
        ByteArrayOutputStream written = new ByteArrayOutputStream();
        TAUGHT.write(written);
        Net read = Net.read(new ByteArrayInputStream(written.toByteArray()));
        assertThat(read.matters()).isEqualTo(TAUGHT.matters());
        assertThat(read.phrases()).isEqualTo(TAUGHT.phrases());
        for (Phrase phrase : phrases()) {
            float[] sense = WORLD.apply(phrase.words());
            assertThat(share(read, sense, phrase.matter()))
                    .isCloseTo(share(TAUGHT, sense, phrase.matter()), within(0.02));
        }
    }

    @Test
    void theOneThatShipsWasTaughtByThePhrasesThatShip() {
        Net shipped = Net.shipped();
        int phrases = Phrase.shipped().size() + Phrase.said().size();
        // A line more needs no teaching: it is known by heart. Many do: ./hitch bench likeness alike.net
        assertThat((double) shipped.phrases()).isBetween(phrases * 0.95, phrases * 1.05);
        assertThat(shipped.matters())
                .containsAll(
                        Phrase.shipped().stream().map(Phrase::matter).distinct().toList());
    }
}
