package hitch.core.talk;

import hitch.core.finding.ClockPosition;
import hitch.core.finding.FindingKind;
import hitch.core.finding.FindingKind.Family;
import hitch.core.note.Draft;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/** On which side of the pipe a thing is: as it was said with it, just after it, or of the same thing before. */
final class Sides {
    private static final Set<FindingKind> HAVE_NONE = EnumSet.of(
            FindingKind.BOUNDARY,
            FindingKind.OPENING,
            FindingKind.END,
            FindingKind.MATERIAL_CHANGE,
            FindingKind.SIZE_CHANGE,
            FindingKind.COUPLING,
            FindingKind.REMARK,
            FindingKind.STANDING_WATER,
            FindingKind.UNDER_WATER,
            FindingKind.FLAT_GRADE,
            FindingKind.LIMIT,
            FindingKind.JOINT);
    private static final double SOON_S = 9;

    private Sides() {}

    /** The draft with its side as the words give it; a side that is none of the pipe is taken away. */
    static Draft settled(Draft draft, String text) {
        if (!isSided(draft)) {
            return draft.traits().clock().isPresent() ? draft.on(Optional.empty()) : draft;
        }
        Optional<ClockPosition> clock = draft.traits().clock();
        boolean side = clock.filter(c -> !c.all() && !c.both() && c.from() == c.to() && c.from() % 6 == 3)
                .isPresent();
        boolean hours = text.toLowerCase(Locale.ROOT).contains("clock");
        if (side && !hours) {
            Optional<ClockPosition> said = SideWords.in(text);
            return said.equals(clock) ? draft : draft.on(said);
        }
        return draft;
    }

    /** "Left side of the joint", on its own: of what was found just before it. */
    static void add(String text, double seconds, List<Spoken> drafts) {
        if (drafts.isEmpty()) {
            return;
        }
        Spoken last = drafts.getLast();
        boolean open =
                isSided(last.draft()) && last.draft().traits().clock().isEmpty() && seconds - last.seconds() < SOON_S;
        if (open) {
            SideWords.in(text)
                    .ifPresent(c ->
                            drafts.set(drafts.size() - 1, last.with(last.draft().on(Optional.of(c)))));
        }
    }

    private static boolean isSided(Draft draft) {
        return draft.matter() instanceof FindingKind kind && kind.family() != Family.TOLD && !HAVE_NONE.contains(kind);
    }
}
