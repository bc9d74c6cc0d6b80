package hitch.core.talk;

import hitch.core.finding.FindingKind;
import hitch.core.note.Draft;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/** What comes in need be no tie-in: roots do ("they're coming in at the top"), and so does the line into its main. */
final class ComesIn {
    private static final Pattern COMES_IN = Pattern.compile("\\bcom(?:e|es|ing) in\\b");
    private static final Pattern ROOTS = Pattern.compile("\\b(?:roots?|routes?)\\b");
    private static final Pattern A_PIPE = Pattern.compile(
            "\\b(?:tie|tee|wye|lateral|branch|line|pipe|connection"
                    + "|kitchen|laundry|bath\\w*|lav|sink|shower|tub|toilet|washer|vanity|powder room|upstairs|downstairs|basement|garage|drain|vent|stack|sewer|main|water|tap|downspout|gutter)");

    private ComesIn() {}

    /** Whether what comes in is no pipe, but what was found last, or roots that are spoken of here. */
    static boolean isNoPipe(String text, Optional<Draft> last) {
        String low = text.toLowerCase(Locale.ROOT);
        boolean soon = last.map(Draft::matter)
                .filter(m -> m == FindingKind.ROOTS || m == FindingKind.MAIN_CONNECTION)
                .isPresent();
        return COMES_IN.matcher(low).find()
                && !A_PIPE.matcher(low).find()
                && (ROOTS.matcher(low).find() || soon && (SideWords.in(low).isPresent() || low.contains("clock")));
    }
}
