package hitch.core.talk;

import hitch.core.finding.FindingKind;
import hitch.core.note.Draft;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/** What a sentence names without finding it: the soil behind a hole, where a pipe ends that is not the line's end, what a map says. */
final class NotFound {
    /** The soil is told so soon after the hole that it shows in, seconds. */
    private static final double SOON_S = 15;

    private static final Set<FindingKind> OPEN =
            EnumSet.of(FindingKind.HOLE, FindingKind.BREAK, FindingKind.GAP, FindingKind.OFFSET);
    private static final Pattern SOIL =
            Pattern.compile("\\b(?:dirt|gravel|soil|earth|sand|stones?|backfill|ground)\\b");
    private static final Pattern LIES = Pattern.compile(
            "\\b(?:in the (?:bottom|pipe|invert|channel)|on the bottom|along the bottom|pile\\w*|full of|filled|built up|washed|washing)\\b");
    private static final Pattern OTHER_END = Pattern.compile(
            "\\bend of the (?:plastic|clay|iron|cast|concrete|liner|patch|repair|new|old|tile|fib\\w+|water|belly|sag)\\b");
    private static final Pattern ON_PAPER = Pattern.compile(
            "\\b(?:card|map|drawing|sheet|records?|plans?|plat|sketch|report) (?:says|said|shows|showed|has it|had it|puts it)\\b");

    private NotFound() {}

    static boolean is(Draft draft, String text, double seconds, List<Spoken> drafts) {
        String low = text.toLowerCase(Locale.ROOT);
        if (draft.matter() == FindingKind.DEBRIS) {
            return SOIL.matcher(low).find() && !LIES.matcher(low).find() && isOpen(seconds, drafts);
        }
        if (draft.matter() == FindingKind.END) {
            return OTHER_END.matcher(low).find();
        }
        return draft.matter() == FindingKind.MAIN_CONNECTION
                && ON_PAPER.matcher(low).find();
    }

    private static boolean isOpen(double seconds, List<Spoken> drafts) {
        Optional<Spoken> last = drafts.isEmpty() ? Optional.empty() : Optional.of(drafts.getLast());
        return last.filter(s -> seconds - s.seconds() < SOON_S)
                .map(Spoken::draft)
                .filter(d -> d.matter() instanceof FindingKind k && OPEN.contains(k.broad()))
                .isPresent();
    }
}
