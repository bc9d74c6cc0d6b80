package hitch.core.talk;

import hitch.core.finding.FindingKind;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;

/** Roots come in as pipes do: "more roots, coming in from the left" is no tie-in. */
final class ComesIn {
    private static final Pattern COMES_IN = Pattern.compile("\\bcom(?:e|es|ing) in\\b");
    private static final Pattern ROOTS = Pattern.compile("\\bro(?:o|u)tes?\\b|\\broots?\\b");
    private static final Pattern A_PIPE = Pattern.compile("\\b(?:tie|tee|wye|lateral|branch|line|pipe|connection"
            + "|kitchen|laundry|bath\\w*|drain|vent|stack|sewer|main|water|tap|downspout|gutter)");

    private ComesIn() {}

    /** Whether what comes in are the roots that are spoken of here or were just before. */
    static boolean isOfRoots(String text, List<Spoken> drafts) {
        String low = text.toLowerCase(Locale.ROOT);
        boolean soon = !drafts.isEmpty() && drafts.getLast().draft().matter() == FindingKind.ROOTS;
        return COMES_IN.matcher(low).find()
                && !A_PIPE.matcher(low).find()
                && (ROOTS.matcher(low).find() || soon && SideWords.in(low).isPresent());
    }
}
