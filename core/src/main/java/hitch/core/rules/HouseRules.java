package hitch.core.rules;

import hitch.core.finding.FindingKind;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Map;

/**
 * The firm's own numbers and words, split by who uses them. They are opinions to be edited; local code decides where it
 * speaks. What stands where nobody changed anything, and why, is in {@code house-rules.txt}.
 */
@RecordBuilder
public record HouseRules(
        WeighingRules weighing,
        CareRules care,
        ShowingRules showing,
        WordRules own,
        LineRules line,
        JudgingRules judging,
        AgeRules ages,
        PriceBook prices)
        implements HouseRulesBuilder.With {
    public static final HouseRules DEFAULT = RulesText.standard();

    public HouseRules {
        // Rules that were written before there was a choice stand as shipped.
        judging = judging == null ? HouseRules.DEFAULT.judging() : judging;
        ages = ages == null ? HouseRules.DEFAULT.ages() : ages;
        prices = prices == null ? PriceBook.EMPTY : prices;
    }

    /** The firm's own words, lower case, and the kinds they name. */
    public Map<String, FindingKind> words() {
        return own.kinds();
    }

    /** Every part, each of which is changed by itself. */
    public List<RulePart> parts() {
        return List.of(
                weighing,
                care,
                showing,
                own,
                line.ownership(),
                line.seeing(),
                line.openings(),
                line.tools(),
                line.depths(),
                judging,
                ages,
                prices);
    }

    /** With one part of the rules in place of what it was. */
    public HouseRules with(RulePart part) {
        return switch (part) {
            case WeighingRules p -> withWeighing(p);
            case CareRules p -> withCare(p);
            case ShowingRules p -> withShowing(p);
            case WordRules p -> withOwn(p);
            case JudgingRules p -> withJudging(p);
            case AgeRules p -> withAges(p);
            case PriceBook p -> withPrices(p);
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
}
