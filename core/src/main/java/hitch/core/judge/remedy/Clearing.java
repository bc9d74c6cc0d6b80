package hitch.core.judge.remedy;

import hitch.core.judge.matter.Matter;
import hitch.core.judge.matter.Theme;
import hitch.core.judge.work.Work;
import hitch.core.measure.Extent;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** What a work settles besides the matter it is for. A liner keeps every sag; a cleaning settles nothing that is part of the pipe. */
final class Clearing {
    private static final Set<Theme> CLEANED = EnumSet.of(Theme.ROOTS, Theme.DEPOSITS, Theme.SOLIDS, Theme.BLOCKAGE);
    private static final Set<Theme> LINED = EnumSet.of(
            Theme.ROOTS, Theme.STEPS, Theme.CRACKS, Theme.OPEN_WALL, Theme.CRUST, Theme.MAKESHIFT, Theme.AGE);
    private static final Set<Theme> NEVER =
            EnumSet.of(Theme.ARRIVAL, Theme.USE, Theme.HIDDEN, Theme.UNKNOWN_USE, Theme.BLOCKAGE, Theme.SOLIDS);

    private Clearing() {}

    /** Whether {@code work} at {@code places} settles {@code other} as well. */
    static boolean clears(Work work, List<Extent> places, Matter other) {
        boolean inside = other.extent().isPresent()
                && other.findings().stream()
                        .allMatch(f -> f.extent()
                                .filter(e -> places.stream().anyMatch(p -> p.covers(e.from()) && p.covers(e.to())))
                                .isPresent());
        if (!inside || other.findings().isEmpty() && !work.renews()) {
            return false;
        }
        return switch (work) {
            case Work.Clean w -> CLEANED.contains(other.theme());
            case Work.CleanAndLook w -> CLEANED.contains(other.theme());
            case Work.Descale w -> other.theme() == Theme.CRUST;
            case Work.Reline w -> LINED.contains(other.theme());
            case Work.SpotRepair w -> !NEVER.contains(other.theme()) && other.theme() != Theme.WATER;
            case Work.Replace w -> !NEVER.contains(other.theme());
            case Work.ReplaceAll w -> !NEVER.contains(other.theme());
            case Work.SetToGrade w -> !NEVER.contains(other.theme());
            case Work.Watch w -> false;
            case Work.Prove w -> false;
            case Work.Refer w -> false;
            case Work.OpenAccess w -> false;
        };
    }

    /** Whether a work settles the very matter it is for. */
    static boolean settles(Work work) {
        return switch (work) {
            case Work.Watch w -> false;
            case Work.Prove w -> false;
            case Work.Refer w -> false;
            default -> true;
        };
    }
}
