package hitch.core.judge.rule;

import hitch.core.judge.matter.Case;
import hitch.core.judge.matter.Matter;
import hitch.core.judge.remedy.Proposal;
import java.util.List;

/** Leads each matter to its rule. */
public final class Remedies {
    private static final RemedyRule BLOCKED = new BlockedRule();

    private Remedies() {}

    /** The ways to meet a matter that findings stand for, the one to take first; what concerns the pipe itself is {@link PipeRules}'. */
    public static List<Proposal> of(Matter matter, Case in) {
        if (!matter.owners()) {
            return PipeRules.beyond(matter, in);
        }
        if (!matter.isSure()) {
            return ProofRules.unsure(matter, in);
        }
        return (BlockedRule.isFor(matter) ? BLOCKED : rule(matter)).meet(matter, in);
    }

    private static RemedyRule rule(Matter matter) {
        return switch (matter.theme()) {
            case BLOCKAGE -> BLOCKED;
            case ROOTS -> new RootsRule();
            case OPEN_WALL -> new OpenWallRule();
            case STEPS -> new StepsRule();
            case CRACKS -> new CracksRule();
            case SHAPE -> new ShapeRule();
            case CRUST -> new CrustRule();
            case DEPOSITS, SOLIDS -> new DepositsRule();
            case WATER -> new WaterRule();
            case MAKESHIFT -> ProofRules::makeshift;
            case UNKNOWN_USE -> ProofRules::unknownUse;
            case ARRIVAL -> ProofRules::arrival;
            case ANIMALS -> PipeRules::animals;
            case HIDDEN -> ProofRules::hidden;
            case USE -> ProofRules::use;
            case OPENINGS, AGE -> (m, c) -> List.of();
        };
    }
}
