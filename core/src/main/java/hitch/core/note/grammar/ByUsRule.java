package hitch.core.note.grammar;

import hitch.core.detail.Detail;
import hitch.core.detail.State;
import hitch.core.finding.FindingKind;
import hitch.core.finding.Movable;
import java.util.Optional;
import java.util.regex.Pattern;

/** What the visit itself did: moved a thing, broke through it, or brought it in. */
final class ByUsRule implements MoreRules.Rule {
    private static final Pattern OURS = Pattern.compile(
            ", ours ?\\.?$|\\bours,? from\\b|\\b(?:is|are|was|were|thats|its) (?:all )?(?:ours|our doing|from us|on us|us)\\b|\\bwe (?:knocked|brought|dragged|dropped|did|caused|made|scratched)\\b"
                    + "|\\b(?:my|our) (?:own )?(?:doing|fault)\\b|\\bthat was (?:us|me)\\b|\\bi (?:knocked|brought|dragged|dropped|caused|scratched)\\b|\\b(?:fell|came|dropped|washed|got knocked) in (?:with (?:us|me|the (?:camera|cap|head|cable))|when (?:we|i)|from (?:us|the cap|the opening))\\b|\\bfell in (?:with|when|from)\\b|\\bcaused by (?:us|me|the camera|our camera)\\b"
                    + "|\\bfrom (?:our|my) (?:own )?(?:camera|skid|head|cable|guide|own|tools?|hose|boots?|shoes?|shovel|gloves?|wheels?)\\b|\\b(?:our|my) (?:own )?(?:camera|skid|guide) (?:did|left|made)\\b");
    private static final Pattern CLEARED = Pattern.compile(
            "\\b(?:bump(?:ed|s)?|wash(?:ed|es)?|knock(?:ed|s)?|pop(?:ped|s)?|push(?:ed|es)?|punch(?:ed|es)?|br(?:oke|oken|eaks?)|bust(?:ed|s)?|poked?|went|shoved?)"
                    + "(?: (?:it|that|the|this|a|plug|clog|dam|paper|wad|right|clean|blockage|stuff|on))* (?:down|away|loose|through|up|free|(?<!broken )out|apart)\\b"
                    + "|\\bpopped\\b|\\bgave way\\b|\\blet (?:go|loose) when (?:i|we)\\b|\\bits gone\\b|\\bcleared (?:it )?(?:by|with) (?:the |our |my )?(?:camera|head)\\b|\\bfell apart\\b");
    private static final Pattern OUR_MARKS = Pattern.compile(
            "\\b(?:marks?|lines?|grooves?|tracks?)\\b(?: [a-z0-9]+)* from (?:our|my) (?:own )?(?:skid|guide|camera|cutter|head|cable|tool)\\b");
    private static final Pattern PLUG = Pattern.compile("\\b(?:plug|clog|dam|blockage|stoppage)\\b");

    @Override
    public void read(Sense sense) {
        sense.find(OUR_MARKS)
                .filter(m -> !sense.any(FindingKind.SKID_MARKS))
                .ifPresent(m -> sense.add(FindingKind.SKID_MARKS, m.first()));
        Optional<Sense.Match> cleared = sense.find(CLEARED);
        if (sense.says(OURS)) {
            sense.drop(FindingKind.OPENING);
        }
        if (cleared.isPresent()) {
            sense.drop(c -> c.is(FindingKind.BREAK)
                    && c.at() >= cleared.get().first()
                    && c.at() <= cleared.get().last());
        }
        if (cleared.isPresent() && !sense.any(FindingKind.BLOCKAGE)) {
            boolean other = sense.found().stream().anyMatch(c -> c.matter() instanceof FindingKind k && Movable.is(k));
            if (!other) {
                sense.find(PLUG).ifPresent(m -> sense.add(FindingKind.BLOCKAGE, m.first()));
            }
        }
        for (Candidate c : sense.found()) {
            boolean movable = c.matter() instanceof FindingKind k && (Movable.is(k) || k == FindingKind.ROOTS);
            if (c.asks(Detail.STATE) && (movable || c.is(FindingKind.SKID_MARKS))) {
                sense.find(OURS).ifPresent(m -> sense.say(c, Detail.STATE, State.CAUSED, m));
            }
            if (movable && !c.is(FindingKind.ROOTS) && c.asks(Detail.STATE)) {
                if (cleared.isPresent() || Movable.saysBroken(sense.text())) {
                    c.say(Detail.STATE, State.CLEARED);
                    cleared.ifPresent(m -> c.understanding(Detail.STATE, m.first(), m.last()));
                } else if (Movable.saysMoved(sense.text())) {
                    c.say(Detail.STATE, State.MOVED);
                }
            }
        }
    }
}
