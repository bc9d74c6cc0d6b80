package hitch.core.note.grammar;

import hitch.core.detail.Detail;
import hitch.core.finding.FindingKind;
import hitch.core.note.Act;
import hitch.core.note.Draft;
import java.util.Optional;
import java.util.regex.Pattern;

/** What is told of the house and the job: empty since when, built when, the weather, a warranty, that nothing may leave the firm. */
final class FactRule implements MoreRules.Rule {
    private static final Pattern IDLE = Pattern.compile(
            "\\b(?:vacant|empty|unoccupied|idle|occupied|(?:nobody|no one)s? (?:has |been |have )*(?:living|lives|lived) (?:here|there|in it)|winterized|moved out)\\b(?: (?:house|home))?(?: (?:back )?(?:in )?(since (?:last |early |late |about |before )?[a-z]+|january|february|april|june|july|august|september|october|november|december|last [a-z]+(?: \\d{4})?|(?:for )?(?:about |over )?[a-z0-9]+ (?:years?|months?|weeks?|days?)))?");
    private static final Pattern BUILT = Pattern.compile(
            "\\b(?:built|build|year built|constructed|dates (?:from|to)|from)(?: (?:in|about|around|year|:))* ((?:18|19|20)\\d\\d)\\b");
    private static final Pattern YEAR_HOUSE = Pattern.compile(
            "\\b((?:18|19|20)\\d\\d) (?:house|home|build|construction|building)\\b|^(?:house|home|building) ((?:18|19|20)\\d\\d)\\b");
    private static final Pattern LAID = Pattern.compile(
            "\\b(?:pipe|line|sewer|house|home)(?: (?:is|was|it|goes|all))* (?:from|laid|dates|installed|put in|back to)(?: (?:in|back|to|from))* ((?:18|19|20)\\d\\d)\\b");
    private static final Pattern BUILT_SAID = Pattern.compile(
            "\\b(?:built|constructed|went up)(?: (?:in|about|around))* ((?:nineteen|eighteen|twenty)(?: [a-z]+){1,2}|\\d{3,4})\\b");
    private static final String PEOPLE =
            "(?:owners?|sellers?|buyers?|agents?|tenants?|plumbers?|neighbou?rs?|landlord|manager|wife|husband|son|daughter|dad|mom|father|mother|inspector|realtor|contractor)";
    private static final Pattern PRESENT = Pattern.compile("\\b(?:the |her |his |their )?((?:[a-z]+s )?" + PEOPLE
            + "(?: (?:and|,) (?:the |her |his |their )?(?:[a-z]+s )?" + PEOPLE
            + ")*) (?:was|were|is|are) (?:both |also |all )?(?:there|here|present|on site|with me|along|watching|around)\\b"
            + "|\\bpresent : ?((?:[a-z]+s )?" + PEOPLE + "(?: (?:and|,) " + PEOPLE + ")*)");
    private static final Pattern WARRANTY = Pattern.compile("\\b(?:warranty|guarantee|warrantied|guaranteed)\\b");
    private static final Pattern WEATHER = Pattern.compile(
            "\\b(?:rain(?:ed|ing|s|y)?|snow(?:ed|ing|y)?|cold and wet|wet out|cold out|hot out|sunny|overcast|freezing|drizzl\\w+|storm(?:ed|s|ing)?|dry spell|dry out|dry all|been dry|no rain|degrees out|frost)\\b");
    private static final Pattern WEATHER_WHEN = Pattern.compile(
            "\\b(last night|all night|this morning|yesterday|all week|all day|today|since (?:yesterday|\\w+day)|last week)\\b");
    private static final Pattern INTERNAL = Pattern.compile(
            "\\b(?:internal(?: use)? only|for internal use|do not (?:send|share|post|publish|give)|dont (?:send|share|post|publish|give)|not (?:to be shared|for sharing|for the client|for release)|keep (?:this|it) (?:in house|internal|private)|no sharing|not to leave)\\b");
    private static final Pattern NEXT = Pattern.compile("^(?:next|last) (?:service|visit|inspection)\\b");
    private static final Pattern BASE = Pattern.compile(
            "\\b(base|lip|top|rim|bottom|mouth|flange) of (?:the |our |this )?(?:cleanout|clean out|opening|riser|access|toilet|vent|pipe|c o)\\b|\\bat (?:the )?(lip|base|rim|flange)\\b");

    @Override
    public void read(Sense sense) {
        zero(sense);
        boolean other = sense.found().stream()
                .anyMatch(c -> c.is(FindingKind.SYMPTOM) || c.isCondition() && !c.is(FindingKind.STANDING_WATER));
        Optional<Sense.Match> internal = sense.find(INTERNAL);
        if (internal.isPresent()) {
            sense.drop(c -> true);
            sense.say(
                    sense.add(FindingKind.REMARK, internal.get().first()),
                    Detail.ASKS,
                    Draft.DO_NOT_SHARE,
                    internal.get());
            return;
        }
        if (other || sense.has(Meaning.Place.class) && !sense.says(BUILT)) {
            return;
        }
        Optional<Sense.Match> idle = sense.find(IDLE)
                .filter(m -> sense.typed()
                        || m.has(1)
                        || sense.says(Pattern.compile("\\b(?:house|home|place|property|nobody|vacant)\\b")));
        Optional<Sense.Match> built = sense.find(BUILT)
                .filter(m -> !m.group(0).startsWith("from") || sense.text().contains("house"))
                .or(() -> sense.find(YEAR_HOUSE))
                .or(() -> sense.find(LAID))
                .or(() -> sense.find(BUILT_SAID));
        Optional<Sense.Match> present = sense.find(PRESENT);
        Optional<Sense.Match> weather = sense.find(WEATHER);
        Optional<Sense.Match> warranty = sense.find(WARRANTY);
        if (present.isPresent()
                || idle.isPresent()
                || built.isPresent()
                || weather.isPresent()
                || warranty.isPresent()) {
            sense.drop(c -> !c.is(FindingKind.CLEANED));
        }
        present.ifPresent(m -> sense.sayWords(sense.add(FindingKind.REMARK, m.first()), Detail.WHO, m.group(1), m));
        idle.ifPresent(m -> fact(sense, m, m.has(1) ? m.group(1) : "now"));
        built.ifPresent(m -> fact(sense, m, NumberWords.year(m.has(1) ? m.group(1) : m.group(2))));
        warranty.ifPresent(m -> fact(sense, m, time(sense)));
        if (idle.isEmpty() && built.isEmpty() && warranty.isEmpty()) {
            weather.ifPresent(m -> fact(
                    sense,
                    m,
                    sense.find(WEATHER_WHEN)
                            .map(w -> w.group(1))
                            .orElse(time(sense).isBlank() ? "today" : time(sense))));
        }
    }

    private static void fact(Sense sense, Sense.Match words, String when) {
        Candidate made = sense.add(FindingKind.REMARK, words.first());
        if (!when.isBlank()) {
            sense.say(made, Detail.WHEN, when, words);
        }
    }

    private static String time(Sense sense) {
        int at = sense.next(0, Meaning.Time.class);
        return sense.parts()
                .as(at, Meaning.Time.class)
                .map(t -> (t.value() == Math.rint(t.value())
                                ? String.valueOf((long) t.value())
                                : String.valueOf(t.value()))
                        + " " + t.unit())
                .orElse("");
    }

    /** Where at the opening the counter was zeroed. */
    private static void zero(Sense sense) {
        sense.found().stream()
                .filter(c -> c.matter() == Act.ZERO)
                .findFirst()
                .ifPresent(z -> sense.find(BASE).ifPresent(m -> {
                    sense.drop(FindingKind.OPENING);
                    String where = m.has(1) ? m.group(1) : m.group(2);
                    z.say(Detail.MARK, where + " of opening").understanding(Detail.MARK, m.first(), m.last());
                }));
    }
}
