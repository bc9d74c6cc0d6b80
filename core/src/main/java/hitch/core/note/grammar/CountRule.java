package hitch.core.note.grammar;

import hitch.core.detail.Count;
import hitch.core.detail.Detail;
import hitch.core.detail.State;
import hitch.core.finding.Certainty;
import hitch.core.finding.FindingKind;
import java.util.Optional;
import java.util.regex.Pattern;

/** So many of so many joints; those that were found clear count too. */
final class CountRule implements MoreRules.Rule {
    private static final Pattern CLEAR = Pattern.compile(
            "\\b(?:(?:looked at|checked|passed|counted|saw|seen|went by|watched) )?(?:all |the |all the )*(\\d+|[a-z]+(?: [a-z]+)?) (?:joints?|hubs?)\\b.*\\b(?:not one|none|(?:all|are|were|look|looked) (?:are |were |all |look(?:ed)? )*(?:clear|good|tight|clean|fine|sound)|not a single one|no roots|nothing in)\\b"
                    + "|\\b(?:none|not one) of (?:the |those )?(\\d+|[a-z]+(?: [a-z]+)?) (?:joints?|hubs?)\\b");

    private static final Pattern OF_THEM = Pattern.compile(
            "\\b(?:out )?of (?:the |those )?(\\d+|[a-z]+(?: [a-z]+)?) (?:joints?|hubs?)\\b.*?\\b(\\d+|[a-z]+(?: [a-z]+)?) (?:of them )?(?:had|have|has|show|showed|with)\\b");

    @Override
    public void read(Sense sense) {
        int at = sense.next(0, Meaning.Counted.class);
        if (at >= 0 && !sense.any(FindingKind.FIXTURE_TEST)) {
            Count count =
                    sense.parts().as(at, Meaning.Counted.class).orElseThrow().count();
            if (count.some() == 0 && count.of() > 0) {
                // None of nine has any: nine were looked at, and were clear.
                sense.drop(c -> c.isCondition() || c.is(FindingKind.JOINT));
                sense.add(FindingKind.JOINT, at)
                        .say(Detail.COUNT, new Count(count.of(), count.of()))
                        .say(Detail.STATE, State.CLEAR)
                        .understanding(Detail.COUNT, at, at);
                return;
            }
            Optional<Candidate> of = sense.nearest(at, c -> c.isCondition() && c.asks(Detail.COUNT))
                    .or(() -> sense.nearest(at, c -> c.asks(Detail.COUNT)));
            of.ifPresent(c -> c.say(Detail.COUNT, count).understanding(Detail.COUNT, at, at));
            return;
        }
        sense.find(CLEAR)
                .flatMap(m -> number(sense, m).map(n -> new Object[] {m, n}))
                .ifPresent(both -> {
                    Sense.Match m = (Sense.Match) both[0];
                    int n = (int) both[1];
                    sense.drop(c -> c.certainty() == Certainty.RULED_OUT || !c.isCondition() || !c.isPlaced());
                    Candidate joints = sense.add(FindingKind.JOINT, m.first());
                    joints.say(Detail.COUNT, new Count(n, n)).say(Detail.STATE, State.CLEAR);
                    joints.understanding(Detail.COUNT, m.first(), m.last());
                    int pipe = sense.next(0, Meaning.Pipe.class);
                    if (pipe >= 0) {
                        joints.take(sense.parts().at(pipe));
                    }
                });
    }

    private static Optional<Integer> number(Sense sense, Sense.Match m) {
        String text = m.has(1) ? m.group(1) : m.group(2);
        for (int i = m.first(); i <= m.last(); i++) {
            if (sense.parts().at(i).text().equals(text)) {
                Optional<Integer> whole = sense.number(i);
                if (whole.isPresent()) {
                    return whole;
                }
            }
        }
        return Optional.empty();
    }
}
