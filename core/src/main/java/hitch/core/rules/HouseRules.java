package hitch.core.rules;

import hitch.core.finding.FindingKind;
import java.util.Map;

/**
 * The firm's own numbers and words, split by who uses them. They are opinions to be edited; local code decides where it
 * speaks. What stands where nobody changed anything, and why, is in {@code house-rules.txt}.
 */
public record HouseRules(WeighingRules weighing, CareRules care, ShowingRules showing, WordRules own, LineRules line) {
    public static final HouseRules DEFAULT = RulesText.standard();

    /** The firm's own words, lower case, and the kinds they name. */
    public Map<String, FindingKind> words() {
        return own.kinds();
    }

    /** With one part of the rules in place of what it was. */
    public HouseRules with(RulePart part) {
        return switch (part) {
            case WeighingRules p -> new HouseRules(p, care, showing, own, line);
            case CareRules p -> new HouseRules(weighing, p, showing, own, line);
            case ShowingRules p -> new HouseRules(weighing, care, p, own, line);
            case WordRules p -> new HouseRules(weighing, care, showing, p, line);
            case OwnerRules p ->
                withLine(new LineRules(p, line.seeing(), line.openings(), line.tools(), line.depths()));
            case SeeingRules p ->
                withLine(new LineRules(line.ownership(), p, line.openings(), line.tools(), line.depths()));
            case OpeningRules p ->
                withLine(new LineRules(line.ownership(), line.seeing(), p, line.tools(), line.depths()));
            case ToolRules p ->
                withLine(new LineRules(line.ownership(), line.seeing(), line.openings(), p, line.depths()));
            case DepthRules p ->
                withLine(new LineRules(line.ownership(), line.seeing(), line.openings(), line.tools(), p));
        };
    }

    private HouseRules withLine(LineRules next) {
        return new HouseRules(weighing, care, showing, own, next);
    }
}
