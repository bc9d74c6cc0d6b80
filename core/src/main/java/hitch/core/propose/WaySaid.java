package hitch.core.propose;

import hitch.core.run.Direction;
import java.util.List;
import java.util.Optional;

/**
 * Which way a run went, by what was said on it: first what was said of the way itself, the beginning before the rest; a way that is left for
 * later is none.
 *
 * @param way which way
 * @param said the sentence that says so
 * @param other whether it says only that it is the other way than before
 */
record WaySaid(Optional<Direction> way, SaidSentence said, boolean other) {
    static Optional<WaySaid> of(List<SaidSentence> said) {
        for (SaidSentence sentence : said) {
            if (Clues.says("later", sentence)) {
                continue;
            }
            boolean with = Clues.says("with", sentence);
            boolean against = Clues.says("against", sentence);
            if (with != against) {
                return Optional.of(
                        new WaySaid(Optional.of(with ? Direction.WITH_FLOW : Direction.AGAINST_FLOW), sentence, false));
            }
            if (Clues.says("other", sentence)) {
                return Optional.of(new WaySaid(Optional.empty(), sentence, true));
            }
        }
        return Optional.empty();
    }
}
