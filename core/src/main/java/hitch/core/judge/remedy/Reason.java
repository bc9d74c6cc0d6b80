package hitch.core.judge.remedy;

import hitch.core.finding.FindingId;
import hitch.core.finding.LocatedFinding;
import java.util.List;

/**
 * Why something is proposed.
 *
 * @param text a sentence
 * @param source what it comes from
 * @param findings what it rests on; may be empty where a rule is named
 * @param rule the name of the house rule that decides; blank where none does
 */
public record Reason(String text, Source source, List<FindingId> findings, String rule) {
    /** What a reason comes from. */
    public enum Source {
        FOUND("found"),
        NUMBER("house number"),
        SCHOOL("house rule"),
        PRACTICE("trade practice");

        private final String word;

        Source(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    public Reason {
        findings = List.copyOf(findings);
    }

    public static Reason found(String text, List<LocatedFinding> findings) {
        return new Reason(
                text, Source.FOUND, findings.stream().map(f -> f.finding().id()).toList(), "");
    }

    /** A number of the house rules decides. */
    public static Reason number(String text, String rule) {
        return new Reason(text, Source.NUMBER, List.of(), rule);
    }

    /** A choice between schools of the house rules decides. */
    public static Reason school(String text, String rule) {
        return new Reason(text, Source.SCHOOL, List.of(), rule);
    }

    /** The trade does so; {@code practice} names what it is about. */
    public static Reason practice(String text, String practice) {
        return new Reason(text, Source.PRACTICE, List.of(), practice);
    }
}
