package hitch.core.note.grammar;

import hitch.core.detail.Detail;
import hitch.core.detail.State;
import hitch.core.finding.FindingKind;
import java.util.Optional;
import java.util.regex.Pattern;

/** "Open joint, dirt visible": that soil shows is how the gap is, and no hole beside it. */
final class SoilShowsRule implements MoreRules.Rule {
    private static final Pattern SHOWS = Pattern.compile(
            "\\b(?:soil|dirt|mud|earth|ground|gravel) (?:is )?(?:showing|visible|shows|exposed)\\b|\\b(?:see|bare|exposed|open to(?: the)?) (?:the |bare )?(?:soil|dirt|mud|earth|ground)\\b");

    /** What shows through a break is told by its words, which name a hole where nothing else is open. */
    private static final Pattern SHOWN = Pattern.compile("\\b(?:soil|dirt|earth)\\b");

    private static final Pattern HOLLOW =
            Pattern.compile("\\b(?:void|hollow|cavity) (?:is )?(?:behind|outside|around|under|above)\\b");

    @Override
    public void read(Sense sense) {
        sense.find(HOLLOW)
                .ifPresent(m -> sense.first(FindingKind.BREAK, FindingKind.GAP, FindingKind.CRACK)
                        .filter(c -> c.asks(Detail.STATE))
                        .ifPresent(c -> {
                            sense.say(c, Detail.STATE, State.VOID, m);
                            sense.drop(FindingKind.HOLE, FindingKind.LIMIT);
                        }));
        Optional<Sense.Match> shows = sense.find(SHOWS);
        if (shows.isEmpty()) {
            return;
        }
        Optional<Candidate> open = sense.first(FindingKind.GAP, FindingKind.BREAK, FindingKind.CRACK)
                .filter(c -> c.asks(Detail.STATE) && c.at() < shows.get().first());
        open.ifPresent(c -> {
            sense.say(c, Detail.STATE, State.OPEN_TO_SOIL, shows.get());
            sense.drop(h -> (h.is(FindingKind.HOLE) || h.is(FindingKind.DEBRIS))
                    && h.at() >= shows.get().first()
                    && (h.at() <= shows.get().last()
                            || SHOWN.matcher(sense.parts().at(h.at()).text()).find()));
        });
        if (open.isEmpty()) {
            sense.first(FindingKind.HOLE)
                    .filter(c -> c.asks(Detail.STATE))
                    .ifPresent(c -> c.say(Detail.STATE, State.OPEN_TO_SOIL));
        }
    }
}
