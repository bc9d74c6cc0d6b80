package hitch.core.note.grammar;

import hitch.core.detail.Count;
import hitch.core.detail.Detail;
import hitch.core.finding.Certainty;
import hitch.core.finding.FindingKind;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;

/** What the people of the house noticed, since when, and what explains it or does not. */
final class SymptomRule implements MoreRules.Rule {
    private static final String FIXTURES =
            "(?:drains?|sinks?|tubs?|showers?|toilets?|kitchen|laundry|bath|washer|floor drain|line|flush)";
    private static final Pattern NOTICED = Pattern.compile(
            "\\b(?:gurgl(?:e|es|ed|ing)|burps?|burping|(?<!\\b(?:i|we|im|were|camera|me|ive|weve|water|waters|water is|waters are) )back(?:s|ed|ing) (?:it |them |her |him |things |everything |you )?up\\b(?! (?:a little|a bit|here|and|so|some|with water|water|from|at|to|against|into the pipe|here|behind))|backups?|back ups|smells?|smelling|odou?rs?|stinks?|stench|overflow(?:s|ed|ing)?|(?:toilet|tub|sink|drain|shower)s? (?:\\w+ )?bubbl(?:es|ing|ed|e)|sewage smell|wet spot|wet yard|yards? (?:is |was )?(?:always )?(?:wet|soggy)|rats? in the|sinkhole)\\b"
                    + "|\\b(?:floor drain|drain|toilet|tub|shower)s? (?:came up|comes up|ran over|flooded|flooding)\\b|\\b(?:toilet|tub|sink|shower|washer|drain)s? (?:wont|will not|doesnt|isnt|never) drain(?:ing|s)?\\b|\\b(?:toilet|tub|sink|drain|shower)s? (?:all )?slow\\b|\\bslow(?:ly)? (?:draining )?(?:[a-z]+ )?"
                    + FIXTURES + "\\b|\\b" + FIXTURES
                    + "s? (?:is|are|was|has|drains?|runs|been|goes|draining) (?:so |very |really |always )?slow(?:ly)?\\b|\\bdrains? slow(?:ly)?\\b|\\bwhy (?:its |it is |it was )?(?:so )?slow\\b");
    private static final Pattern NONE = Pattern.compile(
            "\\b(?:no|nothing|never|not|havent had|hasnt had|without) (?:any |a |had |single )*(?:backups?|back ups?|odou?rs?|smells?|problems?|issues?|trouble|complaints?|gurgling|backs up|came up|backed up)\\b");
    private static final Pattern EXPLAINS = Pattern.compile(
            "\\b(?:explained|explains|explain|why slow|why its slow|thats why|is why|the reason|why her|why his|why their|why the|accounts for|is whats|whats (?:been )?(?:causing|backing|making)|cause of|caused by|because of)\\b|s why\\b");
    private static final Pattern NOT_EXPLAINED = Pattern.compile(
            "\\b(?:none of (?:this|that|it)|nothing (?:here|so far|in here|yet|i saw|we saw)|doesnt|does not|dont|not|still nothing|no) (?:\\w+ )?(?:explains?|explained|explain|accounts? for|shows why|tells why|to explain)\\b|\\b(?:cant|cannot|couldnt|could not|unable to) explain\\b|\\bunexplained\\b");
    private static final Pattern BUT_NOT = Pattern.compile(
            "\\bbut (?:not|it doesnt explain|doesnt explain|that doesnt explain) (?:the |her |his |their |why )*[a-z]+");
    private static final Pattern WHEN = Pattern.compile(
            "\\b(every time (?:it |they |she |he |the |somebody |someone )?[a-z]+(?: [a-z]+)?|whenever (?:it |the )?[a-z]+|when (?:the |it |they |she |he )?[a-z]+(?: [a-z]+)?|since (?:[a-z]+)(?: \\d{4})?|this (?:spring|summer|fall|winter|year|month|week|morning)|last (?:spring|summer|fall|winter|year|month|week|night)|every (?:\\w+ )?(?:month|year|week|spring|fall|winter|day|couple of months|rain)s?|after (?:a |heavy |every )*rain|(?:with|in|during) (?:a )?heavy rain|every (?:morning|night|evening)|once a (?:year|month|week)|for (?:years|months|weeks)|(?:twice|once|three times) a (?:year|month|week))\\b");
    private static final Pattern THEY =
            Pattern.compile("\\b(?:they|she|he) (?:said|say|says|told|tell|tells|mentioned|reported)\\b");
    private static final Pattern TWICE = Pattern.compile("\\b(?:twice|two times)\\b(?! a )");

    @Override
    public void read(Sense sense) {
        Optional<Sense.Match> told = sense.find(BoundaryRule.TOLD);
        Optional<Sense.Match> none = sense.find(NONE);
        if (none.isPresent()
                && (told.isPresent() || sense.text().matches(".*\\b(?:they|she|he) (?:say|says|said)\\b.*"))) {
            sense.drop(c -> true);
            Candidate made = sense.add(FindingKind.REMARK, none.get().first()).sure(Certainty.TOLD);
            told.ifPresent(m -> sense.sayWords(made, Detail.WHO, m.has(1) ? m.group(1) : m.group(2), m));
            return;
        }
        Optional<Sense.Match> noticed = sense.find(NOTICED);
        Optional<Sense.Match> rest = sense.find(BUT_NOT);
        boolean not = sense.says(NOT_EXPLAINED);
        if (noticed.isEmpty() || none.isPresent() && !not) {
            return;
        }
        boolean explained = sense.says(EXPLAINS) && !not;
        boolean placed = sense.has(Meaning.Place.class);
        if (placed && !explained && sense.found().stream().anyMatch(Candidate::isCondition)) {
            return;
        }
        Optional<Candidate> cause = sense.found().stream()
                .filter(c -> c.isCondition() && !c.is(FindingKind.BLOCKAGE) && c.isFinding())
                .findFirst();
        if (!explained) {
            sense.drop(c -> true);
        } else {
            sense.drop(FindingKind.FIXTURE_TEST, FindingKind.ADVICE);
        }
        Candidate made = sense.add(FindingKind.SYMPTOM, noticed.get().first());
        if (not) {
            made.say(Detail.CAUSE, "not explained yet");
        } else if (explained) {
            cause.ifPresent(c -> made.say(Detail.CAUSE, c.matter().word()));
        }
        List<Integer> rooms = FixtureRule.rooms(sense);
        if (!rooms.isEmpty()) {
            made.say(Detail.ROOM, FixtureRule.name(sense, rooms));
        }
        sense.find(WHEN).ifPresent(m -> sense.say(made, Detail.WHEN, m.group(1), m));
        sense.find(TWICE).ifPresent(m -> sense.say(made, Detail.COUNT, Count.of(2), m));
        rest.filter(m -> explained)
                .ifPresent(m -> sense.add(FindingKind.SYMPTOM, m.last()).say(Detail.CAUSE, "not explained yet"));
        if (told.isEmpty() && sense.says(THEY)) {
            made.sure(Certainty.TOLD);
        }
        told.ifPresent(m -> {
            made.sure(Certainty.TOLD);
            sense.sayWords(made, Detail.WHO, m.has(1) ? m.group(1) : m.group(2), m);
        });
    }
}
