package hitch.core.note.grammar;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;

import hitch.core.caption.CaptionReader;
import hitch.core.caption.Cue;
import hitch.core.measure.LengthUnit;
import hitch.core.note.Note;
import hitch.core.talk.Contradictions;
import hitch.core.talk.Spoken;
import hitch.core.talk.TalkReader;
import hitch.core.talk.Whereabouts;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Collectors;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

/** Whatever is typed, said or dropped: never an exception, never a hang. */
class AnyTextTest {
    private final TradeNoteReader reader = new TradeNoteReader();

    @Property(tries = 600)
    void anyTextIsRead(@ForAll String text) {
        assertThat(reader.read(text, LengthUnit.METRES).drafts()).isNotEmpty();
        reader.hear(text, LengthUnit.FEET, Optional.empty());
    }

    @Property(tries = 600)
    void anyRunOfTradeWordsIsRead(@ForAll("talk") String text) {
        Note note = reader.hear(text, LengthUnit.FEET, Optional.empty());
        note.drafts().forEach(d -> {
            assertThat(d.start()).isBetween(0, text.length());
            d.place().ifPresent(p -> assertThat(p.from()).isLessThanOrEqualTo(p.to()));
        });
        reader.read(text, LengthUnit.FEET_INCHES);
    }

    @Property(tries = 300)
    void anyFileOfCaptionsIsRead(@ForAll("captions") String text) {
        Spoken.All all = new TalkReader(reader, LengthUnit.FEET).read(CaptionReader.read(text));
        Contradictions.in(all, Whereabouts.UNKNOWN, LengthUnit.FEET);
        assertThat(all.drafts()).extracting(Spoken::key).doesNotHaveDuplicates();
    }

    @Test
    void muchOfAnythingDoesNotHang() {
        Random random = new Random(5);
        StringBuilder signs = new StringBuilder();
        StringBuilder letters = new StringBuilder();
        while (letters.length() < 250_000) {
            signs.append((char) random.nextInt(32, 0x2fff));
            letters.append(random.nextInt(6) == 0 ? ' ' : (char) ('a' + random.nextInt(26)));
        }
        String roots = "roots at 42 and ".repeat(15_000);
        // Against a hang alone, wide enough for a slow and busy machine; the speed itself is shown by the benchmark.
        assertTimeoutPreemptively(Duration.ofMinutes(3), () -> {
            for (String text : List.of(signs.toString(), letters.toString(), roots)) {
                reader.hear(text, LengthUnit.FEET, Optional.empty());
            }
        });
    }

    @Provide
    Arbitrary<String> talk() {
        List<String> words = List.copyOf(Words.shipped().phrases().keySet());
        Arbitrary<String> figures = Arbitraries.of(
                "42",
                "19.4",
                "3/4",
                "one and a half",
                "feet",
                "inch",
                "'",
                "\"",
                ",",
                ".",
                "?",
                "to",
                "at",
                "percent",
                "sorry",
                "o'clock",
                "between",
                "a",
                "the",
                "12:30",
                "5'1\"",
                "-",
                "nineteen point four",
                "zero",
                "half");
        return Arbitraries.oneOf(Arbitraries.of(words), figures)
                .list()
                .ofMaxSize(25)
                .map(l -> String.join(" ", l));
    }

    @Provide
    Arbitrary<String> captions() {
        Arbitrary<String> line = Arbitraries.oneOf(
                talk(),
                Arbitraries.of(
                        "WEBVTT",
                        "",
                        "1",
                        "00:00:01,000 --> 00:00:04,000",
                        "01:02.5 --> 01:03.1 align:start",
                        "[1:05] roots at 12",
                        "NOTE x",
                        "99:99:99 --> 0:0",
                        "-->",
                        "<b>roots</b> at 12 &amp; 14"));
        return line.list().ofMaxSize(40).map(l -> l.stream().collect(Collectors.joining("\n")));
    }

    @Test
    void cuesKeepTheirTimes() {
        List<Cue> cues = CaptionReader.read("1\n00:00:01,500 --> 00:00:04,000\n<i>Roots</i> at\n42 feet.\n\n2\n"
                + "01:00:05,000 --> 01:00:06,000\nDone.\n");
        assertThat(cues).containsExactly(new Cue(1.5, 4, "Roots at 42 feet."), new Cue(3605, 3606, "Done."));
        assertThat(CaptionReader.read("[0:07] roots at 12\n[1:02:03.5] offset\n"))
                .containsExactly(new Cue(7, 3723.5, "roots at 12"), new Cue(3723.5, 3727.5, "offset"));
    }
}
