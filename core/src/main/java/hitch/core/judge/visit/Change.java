package hitch.core.judge.visit;

import hitch.core.decide.EarlierVisit.Then;
import hitch.core.finding.LocatedFinding;
import java.util.Optional;

/**
 * What became of one thing between two visits.
 *
 * @param kind what became of it
 * @param now as it is; empty where it is gone
 * @param then as it was; empty where it is new
 * @param words in a sentence, without its place
 */
public record Change(Kind kind, Optional<LocatedFinding> now, Optional<Then> then, String words) {
    /** What became of a thing. */
    public enum Kind {
        GREW("grew"),
        NEW("new"),
        SAME("unchanged"),
        SHRANK("less than then"),
        CLEARED("gone");

        private final String word;

        Kind(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }
}
