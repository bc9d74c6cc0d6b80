package hitch.core.judge.verdict;

import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.finding.Weight;
import hitch.core.judge.matter.Case;
import hitch.core.judge.matter.Matter;
import hitch.core.judge.matter.Theme;
import hitch.core.measure.Cover;
import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import hitch.core.pipe.Branch;
import hitch.core.survey.Look;
import hitch.core.survey.SeenPart;
import java.util.List;
import java.util.Optional;

/**
 * Whether enough of the owner's pipe was seen to judge it.
 *
 * @param seen millimetres of the owner's pipe seen well on at least one pass
 * @param whole millimetres of it that are known of
 * @param blockage what stops the line; empty where nothing does
 * @param why a sentence, where it is not enough; blank where it is
 */
public record SeenEnough(long seen, long whole, Optional<LocatedFinding> blockage, String why) {
    /** Where the camera stopped this near to what narrows the bore, that is why. */
    private static final Distance NEAR = Distance.feet(3);

    public static SeenEnough of(Case in, List<Matter> matters) {
        long seen = 0;
        long whole = 0;
        for (SeenPart part : in.line().seeing().parts()) {
            long mm = owners(in, part);
            whole += mm;
            seen += part.best() == Look.WELL ? mm : 0;
        }
        Optional<LocatedFinding> blockage = blockage(in, matters);
        int least = in.rules().judging().seenEnough();
        String why = "";
        if (blockage.isPresent()) {
            why = "It is blocked " + in.place(blockage.get()) + ", and what lies behind that was not judged.";
        } else if (whole > 0 && 100 * seen < least * whole) {
            why = "Of the owner's " + in.show(new Distance(whole)) + " only " + in.show(new Distance(seen))
                    + " were seen well, under the rule's " + least + " %.";
        }
        return new SeenEnough(seen, whole, blockage, why);
    }

    public boolean isEnough() {
        return why.isEmpty();
    }

    /** Share seen well, 0 to 1; 1 where nothing is known of the pipe. */
    public double share() {
        return whole == 0 ? 1 : (double) seen / whole;
    }

    private static long owners(Case in, SeenPart part) {
        Extent extent = part.extent();
        var boundary = in.line().whose().boundary();
        if (part.branch().equals(Branch.LINE) && boundary.isPresent()) {
            return boundary.get().compareTo(extent.from()) <= 0
                    ? 0
                    : boundary.get().compareTo(extent.to()) >= 0
                            ? extent.length().mm()
                            : Cover.of(new Extent(extent.from(), boundary.get()))
                                    .mm();
        }
        return in.line()
                        .whose()
                        .isOwners(in.line().ways(), part.branch(), extent.middle())
                        .orElse(true)
                ? extent.length().mm()
                : 0;
    }

    private static Optional<LocatedFinding> blockage(Case in, List<Matter> matters) {
        for (Matter matter : matters) {
            if (!canStop(matter.theme())) {
                continue;
            }
            for (LocatedFinding found : matter.all()) {
                boolean closes = found.weight() == Weight.STOP && matter.theme().closesTheBore()
                        || found.finding().kind() != FindingKind.LIMIT
                                && found.weight().compareTo(Weight.MEND) >= 0
                                && isStoppedAt(in, found);
                if (closes && found.finding().certainty().isTaken()) {
                    return Optional.of(found);
                }
            }
        }
        return Optional.empty();
    }

    /** What a camera is stopped by and a look cannot get behind: what fills the bore, or a wall that has come in. A step only stops its gear. */
    private static boolean canStop(Theme theme) {
        return theme.closesTheBore() || theme == Theme.OPEN_WALL || theme == Theme.SHAPE;
    }

    private static boolean isStoppedAt(Case in, LocatedFinding found) {
        return in.findings().stream()
                .filter(f ->
                        f.finding().kind() == FindingKind.LIMIT && f.branch().equals(found.branch()))
                .anyMatch(f -> f.extent()
                        .flatMap(e -> found.extent().map(o -> e.middle().to(o.middle())))
                        .filter(d -> d.compareTo(NEAR) <= 0)
                        .isPresent());
    }
}
