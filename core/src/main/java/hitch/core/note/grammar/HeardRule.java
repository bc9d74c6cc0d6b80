package hitch.core.note.grammar;

import hitch.core.detail.Detail;
import hitch.core.finding.Certainty;
import hitch.core.finding.FindingKind;
import java.util.List;
import java.util.regex.Pattern;

/** Water that was only heard is no standing water; an opening with daylight is not the end of the line; and where an opening is. */
final class HeardRule implements MoreRules.Rule {
    private static final Pattern HEARD = Pattern.compile(
            "\\b(?:i|you|we) (?:can )?(?:hear|heard)\\b|\\bheard (?:only|a|the|some|drip\\w*|water|trickl\\w*|running|flow\\w*)\\b");
    private static final Pattern BY = Pattern.compile(
            "\\b(?:by|near|next to|beside|behind|at|in|under) (?:the |her |his |their |a )?((?:[a-z]+ )?(?:meter|hydrant|fence|gate|wall|hedge|tree|corner|bush|bushes|driveway|porch|garage|steps|sidewalk|curb|patio|deck|shed|pool|pole|mailbox|flowerbed|bed|closet|basement))\\b");

    @Override
    public void read(Sense sense) {
        if (sense.text().contains("daylight") && !sense.any(FindingKind.OPENING)) {
            boolean ends = sense.text().matches(".*\\bend of (?:it|the|this|my|our)\\b.*");
            if (ends && !sense.any(FindingKind.END)) {
                sense.first(FindingKind.LIMIT).ifPresent(l -> sense.add(FindingKind.END, l.at()));
            }
            if (sense.any(FindingKind.END)) {
                sense.drop(FindingKind.LIMIT);
            }
        }
        List<Candidate> heard = sense.of(FindingKind.STANDING_WATER).stream()
                .filter(c -> c.certainty() == Certainty.HEARD)
                .toList();
        boolean only = sense.says(HEARD)
                && heard.isEmpty()
                && sense.has(Meaning.Place.class)
                && sense.found().stream()
                        .noneMatch(c -> c.isCondition() || c.is(FindingKind.FIXTURE_TEST) || c.is(FindingKind.SYMPTOM));
        if (only) {
            sense.drop(c -> true);
            sense.add(FindingKind.REMARK, sense.find(HEARD).orElseThrow().first())
                    .sure(Certainty.HEARD);
        }
        for (Candidate water : heard) {
            sense.drop(c -> c == water);
            sense.add(FindingKind.REMARK, water.at()).sure(Certainty.HEARD);
        }
        if (sense.any(FindingKind.OPENING, FindingKind.TIE_IN) && sense.text().contains("capped off")) {
            sense.drop(FindingKind.END);
        }
        if (sense.any(FindingKind.OPENING)
                && sense.any(FindingKind.END)
                && sense.text().contains("daylight")) {
            sense.drop(FindingKind.END);
        }
        sense.first(FindingKind.OPENING)
                .ifPresent(o -> sense.find(BY).ifPresent(m -> sense.sayWords(o, Detail.MARK, m.group(1), m)));
    }
}
