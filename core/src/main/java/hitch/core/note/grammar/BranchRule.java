package hitch.core.note.grammar;

import hitch.core.detail.Detail;
import hitch.core.finding.FindingKind;
import java.util.List;
import java.util.Map;

/** What a tie-in carries, where a room is named beside it; and how far two like bends turn. */
final class BranchRule implements MoreRules.Rule {
    private static final Map<String, Integer> ANGLES =
            Map.of("forty fives", 45, "nineties", 90, "ninetys", 90, "twenty twos", 22);

    @Override
    public void read(Sense sense) {
        List<Integer> rooms = FixtureRule.rooms(sense);
        // "Likely the kitchen" stays in the words, which say how sure that is.
        boolean hedged = false;
        for (int i = rooms.isEmpty() ? -1 : rooms.getFirst() - 1; i >= 0 && i >= rooms.getFirst() - 2; i--) {
            hedged |= sense.parts().has(i, Meaning.Sure.class);
        }
        if (!rooms.isEmpty() && !hedged && !sense.any(FindingKind.FIXTURE_TEST)) {
            sense.of(FindingKind.TIE_IN)
                    .forEach(t -> t.say(Detail.BRANCH, FixtureRule.name(sense, rooms))
                            .understanding(Detail.BRANCH, rooms.getFirst(), rooms.getFirst()));
        }
        for (Candidate bend : sense.of(FindingKind.BEND)) {
            Integer angle = ANGLES.get(sense.parts().at(bend.at()).text());
            if (angle != null) {
                bend.turning(angle);
            }
        }
    }
}
