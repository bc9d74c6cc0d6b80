package hitch.core.note.grammar;

import hitch.core.detail.Detail;
import hitch.core.finding.ClockPosition;
import hitch.core.finding.FindingKind;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;

/** "I never saw the bottom", "crown hidden by roots", "only the lower two thirds": a wall of which a part was not seen, and why. */
final class PartSeenRule implements MoreRules.Rule {
    private static final String PART =
            "(bottom|invert|floor|top|crown|upper (?:half|part|third)|lower (?:half|part|third)|left side|right side|left wall|right wall|left|right|sides?|wall)";
    private static final Pattern NEVER = Pattern.compile(
            "\\b(?:never|didnt|did not|couldnt|could not|cant|cannot|not able to|unable to|dont|wont)(?: (?:really|quite|ever|even|actually|able|to))*"
                    + " (?:saw|see|seen|get|got|show|look at|make out|judge|tell)(?: (?:a|good|clear|look|at|to|see|any|much|of|the|its|eyes|on))* "
                    + PART + "\\b");
    private static final Pattern NOT_SEEN = Pattern.compile("\\b" + PART
            + " (?:could not|couldnt|cannot|cant) be (?:seen|examined|inspected|viewed|assessed)\\b|\\bno (?:view of (?:the )?)?"
            + PART
            + " (?:seen|visible|view|in view)\\b|\\b" + PART + " (?:never|not) (?:seen|visible)\\b");
    private static final Pattern HIDDEN = Pattern.compile(
            "\\b" + PART
                    + " (?:(?:is|was|are|were|all|mostly|partly|half|being|there) )*(?:hidden|hid|covered up|obscured|not seen|unseen|not visible|out of sight|out of view|blocked from view|under water|underwater)\\b");
    private static final Pattern HIDES = Pattern.compile(
            "\\b(?:hides?|hiding|covers|covering|obscures|obscuring|blocks my view of|blocking my view of) (?:the |most of the |all of the )?"
                    + PART + "\\b");
    private static final Pattern ONLY = Pattern.compile(
            "\\bonly (?:(?:giving|give|get|getting|got|see|seeing|saw|showing|show|you|looking|look|at|able|to|the|really|have|had|about|of) )*"
                    + "(?:the )?(?:(lower|upper|bottom|top|left|right) )?((?:\\d+(?: ?/ ?\\d+)?|one|two|three|a)? ?(?:half|thirds?|quarters?|/ \\d+|%|percent)?)(?: of)?(?: the)?(?: (?:wall|pipe|circumference))\\b");
    private static final Pattern HALF_ONLY = Pattern.compile(
            "\\b(?:saw|seen|see|got|had) (?:the )?(lower|upper|bottom|top|left|right) (half|third|two thirds|quarter)(?: of (?:the )?(?:wall|pipe))? only\\b");
    private static final Pattern ONLY_HALF = Pattern.compile(
            "\\bonly (?:the )?(lower|upper|bottom|top|left|right) (half|third|two thirds|quarter)(?: of (?:the )?(?:wall|pipe))? (?:was |is |are )?(?:seen|visible)\\b");
    private static final Pattern SIDE_ONLY =
            Pattern.compile("\\b(left|right)(?: side)? only (?:was |is )?(?:seen|visible)\\b");
    private static final Pattern WATER_ONLY =
            Pattern.compile("\\bonly (?:got|saw|seen|see|had)(?: it| that)? (?:under water|underwater)\\b");
    private static final Pattern LENS = Pattern.compile(
            "\\b(?:lens|camera|picture|view|image|screen)s? (?:(?:is|was|got|gets|all|a|bit|little|has|have|badly|really|went) )*"
                    + "(?:smeared|smudged|fogged(?: up)?|foggy|dirty|greasy|muddy|blurred|blurry|out of focus|cloudy|covered|dark|washed out|spotted|wet|coated)\\b"
                    + "|\\b(?:foam|fog|mud|grease|condensation|dirt|paper|drops?|water drops?|something) (?:is |all )?(?:on|over) (?:(?:the|my|our) )?lens\\b|\\bfoam (?:everywhere|hides)\\b");
    private static final Pattern NO_WORD = Pattern.compile(
            "\\b(?:cant|couldnt|cannot) (?:vouch|speak|answer) for\\b|\\b(?:dont|do not) hold me to\\b|\\b(?:cant|couldnt|cannot) (?:tell you|say) (?:anything|much) about\\b|\\btoo (?:much|many|deep|fast) [a-z]* ?to (?:see|tell|make out|judge)\\b");
    private static final Pattern UNDER = Pattern.compile(
            "\\b(?:lens|camera|head) (?:(?:is|was|goes|go|went|dips|all|fully) )*under\\b(?! (?:the|a|slab|street|drive)\\b)");
    private static final Pattern WATER =
            Pattern.compile("\\bwaters? (?:is |was )?(?:covering|covers|covered|over|hiding|hides|hid)\\b");
    private static final Pattern LOW = Pattern.compile(
            "\\b(?:rid(?:es|ing)|sits|sitting|is|lying|hangs|head|camera|lens) (?:is |too |was )?low\\b|\\blow (?:camera|head|lens)\\b");
    private static final Pattern BY = Pattern.compile(
            "\\b(foam|suds|steam|fog|mist|flow|debris|mud|glare|bubbles|soap)s? (?:is |are |was )?(?:covering|covers|covered|hiding|hides|hid|over)\\b|\\b(?:by|with|from|due to|because of) (?:the |all the |some |this )*(foam|suds|steam|fog|mist|flow|debris|mud|glare|bubbles|soap)\\b");
    private static final Map<String, ClockPosition> WHERE = Map.of(
            "bottom", ClockPosition.at(6),
            "invert", ClockPosition.at(6),
            "floor", ClockPosition.at(6),
            "lower", ClockPosition.at(6),
            "top", ClockPosition.at(12),
            "crown", ClockPosition.at(12),
            "upper", ClockPosition.at(12),
            "left", ClockPosition.at(9),
            "right", ClockPosition.at(3));

    @Override
    public void read(Sense sense) {
        Optional<Sense.Match> lens = sense.find(LENS);
        if (lens.isPresent()) {
            sense.drop(c -> true);
            sense.add(FindingKind.PART_SEEN, lens.get().first());
            return;
        }
        sense.find(NO_WORD).filter(m -> sense.has(Meaning.Place.class)).ifPresent(m -> {
            sense.drop(FindingKind.LIMIT);
            sense.add(FindingKind.PART_SEEN, m.first());
        });
        if (sense.find(WATER_ONLY).isPresent()) {
            sense.drop(FindingKind.STANDING_WATER);
        }
        sense.find(UNDER).filter(m -> !sense.any(FindingKind.UNDER_WATER)).ifPresent(m -> {
            sense.add(FindingKind.UNDER_WATER, m.first());
        });
        Optional<Sense.Match> only = sense.find(ONLY)
                .or(() -> sense.find(HALF_ONLY))
                .or(() -> sense.find(ONLY_HALF))
                .filter(m -> PartSeenRule.share(sense, m).isPresent());
        if (only.isPresent()) {
            sense.drop(FindingKind.LIMIT);
            Candidate part = sense.add(FindingKind.PART_SEEN, only.get().first());
            sense.say(part, Detail.SEEN_SHARE, share(sense, only.get()).orElseThrow(), only.get());
            String seen = only.get().group(1);
            switch (seen) {
                case "lower", "bottom" -> part.hidden(ClockPosition.at(12));
                case "upper", "top" -> part.hidden(ClockPosition.at(6));
                case "left" -> part.hidden(ClockPosition.at(3));
                case "right" -> part.hidden(ClockPosition.at(9));
                default -> {
                    // Which part it was is not said.
                }
            }
            why(sense, part);
            return;
        }
        Optional<Sense.Match> side = sense.find(SIDE_ONLY);
        if (side.isPresent()) {
            sense.drop(FindingKind.LIMIT);
            Candidate part = sense.add(FindingKind.PART_SEEN, side.get().first());
            part.hidden(ClockPosition.at(side.get().group(1).equals("left") ? 3 : 9));
            why(sense, part);
            return;
        }
        sense.find(NOT_SEEN)
                .map(PartSeenRule::firstGroup)
                .or(() -> sense.find(NEVER))
                .or(() -> sense.find(HIDDEN))
                .or(() -> sense.find(HIDES))
                // Gravel that covers the bottom is what is there.
                .filter(m -> !m.group(0).startsWith("cover") || !sense.any(FindingKind.DEBRIS, FindingKind.SLUDGE))
                .ifPresent(m -> {
                    sense.drop(c -> (c.is(FindingKind.LIMIT) || c.is(FindingKind.HOLE))
                            && c.at() >= m.first() - 1
                            && c.at() <= m.last());
                    Candidate part = sense.add(FindingKind.PART_SEEN, m.first());
                    String where = m.group(1).replaceAll(" .*", "");
                    Optional.ofNullable(WHERE.get(where)).ifPresent(part::hidden);
                    part.understanding(Detail.CAUSE, m.first(), m.last());
                    why(sense, part);
                });
    }

    private static void why(Sense sense, Candidate part) {
        sense.find(BY).ifPresent(m -> sense.sayWords(part, Detail.CAUSE, m.has(1) ? m.group(1) : m.group(2), m));
        if (sense.says(LOW)) {
            part.say(Detail.CAUSE, "low camera");
        }
        sense.found().stream()
                .filter(c -> c.isCondition() && c != part)
                .min(java.util.Comparator.comparingInt(c -> Math.abs(c.at() - part.at())))
                .ifPresent(c -> {
                    part.say(Detail.CAUSE, c.matter().word());
                    boolean bare = sense.typed()
                            && c.is(FindingKind.STANDING_WATER)
                            && sense.parts().says(c.at(), "water");
                    if (bare) {
                        sense.drop(o -> o == c);
                    }
                });
    }

    private static Optional<Integer> share(Sense sense, Sense.Match words) {
        for (int i = words.first(); i <= words.last(); i++) {
            Optional<Integer> share = sense.parts().as(i, Meaning.Share.class).map(Meaning.Share::percent);
            if (share.isPresent()) {
                return share;
            }
        }
        String amount = words.group(2);
        return amount.contains("half")
                ? Optional.of(50)
                : amount.contains("two third")
                        ? Optional.of(67)
                        : amount.contains("third")
                                ? Optional.of(33)
                                : amount.contains("three quarter")
                                        ? Optional.of(75)
                                        : amount.contains("quarter") ? Optional.of(25) : Optional.empty();
    }

    /** The words with the part that one of several ways to say it names. */
    private static Sense.Match firstGroup(Sense.Match m) {
        int which = m.has(1) ? 1 : m.has(2) ? 2 : 3;
        return new Sense.Match(m.first(), m.last(), List.of(m.group(0), m.group(which)));
    }
}
