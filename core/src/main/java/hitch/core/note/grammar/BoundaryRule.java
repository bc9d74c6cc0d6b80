package hitch.core.note.grammar;

import hitch.core.detail.Detail;
import hitch.core.detail.Evidence;
import hitch.core.finding.Certainty;
import hitch.core.finding.FindingKind;
import hitch.core.line.GroundMark;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;

/** Where one's pipe ends, and what that is known by: the owner's word, paint, a map, a change of pipe near the curb. */
final class BoundaryRule implements MoreRules.Rule {
    private static final Pattern OWNED = Pattern.compile(
            "\\buse (?:it |that |this )?as (?:the |a )?(?:line|boundary|property line)\\b|\\b(?:calling|call|called) (?:it|that|this|the [a-z]+) (?:the |our |as the )?(?:boundary|property line|line)\\b|\\bwhere (?:the |your |our )?(?:district|city|county|town|public|owner|homeowner)s? (?:part |side |portion |pipe |responsibility )?(?:picks up|takes over|starts|begins|ends|stops)\\b"
                    + "|\\bwhere (?:theirs|ours|yours|his|hers|the public) (?:part |side )?(?:starts|begins|ends|stops|takes over)\\b"
                    + "|\\b(?:city|district|county|town)s (?:part|side|pipe|portion|responsibility) (?:starts|begins|picks up)\\b"
                    + "|\\b(?:everything|all|anything) (?:past|beyond|from) (?:that|there|here|this|it)(?: on)? (?:is|belongs to) (?:theirs|the district|the city|the county|the town)"
                    + "|\\b(?:district|city|county|town) (?:takes over|picks up|owns it) (?:from )?(?:here|there|at|past)?\\b"
                    + "|\\b(?:only )?(?:own|owns|responsible|theirs|yours) (?:up |out )?to the\\b"
                    + "|\\b(?:might|may|could|must|would|has to) be (?:the|their|your) (?:property )?line\\b|\\b(?:his|her|their|your|my) (?:pipe|part|side) (?:stops|ends|starts|begins) at\\b|\\bend of (?:private|their|your) (?:property|side|part)\\b");
    private static final Pattern UNSURE =
            Pattern.compile("\\b(?:might|may|could|wouldnt swear|not sure|guess\\w*|maybe|possibly|perhaps)\\b");
    static final Pattern TOLD = Pattern.compile(
            "\\b(?:per|according to)(?: the)? (owner|seller|tenant|agent|buyer|neighbou?r|plumber|city|homeowner|landlord|manager)\\b"
                    + "|\\b(?:the |her |his )?(owner|seller|tenant|agent|buyer|neighbou?r|plumber|homeowner|landlord|manager)s? (?:in the (?:[a-z]+ ){1,2}|next door |upstairs |downstairs )?(?:complains?|complained|says?|said|swears?|swore|figures?|figured|believes?|guesses|reckons?|tells?|told|claims?|thinks?|insists?|reports?|mentioned|knows|showed|pointed)\\b");
    private static final Pattern MAP =
            Pattern.compile("\\b(?:map|maps|plat|gis|drawing|drawings|plans|as built|survey|record|records)\\b");
    private static final Pattern PAINT = Pattern.compile("\\b(?:painted|paint|i marked|we marked)\\b");
    private static final Pattern OPENING = Pattern.compile(
            "\\b(?:district|city|county|town|public)s? (?:own )?(?:cleanout|opening|clean out|access)\\b");
    private static final Pattern LOCATED = Pattern.compile("\\b(?:located|locator|locate|locates)\\b");
    private static final Pattern CURB = Pattern.compile(
            "\\b(?:right |just |near |next |close )?(?:by|at|near|to|beside|under|past|behind|inside) the (curb|sidewalk|hedge|fence|wall|gate|gutter|street|walk)\\b");
    private static final Pattern WALL = Pattern.compile(
            "\\b(?:come|coming|goes|going|comes|go|pass|passing|passes) (?:out )?(?:under|through|past) the (?:foundation|house|building|outside|footing)\\b");

    @Override
    public void read(Sense sense) {
        Optional<Sense.Match> owned = sense.find(OWNED);
        if (owned.isPresent() && !sense.any(FindingKind.BOUNDARY) && sense.has(Meaning.Place.class)) {
            Candidate made = sense.add(FindingKind.BOUNDARY, owned.get().first());
            int at = sense.next(0, Meaning.Place.class);
            made.setPlace(sense.parts().at(at));
            if (sense.says(UNSURE)) {
                made.sure(Certainty.POSSIBLE);
                sense.of(FindingKind.MATERIAL_CHANGE, FindingKind.SIZE_CHANGE).forEach(c -> c.sure(Certainty.SEEN));
            }
        }
        if (sense.find(WALL).isPresent() && !sense.any(FindingKind.BOUNDARY) && sense.has(Meaning.Place.class)) {
            sense.add(FindingKind.BOUNDARY, sense.find(WALL).get().first())
                    .setPlace(sense.parts().at(sense.next(0, Meaning.Place.class)));
        }
        boolean deniedAlone =
                sense.of(FindingKind.BOUNDARY).stream().allMatch(c -> c.certainty() == Certainty.RULED_OUT)
                        && sense.found().stream().anyMatch(c -> c.isFinding() && !c.is(FindingKind.BOUNDARY));
        if (deniedAlone) {
            sense.drop(FindingKind.BOUNDARY);
        }
        for (Candidate boundary : sense.of(FindingKind.BOUNDARY)) {
            known(sense, boundary);
        }
    }

    private static void known(Sense sense, Candidate boundary) {
        List<Evidence> by = new ArrayList<>();
        Optional<Sense.Match> told = sense.find(TOLD);
        told.ifPresent(m -> {
            by.add(Evidence.WORD);
            boundary.sure(Certainty.TOLD);
            sense.sayWords(boundary, Detail.WHO, m.has(1) ? m.group(1) : m.group(2), m);
        });
        if (sense.says(OPENING)) {
            sense.drop(FindingKind.OPENING);
            by.add(Evidence.OWN_OPENING);
        }
        if (sense.says(MAP)) {
            by.add(Evidence.MAP);
        }
        if (sense.says(PAINT)) {
            by.add(Evidence.PAINT);
        }
        if (by.isEmpty() && sense.says(LOCATED)) {
            by.add(Evidence.LOCATE);
        }
        if (sense.any(FindingKind.MATERIAL_CHANGE, FindingKind.SIZE_CHANGE) && sense.says(OWNED)) {
            by.add(Evidence.PIPE_CHANGE);
        }
        if (!by.isEmpty()) {
            boundary.say(Detail.EVIDENCE, List.copyOf(by));
            if (by.contains(Evidence.PAINT) || by.contains(Evidence.LOCATE) || by.contains(Evidence.MAP)) {
                sense.drop(FindingKind.LOCATE);
            }
        }
        if (sense.says(Pattern.compile("\\b(?:sidewalk|walk)\\b")) && boundary.asks(Detail.SURFACE)) {
            boundary.say(Detail.SURFACE, GroundMark.Surface.SIDEWALK);
        }
        sense.find(CURB).filter(m -> sense.says(OWNED)).ifPresent(m -> {
            sense.sayWords(boundary, Detail.MARK, m.group(1), m);
            sense.of(FindingKind.MATERIAL_CHANGE).forEach(c -> c.say(Detail.MARK, m.group(1)));
        });
        sense.find(Pattern.compile("^(curb|sidewalk|fence|hedge|wall|gate) (?:=|is) "))
                .ifPresent(m -> sense.sayWords(boundary, Detail.MARK, m.group(1), m));
        sense.find(Pattern.compile("\\bown (?:up |out )?to the (curb|sidewalk|fence|hedge|wall|street|gate)\\b"))
                .ifPresent(m -> sense.sayWords(boundary, Detail.MARK, m.group(1), m));
    }
}
