package hitch.core.rules;

import hitch.core.finding.FindingKind;
import hitch.core.measure.Distance;
import java.util.Map;

/**
 * The firm's own numbers. They are opinions to be edited; local code decides where it speaks.
 *
 * @param rootShareToMend share of the bore from which roots count as a repair, percent, 1 to 100
 * @param offsetToTend step of an offset from which it needs care
 * @param offsetToMend step of an offset from which it needs a repair
 * @param waterToTend length of standing water from which it needs care
 * @param monthsBetweenCleanings months until the next cleaning where roots were found
 * @param shownBefore seconds of footage shown before a finding's frame
 * @param shownAfter seconds of footage shown after it
 * @param words the firm's own words for what is found, lower case, and the kinds they name
 * @param line the firm's numbers for the pipe itself
 */
public record HouseRules(
        int rootShareToMend,
        Distance offsetToTend,
        Distance offsetToMend,
        Distance waterToTend,
        int monthsBetweenCleanings,
        double shownBefore,
        double shownAfter,
        Map<String, FindingKind> words,
        LineRules line) {
    public HouseRules {
        line = line == null ? LineRules.DEFAULT : line;
        words = words == null ? Map.of() : Map.copyOf(words);
    }

    /** Rules without words of the firm's own. */
    public HouseRules(
            int rootShareToMend,
            Distance offsetToTend,
            Distance offsetToMend,
            Distance waterToTend,
            int monthsBetweenCleanings,
            double shownBefore,
            double shownAfter) {
        this(
                rootShareToMend,
                offsetToTend,
                offsetToMend,
                waterToTend,
                monthsBetweenCleanings,
                shownBefore,
                shownAfter,
                Map.of(),
                LineRules.DEFAULT);
    }

    public HouseRules withWords(Map<String, FindingKind> own) {
        return new HouseRules(
                rootShareToMend,
                offsetToTend,
                offsetToMend,
                waterToTend,
                monthsBetweenCleanings,
                shownBefore,
                shownAfter,
                own,
                line);
    }

    public HouseRules withLine(LineRules next) {
        return new HouseRules(
                rootShareToMend,
                offsetToTend,
                offsetToMend,
                waterToTend,
                monthsBetweenCleanings,
                shownBefore,
                shownAfter,
                words,
                next);
    }

    public static final HouseRules DEFAULT =
            new HouseRules(50, Distance.inches(0.5), Distance.inches(1), Distance.feet(5), 12, 2.5, 1.5);
}
