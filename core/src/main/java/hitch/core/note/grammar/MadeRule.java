package hitch.core.note.grammar;

import hitch.core.detail.Detail;
import hitch.core.detail.Made;
import hitch.core.finding.FindingKind;
import java.util.regex.Pattern;

/** A connection that was knocked through the wall instead of being made with a fitting. */
final class MadeRule implements MoreRules.Rule {
    private static final Pattern BREAK_IN = Pattern.compile(
            "\\bbreak in\\b|\\bbroken in\\b|\\bbroke in\\b|\\b(?:knocked|busted|broke|hammered|chipped|punched|cut|drilled|beat|bashed|chopped|smashed|chiseled) (?:right |a hole |an opening |out )?(?:through|into|in|for it)\\b|\\bstuck (?:the|a|their|it) ?(?:pipe|line)? ?in\\b|\\bno fitting\\b|\\bpokes? (?:in|out)\\b|\\bsticks (?:in|out)\\b|\\bprotrud\\w+\\b");
    private static final Pattern SADDLE = Pattern.compile("\\bsaddle\\w*\\b");

    @Override
    public void read(Sense sense) {
        for (Candidate c : sense.of(FindingKind.TIE_IN, FindingKind.MAIN_CONNECTION)) {
            sense.find(BREAK_IN).ifPresent(m -> {
                c.say(Detail.MADE, Made.BREAK_IN);
                sense.of(FindingKind.HOLE).stream().findFirst().ifPresent(c::shareClock);
                sense.drop(FindingKind.HOLE, FindingKind.BREAK);
                int told = sense.next(0, Meaning.Pipe.class);
                if (told >= 0 && c.is(FindingKind.TIE_IN)) {
                    c.take(sense.parts().at(told));
                }
            });
            int pipe = sense.next(c.at(), Meaning.Pipe.class);
            if (sense.typed()
                    && pipe >= 0
                    && c.is(FindingKind.TIE_IN)
                    && !sense.any(FindingKind.MATERIAL_CHANGE, FindingKind.SIZE_CHANGE)) {
                c.take(sense.parts().at(pipe));
            }
            sense.find(SADDLE).ifPresent(m -> c.say(Detail.MADE, Made.SADDLE));
        }
    }
}
