package hitch.core.note.grammar;

import hitch.core.detail.Count;
import hitch.core.detail.Detail;
import hitch.core.finding.FindingKind;
import hitch.core.line.GroundMark;
import hitch.core.note.Act;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;

/** A photograph: what it shows and where that is. What it shows is no new finding. */
final class PhotoRule implements MoreRules.Rule {
    private static final Pattern SHOWN = Pattern.compile(
            "\\b(?:out by|with|next to|beside|near|by|at|behind) (?:the |her |his |their |a )?([a-z]+(?: (?!over|in|on|is|was|at)[a-z]+)?)");
    private static final Pattern NAMED = Pattern.compile(
            "^(?:photo|pic|picture|pics|pictures|photos) ?:? (?:x ?\\d+ )?(?:of (?:the )?)?([a-z]+(?: [a-z]+)?)(?= ,|$| \\d| @| over| in)");
    private static final Pattern OF = Pattern.compile(
            "\\b(?:photo|picture|shot|pic|pics|pictures|photos) of (?:the |her |his |their |a |an )?([a-z]+(?: [a-z]+)?)");
    /** A picture that is wanted of what is on show: that is marked as well. */
    private static final Pattern WISH = Pattern.compile(
            "\\b(?:take|grab|get|snap|need|want|taking)\\b.*\\bof (?:this|that|it|these|those|the (?!cleanout|house|cap|opening|tub|toilet|sink|shower|flag|stake|paint|mark))");

    @Override
    public void read(Sense sense) {
        Optional<Candidate> photo =
                sense.found().stream().filter(c -> c.matter() == Act.PHOTO).findFirst();
        if (photo.isEmpty()
                || sense.says(WISH)
                || sense.found().stream().anyMatch(c -> c.isCondition() && !told(sense, c))) {
            return;
        }
        if (sense.any(FindingKind.PROMISE)) {
            // "Get a better picture on the way out" is promised yet.
            sense.drop(c -> c == photo.get());
            return;
        }
        sense.drop(c -> c != photo.get());
        Candidate of = photo.get();
        GroundMark mark = GroundMark.of(sense.text());
        if (!mark.mark().isBlank()) {
            of.say(Detail.MARK, mark.mark());
        } else {
            sense.find(SHOWN).ifPresent(m -> {
                String what = m.group(1).replaceAll(" (?:with|over|in|on|and)$", "");
                of.say(Detail.MARK, what).understanding(Detail.MARK, m.first(), m.last());
            });
        }
        if (sense.typed()
                && !of.details().has(Detail.MARK)
                && FixtureRule.rooms(sense).isEmpty()) {
            sense.find(NAMED)
                    .ifPresent(m -> of.say(Detail.MARK, m.group(1)).understanding(Detail.MARK, m.first(), m.last()));
        }
        if (!sense.typed()
                && !of.details().has(Detail.MARK)
                && FixtureRule.rooms(sense).isEmpty()) {
            sense.find(OF).ifPresent(m -> {
                String what = m.group(1).replaceAll(" (?:with|over|in|on|and|at|by|out|up|from|here|where)$", "");
                of.say(Detail.MARK, what).understanding(Detail.MARK, m.last(), m.last());
            });
        }
        mark.surface().ifPresent(s -> of.say(Detail.SURFACE, s));
        List<Integer> rooms = FixtureRule.rooms(sense);
        if (!rooms.isEmpty()) {
            of.say(Detail.ROOM, FixtureRule.name(sense, rooms))
                    .understanding(Detail.ROOM, rooms.getFirst(), rooms.getFirst());
        }
        int counted = sense.next(0, Meaning.Counted.class);
        sense.parts()
                .as(counted, Meaning.Counted.class)
                .ifPresent(c -> of.say(Detail.COUNT, c.count()).understanding(Detail.COUNT, counted, counted));
        for (int i = 1; i < sense.parts().size(); i++) {
            Optional<Integer> many = sense.number(i - 1);
            if (many.isPresent() && sense.parts().at(i).text().matches("(?:photos|pictures|pics|pix)\\b.*")) {
                of.say(Detail.COUNT, Count.of(many.get())).understanding(Detail.COUNT, i - 1, i - 1);
            }
        }
    }

    /** "The photo goes with the break at 55.9": the break was noted before. */
    private static boolean told(Sense sense, Candidate c) {
        return c.is(FindingKind.STANDING_WATER)
                || sense.text().matches(".*\\b(?:goes with|belongs to|of|for|is of|shows|matches)\\b.*");
    }
}
