package hitch.core.talk;

import hitch.core.finding.Certainty;
import hitch.core.finding.FindingKind;
import hitch.core.measure.LengthUnit;
import hitch.core.note.Draft;
import hitch.core.note.NoteReader;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Of which thing something is told: "I'm going to pull back and locate that hole. Okay, it's four foot six"; and, where there is one only,
 * "that hole has to be fixed".
 */
final class Located {
    /** So much of what was said before is of it, seconds. */
    static final double SOON_S = 45;

    private static final Pattern NAMED = Pattern.compile(
            "\\b(?:locat(?:e|ed|ing)|sounded|traced|mark on|mark(?:ed|ing)?|find|back (?:to|at)|stop(?:ped)? at|sitting (?:on|at)|locator on|park(?:ed)? (?:on|at)|right at|over|where|is (?:at|over)) (?:that|the|this|our) (?:\\w+ )?"
                    + "(" + Known.THINGS + "|roots?|tap|wye|tie.?in|property line|curb|main)\\b");

    /** "The first mark is over the separated joint": as it was called when it was found. */
    private static final Pattern OVER =
            Pattern.compile("\\b(?:directly |right )?(?:over|above) (?:the|that) ([a-z]{3,})(?: ([a-z]{3,}))?\\b");

    private static final Pattern ONLY = Pattern.compile(
            "\\b(?:the|that|this|your) (?:[a-z-]+ )?" + "(" + Known.THINGS + "|patch|blister|cleanout)\\b");

    /** "The deformed portion". */
    private static final Pattern PART = Pattern.compile(
            "\\b(?:the|that|this|your) (deformed|cracked|broken|bellied|sagging|separated|offset|scaled|corroded) (?:portion|section|part|bit|stretch|joint|area)\\b");

    private static final Pattern SHOWN =
            Pattern.compile("\\b(?:picture|photo|shot|still|snapshot)s? of (?:that|the|those) (?:[a-z]+ )?" + "("
                    + Known.THINGS + "|roots?|tap|wye|void|patch)\\b");

    private static final Pattern CALLED = Pattern.compile(
            "\\b(?:(?:that|those)|(?:cut|clean|pull|remove|take out|fish out|trim|jet|flush|seal|fix|leave|have|get) the) (?:one |little |big |bad |same )?([a-z]{3,})\\b");
    /** "The separated joint should be repaired", "fix the droop", "a liner for the fracture": the word before it may call it too. */
    private static final Pattern CALLED_ANEW = Pattern.compile(
            "^[\\s,.]*(?:(?:and|so|but|then|also|uh|um)[, ]+)*(?:the|that|those|your) (?:([a-z-]{3,}) )?([a-z-]{3,})(?:'s)? (?:should|has|have|needs?|wants?|ought|gotta|must|can be|can wait|could be|to be|will have)\\b"
                    + "|\\b(?:recommend|suggest|advise|propose)(?:ed|s)?(?: that)? the (?:([a-z-]{3,}) )?([a-z-]{3,}) (?:is|be|to be|gets?)\\b"
                    + "|\\b(?:fix|take out|take off|trim|rehang|reset|grind|patch|repair|chip|for) (?:up |out |down |off )?the (?:([a-z-]{3,}) )?([a-z-]{3,})\\b"
                    + "|\\btake (?:the|that) (?:([a-z-]{3,}) )?([a-z-]{3,}) (?:off|out)\\b"
                    + "|^[\\s,.]*(?:the|that) (?:([a-z-]{3,}) )?([a-z-]{3,}), ?(?:they|you|we|i|somebody|have|get)\\b");
    /** What is called so is of the whole line, or no thing. */
    private static final Pattern OF_ALL = Pattern.compile(
            "line|pipe|city|street|house|rest|whole|main|camera|video|way|time|same|owner|seller|yard|road|bottom|top|left|right|side|end|feet|foot"
                    + "|that|this|these|those|they|them|there|here|what|which|who|when|where|say|says|said|get|got|goes|come|comes|came|make|makes|take|takes|want|need|have|keep|look|looks|work|works|happens"
                    + "|one|first|next|last|other|clay|cast|iron|plastic|water|roots|counter|ground|place|thing|stuff|joints?");

    private final NoteReader reader;
    private final LengthUnit unit;

    Located(NoteReader reader, LengthUnit unit) {
        this.reader = reader;
        this.unit = unit;
    }

    /**
     * The place of the thing that is named.
     *
     * @param lately what was said just before and with it
     * @param drafts what was found so far
     */
    Optional<Draft.Place> place(String lately, List<Spoken> drafts) {
        Matcher named = NAMED.matcher(lately.toLowerCase(Locale.ROOT));
        String noun = "";
        while (named.find()) {
            noun = named.group(1);
        }
        if (noun.isEmpty()) {
            return OVER.matcher(lately.toLowerCase(Locale.ROOT))
                    .results()
                    .flatMap(Located::names)
                    .flatMap(name -> one(name, drafts).stream())
                    .reduce((a, b) -> b);
        }
        return found(noun, drafts).stream().reduce((a, b) -> b).map(p -> new Draft.Place(p.from(), p.from()));
    }

    /**
     * The place of the thing that is named, if one such thing was found and no other: by its kind, or by what it was called when it was found.
     *
     * @param drafts what was found so far
     */
    Optional<Draft.Place> only(String text, List<Spoken> drafts) {
        String low = text.toLowerCase(Locale.ROOT);
        List<Draft.Place> places = Stream.of(ONLY, PART)
                .map(p -> p.matcher(low))
                .filter(Matcher::find)
                .findFirst()
                .map(named -> found(named.group(1), drafts).stream().distinct().toList())
                .orElse(List.of());
        return places.size() == 1 ? Optional.of(places.getFirst()) : called(text, drafts);
    }

    /** Where the one thing is that was called so: "pull that screw". */
    private static Optional<Draft.Place> called(String text, List<Spoken> drafts) {
        String low = text.toLowerCase(Locale.ROOT);
        return Stream.of(CALLED, CALLED_ANEW)
                .flatMap(p -> p.matcher(low).results())
                .flatMap(Located::names)
                .flatMap(noun -> one(noun, drafts).stream())
                .findFirst();
    }

    private static Stream<String> names(MatchResult called) {
        return IntStream.rangeClosed(1, called.groupCount())
                .mapToObj(called::group)
                .filter(n -> n != null && !OF_ALL.matcher(n).matches());
    }

    /** Where what was called so was found, if nothing else was. */
    private static Optional<Draft.Place> one(String noun, List<Spoken> drafts) {
        List<Draft.Place> places = drafts.stream()
                .map(Spoken::draft)
                .filter(d -> Stating.isFound(d) && d.certainty() != Certainty.RULED_OUT && Spoken.says(d, noun))
                .flatMap(d -> d.place().stream())
                .distinct()
                .toList();
        return places.size() == 1 ? Optional.of(places.getFirst()) : Optional.empty();
    }

    /** The place of the thing whose picture is wanted, if one such thing was found and no other: "I want a picture of that root". */
    Optional<Draft.Place> shown(String text, List<Spoken> drafts) {
        Matcher named = SHOWN.matcher(text.toLowerCase(Locale.ROOT));
        List<Draft.Place> places =
                named.find() ? found(named.group(1), drafts).stream().distinct().toList() : List.of();
        return places.size() == 1 ? Optional.of(places.getFirst()) : Optional.empty();
    }

    /** Where things of that name were found. */
    private List<Draft.Place> found(String noun, List<Spoken> drafts) {
        Optional<FindingKind> kind =
                reader.hear("There is a " + noun + " here.", unit, Optional.empty()).drafts().stream()
                        .map(Draft::kind)
                        .findFirst();
        List<Spoken> found = drafts.stream()
                .filter(d -> kind.isPresent()
                        && d.draft().kind().broad() == kind.get().broad()
                        && d.draft().certainty() != Certainty.RULED_OUT
                        && d.draft().place().isPresent())
                .toList();
        boolean known = found.stream().anyMatch(d -> !d.likeness());
        // What was only guessed makes no second one.
        return found.stream()
                .filter(d -> !(known && d.likeness()))
                .flatMap(d -> d.draft().place().stream())
                .toList();
    }
}
