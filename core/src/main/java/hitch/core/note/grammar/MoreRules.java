package hitch.core.note.grammar;

import java.util.List;

/** Leads a sentence through the rules that read details, and what is told rather than found, in their order. */
final class MoreRules {
    /** One rule. */
    interface Rule {
        void read(Sense sense);
    }

    private static final List<Rule> RULES = List.of(
            new EitherRule(),
            new SymptomRule(),
            new PromiseRule(),
            new PhotoRule(),
            new FrameRule(),
            new HeardRule(),
            new LocateRule(),
            new BoundaryRule(),
            new MainRule(),
            new FixtureRule(),
            new FactRule(),
            new WaterRule(),
            new ByUsRule(),
            new AdviceRule(),
            new SteppingRule(),
            new MadeRule(),
            new FullRule(),
            new HoldingRule(),
            new SoilShowsRule(),
            new CauseRule(),
            new CleaningRule(),
            new CountRule(),
            new PartSeenRule(),
            new GearRule(),
            new LimitRule(),
            new SurfaceRule(),
            new BranchRule(),
            new ToldRule(),
            new OrderRule(),
            new SaidRule());

    private MoreRules() {}

    static void read(Sense sense) {
        for (Rule rule : RULES) {
            rule.read(sense);
        }
    }
}
