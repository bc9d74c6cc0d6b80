package hitch.core.story;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hitch.core.job.Recording;
import hitch.core.story.ReadAloud.Difference;
import hitch.core.story.ReadAloud.Stretch;
import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

/** Words that were read out, laid beside those that were written. */
class ReadAloudTest {
    private static final String WRITTEN =
            "Here the roots come in at 17.9 ft. They hang from the top. Nothing else is wrong.";

    private static List<Difference> differences(String heard) {
        return ReadAloud.of(WRITTEN, heard, List.of(new Stretch(0.3, 7))).differences();
    }

    @Test
    void figuresAreComparedAsTheyAreSpoken() {
        assertThat(
                        differences(
                                "Here the roots come in at seventeen point nine feet. They hang from the top. Nothing else is wrong."))
                .isEmpty();
        assertThat(differences("here the root comes in at 17.9 feet they hang from the top nothing else is wrong"))
                .isEmpty();
    }

    @Test
    void theClockIsUnderstoodHoweverItIsHeard() {
        List<Stretch> all = List.of(new Stretch(0, 3));
        assertThat(ReadAloud.of("From one to five o'clock.", "from 1 to 5 arc-lock", all)
                        .differences())
                .isEmpty();
        assertThat(ReadAloud.of("From one to five o'clock.", "from 1 to 6 o'clock", all)
                        .differences())
                .containsExactly(new Difference("five", "six"));
    }

    @Test
    void otherWordsAndOtherFiguresAreTold() {
        assertThat(differences("Here the roots come in at 19.7 feet. They hang from the top. Nothing else is wrong."))
                .containsExactly(new Difference("seventeen", "nineteen"), new Difference("nine", "seven"));
        assertThat(differences("Here the roots come in at 17.9 feet. Nothing else is wrong."))
                .containsExactly(new Difference("they hang from the top", ""));
        assertThat(differences(
                        "So, here the roots come in at 17.9 feet. They hang from the top. Nothing else is wrong."))
                .containsExactly(new Difference("", "so"));
        assertThat(differences("")).hasSize(1);
    }

    /** Sentences of any length with pauses between them, and shorter ones within: each is found where it was said. */
    @Property(tries = 100)
    void eachSentenceIsFoundBetweenItsPauses(
            @ForAll @Size(min = 2, max = 5) List<@IntRange(min = 3, max = 12) Integer> lengths,
            @ForAll @DoubleRange(min = 0.4, max = 1.2) double pause,
            @ForAll @DoubleRange(min = 10, max = 17) double lettersASecond) {
        StringBuilder text = new StringBuilder();
        List<Stretch> stretches = new ArrayList<>();
        List<Recording.At> truth = new ArrayList<>();
        double at = 0.5;
        for (int length : lengths) {
            String sentence = "The" + " old pipe".repeat(length) + ".";
            text.append(text.isEmpty() ? "" : " ").append(sentence);
            double takes = sentence.length() / lettersASecond;
            // A breath in the middle of it, shorter than the pause behind it.
            stretches.add(new Stretch(at, at + takes / 2 - 0.05));
            stretches.add(new Stretch(at + takes / 2 + 0.05, at + takes));
            truth.add(new Recording.At(at, at + takes));
            at += takes + pause;
        }
        List<Recording.At> found =
                ReadAloud.of(text.toString(), text.toString(), stretches).sentences();
        assertThat(found).hasSameSizeAs(truth);
        for (int i = 0; i < truth.size(); i++) {
            assertThat(found.get(i).from()).isEqualTo(truth.get(i).from(), within(0.3));
            assertThat(found.get(i).to()).isEqualTo(truth.get(i).to(), within(0.3));
        }
    }
}
