package hitch.core.talk;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.caption.Cue;
import hitch.core.finding.FindingKind;
import hitch.core.finding.FindingKind.Family;
import hitch.core.measure.Distance;
import hitch.core.measure.LengthUnit;
import hitch.core.note.grammar.TradeNoteReader;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.BiFunction;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Things as they are called in passing, some seven hundred turns of phrase, each behind the place where the camera is. */
class InPassingTest {
    private static final Path PHRASES = Path.of("src/test/resources/hitch/core/talk/phrases.txt");
    private static final String NOTHING = "none";
    /** So many are one commentary. */
    private static final int TOGETHER = 9;

    /** Where a pipe is broken there may be a hole as well, and what is told of it twice, but no more. */
    private static final int AT_MOST = 2;

    private static final int FIRST_FT = 12;
    private static final int APART_FT = 7;
    private static final double EVERY_S = 20;

    private record Phrase(String kind, String words) {
        static Phrase of(String line) {
            String[] both = line.split(" \\| ");
            return new Phrase(both[0], both[1]);
        }

        boolean isTold(List<Spoken> here, int feet) {
            if (kind.equals(NOTHING)) {
                return here.isEmpty();
            }
            return here.size() <= AT_MOST
                    && here.stream().anyMatch(s -> isKind(s) && (isOfNoPlace(s) || isAt(s, feet)));
        }

        private boolean isKind(Spoken said) {
            FindingKind wanted = Stream.of(FindingKind.values())
                    .filter(k -> k.word().equals(kind))
                    .findFirst()
                    .orElseThrow();
            return said.draft().matter() instanceof FindingKind k && k.broad() == wanted.broad();
        }

        private static boolean isOfNoPlace(Spoken said) {
            return said.draft().kind().family() == Family.TOLD;
        }

        private static boolean isAt(Spoken said, int feet) {
            return said.draft()
                    .place()
                    .filter(p -> p.from().equals(Distance.feet(feet)))
                    .isPresent();
        }
    }

    static List<List<Phrase>> together() throws IOException {
        List<Phrase> all = Files.readAllLines(PHRASES).stream()
                .filter(l -> !l.isBlank() && !l.startsWith("#"))
                .map(Phrase::of)
                .toList();
        List<List<Phrase>> groups = new ArrayList<>();
        for (int i = 0; i < all.size(); i += TOGETHER) {
            groups.add(all.subList(i, Math.min(all.size(), i + TOGETHER)));
        }
        return groups;
    }

    @ParameterizedTest
    @MethodSource("together")
    void asAMachineWritesItDown(List<Phrase> phrases) {
        assertThat(missed(phrases, "zeroed at the cleanout", (feet, words) -> feet + " feet " + words))
                .isEmpty();
    }

    @ParameterizedTest
    @MethodSource("together")
    void asAPersonWritesItDown(List<Phrase> phrases) {
        assertThat(missed(phrases, "Zeroed at the cleanout.", (feet, words) -> feet + " feet. " + sentence(words)))
                .isEmpty();
    }

    private static String sentence(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1) + ".";
    }

    private static List<Phrase> missed(
            List<Phrase> phrases, String begins, BiFunction<Integer, String, String> written) {
        List<Cue> cues = new ArrayList<>(List.of(new Cue(0, 4, begins)));
        for (int i = 0; i < phrases.size(); i++) {
            double at = (i + 1) * EVERY_S;
            cues.add(new Cue(at, at + 4, written.apply(feet(i), phrases.get(i).words())));
        }
        List<Spoken> drafts = new TalkReader(new TradeNoteReader(), LengthUnit.FEET)
                .read(cues)
                .drafts();
        List<Phrase> missed = new ArrayList<>();
        for (int i = 0; i < phrases.size(); i++) {
            double at = (i + 1) * EVERY_S;
            List<Spoken> here =
                    drafts.stream().filter(d -> Math.abs(d.seconds() - at) < 1).toList();
            if (!phrases.get(i).isTold(here, feet(i))) {
                missed.add(phrases.get(i));
            }
        }
        return missed;
    }

    private static int feet(int i) {
        return FIRST_FT + APART_FT * i;
    }
}
