package hitch.core.heard;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hitch.core.heard.SpeechPieces.Piece;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

/** Sound cut where nobody speaks; it is known when somebody does. */
class SpeechPiecesTest {
    private static final double STEP = 0.032;

    /** @param speaks from and to, from and to, seconds */
    private static float[] speech(double seconds, double... speaks) {
        float[] all = new float[(int) (seconds / STEP)];
        for (int i = 0; i < all.length; i++) {
            double at = i * STEP;
            for (int k = 0; k < speaks.length; k += 2) {
                if (at >= speaks[k] && at < speaks[k + 1]) {
                    all[i] = 0.9f;
                }
            }
        }
        return all;
    }

    @Test
    void whatBelongsTogetherIsOnePieceAndSilenceIsInNone() {
        List<Piece> pieces = SpeechPieces.of(speech(60, 2, 4, 4.3, 7, 8, 9, 40, 43), STEP);
        assertThat(pieces).hasSize(2);
        assertThat(pieces.getFirst().from()).isCloseTo(1.8, within(0.05));
        assertThat(pieces.getFirst().to()).isCloseTo(9.2, within(0.05));
        assertThat(pieces.getFirst().speech())
                .as("a third of a second parts two stretches of one piece")
                .hasSize(3);
        assertThat(pieces.getLast().from()).isCloseTo(39.8, within(0.05));
    }

    @Test
    void whatIsSilentForAFifthOfASecondIsOneStretch() {
        assertThat(SpeechPieces.of(speech(20, 2, 4, 4.15, 7), STEP).getFirst().speech())
                .hasSize(1);
    }

    /** "A" is a word beside others, and a click by itself. */
    @Test
    void aShortSoundBesideSpeechIsSpeech() {
        assertThat(SpeechPieces.of(speech(20, 2, 2.1, 2.4, 5), STEP).getFirst().from())
                .isCloseTo(1.8, within(0.05));
    }

    @Test
    void aClickIsNoSpeech() {
        assertThat(SpeechPieces.of(speech(10, 3, 3.1), STEP)).isEmpty();
        assertThat(SpeechPieces.of(new float[0], STEP)).isEmpty();
    }

    @Test
    void whoNeverStopsIsCutWhereItIsLeastSure() {
        float[] all = speech(50, 0, 50);
        all[(int) (16 / STEP)] = 0.4f;
        List<Piece> pieces = SpeechPieces.of(all, STEP);
        assertThat(pieces.getFirst().to()).isCloseTo(16.2, within(0.1));
        assertThat(pieces).allSatisfy(p -> assertThat(p.to() - p.from()).isLessThanOrEqualTo(20.01));
    }

    @Property(tries = 200)
    void allSpeechIsInPiecesThatAreInOrderAndShortEnough(
            @ForAll @Size(min = 1, max = 12) List<@DoubleRange(min = 0.3, max = 9) Double> lengths) {
        double[] speaks = new double[lengths.size() * 2];
        double at = 1;
        for (int i = 0; i < lengths.size(); i++) {
            speaks[2 * i] = at;
            speaks[2 * i + 1] = at + lengths.get(i);
            at += lengths.get(i) + 0.2 + lengths.get(i) % 1;
        }
        List<Piece> pieces = SpeechPieces.of(speech(at + 5, speaks), STEP);
        for (double begins : speaks) {
            double inside = begins + 0.01;
            boolean speaking = false;
            for (int k = 0; k < speaks.length; k += 2) {
                speaking |= inside > speaks[k] && inside < speaks[k + 1];
            }
            if (speaking) {
                assertThat(pieces).anyMatch(p -> p.from() <= inside && inside <= p.to());
            }
        }
        for (int i = 1; i < pieces.size(); i++) {
            assertThat(pieces.get(i).speech().getFirst().from())
                    .isGreaterThanOrEqualTo(pieces.get(i - 1).speech().getLast().to() - 1e-9);
        }
        assertThat(pieces).allMatch(p -> p.to() - p.from() <= 20.5);
    }
}
