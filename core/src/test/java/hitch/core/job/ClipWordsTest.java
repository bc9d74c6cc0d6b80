package hitch.core.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hitch.core.Sample;
import hitch.core.caption.Cue;
import hitch.core.footage.Clip;
import hitch.core.talk.Commentary;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** What was said on a clip about a moment of it. */
class ClipWordsTest {
    private static final Clip CLIP = Sample.clip(Sample.UP, 90);

    private static Commentary talk(double offset, Cue... cues) {
        return new Commentary("talk-1", Sample.UP, "talk.srt", List.of(cues), offset, Map.of());
    }

    private static List<String> near(Commentary talk, double seconds) {
        return ClipWords.near(List.of(talk), CLIP, seconds).stream()
                .map(ClipWords::says)
                .toList();
    }

    @Test
    void whatFollowsAtOnceIsOfferedTogetherAndApartAndWhatIsFarIsNot() {
        Commentary talk = talk(
                0,
                new Cue(5, 7, "Far before."),
                new Cue(28, 30, "Here is a step."),
                new Cue(30.5, 32, "A small one."),
                new Cue(36, 37, "On we go."),
                new Cue(60, 61, "Far after."));
        assertThat(near(talk, 30))
                .containsExactly("Here is a step. A small one.", "Here is a step.", "A small one.", "On we go.");
        assertThat(near(talk, 80)).isEmpty();
    }

    @Test
    void captionsThatWereSlidAreWhereTheyWereSlidTo() {
        Commentary talk = talk(20, new Cue(10, 12, "Here is a step."));
        ClipWords words = ClipWords.near(List.of(talk), CLIP, 30).getFirst();
        assertThat(CLIP.secondsInto(words.parts().getFirst().fromPts())).isEqualTo(30);
        assertThat(near(talk, 10)).isEmpty();
    }

    @Test
    void otherClipsAndEmptyCaptionsSayNothing() {
        assertThat(ClipWords.near(List.of(talk(0, new Cue(28, 30, "Here."))), Sample.clip(Sample.DOWN, 90), 30))
                .isEmpty();
        assertThat(near(talk(0, new Cue(28, 30, "  "), new Cue(30, 30, "Nothing.")), 30))
                .isEmpty();
        assertThatThrownBy(() -> new ClipWords(List.of())).hasMessageContaining("nothing is said");
    }
}
