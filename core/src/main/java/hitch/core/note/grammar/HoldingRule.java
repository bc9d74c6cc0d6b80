package hitch.core.note.grammar;

import hitch.core.detail.Detail;
import hitch.core.finding.FindingKind;
import hitch.core.finding.Movable;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * "Offset catching paper" is one thing that holds back another; "wipes hung up on roots" are two, each told with the other; "steps
 * up, ponds it back to 44" is a step with the water that stands behind it.
 */
final class HoldingRule implements MoreRules.Rule {
    private static final String SOME =
            "(?:(?:back|up|onto|on to|on|to|some|a|an|the|little|bit|lot|lots|bunch|of|all|sorts|that|this|old|more|much|few|wad) )*";
    private static final Pattern HOLDS = Pattern.compile(
            "\\b(?:holding|holds|hold|catching|catches|catch|caught|trapping|traps|trapped|collecting|collects|snagging|snags|snagged"
                    + "|grabbing|grabs|gathering|gathers|damming|stopping|hanging on|hangs on|hung) (?:back |up )?"
                    + SOME
                    + "(toilet paper|paper|tissue|tp|wipes?|rags?|water|solids?|debris|grease|sludge|silt|sand|gravel|dirt|sewage|waste|stuff|leaves|everything)\\b");
    private static final Pattern NOT = Pattern.compile(
            "\\b(?:no|not|isnt|doesnt|does not|is not|never|nothing|without|arent|dont) (?:\\w+ )?(?:catch|hold|trap|snag|collect|grab)\\w*");
    private static final Pattern HUNG = Pattern.compile(
            "\\b(?:hung up|hung|hanging up|hanging|hangs up|hangs|caught|stuck|snagged|held up|held|piled|piled up|piling up|collecting|collected|wrapped)"
                    + " (?:up )?(?:on|off|in|by|behind|at|against|around|from) (?:the |some |those |these |an? |that |this )*");
    private static final Pattern ON = Pattern.compile(
            "^(?:tp|toilet paper|paper|wipes?|rags?|debris|solids) [\\d. ]*(?:on|behind) (?:the )?(?=root|offset|joint)");
    private static final Pattern BEHIND = Pattern.compile(
            "\\b(toilet papers?|papers?|tps?|wipes|rags?|debris|solids|grease|stuff|gravel|silt|water)s? (?:(?:is|are|all|has|have|some|was|were|got|been) )*"
                    + "(?:(?:on|behind|in) (?:it|em|them|this|that)|(?:piled(?: up)?|piling up|hung(?: up)?|hanging|caught|stuck|snagged|catching|backed up"
                    + "|built up|collecting|collected|sitting|held) (?:up )?(?:behind|on|against|at|in|by|there|here)"
                    + "(?: (?:it|this|that|there|here|em|them|these|those))?)(?= |$)"
                    + "|\\b(water)s? (?:ponds?|ponding|pools?|pooling|stands|standing|sits|sitting|backs up|backing up) (?:right |up )?behind(?: it| this| that)?(?= |$)");
    private static final Pattern PONDS = Pattern.compile(
            "\\b(?:making|makes|causing) (?:the |this )?water (?:to )?(?:stand|sit|pond|pool|back up|lie|lay) (?:up )?(?:back )?to\\b|\\b(?:ponds?|ponding|backs?|backing|holds?|holding|pools?|pooling|dams?)(?: it| water| the water)?(?: up| back)* (?:back |up )?to\\b");

    @Override
    public void read(Sense sense) {
        if (!sense.says(NOT)) {
            sense.find(HOLDS).ifPresent(m -> holds(sense, m));
        }
        sense.find(HUNG)
                .or(() -> sense.typed() ? sense.find(ON) : Optional.empty())
                .ifPresent(m -> hung(sense, m));
        if (!sense.says(NOT)) {
            sense.find(BEHIND)
                    .filter(m -> m.has(2) || m.group(0).matches(".* (?:it|this|that|there|here|em|them|these|those)"))
                    .ifPresent(m -> holds(sense, m));
        }
        sense.find(PONDS).ifPresent(m -> ponds(sense, m));
    }

    private static void holds(Sense sense, Sense.Match words) {
        Optional<Candidate> holder = sense.found().stream()
                .filter(c -> c.at() < words.first() && c.asks(Detail.HOLDS) && canHold(c))
                .reduce((a, b) -> b);
        holder.ifPresent(c -> {
            String held = words.has(1) ? words.group(1) : words.group(2);
            String word = sense
                    .of(
                            FindingKind.PAPER,
                            FindingKind.WIPES,
                            FindingKind.DEBRIS,
                            FindingKind.GREASE,
                            FindingKind.SLUDGE)
                    .stream()
                    .filter(h -> h.at() >= words.first() && h.at() <= words.last())
                    .map(h -> h.is(FindingKind.DEBRIS) ? held : h.matter().word())
                    .findFirst()
                    .orElse(held.matches("toilet papers?|papers?|tissue|tps?") ? "paper" : held);
            sense.say(c, Detail.HOLDS, word, words);
            sense.drop(h -> h != c && h.at() >= words.first() && h.at() <= words.last());
            if (held.equals("water")) {
                sense.drop(h -> h.is(FindingKind.STANDING_WATER) && h.at() > c.at() && h.at() <= words.last() + 1);
            }
            // "Holding grease and wipes" holds both.
            int and = words.last() + 1;
            if (sense.parts().is(and, Glue.AND)) {
                sense.drop(h -> h != c && h.at() > and && h.at() <= and + 2);
            }
        });
    }

    /** A dip holds water by being one. */
    private static boolean canHold(Candidate c) {
        return !c.is(FindingKind.STANDING_WATER)
                && !c.is(FindingKind.FLAT_GRADE)
                && !c.is(FindingKind.REVERSE_GRADE)
                && !c.is(FindingKind.BEND);
    }

    private static void hung(Sense sense, Sense.Match words) {
        Optional<Candidate> what = sense.found().stream()
                .filter(c -> c.at() < words.first()
                        && c.matter() instanceof FindingKind k
                        && (Movable.is(k) || k == FindingKind.ROOTS))
                .reduce((a, b) -> b);
        int on = words.last() + 1;
        Optional<FindingKind> by = sense.parts()
                .as(on, Meaning.Thing.class)
                .or(() -> sense.parts().as(on + 1, Meaning.Thing.class))
                .map(Meaning.Thing::kind)
                .filter(k -> k.family() == FindingKind.Family.CONDITION
                        && what.filter(w -> w.is(k)).isEmpty());
        if (what.isEmpty() || by.isEmpty()) {
            return;
        }
        sense.say(what.get(), Detail.CAUSE, by.get().word(), words);
        int at = sense.parts().has(on, Meaning.Thing.class) ? on : on + 1;
        Candidate holder = sense.found().stream()
                .filter(c -> c.is(by.get()) && c.at() == at)
                .findFirst()
                .orElseGet(() -> sense.add(by.get(), at));
        holder.say(Detail.HOLDS, what.get().matter().word());
    }

    private static void ponds(Sense sense, Sense.Match words) {
        int to = sense.next(words.last(), Meaning.Place.class);
        Optional<Candidate> step = sense.nearest(words.first(), c -> c.asks(Detail.HOLDS) && c.at() < words.first());
        int from = step.map(c -> sense.next(c.at(), Meaning.Place.class)).orElse(-1);
        if (to < 0 || from < 0 || from >= words.first() || to > words.last() + 2) {
            return;
        }
        Meaning.Place far = sense.parts().as(to, Meaning.Place.class).orElseThrow();
        Meaning.Place near = sense.parts().as(from, Meaning.Place.class).orElseThrow();
        boolean rising = far.from().compareTo(near.from()) <= 0;
        sense.parts()
                .set(
                        to,
                        rising
                                ? new Meaning.Place(far.from(), near.from())
                                : new Meaning.Place(near.from(), far.from()));
        sense.say(step.get(), Detail.HOLDS, "water", words);
        Candidate water = sense.first(FindingKind.STANDING_WATER)
                .orElseGet(() -> sense.add(FindingKind.STANDING_WATER, words.first()));
        water.say(Detail.CAUSE, step.get().matter().word());
        water.setPlace(sense.parts().at(to));
    }
}
