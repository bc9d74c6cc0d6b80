package hitch.core.caption;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.within;

import hitch.core.exchange.CaptionText;
import hitch.core.story.Cutting;
import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.AlphaChars;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import net.jqwik.api.constraints.StringLength;
import org.junit.jupiter.api.Test;

/** Captions in every form they come in, damaged ones too. */
class CaptionReaderTest {
    @Test
    void readsSubRip() {
        List<Cue> cues = CaptionReader.read("""
                1
                00:00:01,500 --> 00:00:04,000
                Roots at twelve feet,
                on the left.

                2
                00:00:05,000 --> 00:00:07,250
                <i>And</i> a &amp; b.
                """);
        assertThat(cues)
                .containsExactly(new Cue(1.5, 4, "Roots at twelve feet, on the left."), new Cue(5, 7.25, "And a & b."));
    }

    @Test
    void readsWebVttWithSettingsAndNotes() {
        List<Cue> cues = CaptionReader.read("""
                WEBVTT - what was said

                NOTE nobody reads this

                00:01.000 --> 00:02.000 align:start position:10%
                First.

                01:00:00.000 --> 01:00:01.000
                An hour on.
                """);
        assertThat(cues).extracting(Cue::text).containsExactly("First.", "An hour on.");
        assertThat(cues.getLast().start()).isEqualTo(3600);
    }

    @Test
    void readsPlainLinesWithTheirTimes() {
        List<Cue> cues = CaptionReader.read("""
                [0:12] Here we go.
                and on.
                [1:05] Roots.
                """);
        assertThat(cues).containsExactly(new Cue(12, 65, "Here we go. and on."), new Cue(65, 69, "Roots."));
    }

    @Test
    void aDamagedCaptionIsLeftOutAndTheRestRead() {
        List<Cue> cues = CaptionReader.read("""
                1
                00:00:0x,000 --> 00:00:04,000
                lost

                2
                00:00:09,000 --> 00:00:05,000
                backwards

                3
                00:00:11,000 --> 00:00:12,000
                kept
                """);
        assertThat(cues).extracting(Cue::text).contains("kept").doesNotContain("backwards");
    }

    @Test
    void captionsOutOfOrderAreSortedAndNothingGivesNone() {
        List<Cue> cues = CaptionReader.read("[0:30] two\n[0:10] one\n");
        assertThat(cues).extracting(Cue::text).containsExactly("one", "two");
        assertThat(CaptionReader.read("")).isEmpty();
        assertThat(CaptionReader.read("nobody said when")).isEmpty();
    }

    @Property(tries = 150)
    void whatIsWrittenIsReadBack(
            @ForAll @Size(min = 1, max = 8) List<@AlphaChars @StringLength(min = 1, max = 20) String> words,
            @ForAll @IntRange(max = 100_000) int start) {
        List<Cutting.Caption> written = new ArrayList<>();
        for (int i = 0; i < words.size(); i++) {
            written.add(new Cutting.Caption(start / 1000.0 + 2 * i, start / 1000.0 + 2 * i + 1.5, words.get(i)));
        }
        for (String text : List.of(CaptionText.subRip(written), CaptionText.webVtt(written))) {
            List<Cue> read = CaptionReader.read(text);
            assertThat(read).extracting(Cue::text).containsExactlyElementsOf(words);
            for (int i = 0; i < read.size(); i++) {
                assertThat(read.get(i).start()).isCloseTo(written.get(i).start(), within(0.0011));
                assertThat(read.get(i).end()).isCloseTo(written.get(i).end(), within(0.0011));
            }
        }
    }

    @Property(tries = 300)
    void anyTextIsReadWithoutTrouble(@ForAll String text) {
        assertThatCode(() -> CaptionReader.read(text + "\n1\n00:00:01,0 --> 9:9:9,9\n" + text))
                .doesNotThrowAnyException();
    }
}
