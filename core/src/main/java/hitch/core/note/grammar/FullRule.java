package hitch.core.note.grammar;

import hitch.core.detail.Detail;
import hitch.core.finding.FindingKind;
import java.util.regex.Pattern;

/** "Packed solid", "completely blocked": all of the bore. "Two thirds of the wall still there": what scale has left of it. */
final class FullRule implements MoreRules.Rule {
    private static final Pattern ALL = Pattern.compile(
            "\\b(?:packed|plugged|blocked|choked|jammed|filled|stuffed) (?:up )?(?:solid|completely|full)\\b|\\b(?:completely|totally|fully) (?:blocked|plugged|full|choked|filled|closed)\\b|\\b(?:full|complete|total) (?:stoppage|blockage|block|clog|obstruction)\\b|^(?:[a-z. 0-9,]+ )?(?:roots|grease|debris|mud|wipes|paper) solid\\b|\\bsolid (?:with )?(?:roots|grease|debris|mud|wipes|paper)\\b");
    private static final Pattern LEFT = Pattern.compile(
            "\\b(?:(?:of )?(?:the )?(?:wall|pipe wall|iron|thickness|pipe)s?(?: is| are)? (?:still )?(?:there|left|remaining|good|sound))\\b|\\bwall (?:left|remaining)\\b");

    @Override
    public void read(Sense sense) {
        sense.find(ALL)
                .filter(m -> !sense.has(Meaning.Share.class))
                .ifPresent(m -> sense.nearest(m.first(), c -> c.fits(new Meaning.Share(100)) && c.isCondition())
                        .ifPresent(c -> c.full()));
        boolean iron = sense.text().contains("iron") && !sense.any(FindingKind.SCALE);
        if (iron && sense.says(LEFT) && sense.has(Meaning.Share.class)) {
            sense.add(FindingKind.SCALE, sense.find(LEFT).orElseThrow().first());
        }
        int share = sense.next(0, Meaning.Share.class);
        sense.first(FindingKind.SCALE)
                .filter(c -> share >= 0 && c.asks(Detail.LEFT) && sense.says(LEFT))
                .ifPresent(c -> {
                    int percent = sense.parts()
                            .as(share, Meaning.Share.class)
                            .orElseThrow()
                            .percent();
                    c.say(Detail.LEFT, percent)
                            .understanding(
                                    Detail.LEFT,
                                    share,
                                    sense.find(LEFT)
                                            .map(Sense.Match::last)
                                            .filter(l -> l >= share)
                                            .orElse(share));
                    sense.parts().set(share, new Meaning.Other());
                    for (int i = share; i < sense.parts().size(); i++) {
                        if (sense.parts().says(i, "left")) {
                            sense.parts().set(i, new Meaning.Other());
                        }
                    }
                });
    }
}
