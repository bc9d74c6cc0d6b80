package hitch.core.finding;

import java.util.EnumSet;
import java.util.Set;

/** What a cleaning takes away or cuts down, so that it is another thing afterwards. */
public final class Cleanable {
    private static final Set<FindingKind> KINDS = EnumSet.of(
            FindingKind.ROOTS,
            FindingKind.SCALE,
            FindingKind.DEBRIS,
            FindingKind.SLUDGE,
            FindingKind.GREASE,
            FindingKind.SCUM,
            FindingKind.PAPER,
            FindingKind.LIME,
            FindingKind.WIPES,
            FindingKind.BLOCKAGE);

    private Cleanable() {}

    public static boolean is(FindingKind kind) {
        return KINDS.contains(kind);
    }
}
