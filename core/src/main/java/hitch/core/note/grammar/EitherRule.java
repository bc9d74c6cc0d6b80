package hitch.core.note.grammar;

import hitch.core.detail.Detail;
import hitch.core.finding.Certainty;
import hitch.core.finding.FindingKind;
import java.util.List;
import java.util.regex.Pattern;

/** "Either a tie-in or an old opening": one thing with two readings. */
final class EitherRule implements MoreRules.Rule {
    private static final Pattern EITHER = Pattern.compile(
            "\\b(?:might|could) be\\b.*(?:,| or) (?:it )?(?:might|could) be\\b|\\b(?:not sure|dont know|cant tell|cannot tell|hard to say) (?:if|whether)\\b.*\\bor\\b|\\beither\\b.*\\bor\\b|\\bor\\b.*\\b(?:cant tell which|cannot tell which|not sure which|one or the other|hard to say which|dont know which|could be either)\\b|\\b(?:could be|might be|maybe|possibly)\\b.*\\bor (?:a|an|just|some|maybe|it)\\b"
                    + "|\\b(?:think|looks like|maybe|probably|say)\\b.*\\bbut (?:it |that )?(?:could|might|may) (?:also |just )?be\\b"
                    + "|^[a-z ]+ or [a-z ]+(?:\\?|@|at |\\d|,)");

    private static final Pattern WHICH = Pattern.compile(
            "\\b(?:cant|cannot|hard to|not sure|dont know) (?:tell|say|sure|know)? ?which\\b|\\bmight be\\b.*\\bmight be\\b.*\\bhard to (?:say|tell)\\b|\\bone or the other\\b");
    private static final Pattern OTHER =
            Pattern.compile("\\bor (?:just |maybe |else |possibly )*((?:a|an|some|old|the) [a-z]+(?: [a-z]+)?)\\b");

    @Override
    public void read(Sense sense) {
        if (!sense.says(EITHER)) {
            return;
        }
        List<Candidate> both = sense.found().stream()
                .filter(c -> c.isFinding() && !c.is(FindingKind.ADVICE) && c.certainty() != Certainty.RULED_OUT)
                .toList();
        if (both.size() == 1 && sense.says(WHICH)) {
            both.getFirst().sure(Certainty.ONE_OF_TWO);
            sense.find(OTHER).ifPresent(m -> sense.sayWords(both.getFirst(), Detail.OR, m.group(1), m));
        }
        if (both.size() == 2 && both.get(0).matter() != both.get(1).matter()) {
            Candidate first = both.get(0);
            first.sure(Certainty.ONE_OF_TWO).say(Detail.OR, both.get(1).matter().word());
            first.understanding(Detail.OR, both.get(1).at(), both.get(1).at());
            sense.drop(c -> c == both.get(1));
        }
    }
}
