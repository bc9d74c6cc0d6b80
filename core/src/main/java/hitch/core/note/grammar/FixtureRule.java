package hitch.core.note.grammar;

import hitch.core.detail.Arrival;
import hitch.core.detail.Count;
import hitch.core.detail.Detail;
import hitch.core.finding.Certainty;
import hitch.core.finding.FindingKind;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/** Fixtures that were run: which, how long, whether their water came and after how long; and which were not. */
final class FixtureRule implements MoreRules.Rule {
    private static final Pattern UNTESTED = Pattern.compile(
            "\\b(?:untested|not tested|wasnt tested|not run|skipped|no test|(?:didnt|did not|couldnt|could not|never) (?:get to|get in|get into|test|tested|run|ran|try|tried|get a chance|reach)|no access to|nobody (?:ran|tested|tried)|no one (?:ran|tested|tried)|locked)\\b");
    private static final Pattern HEARD = Pattern.compile("\\b(?:heard|hear)\\b");
    private static final Pattern NO = Pattern.compile(
            "\\b(?:nothing (?:ever )?(?:came|showed|shows|arrived|comes|seen|yet)|never (?:came|showed|saw|arrived|seen|did|comes|shows|made it)|(?:didnt|did not|doesnt) (?:see|come|show|arrive|get here|make it)|not (?:seen|observed)|no water|no show|no sign)\\b|, (?:nothing|none)\\b|[:=-] no\\b|, no\\b|^[a-z ]+ no(?: ?[.,])?$|\\bno$");
    private static final Pattern SEEN = Pattern.compile(
            "\\b(?:seen|saw|shows? up|showed(?: up)?|arrived|arrives|came (?:through|by|in|down|past|right)|comes (?:through|by|down|past)|coming (?:through|by|down|past)|show up|(?:see|watch|watched) (?:it|that|the water) (?:come|coming|go|going|arrive)|yes|there it is|here it comes|made it)\\b|[:=-] (?:ok|good)\\b");
    private static final Pattern CAME = Pattern.compile(
            "\\b(?:shows? up|showed(?: up)?|came (?:through|by|past|down)|never (?:came|showed|made it))\\b");
    private static final Pattern RAN = Pattern.compile("\\b(?:ran|run|running|flushed|filled|left)\\b");
    private static final Pattern ELSEWHERE = Pattern.compile(
            "\\b(?:another|other|second|different|separate) (?:line|pipe|lateral|sewer|way)\\b|\\bsomewhere else\\b|\\bgo(?:es)? (?:out|somewhere) (?:another|else)\\b|\\bnot (?:on|tied to|connected to) this line\\b");
    private static final Pattern HAS = Pattern.compile(
            "\\b(?:house|home|building|place|property|it|we|there|theres|heres) (?:has|have|is|are|got)\\b|^(?:house|home|building) ?[:=-]|\\b(?:baths?|bathrooms?)\\b.*\\bkitchen\\b|\\bkitchen\\b.*\\bbaths?\\b");
    private static final Pattern BATHS =
            Pattern.compile("((?:\\d[\\d. /]*|[a-z]+(?: and a half)?) (?:full |half )?baths?(?:rooms?)?)\\b");
    private static final Map<String, String> OF_ROOM = Map.of(
            "master",
            "master bath",
            "guest",
            "guest bath",
            "hall",
            "hall bath",
            "upstairs",
            "upstairs bath",
            "downstairs",
            "downstairs bath");
    private static final Set<String> FIXTURES =
            Set.of("toilet", "tub", "shower", "sink", "floor drain", "hose bib", "washer");
    private static final Pattern FLUSHES = Pattern.compile(
            "\\b(?:twice|two times|a couple (?:of )?times|couple times|(three|four|five|six) times)\\b");
    private static final List<String> TIMES = List.of("three", "four", "five", "six");
    private static final Pattern SYMPTOM_OR_PLAN = Pattern.compile(
            "\\b(?:gurgl\\w+|burps?|backs? up|(?<!nothing )backed up|backup|smells?|slow|overflow\\w*|bubbl\\w+|going to|gonna|lets|let me|will|once|until|till|photo|photos|picture|pictures|pic|pics)\\b");

    @Override
    public void read(Sense sense) {
        List<Integer> rooms = rooms(sense);
        if (rooms.isEmpty() || sense.says(SYMPTOM_OR_PLAN) || sense.any(FindingKind.SYMPTOM, FindingKind.PROMISE)) {
            return;
        }
        Sense.Match words = new Sense.Match(rooms.getFirst(), rooms.getLast(), List.of());
        Optional<Arrival> arrival = arrival(sense);
        boolean listed = rooms.size() > 1 && sense.says(HAS) && arrival.isEmpty() && !sense.says(RAN);
        if (listed) {
            sense.drop(c -> true);
            Candidate made = sense.add(FindingKind.REMARK, rooms.getFirst());
            sense.say(made, Detail.ROOM, list(sense, rooms), words);
            return;
        }
        boolean test = sense.any(FindingKind.FIXTURE_TEST);
        boolean elsewhere = arrival.isPresent() && arrival.get() == Arrival.NO && sense.says(ELSEWHERE);
        if (!test
                && (arrival.isEmpty()
                        || !sense.typed() && !timed(sense) && !tells(arrival.get(), sense) && !sense.says(RAN))) {
            return;
        }
        if (sense.typed() && each(sense, rooms)) {
            return;
        }
        if (!test) {
            sense.add(FindingKind.FIXTURE_TEST, rooms.getFirst());
        }
        sense.drop(FindingKind.LIMIT, FindingKind.STANDING_WATER);
        String room = name(sense, rooms);
        for (Candidate fixture : sense.of(FindingKind.FIXTURE_TEST)) {
            fixture.sure(Certainty.SEEN);
            sense.say(fixture, Detail.ROOM, room, words);
            arrival.ifPresent(a -> fixture.say(Detail.ARRIVED, a));
            times(sense, fixture);
            count(sense, fixture);
        }
        sense.of(FindingKind.TIE_IN).forEach(t -> t.say(Detail.BRANCH, room));
        if (elsewhere) {
            sense.find(ELSEWHERE)
                    .ifPresent(m -> sense.say(
                            sense.add(FindingKind.REMARK, m.first()).sure(Certainty.POSSIBLE), Detail.BRANCH, room, m));
        }
    }

    /** The parts that name rooms and fixtures. */
    static List<Integer> rooms(Sense sense) {
        List<Integer> rooms = new ArrayList<>();
        for (int i = 0; i < sense.parts().size(); i++) {
            if (room(sense, i).isPresent()) {
                rooms.add(i);
            }
        }
        return rooms;
    }

    /** "Guest bath no show, master ok": one test in each part between commas, where each tells what became of its water. */
    private static boolean each(Sense sense, List<Integer> rooms) {
        List<String> pieces = List.of(sense.text().split(" , "));
        long told = pieces.stream().filter(p -> arrivalIn(p).isPresent()).count();
        List<Integer> starts = rooms.stream()
                .filter(r -> r == 0 || sense.parts().says(r - 1, ","))
                .toList();
        if (starts.size() < 2 || told < pieces.size() || starts.size() != pieces.size()) {
            return false;
        }
        sense.drop(FindingKind.FIXTURE_TEST, FindingKind.LIMIT, FindingKind.STANDING_WATER);
        for (int i = 0; i < starts.size(); i++) {
            int at = starts.get(i);
            sense.add(FindingKind.FIXTURE_TEST, at)
                    .say(Detail.ROOM, room(sense, at).orElseThrow())
                    .say(Detail.ARRIVED, arrivalIn(pieces.get(i)).orElseThrow())
                    .understanding(Detail.ROOM, at, at);
        }
        return true;
    }

    private static Optional<Arrival> arrivalIn(String words) {
        if (UNTESTED.matcher(words).find()) {
            return Optional.of(Arrival.UNTESTED);
        }
        if (NO.matcher(words).find()) {
            return Optional.of(Arrival.NO);
        }
        if (HEARD.matcher(words).find()) {
            return Optional.of(Arrival.HEARD);
        }
        return SEEN.matcher(words).find() || words.matches(".* (?:ok|okay|good|fine)")
                ? Optional.of(Arrival.SEEN)
                : Optional.empty();
    }

    /** Whether words that were spoken, not typed, tell of a test by themselves. */
    private static boolean tells(Arrival arrival, Sense sense) {
        return arrival == Arrival.UNTESTED || arrival == Arrival.HEARD || sense.says(CAME);
    }

    private static boolean timed(Sense sense) {
        return sense.has(Meaning.Time.class);
    }

    private static Optional<Arrival> arrival(Sense sense) {
        return arrivalIn(sense.text());
    }

    /** A time behind "ran" is how long it ran; any other is how long its water took. */
    private static void times(Sense sense, Candidate fixture) {
        boolean ran = sense.says(RAN);
        for (int i = 0; i < sense.parts().size(); i++) {
            Optional<Meaning.Time> time = sense.parts().as(i, Meaning.Time.class);
            if (time.isPresent()) {
                int at = i;
                boolean came = sense.parts().says(sense.parts().before(i), "after", "in", "took", "within")
                        || i > 0 && sense.parts().says(i - 2, "after", "seen", "took");
                boolean more = sense.next(i + 1, Meaning.Time.class) >= 0;
                if (!came && (ran || more)) {
                    fixture.say(
                                    Detail.RAN,
                                    number(time.get().value()) + " "
                                            + time.get().unit())
                            .understanding(Detail.RAN, at, at);
                    ran = false;
                } else {
                    delay(time.get())
                            .ifPresent(d -> fixture.say(Detail.DELAY, d).understanding(Detail.DELAY, at, at));
                }
            }
        }
    }

    private static Optional<Duration> delay(Meaning.Time time) {
        return switch (time.unit()) {
            case "s" -> Optional.of(Duration.ofSeconds(Math.round(time.value())));
            case "min" -> Optional.of(Duration.ofSeconds(Math.round(time.value() * 60)));
            default -> Optional.empty();
        };
    }

    private static void count(Sense sense, Candidate fixture) {
        int counted = sense.next(0, Meaning.Counted.class);
        if (counted >= 0) {
            fixture.say(
                            Detail.COUNT,
                            sense.parts()
                                    .as(counted, Meaning.Counted.class)
                                    .orElseThrow()
                                    .count())
                    .understanding(Detail.COUNT, counted, counted);
        } else {
            sense.find(FLUSHES)
                    .ifPresent(m -> sense.say(
                            fixture, Detail.COUNT, Count.of(m.has(1) ? TIMES.indexOf(m.group(1)) + 3 : 2), m));
        }
    }

    /** The room; where none was named, the fixture. */
    static String name(Sense sense, List<Integer> rooms) {
        Optional<String> whole = rooms.stream()
                .map(i -> room(sense, i).orElseThrow())
                .filter(r -> !FIXTURES.contains(r))
                .findFirst();
        if (whole.isPresent()) {
            return whole.get();
        }
        String of = OF_ROOM.get(sense.parts().at(rooms.getFirst() - 1).text());
        String behind = OF_ROOM.get(sense.parts().at(rooms.getFirst() + 1).text());
        if (of == null && behind != null) {
            return behind;
        }
        return of != null ? of : room(sense, rooms.getFirst()).orElseThrow();
    }

    private static String list(Sense sense, List<Integer> rooms) {
        List<String> names = new ArrayList<>();
        sense.find(BATHS).ifPresent(m -> names.add(m.group(1)));
        rooms.stream()
                .map(i -> room(sense, i).orElseThrow())
                .filter(r -> names.isEmpty() || !r.matches("baths?"))
                .forEach(names::add);
        return String.join(", ", names.stream().distinct().toList());
    }

    static Optional<String> room(Sense sense, int i) {
        return sense.parts()
                .as(i, Meaning.Clue.class)
                .filter(c -> c.kind() == FindingKind.FIXTURE_TEST)
                .map(Meaning.Clue::value);
    }

    private static String number(double value) {
        return value == Math.rint(value) ? String.valueOf((long) value) : String.valueOf(value);
    }
}
