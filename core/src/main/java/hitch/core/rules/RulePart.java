package hitch.core.rules;

/** Rules that are used together, and changed together. */
public sealed interface RulePart
        permits WeighingRules,
                CareRules,
                ShowingRules,
                WordRules,
                OwnerRules,
                SeeingRules,
                OpeningRules,
                ToolRules,
                DepthRules,
                JudgingRules,
                AgeRules,
                PriceBook {
    /** What the rules are about, such as {@code how findings are weighed}. */
    String about();
}
