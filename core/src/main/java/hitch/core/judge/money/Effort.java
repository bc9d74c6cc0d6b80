package hitch.core.judge.money;

import hitch.core.judge.work.Work;
import hitch.core.line.GroundMark.Surface;
import java.util.List;

/**
 * How much work something is against one cleaning. It stands in for prices only to say which of two works is the larger: a trench grows
 * with its length and its depth, and with what must be broken and made good above it.
 */
final class Effort {
    private static final double TRENCH_A_FOOT = 0.8;
    private static final double LINER_A_FOOT = 0.5;
    private static final double SCRAPING_A_FOOT = 0.15;
    /** Digging in, pit or trench: the machine comes once. */
    private static final double DIG_IN = 4;

    private static final double SET_UP = 3;
    /** Depth that the figures are for, feet; twice as deep is twice the soil. */
    private static final double USUAL_DEPTH = 5;

    private Effort() {}

    static double of(Bill bill) {
        double feet = bill.feet().middle();
        double ground = ground(bill.cover())
                * Math.max(1, bill.depth().map(d -> d.middle() / USUAL_DEPTH).orElse(1.0));
        return switch (bill.work()) {
            case Work.Watch w -> 0.5;
            case Work.Prove w -> 0.5;
            case Work.Refer w -> 0.1;
            case Work.Clean w -> w.foam() > 0 ? 1.5 : 1;
            case Work.CleanAndLook w -> 1.5;
            case Work.Descale w -> (w.coated() ? 3 : 1) * (1 + SCRAPING_A_FOOT * feet);
            case Work.OpenAccess w -> DIG_IN * ground;
            case Work.Reline w -> SET_UP + LINER_A_FOOT * feet;
            case Work.SpotRepair w -> (DIG_IN * bill.places() + TRENCH_A_FOOT * feet) * ground;
            case Work.Replace w -> (DIG_IN + TRENCH_A_FOOT * feet) * ground;
            case Work.ReplaceAll w -> (DIG_IN + TRENCH_A_FOOT * feet) * ground;
            case Work.SetToGrade w -> (DIG_IN + TRENCH_A_FOOT * feet) * ground;
        };
    }

    private static double ground(List<Surface> cover) {
        return cover.stream()
                .mapToDouble(s -> switch (s) {
                    case STREET, SLAB, BUILDING -> 2;
                    case DRIVEWAY, CONCRETE, ASPHALT, PATIO, SIDEWALK -> 1.4;
                    default -> 1;
                })
                .max()
                .orElse(1);
    }
}
