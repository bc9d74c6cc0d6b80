package hitch.core.note.grammar;

import hitch.core.measure.Distance;
import hitch.core.measure.LengthUnit;
import hitch.core.note.Draft;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** A file of {@code sentence | expected drafts}, read and scored. */
final class Corpus {
    /**
     * @param expected drafts that should be read
     * @param right those of them read with kind and station
     * @param made drafts that were read
     * @param wrongOnes the sentences that were not read to the letter, for the eye
     */
    record Score(int sentences, int expected, int right, int made, String wrongOnes) {
        static final Score NONE = new Score(0, 0, 0, 0, "");

        double rightShare() {
            return (double) right / expected;
        }

        /** Drafts that nothing in the sentence asks for, of those made. */
        double inventedShare() {
            return (double) (made - right) / made;
        }

        Score plus(Score more) {
            return new Score(
                    sentences + more.sentences,
                    expected + more.expected,
                    right + more.right,
                    made + more.made,
                    wrongOnes + more.wrongOnes);
        }
    }

    private Corpus() {}

    static Score read(String file) throws IOException {
        Score score = Score.NONE;
        try (BufferedReader in = new BufferedReader(new InputStreamReader(
                Corpus.class.getResourceAsStream("/hitch/core/note/" + file), StandardCharsets.UTF_8))) {
            for (String line : in.lines().toList()) {
                if (!line.isBlank() && !line.startsWith("#")) {
                    score = score.plus(score(line));
                }
            }
        }
        return score;
    }

    private static Score score(String line) {
        int bar = line.lastIndexOf('|');
        String sentence = line.substring(0, bar).strip();
        String expected = line.substring(bar + 1).strip();
        List<String> wanted = expected.equals("-") ? List.of() : Arrays.asList(expected.split("\\s*;\\s*"));
        List<String> got = drafts(sentence).stream().map(Corpus::show).toList();
        List<String> left = new ArrayList<>(got.stream().map(Corpus::unsure).toList());
        int right = 0;
        for (String want : wanted) {
            right += left.remove(unsure(want)) ? 1 : 0;
        }
        boolean same = right == wanted.size() && left.isEmpty();
        return new Score(
                1,
                wanted.size(),
                right,
                got.size(),
                same ? "" : sentence + "\n  want " + expected + "\n  got  " + got + "\n");
    }

    private static List<Draft> drafts(String sentence) {
        TradeNoteReader reader = new TradeNoteReader();
        return sentence.startsWith("type:")
                ? reader.read(sentence.substring(5).strip(), LengthUnit.FEET).drafts()
                : reader.hear(sentence, LengthUnit.FEET, Optional.empty()).drafts();
    }

    /** Kind and station alone. */
    private static String unsure(String draft) {
        return draft.replaceAll("^[~?!]", "");
    }

    private static String show(Draft draft) {
        String sure = switch (draft.certainty()) {
            case SEEN -> "";
            case LIKELY -> "~";
            case POSSIBLE, ONE_OF_TWO, HEARD, TOLD -> "?";
            case RULED_OUT -> "!";
        };
        String place = draft.place()
                .map(p -> "@" + feet(p.from()) + (p.isPoint() ? "" : "-" + feet(p.to())))
                .orElse("");
        return sure + draft.matter().word() + place;
    }

    private static String feet(Distance distance) {
        String text = String.format(Locale.ROOT, "%.2f", distance.inFeet());
        return text.replaceAll("0+$", "").replaceAll("\\.$", "");
    }
}
