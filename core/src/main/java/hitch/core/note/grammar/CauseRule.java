package hitch.core.note.grammar;

import hitch.core.detail.Detail;
import hitch.core.finding.Certainty;
import hitch.core.finding.FindingKind;
import java.util.Optional;
import java.util.regex.Pattern;

/** "Because of", "coming in through the crack", "let root in", "probably the softener": what brought a thing about. */
final class CauseRule implements MoreRules.Rule {
    private static final Pattern LETS = Pattern.compile(
            "\\b(?:let|lets|letting|thats letting|which lets) (?:the |some |in )*(roots?|soil|dirt|water)\\b");
    private static final Pattern THROUGH =
            Pattern.compile("\\b(?:through|from|by|out of|at) (?:the |a |an |this |that |some )*");
    private static final Pattern BECAUSE = Pattern.compile(
            "\\b(?:because of|due to|caused by|on account of|thanks to|created by|brought on by|made by) (?:the |a |an |this |that |some |her |his |their )*([a-z]+(?: [a-z]+)?)");
    private static final Pattern GUESS = Pattern.compile(
            "(?:,|\\.) (?:(?:its )?(?:probably|likely|most likely|maybe|i think|must be|i guess|im guessing)) (?:its |from |because of |due to )?(?:the|a|an|their|her|his|your|our) ([a-z]+(?: [a-z]+)?) ?\\.?$");

    @Override
    public void read(Sense sense) {
        sense.find(LETS).ifPresent(m -> lets(sense, m));
        for (Candidate soil : sense.of(FindingKind.SOIL)) {
            sense.parts()
                    .as(soil.at() + 1, Meaning.Thing.class)
                    .filter(t -> t.kind().family() == FindingKind.Family.CONDITION)
                    .ifPresent(t -> soil.say(Detail.CAUSE, t.kind().word()));
            sense.all(THROUGH).stream()
                    .filter(m -> m.first() > soil.at() - 1)
                    .findFirst()
                    .ifPresent(m -> through(sense, soil, m));
        }
        sense.find(BECAUSE)
                .ifPresent(m -> sense.nearest(m.first(), c -> c.asks(Detail.CAUSE) && c.at() < m.first())
                        .ifPresent(c -> because(sense, c, m)));
        sense.find(GUESS)
                .filter(m -> !sense.parts().isThing(m.last()) && !sense.has(Meaning.Deep.class))
                .ifPresent(m -> sense.nearest(m.first(), c -> c.isCondition() && c.asks(Detail.CAUSE))
                        .ifPresent(c -> {
                            sense.sayWords(c, Detail.CAUSE, m.group(1), m);
                            c.sure(Certainty.SEEN);
                        }));
    }

    private static void lets(Sense sense, Sense.Match words) {
        Optional<Candidate> cause = sense.nearest(words.first(), c -> c.isCondition() && c.at() < words.first());
        cause.ifPresent(by -> sense.found().stream()
                .filter(c -> c.at() >= words.first() && c.at() <= words.last() && c.isCondition() && c != by)
                .findFirst()
                .ifPresent(c -> sense.say(c, Detail.CAUSE, by.matter().word(), words)));
    }

    private static void through(Sense sense, Candidate soil, Sense.Match words) {
        int at = words.last() + 1;
        sense.parts()
                .as(at, Meaning.Thing.class)
                .map(Meaning.Thing::kind)
                .filter(k -> k.family() == FindingKind.Family.CONDITION && k != FindingKind.SOIL)
                .ifPresent(k -> {
                    sense.say(soil, Detail.CAUSE, k.word(), words);
                    if (sense.of(k).isEmpty()) {
                        sense.add(k, at);
                    }
                });
    }

    private static void because(Sense sense, Candidate of, Sense.Match words) {
        String word = sense.parts()
                .as(words.last(), Meaning.Thing.class)
                .map(t -> t.kind().word())
                .orElse(words.group(1));
        sense.sayWords(of, Detail.CAUSE, word, words);
    }
}
