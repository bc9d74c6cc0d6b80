package hitch.core.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hitch.core.story.Cutting.Caption;
import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;

class CaptionTextTest {
    /** A caption file read back the way its format says: blocks between blank lines. */
    private static List<String[]> blocks(String file) {
        List<String[]> blocks = new ArrayList<>();
        for (String block : file.strip().split("\n\n")) {
            blocks.add(block.split("\n"));
        }
        return blocks;
    }

    private static double seconds(String time) {
        String[] parts = time.replace(',', '.').split(":");
        return Integer.parseInt(parts[0]) * 3600 + Integer.parseInt(parts[1]) * 60 + Double.parseDouble(parts[2]);
    }

    private static void sameTimes(String line, Caption cue) {
        String[] times = line.split(" --> ");
        assertThat(seconds(times[0])).isCloseTo(cue.start(), within(0.0006));
        assertThat(seconds(times[1])).isCloseTo(cue.end(), within(0.0006));
    }

    @Property(tries = 300)
    void webVttHoldsEveryCaptionAndNothingElse(@ForAll("cues") List<Caption> cues) {
        List<String[]> blocks = blocks(CaptionText.webVtt(cues));
        assertThat(blocks).hasSize(cues.size() + 1);
        assertThat(blocks.getFirst()).containsExactly("WEBVTT");
        for (int i = 0; i < cues.size(); i++) {
            String[] block = blocks.get(i + 1);
            assertThat(block).hasSize(2);
            sameTimes(block[0], cues.get(i));
            assertThat(block[1]).doesNotContain("-->").doesNotContain("<").contains("said");
        }
    }

    @Property(tries = 300)
    void subRipHoldsEveryCaptionAndNothingElse(@ForAll("cues") List<Caption> cues) {
        String file = CaptionText.subRip(cues);
        List<String[]> blocks = cues.isEmpty() ? List.of() : blocks(file);
        assertThat(blocks).hasSize(cues.size());
        for (int i = 0; i < cues.size(); i++) {
            String[] block = blocks.get(i);
            assertThat(block).hasSize(3);
            assertThat(block[0]).isEqualTo(Integer.toString(i + 1));
            sameTimes(block[1], cues.get(i));
            assertThat(block[2]).doesNotContain("-->");
        }
    }

    @Provide
    Arbitrary<List<Caption>> cues() {
        Arbitrary<String> text =
                Arbitraries.strings().ascii().ofMaxLength(20).map(s -> "said " + s + " <b> --> \n\n 00:00 &");
        return Combinators.combine(
                        Arbitraries.doubles().between(0, 9000),
                        Arbitraries.doubles().between(0.1, 30),
                        text)
                .as((start, length, words) -> new Caption(start, start + length, words))
                .list()
                .ofMaxSize(8);
    }
}
