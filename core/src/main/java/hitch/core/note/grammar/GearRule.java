package hitch.core.note.grammar;

import hitch.core.detail.Detail;
import hitch.core.detail.Gear;
import hitch.core.finding.FindingKind;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/** The camera's gear, put on or taken off: "guide off at 60", "stopped with the skid, passed without". */
final class GearRule implements MoreRules.Rule {
    private static final Pattern PART = Pattern.compile(
            "\\b(?:(big|bigger|large|larger|small|smaller|little) )?(?:centering |centring |centralizing |camera )?(guide|skid|skids|heads|head(?! (?:space|room|start|over|out|back|up|down|to|toward)))\\b(?! marks?)");
    private static final Pattern OTHER_ONE =
            Pattern.compile("\\b(?:the |a )?(big|bigger|large|larger|small|smaller|little) one\\b");
    private static final Pattern ELLIPTIC = Pattern.compile(
            "\\b(?:took|take|pulled|pull|with) (?:it|that|the thing) off\\b|\\b(?:without|with it off)(?: (?:it|one|that|the))?(?: ?[,.])?$|\\bwithout(?: it)?(?= ,|$)|\\bw / o(?: it)?(?= ,|$)");
    private static final Pattern THEN = Pattern.compile(", (?:back |then )?(on|off)(?: at| @)?(?= \\d| [a-z]+)");
    private static final Pattern OFF_BEFORE = Pattern.compile(
            "\\b(?:without|no|minus|lost|lose|losing|remov(?:e|ed|ing)|pull(?:ed|ing)?|shed|ditch(?:ed|ing)?|off)(?: (?:the|my|our|a|any|that|its|off))*$");
    private static final Pattern TAKEN = Pattern.compile(
            "\\b(?:took|take|taking|taken|came|comes|come|popped|pop|fell|slid|got|get|getting)(?: (?:the|my|our|a|that|its|off))*$");
    private static final Pattern OFF_AFTER =
            Pattern.compile("^(?:(?:is|was|came|comes|has|now|back|it|fell|popped) )*off\\b");
    private static final Pattern ON_BEFORE = Pattern.compile(
            "\\b(?:with|put|puts|putting|add|added|adding|install|installed|using|use|used|on|switched to|switched over to|changed to|went to|went with|swapped to|swapped in|back)(?: (?:the|my|our|a|that|its|on|back))*$");
    private static final Pattern ON_AFTER = Pattern.compile("^(?:(?:is|was|went|goes|now|back|it) )*on\\b");
    private static final Pattern PASSES = Pattern.compile(
            "\\b(?:pass(?:ed|es)?|went (?:right )?(?:through|over|by|past)|goes (?:right )?(?:through|over|by|past)|got (?:through|by|past|over)|gets (?:through|by|past|over)"
                    + "|squeez(?:ed|es)|sneak|slid|slips|fits?|it went|made it)\\b");
    private static final Pattern THROUGH = Pattern.compile("\\b(?:through|around|past|by|in)\\b");
    private static final Pattern HANGS = Pattern.compile(
            "\\b(?:hangs? up|hung up|gets? stuck|got stuck|wont (?:go|pass|fit)|would not (?:go|pass)|wouldnt (?:go|pass|fit)|cant (?:get|pass)|stops|stopped|catches)\\b");

    /** A part with how it was, and where it stands. */
    private record Seen(Gear gear, Sense.Match words) {}

    @Override
    public void read(Sense sense) {
        List<Seen> all = new ArrayList<>();
        for (Sense.Match m : sense.all(PART)) {
            if (!sense.parts().has(m.first(), Meaning.Thing.class)) {
                all.add(new Seen(gear(sense, m), m));
            }
        }
        if (all.isEmpty() || sense.any(FindingKind.SKID_MARKS)) {
            return;
        }
        sense.find(OTHER_ONE)
                .filter(m -> m.first() > all.getFirst().words().last())
                .ifPresent(m -> all.add(
                        new Seen(new Gear(all.getFirst().gear().part(), size(m.group(1)), Optional.of(true)), m)));
        sense.find(THEN)
                .filter(m ->
                        all.size() == 1 && m.first() > all.getFirst().words().last())
                .ifPresent(m -> all.add(new Seen(
                        new Gear(
                                all.getFirst().gear().part(),
                                all.getFirst().gear().size(),
                                Optional.of(m.group(1).equals("on"))),
                        m)));
        sense.find(ELLIPTIC)
                .filter(m -> m.first() > all.getLast().words().last())
                .ifPresent(m -> all.add(new Seen(
                        new Gear(
                                all.getLast().gear().part(),
                                all.getLast().gear().size(),
                                Optional.of(false)),
                        m)));
        // "Small skid 0-44": with a stretch, it was on.
        boolean on = sense.typed()
                && all.size() == 1
                && all.getFirst().gear().on().isEmpty()
                && sense.found().isEmpty()
                && sense.parts()
                        .as(sense.next(0, Meaning.Place.class), Meaning.Place.class)
                        .filter(p -> !p.from().equals(p.to()))
                        .isPresent();
        if (on) {
            Gear gear = all.getFirst().gear();
            all.set(
                    0,
                    new Seen(
                            new Gear(gear.part(), gear.size(), Optional.of(true)),
                            all.getFirst().words()));
        }
        boolean limited = false;
        for (Seen seen : all) {
            limited |= say(sense, seen, limited);
        }
    }

    /** @return whether it went to a limit */
    private static boolean say(Sense sense, Seen seen, boolean limited) {
        int at = seen.words().first();
        Optional<Candidate> part = sense.first(FindingKind.PART_SEEN).filter(c -> c.asks(Detail.GEAR));
        if (part.isPresent() && seen.gear().on().isPresent()) {
            sense.say(part.get(), Detail.GEAR, seen.gear(), seen.words());
            return false;
        }
        Optional<Candidate> limit = sense.first(FindingKind.LIMIT)
                .filter(c -> !limited && c.asks(Detail.GEAR) && seen.gear().on().isPresent());
        Optional<Sense.Match> hangs = sense.find(HANGS);
        if (limit.isEmpty() && !limited && hangs.isPresent() && seen.gear().on().isPresent() && sense.says(PASSES)) {
            limit = Optional.of(sense.add(FindingKind.LIMIT, hangs.get().first()));
            Candidate made = limit.get();
            sense.found().stream()
                    .filter(Candidate::isCondition)
                    .findFirst()
                    .ifPresent(c -> made.say(Detail.CAUSE, c.matter().word()));
        }
        if (limit.isPresent()) {
            sense.say(limit.get(), Detail.GEAR, seen.gear(), seen.words());
            return true;
        }
        boolean changed = seen.gear().on().isPresent() && !seen.gear().size().isEmpty();
        boolean size = seen.gear().part() == Gear.Part.HEAD && sense.has(Meaning.Size.class);
        if (seen.gear().on().isPresent() && seen.gear().part() != Gear.Part.HEAD || size || changed) {
            Candidate made = sense.add(FindingKind.EQUIPMENT, at);
            Gear gear = size && !changed ? new Gear(seen.gear().part(), "", Optional.empty()) : seen.gear();
            sense.say(made, Detail.GEAR, gear, seen.words());
            // "To get through the bend at thirty": named for where it was.
            boolean one = new Hints(sense.parts()).count(Meaning.Place.class) <= 1;
            sense.drop(c -> one && sense.says(THROUGH) && isWhere(sense, c));
            if (limited) {
                // Passed where it had stopped.
                int place = sense.next(0, Meaning.Place.class);
                if (place >= 0 && sense.next(place + 1, Meaning.Place.class) < 0) {
                    made.setPlace(sense.parts().at(place));
                }
            }
        }
        return false;
    }

    private static Gear gear(Sense sense, Sense.Match m) {
        String before = text(sense, Math.max(0, m.first() - 5), m.first());
        String after = text(sense, m.last() + 1, Math.min(sense.parts().size(), m.last() + 5));
        Optional<Boolean> on = Optional.empty();
        boolean taken = TAKEN.matcher(before).find() && OFF_AFTER.matcher(after).find()
                || TAKEN.matcher(before).find() && before.matches(".*\\boff\\b.*");
        if (OFF_BEFORE.matcher(before).find() || OFF_AFTER.matcher(after).find() || taken) {
            on = Optional.of(false);
        } else if (ON_BEFORE.matcher(before).find() || ON_AFTER.matcher(after).find()) {
            on = Optional.of(true);
        }
        String part = m.group(2).replaceAll("s$", "").toUpperCase(Locale.ROOT);
        return new Gear(Gear.Part.valueOf(part), m.has(1) ? size(m.group(1)) : "", on);
    }

    private static String size(String word) {
        return word.matches("big.*|large.*") ? "big" : "small";
    }

    private static String text(Sense sense, int from, int to) {
        StringBuilder text = new StringBuilder();
        for (int i = from; i < to; i++) {
            text.append(text.isEmpty() ? "" : " ").append(sense.parts().at(i).text());
        }
        return text.toString();
    }

    /** A bend; and an offset that is pointed at as one that is known. */
    private static boolean isWhere(Sense sense, Candidate c) {
        return c.is(FindingKind.BEND)
                        && sense.parts().says(c.at() - 1, "the", "that", "through", "past", "by", "around")
                || c.is(FindingKind.OFFSET) && sense.parts().says(c.at() - 1, "that");
    }
}
