package hitch.core.talk;

import hitch.core.detail.Detail;
import hitch.core.finding.FindingKind;
import hitch.core.finding.Traits;
import hitch.core.note.Draft;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/** "They've got some paper on them": what the thing that was found last holds is no thing of its own. */
final class HeldThere {
    private static final double SOON_S = 12;
    private static final Set<FindingKind> HELD =
            EnumSet.of(FindingKind.PAPER, FindingKind.WIPES, FindingKind.DEBRIS, FindingKind.GREASE);
    private static final Set<FindingKind> HOLDERS = EnumSet.of(
            FindingKind.ROOTS,
            FindingKind.OFFSET,
            FindingKind.GAP,
            FindingKind.BREAK,
            FindingKind.CRACK,
            FindingKind.HOLE);
    private static final Pattern ON_IT = Pattern.compile(
            "\\b(?:paper|wipes?|rags?|grease|stuff|debris|solids)(?:'?s)?\\b.{0,16}\\b(?:on|in|behind|off|against|around) (?:it|them|'?em|that|those|this)\\b"
                    + "|\\bwhere (?:your|the|all your|all the) .{0,20}\\b(?:catch\\w*|hang\\w*|hung|collect\\w*|snag\\w*|pil\\w*)\\b");

    private HeldThere() {}

    /** Whether the last thing holds what is told here; it is told so then. */
    static boolean is(Draft draft, String text, double seconds, List<Spoken> drafts) {
        if (drafts.isEmpty()
                || !(draft.matter() instanceof FindingKind kind)
                || !HELD.contains(kind.broad())
                || !ON_IT.matcher(text.toLowerCase(Locale.ROOT)).find()) {
            return false;
        }
        Spoken last = drafts.getLast();
        boolean holds = seconds - last.seconds() <= SOON_S
                && last.draft().matter() instanceof FindingKind holder
                && HOLDERS.contains(holder.broad());
        if (!holds) {
            return false;
        }
        Draft holder = last.draft();
        if (holder.traits().details().get(Detail.HOLDS).isEmpty()) {
            Traits holding = Traits.NONE.withDetails(holder.traits().details().with(Detail.HOLDS, kind.word()));
            drafts.set(drafts.size() - 1, last.with(holder.filled(Optional.empty(), Optional.empty(), holding)));
        }
        return true;
    }
}
