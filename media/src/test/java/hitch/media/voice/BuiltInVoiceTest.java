package hitch.media.voice;

import static org.assertj.core.api.Assertions.assertThat;

import de.dfki.lt.tools.tokenizer.JTok;
import de.dfki.lt.tools.tokenizer.annotate.AnnotatedString;
import hitch.media.MediaException;
import java.util.ArrayList;
import java.util.List;
import java.util.Properties;
import org.junit.jupiter.api.Test;

class BuiltInVoiceTest {
    @Test
    void speaksAtAHumanPace() throws MediaException {
        String text = "Roots at the top of the pipe, about a third of the bore.";
        Sound sound = BuiltInVoice.narrator().speak(text);
        assertThat(sound.rate()).isEqualTo(Narrator.RATE);
        assertThat(text.length() / sound.seconds()).isBetween(8.0, 22.0);
        float peak = 0;
        for (float s : sound.samples()) {
            peak = Math.max(peak, Math.abs(s));
        }
        assertThat(peak).isBetween(0.2f, 1f);
        assertThat(BuiltInVoice.narrator().speak("  ").samples()).isEmpty();
    }

    @Test
    void theTechnicianSoundsLikeSomebodyElse() throws MediaException {
        String text = "Here is a root.";
        assertThat(BuiltInVoice.technician().speak(text).samples())
                .isNotEqualTo(BuiltInVoice.narrator().speak(text).samples());
    }

    @Test
    void tokensAreWordsAndMarksWithABorderAtEachSentence() {
        AnnotatedString marked = new JTok(new Properties()).tokenize("It's four feet. Roots, heavy!", "en");
        List<String> tokens = new ArrayList<>();
        List<String> starts = new ArrayList<>();
        for (int at = 0; at < marked.getEndIndex(); at = marked.getRunLimit("class")) {
            marked.setIndex(at);
            if (marked.getAnnotation("class") != null) {
                tokens.add(marked.substring(marked.getRunStart("class"), marked.getRunLimit("class")));
                if (marked.getAnnotation("border") != null) {
                    starts.add(tokens.getLast());
                }
            }
        }
        assertThat(tokens).containsExactly("It's", "four", "feet", ".", "Roots", ",", "heavy", "!");
        assertThat(starts).containsExactly("It's", "Roots");
    }
}
