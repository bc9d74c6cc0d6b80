package hitch.core.talk;

import hitch.core.finding.FindingKind;
import hitch.core.finding.FindingKind.Family;
import hitch.core.finding.Traits;
import hitch.core.note.Draft;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** "Same again", "another gob", "more of that": words that find once more what was found before, and do not name it. */
final class SameAgain {
    private static final Pattern SAME = Pattern.compile(
            "[\\s,.:;-]*(?:and |okay |yep |again,? )?(?:the )?(?:same(?! (?:as|joint|pipe|spot|place|way|stuff|material|(?:\\w+ ){1,2}(?:pipe|stuff|material))\\b)(?: again| thing| here| deal)?|ditto|again(?: here| there)?(?=\\s*(?:[,.]|$))|more of (?:it|them|the same|those)|a (?:second|third|fourth) one|(?:and )?more(?=\\s*,)|another one|(?:and )?(?:the )?next (?:one|toilet|unit)(?=\\s*(?:[,.]|$))|so does (?:the |this )?(?:second|next|third|fourth|last|other|one)(?: one| joint)?"
                    + "|(?:every|each|this|that|the next|the other) (?:joint|one)(?:'s| has|'s got| has got|s got) (?:got )?(?:it|them|'?em|some)(?: too| now| as well)?"
                    + "|(?:and |okay )?(?:that|this|the next|the other) (?:joint|one)(?:'s got| has| has got|s got) (?:a little|a few|a bunch|a lot|more|quite a few|plenty)(?: too| as well)?(?=\\s*(?:[,.]|$|on |at |up |in |along |all ))"
                    + "|(?:and |okay )?(?:there'?s |there are |got |we'?ve got |you'?ve got |we have |you have |i have |i see )(?:quite a few|a few(?: more)?|a bunch|a bunch more|a couple more|a lot|several|plenty)(?: of (?:them|those|'?em))?(?: here| there)?(?: (?:after|past|behind|beyond) (?:it|that|this|them))?(?=\\s*(?:[,.]|$|on |at |up |in |along ))"
                    + "|(?:it'?s |it is |is )?(?:doing|does) (?:it|that|the same)(?: again| here| too| at)?)\\b");
    /** "That's a bigger one": the thing again, and nothing of its side and size. */
    private static final Pattern COMPARED = Pattern.compile(
            "[\\s,.]*(?:'?s |and |okay |yep |now |again |there'?s |that'?s |here'?s |this is |it'?s |it is |got |we got |an? |the |even |much |little |lot |still |way )*"
                    + "(?:(?:bigger|smaller|heavier|thicker|worse|lighter|larger|longer)(?: ones?| here|(?=[\\s.]*$))|(?:biggest|worst|heaviest|thickest|largest|smallest)(?: ones?| yet| so far| of (?:them|the bunch))+|worse(?: yet| still)?(?=\\s*(?:[,.]|$|and |it'?s ))"
                    + "|(?:now )?(?:it'?s |they'?re )?(?:about |up to |maybe |easily )?(?:half|a third|a quarter|two thirds|most|\\d+ percent) (?:of )?(?:the |this )?(?:pipe|bore|line)(?: now)?)");

    /** "At twenty-nine and thirty-two feet, the same." */
    private static final Pattern THE_SAME =
            Pattern.compile("\\b(?:the same|same (?:again|thing|here|deal)|likewise|ditto)(?: again| there)?[\\s.]*$"
                    + "|^[\\s,.]*(?:and )?(?:similarly|likewise|the same|same)(?: thing| again)?,? at\\b[\\w\\s,.-]*$");

    /** One of these tells that it is what was before. */
    private static final Pattern AGAIN = Pattern.compile(
            "\\b(?:another|more|less|also|still|again|too|as well|as above|as before|likewise|similarly|ditto|same|lighter|heavier|thicker|thinner|worse|tapering|of (?:it|them|'?em|those|that))\\b");

    /** These name nothing, beside it or about it. */
    private static final Set<String> NAMELESS = Set.of(
            ("i'm im uh um you you've they they're he she we're and okay ok so now here there then too again still also as well just only a an the this that these those it its it's "
                            + "of em them is are was we we've i see i've got have has there's that's here's yeah yep yes another more less same above before "
                            + "likewise similarly ditto little bit few some couple lots plenty lot one ones two three tapering tapers off lighter heavier thicker "
                            + "thinner worse bigger smaller whole big small much on at in from up down over by to side left right top bottom "
                            + "o'clock about maybe like quite even yet")
                    .split(" "));

    /** What these say is known without what was said before. */
    private static final Set<String> TELLING = Set.of(
            ("out joint joints pipe line good clean clear fine nothing okay open nice feet foot water new old clay plastic iron cast concrete none no not "
                            + "camera through place wall")
                    .split(" "));

    private static final Pattern CLAUSE_END = Pattern.compile("[,;.]\\s|\\s(?:and|with|but)\\s");
    private static final Pattern NO_LETTERS = Pattern.compile("[^a-z' -]+");
    /** More words than this are told for their own sake. */
    private static final int FEW_WORDS = 6;

    private final String text;
    private final String low;
    private final Optional<Draft> last;

    /**
     * @param text a passage
     * @param last the thing that was found last
     */
    SameAgain(String text, Optional<Draft> last) {
        this.text = text;
        this.low = text.toLowerCase(Locale.ROOT).replace('\u2019', '\'');
        this.last = last.filter(d -> d.place().isPresent());
    }

    /** Whether it says so in its end: "a joint at twenty-nine and thirty-two feet, the same". */
    boolean isEndedBy() {
        return last.isPresent() && THE_SAME.matcher(low).find();
    }

    /** The thing at some places. */
    List<Draft> at(List<Draft.Place> places) {
        return last.stream()
                .flatMap(d ->
                        places.stream().map(p -> again(d, d.traits(), text).at(Optional.of(p))))
                .toList();
    }

    /** The thing again, where the passage begins with saying so. */
    Optional<Draft> whole() {
        if (SAME.matcher(low).lookingAt()) {
            return last.map(d -> again(d, d.traits(), text));
        }
        return COMPARED.matcher(low).lookingAt()
                ? last.filter(SameAgain::isOneOfMany).map(d -> again(d, Traits.NONE, text))
                : Optional.empty();
    }

    /**
     * What a few words behind a place find again: "still", "another gob" after "a gob of butter".
     *
     * @param said what is known to be said with them
     */
    Optional<Draft> behindPlace(List<Draft> said, List<Spoken> before) {
        String first = firstClause(low);
        List<String> all = words(first).toList();
        Set<String> naming = naming(first);
        if (all.isEmpty() || all.size() > FEW_WORDS) {
            return Optional.empty();
        }
        Optional<Draft> found = Optional.empty();
        if (naming.isEmpty()) {
            found = AGAIN.matcher(first).find() ? last.filter(SameAgain::isOneOfMany) : Optional.empty();
        } else if (said.isEmpty() && naming.stream().noneMatch(TELLING::contains)) {
            found = before.reversed().stream()
                    .map(Spoken::draft)
                    .filter(d -> isOneOfMany(d) && names(d, naming))
                    .findFirst();
        }
        return found.filter(d -> said.stream().noneMatch(s -> s.matter().equals(d.matter())))
                .map(d -> again(d, Traits.NONE, text));
    }

    /** Whether words name nothing and only say that it is as before: "worse". */
    static boolean isNameless(String words) {
        String low = words.toLowerCase(Locale.ROOT);
        return naming(low).isEmpty() && AGAIN.matcher(low).find();
    }

    /** Whether they begin with words that name nothing: "another one, eighteen and a half". */
    static boolean beginsNameless(String words) {
        return isNameless(firstClause(words.toLowerCase(Locale.ROOT)));
    }

    private static String firstClause(String low) {
        return CLAUSE_END.split(low.replaceFirst(Following.LEADING_SIGNS, ""), 2)[0];
    }

    private static Stream<String> words(String clause) {
        return Stream.of(NO_LETTERS.matcher(clause).replaceAll(" ").strip().split("\\s+"))
                .filter(w -> !w.isEmpty());
    }

    private static Set<String> naming(String clause) {
        return words(clause).filter(w -> !NAMELESS.contains(w)).collect(Collectors.toSet());
    }

    private static boolean names(Draft draft, Set<String> words) {
        return words.stream().allMatch(w -> w.length() > 2 && Spoken.says(draft, w));
    }

    /** "Same again, over the top": the last finding, here. */
    private static Draft again(Draft last, Traits kept, String text) {
        Traits traits =
                SideWords.in(text).map(c -> kept.withClock(Optional.of(c))).orElse(kept);
        return new Draft(
                last.matter(), Optional.empty(), Optional.empty(), traits, last.certainty(), text.strip(), "", 0);
    }

    /** What there may be a bigger one of, and a worse. */
    private static boolean isOneOfMany(Draft draft) {
        Family family = draft.kind().family();
        return family == Family.CONDITION || family == Family.WATER || draft.matter() == FindingKind.TIE_IN;
    }
}
