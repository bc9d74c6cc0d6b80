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
            "\\b(?:every (?:single )?one of (?:the |those |these )?)?(?:(?:looked at|checked|passed|counted|saw|seen|went by|watched) )?(?:all |the |all the )*(\\d+|[a-z]+(?: [a-z]+)?) (?:joints?|hubs?)\\b.*\\b(?:not one|none|(?:all|are|were|is|was|look|looked|looks) (?:are |were |is |was |all |look(?:ed|s)? )*(?:clear|good|tight|clean|fine|sound)|not a single one|no roots|nothing in)\\b"
                    + "|\\b(\\d+) (?:joints?|hubs?) (?:clear|clean|good|tight|fine|dry|ok)\\b"
                    + "|\\b(?:none|not one) of (?:the |those )?(\\d+|[a-z]+(?: [a-z]+)?) (?:joints?|hubs?)\\b");

    /** "Fourteen joints, four with roots", "twelve joints and every one of them has roots". */
    private static final Pattern SOME_OF_THOSE = Pattern.compile(
            "\\b(\\d+|[a-z]+(?: [a-z]+)?) (?:joints?|hubs?)\\b.*?\\b(?:(?:every (?:single )?one|all)(?: of (?:them|those|em))?|(\\d+|[a-z]+(?: [a-z]+)?)(?: of (?:them|those|em))?)s? (?:with|have|had|has|got|show|showed|are|were|is)\\b");

    private static final Pattern EVERY = Pattern.compile("\\b(?:every (?:single )?(?:last )?one|each(?: one)?) of\\b");
    private static final Pattern SOUND = Pattern.compile("\\b(?:clear|good|tight|clean|fine|sound|dry|perfect)\\b");

    @Override
    public void read(Sense sense) {
        int at = sense.next(0, Meaning.Counted.class);
        if (at >= 0 && !sense.any(FindingKind.FIXTURE_TEST)) {
            Count said =
                    sense.parts().as(at, Meaning.Counted.class).orElseThrow().count();
            Count count = sense.says(EVERY) && said.of() > 0 ? new Count(said.of(), said.of()) : said;
            if (sense.says(EVERY) && sense.says(SOUND) && sense.found().stream().noneMatch(Candidate::isCondition)) {
                clear(sense, at, said.of());
                return;
            }
            if (count.some() == 0 && count.of() > 0) {
                // None of nine has any: nine were looked at, and were clear.
                clear(sense, at, count.of());
                return;
            }
            Optional<Candidate> of = sense.nearest(at, c -> c.isCondition() && c.asks(Detail.COUNT))
                    .or(() -> sense.nearest(at, c -> c.asks(Detail.COUNT)));
            of.ifPresent(c -> c.say(Detail.COUNT, count).understanding(Detail.COUNT, at, at));
            return;
        }
        Optional<Sense.Match> some = sense.find(SOME_OF_THOSE);
        if (some.isPresent() && !sense.any(FindingKind.FIXTURE_TEST)) {
            Sense.Match m = some.get();
            Optional<Integer> all = value(sense, m, m.group(1));
            Optional<Integer> have = m.has(2) ? value(sense, m, m.group(2)) : all;
            if (all.isPresent() && have.isPresent() && have.get() <= all.get()) {
                sense.nearest(m.last(), c -> c.isCondition() && c.asks(Detail.COUNT))
                        .ifPresent(c -> c.say(Detail.COUNT, new Count(have.get(), all.get()))
                                .understanding(Detail.COUNT, m.first(), m.last()));
                return;
            }
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

    private static void clear(Sense sense, int at, int joints) {
        sense.drop(c -> c.isCondition() || c.is(FindingKind.JOINT));
        Candidate made = sense.add(FindingKind.JOINT, at)
                .say(Detail.COUNT, new Count(joints, joints))
                .say(Detail.STATE, State.CLEAR)
                .understanding(Detail.COUNT, at, at);
        int pipe = sense.next(0, Meaning.Pipe.class);
        if (pipe >= 0) {
            made.take(sense.parts().at(pipe));
        }
    }

    private static Optional<Integer> value(Sense sense, Sense.Match m, String text) {
        for (int i = m.first(); i <= m.last(); i++) {
            String part = sense.parts().at(i).text();
            if ((text.equals(part) || text.endsWith(" " + part))
                    && sense.number(i).isPresent()) {
                return sense.number(i);
            }
        }
        return Optional.empty();
    }

    private static Optional<Integer> number(Sense sense, Sense.Match m) {
        String text = m.has(1) ? m.group(1) : m.has(2) ? m.group(2) : m.has(3) ? m.group(3) : m.group(4);
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
