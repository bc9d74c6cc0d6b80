package hitch.core.note.grammar;

import hitch.core.detail.Detail;
import hitch.core.finding.FindingKind;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;

/** What is advised, by whom it is to be done and when; and what was concluded on the spot. */
final class AdviceRule implements MoreRules.Rule {
    private static final Pattern LEAVE = Pattern.compile(
            "\\b(?:leave|let) (?:it|that|this|them|well enough) (?:be|alone)\\b|\\bwouldnt (?:touch|do anything|worry)\\b|\\bnothing (?:needs|to be done|needs doing)\\b");
    private static final Pattern DUE = Pattern.compile(
            "\\b(?:next|another) (clean|cleaning|jetting|service|snaking|inspection|look|camera)\\b.*|\\b(clean|cleaning|service) (?:is )?due\\b");
    private static final Pattern WANTS = Pattern.compile(
            "\\b(?:going to|gonna|will|ll|itll|should) (?:want|need|require|have)\\b|\\b(?:wants|needs) (?:to be |a |regular |yearly |some )*(?:clean|jett?|snak|cabl|maint|lin|dig|dug|repair|replac|look|camera|inspect|service)\\w*");
    private static final Pattern HAVE = Pattern.compile(
            "\\b(?:have|get|call|hire|bring in) (?:a |an |your |the )?(?:licensed |qualified |good |second |local )*(plumber|contractor|engineer|plumbers|drain cleaner|specialist|excavator|roofer|electrician|district|city|lining company|company)\\b|\\blicensed (plumber|contractor|drain cleaner|engineer)\\b");
    private static final Pattern WHO = Pattern.compile(
            "\\b(?:by|from|call|have|get|hire) (?:a |an |your |the )?(?:licensed |qualified |good |second |local )*(plumber|contractor|engineer|drain cleaner|specialist|excavator|district|city)\\b");
    private static final Pattern WHEN = Pattern.compile(
            "\\b(before (?:you |they |we )?(?:close|closing|sale|buying|you buy|escrow closes|winter|digging)|(?:every|each) (?:other )?(?:\\w+ )?(?:years?|months?|spring|fall)|yearly|annually|once a year|twice a year|regular(?:ly)?|(?:with ?in|w / in|inside of) (?:a |the |one |two |three |\\d+ )?(?:years?|months?|weeks?)|right away|as soon as possible|asap|now|soon|this (?:year|spring|summer|fall|winter)|next (?:year|spring|summer|fall|winter|month)|when it backs up)\\b");
    private static final Pattern VERDICT = Pattern.compile(
            "\\b(?:it|line|pipe|sewer|this|everything|the whole thing) (?:works|drains|functions|is functioning|is functional|is working|passes|fails|is serviceable|is in (?:real |really |pretty |very |fairly |quite )?(?:good|fair|poor|decent|bad|great) (?:shape|condition))\\b|\\b(?:overall|all in all|in general|bottom line)\\b.*\\b(?:good|fair|poor|bad|fine|ok|okay|decent|functional|functioning|serviceable|shape|condition|works)\\b"
                    + "|\\bno (?:opinion|verdict|judgment|call)\\b|\\b(?:cant|cannot|wont|not going to) (?:judge|call|pass judgment|give an opinion|say anything about)\\b|\\bfunction(?:ing|al) (?:with|but|as|,)\\b|\\b(?:cant|cannot|couldnt|could not|wont|wouldnt|would not) pass (?:this|the|that|her|his|their) (?:line|sewer|lateral|system|pipe)\\b(?! at| here)|^functional\\b|^functioning\\b|^(?:pass|fail|serviceable|works)\\b");
    private static final Pattern ORDER = Pattern.compile(
            "(?:^|[,;.] )(?:clean|jet|snake|reline|line|replace|repair|dig|monitor|watch|descale)(?: it)? (?:yearly|annually|every|regularly|soon|now|asap|once|twice|in|right away)\\b");
    private static final Pattern TILL = Pattern.compile(
            "\\b(?:till|until|unless|before) (?:its |it is |the line is |they |you |we )*(?:cleaned|jetted|cleared|snaked|scoped|recammed|clean)\\b");
    private static final Pattern AGAIN = Pattern.compile(
            "\\b(?:recammed|recamera\\w*|re camera\\w*|camera (?:it )?again|camerad again|look again|looked at again|scoped? again|rescoped?|re scoped?|reinspect\\w*|re inspect\\w*|second look|cam it again|recam)\\b");
    private static final Map<String, Pattern> WORK = new LinkedHashMap<>();

    static {
        WORK.put(
                "clean",
                Pattern.compile(
                        "\\b(?:clean|cleaned|cleaning|jet|jetted|jetting|snake|snaked|snaking|cabled|cabling|maintenance|cleared|rodded|hydro jet\\w*|descal\\w+|flushed out|service)\\b"));
        WORK.put("dig", Pattern.compile("\\b(?:dig|dug|digging|excavat\\w+)\\b"));
        WORK.put(
                "line",
                Pattern.compile("\\b(?:line (?:it|this|that)(?! (?:is|was|has))|lined|lining|relin\\w+|liner)\\b"));
        WORK.put("replace", Pattern.compile("\\b(?:replac\\w+|new (?:pipe|line|sewer))\\b"));
        WORK.put("repair", Pattern.compile("\\b(?:repair\\w*|fix\\w*|mend\\w*)\\b"));
        WORK.put(
                "opening",
                Pattern.compile(
                        "\\b(?:install|add|put in|put a|put another|putting in|adding|installing)\\b.*\\b(?:cleanout|opening)\\b"));
        WORK.put("watch", Pattern.compile("\\b(?:watch|monitor\\w*|keep an eye)\\b"));
        WORK.put("root killer", Pattern.compile("\\b(?:root killer|foam\\w*)\\b"));
    }

    @Override
    public void read(Sense sense) {
        Optional<Sense.Match> leave = sense.find(LEAVE);
        if (leave.isPresent()) {
            sense.drop(c -> !c.isCondition() || !sense.has(Meaning.Place.class));
            advice(sense, leave.get().first()).say(Detail.ASKS, "leave alone");
            return;
        }
        Optional<Sense.Match> verdict = sense.find(VERDICT)
                .filter(m -> sense.typed() || !sense.found().stream().anyMatch(Candidate::isCondition));
        if (verdict.isPresent() && !sense.has(Meaning.Place.class)) {
            sense.drop(Candidate::isCondition);
        }
        Optional<Sense.Match> till = sense.find(TILL);
        boolean orders = sense.typed()
                && (sense.says(ORDER)
                        || sense.says(AGAIN) && (work(sense).isPresent() || sense.has(Meaning.Time.class)));
        boolean asks = orders
                || sense.find(HAVE).isPresent()
                || sense.says(WANTS)
                || sense.says(DUE)
                || till.isPresent() && sense.says(AGAIN);
        boolean plan = sense.text().matches("(?:tomorrow|todo|plan|bring|next time)\\b.*");
        if (asks && !plan && !sense.any(FindingKind.ADVICE, FindingKind.CLEANED)) {
            sense.find(HAVE)
                    .or(() -> sense.find(WANTS))
                    .or(() -> sense.find(DUE))
                    .or(() -> till)
                    .or(() -> sense.find(ORDER))
                    .or(() -> sense.find(AGAIN))
                    .filter(m -> work(sense).isPresent() || sense.says(AGAIN))
                    .ifPresent(m -> advice(sense, m.first()));
        }
        verdict.ifPresent(m -> {
            sense.drop(FindingKind.LIMIT, FindingKind.REMARK);
            sense.add(FindingKind.VERDICT, m.first());
        });
        sense.first(FindingKind.ADVICE).ifPresent(a -> detail(sense, a));
    }

    private static Candidate advice(Sense sense, int at) {
        return sense.first(FindingKind.ADVICE).orElseGet(() -> sense.add(FindingKind.ADVICE, at));
    }

    private static void detail(Sense sense, Candidate advice) {
        Optional<String> work = work(sense);
        boolean again = sense.says(AGAIN);
        String asks = work.map(w -> again ? w + " and look again" : w).orElse(again ? "look again" : "");
        if (!asks.isBlank()) {
            advice.say(Detail.ASKS, asks);
        }
        sense.find(HAVE)
                .or(() -> sense.find(WHO))
                .ifPresent(m -> sense.sayWords(advice, Detail.WHO, m.has(1) ? m.group(1) : m.group(2), m));
        int time = sense.next(0, Meaning.Time.class);
        Optional<Sense.Match> when = sense.find(WHEN);
        if (when.isPresent()) {
            String text = when.get()
                    .group(1)
                    .replaceAll("^before (?:you |they |we )?close$", "before closing")
                    .replaceAll("^regular$", "regularly");
            sense.say(advice, Detail.WHEN, text, when.get());
        } else if (time >= 0) {
            Meaning.Time t = sense.parts().as(time, Meaning.Time.class).orElseThrow();
            advice.say(
                            Detail.WHEN,
                            (t.value() == Math.rint(t.value())
                                            ? String.valueOf((long) t.value())
                                            : String.valueOf(t.value()))
                                    + " " + t.unit())
                    .understanding(Detail.WHEN, time, time);
        }
    }

    private static Optional<String> work(Sense sense) {
        return WORK.entrySet().stream()
                .filter(e -> e.getValue()
                        .matcher(sense.text().replaceAll("\\bno (?:dig|digging)\\b", ""))
                        .find())
                .map(Map.Entry::getKey)
                .findFirst();
    }
}
