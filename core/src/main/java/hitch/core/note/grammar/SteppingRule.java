package hitch.core.note.grammar;

import hitch.core.detail.Detail;
import hitch.core.detail.Step;
import hitch.core.finding.FindingKind;
import hitch.core.measure.Distance;
import java.util.regex.Pattern;

/** "Offset up 3/4", "steps down", "the next length sits higher": which way an offset steps. */
final class SteppingRule implements MoreRules.Rule {
    private static final String SMALL =
            "(?:(?:is|thats?|which|it|and|a|an|of|about|slightly|steps?|stepping|stepped|goes|going|,) )*(?:[\\d/. ]+ ?(?:inch|inches|in|mm|\") )?";
    private static final Pattern UP =
            Pattern.compile("\\b(?:offsets?|off set|joint|shifted|lip|ledge|step|steps|stepping|stepped) " + SMALL
                    + "up\\b|\\bsteps? up\\b|\\bup ?(?:ward)? (?:step|offset|lip)\\b|\\b(?:sits|lies|is|sitting) higher\\b|\\bhigher than (?:(?:the|this) (?:one|last|pipe|other|piece|length|first)|this)\\b|\\blower than the next\\b|\\b(?:far|next|new|other) (?:pipe|joint|piece|length|hub)s? (?:is |sits )?(?:about |a bit |a little |slightly )?higher\\b|\\bagainst the flow\\b"
                    + "|\\brais(?:es|ed|ing)\\b");
    private static final Pattern DOWN =
            Pattern.compile("\\b(?:offsets?|off set|joint|shifted|lip|ledge|step|steps|stepping|stepped) " + SMALL
                    + "(?:down|drops?)\\b|\\bsteps? down\\b|\\bdown ?(?:ward)? (?:step|offset|lip)\\b|\\b(?:sits|lies|is|sitting) lower\\b|\\blower than (?:(?:the|this) (?:one|last|pipe|other|piece|length|first)|this)\\b|\\bhigher than the next\\b|\\b(?:far|next|new|other) (?:pipe|joint|piece|length|hub)s? (?:is |sits )?(?:about |a bit |a little |slightly )?lower\\b|\\bdropped joint\\b"
                    + "|\\b(?:joint|pipe)s? (?:has |is |have )?dropped\\b");

    private static final Distance SMALLEST_DROP = Distance.inches(3);
    private static final Pattern NEXT_PIPE =
            Pattern.compile("\\b(?:next|other|new|lower|last) (?:pipe|joint|piece|length|one|section|hub)\\b");

    @Override
    public void read(Sense sense) {
        if (sense.any(FindingKind.OFFSET) && sense.any(FindingKind.DROP)) {
            // "It drops off here, it's an offset": the drop is the step.
            sense.drop(FindingKind.DROP);
        }
        // A drop of less than a hand between two lengths is a step.
        sense.of(FindingKind.DROP).stream()
                .filter(c -> isSmall(sense) && sense.says(NEXT_PIPE))
                .forEach(c -> {
                    sense.add(FindingKind.OFFSET, c.at())
                            .say(Detail.STEP, Step.DOWN)
                            .join(c);
                    sense.drop(o -> o == c || o.is(FindingKind.JOINT));
                });
        for (Candidate offset : sense.of(FindingKind.OFFSET)) {
            sense.find(UP).ifPresent(m -> step(offset, Step.UP, m));
            sense.find(DOWN).ifPresent(m -> step(offset, Step.DOWN, m));
        }
    }

    private static boolean isSmall(Sense sense) {
        return sense.parts()
                .as(sense.next(0, Meaning.Size.class), Meaning.Size.class)
                .filter(s -> s.size().compareTo(SMALLEST_DROP) < 0)
                .isPresent();
    }

    private static void step(Candidate offset, Step step, Sense.Match words) {
        offset.say(Detail.STEP, step).understanding(Detail.STEP, words.last(), words.last());
    }
}
