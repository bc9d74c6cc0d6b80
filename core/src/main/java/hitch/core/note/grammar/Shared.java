package hitch.core.note.grammar;

import hitch.core.detail.Detail;
import hitch.core.finding.FindingKind;
import java.util.List;
import java.util.Optional;

/** What stands at one place because one of it brought the other about: both are where the words say, and what comes in comes from a side. */
final class Shared {
    private Shared() {}

    static void give(Phrases parts, List<Candidate> found) {
        for (Candidate effect : found) {
            Optional<String> by = effect.details().get(Detail.CAUSE);
            by.flatMap(word -> found.stream()
                            .filter(c -> c != effect
                                    && c.isCondition()
                                    && c.matter().word().equals(word))
                            .findFirst())
                    .ifPresent(cause -> share(parts, effect, cause));
        }
    }

    private static void share(Phrases parts, Candidate effect, Candidate cause) {
        boolean from = false;
        for (int i = 0; i < parts.size(); i++) {
            from |= parts.has(i, Meaning.Round.class)
                    && (parts.at(i).text().startsWith("from") || parts.is(parts.before(i), Glue.FROM));
        }
        if (from && cause.hasClock() && !effect.hasClock()) {
            cause.giveClock(effect);
        } else if (!from && effect.is(FindingKind.SOIL)) {
            effect.shareClock(cause);
            cause.shareClock(effect);
        }
    }
}
