package hitch.core.exchange;

import static hitch.core.exchange.JsonRow.feet;
import static hitch.core.exchange.JsonRow.row;

import hitch.core.finding.FindingId;
import hitch.core.finding.LocatedFinding;
import hitch.core.judge.Judgement;
import hitch.core.judge.age.Age;
import hitch.core.judge.ask.Ask;
import hitch.core.judge.matter.Matter;
import hitch.core.judge.money.Cost;
import hitch.core.judge.plan.Plan;
import hitch.core.judge.question.Question;
import hitch.core.judge.remedy.Caution;
import hitch.core.judge.remedy.Reason;
import hitch.core.judge.remedy.Remedy;
import hitch.core.judge.verdict.Verdict;
import hitch.core.judge.visit.Change;
import hitch.core.judge.visit.Compared;
import hitch.core.line.GroundMark.Surface;
import hitch.core.measure.Extent;
import hitch.core.measure.Range;
import hitch.core.pipe.PipeSize;
import hitch.core.survey.Survey;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** What a job comes to as JSON: verdict, matters, asks with every way to meet them, questions, plans. Lengths and depths are feet. */
public final class JudgementJson {
    private static final JsonMapper MAPPER =
            JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

    private final Survey survey;
    private final Judgement judged;

    private JudgementJson(Survey survey, Judgement judged) {
        this.survey = survey;
        this.judged = judged;
    }

    public static String write(Survey survey, Judgement judged) {
        return MAPPER.writeValueAsString(new JudgementJson(survey, judged).all());
    }

    private Map<String, Object> all() {
        Map<String, Object> root = new LinkedHashMap<>();
        root.put("property", survey.facts().title());
        root.put("visited", survey.facts().inspectedOn());
        root.put("verdict", verdict(judged.verdict()));
        root.put(
                "seen",
                row(
                        "enough", judged.seen().isEnough(),
                        "owners_share", Math.round(1000 * judged.seen().share()) / 1000.0,
                        "why", judged.seen().why()));
        root.put("asks", judged.asks().stream().map(this::ask).toList());
        root.put("matters", judged.matters().stream().map(this::matter).toList());
        root.put("notes", judged.notes());
        root.put("ages", judged.ages().stream().map(this::age).toList());
        root.put("questions", judged.questions().stream().map(this::question).toList());
        root.put("plans", judged.plans().stream().map(JudgementJson::plan).toList());
        root.put("beside", judged.beside().stream().map(this::beside).toList());
        root.put("estimate", Cost.NO_OFFER);
        return root;
    }

    private static Map<String, Object> verdict(Verdict v) {
        Map<String, Object> row = row(
                "school", v.school().word(),
                "comes_to", v.grade().word(),
                "judged", v.isJudged(),
                "functioning_claimed", v.functioning(),
                "words", v.words(),
                "proposed", v.statement(),
                "overtaken", v.overtaken(),
                "reasons", v.reasons(),
                "not_seen", v.notSeen(),
                "would_change", v.wouldChange());
        v.passes().ifPresent(p -> row.put("passes", p));
        return row;
    }

    private Map<String, Object> ask(Ask a) {
        Map<String, Object> row = row(
                "id", a.id(),
                "text", a.text(),
                "about", a.title(),
                "when", a.when().word(),
                "soon", a.soon(),
                "weight", a.weight().word(),
                "knots", a.weight().knots(),
                "who", a.who().word());
        a.due().ifPresent(d -> row.put("due", d.toString()));
        row.put("standing", a.standing().state());
        if (!a.why().isBlank()) {
            row.put("why", a.why());
        }
        if (a.overtaken()) {
            row.put("overtaken", true);
        }
        row.put(
                "themes",
                a.matters().stream().map(m -> m.theme().word()).distinct().toList());
        row.put("findings", a.findings().stream().map(FindingId::value).toList());
        a.remedy().ifPresent(r -> row.put("remedy", remedy(r, a)));
        row.put(
                "options",
                a.options().stream()
                        .filter(o -> a.remedy()
                                .filter(r -> r.work().equals(o.work()))
                                .isEmpty())
                        .map(o -> remedy(o, a))
                        .toList());
        return row;
    }

    private Map<String, Object> remedy(Remedy r, Ask ask) {
        Map<String, Object> row = row("work", r.work().key(), "title", r.work().title(), "text", r.sentence());
        if (!r.work().methods().isEmpty()) {
            row.put("methods", r.work().methods().stream().map(m -> m.word()).toList());
        }
        r.extent().ifPresent(e -> {
            row.put(
                    "place",
                    survey.line().place(r.branch(), e, survey.facts().unit()).all());
            row.put("from_ft", JsonRow.station(survey.line(), e.from()));
            row.put("to_ft", JsonRow.station(survey.line(), e.to()));
        });
        row.put("length_ft", feet(r.length()));
        r.depth().ifPresent(d -> row.put("depth_ft", range(d)));
        row.put("cover", r.cover().stream().map(Surface::word).toList());
        row.put("bends", r.bends());
        row.put("sizes", r.sizes().stream().map(PipeSize::show).toList());
        row.put("because", r.because().stream().map(JudgementJson::reason).toList());
        row.put("unless", r.unless());
        row.put("clears", r.clears());
        row.put("leaves", r.leaves());
        row.put("first", r.first());
        row.put("cautions", r.cautions().stream().map(Caution::text).toList());
        row.put("cost", cost(r.cost(), ask));
        r.lasts().ifPresent(l -> row.put("lasts_years", range(l)));
        r.nextMonths().ifPresent(n -> row.put("next_months", n));
        r.occasion().ifPresent(o -> row.put("occasion", o));
        r.fallback().ifPresent(f -> row.put("fallback", f));
        return row;
    }

    private static Map<String, Object> cost(Cost cost, Ask ask) {
        Map<String, Object> row = new LinkedHashMap<>();
        cost.money().ifPresent(m -> {
            row.put("from", m.low());
            row.put("to", m.high());
            row.put("words", cost.words().orElse(""));
            row.put("lines", cost.lines());
        });
        if (!cost.unpriced().isBlank()) {
            row.put("not_priced", cost.unpriced());
        } else {
            ask.remedy()
                    .filter(r -> r.cost() != cost)
                    .ifPresent(r -> row.put("against_the_one_taken", cost.against(r.cost())));
        }
        return row;
    }

    private static Map<String, Object> reason(Reason r) {
        Map<String, Object> row = row("text", r.text(), "source", r.source().word());
        if (!r.findings().isEmpty()) {
            row.put("findings", r.findings().stream().map(FindingId::value).toList());
        }
        if (!r.rule().isBlank()) {
            row.put("rule", r.rule());
        }
        return row;
    }

    private Map<String, Object> matter(Matter m) {
        Map<String, Object> row = row(
                "theme",
                m.theme().word(),
                "title",
                m.title(),
                "weight",
                m.weight().word());
        m.extent().ifPresent(e -> row.put("place", place(m.branch(), e)));
        row.put("owners", m.owners());
        row.put("sure", m.certainty().word());
        row.put("findings", ids(m.findings()));
        row.put("brings_about", ids(m.effects()));
        m.worst().ifPresent(f -> row.put("worst", f.finding().id().value()));
        return row;
    }

    private static List<String> ids(List<LocatedFinding> findings) {
        return findings.stream().map(f -> f.finding().id().value()).toList();
    }

    private Map<String, Object> age(Age a) {
        return row(
                "place", place(a.branch(), a.span().extent()),
                "material", a.material().word(),
                "original",
                        a.original().name().toLowerCase(java.util.Locale.ROOT).replace('_', ' '),
                "laid", range(a.laid()),
                "years_left", range(a.left()),
                "words", a.words());
    }

    private Map<String, Object> question(Question q) {
        Map<String, Object> row = row(
                "id", q.id(),
                "kind", q.kind().word(),
                "text", q.text(),
                "state", q.answer().kind().word());
        q.finding().ifPresent(f -> row.put("finding", f.value()));
        return row;
    }

    private static Map<String, Object> plan(Plan p) {
        Map<String, Object> row = row("plan", p.kind().word());
        row.put(
                "by",
                Plan.STOPS.stream()
                        .map(y -> {
                            Map<String, Object> by = row("years", y, "visits", p.visitsBy(y), "digs", p.digsBy(y));
                            p.spentBy(y).ifPresent(s -> by.put("spent", range(s)));
                            return by;
                        })
                        .toList());
        row.put("leaves", p.unsolved());
        row.put(
                "events",
                p.events().stream()
                        .map(e -> row("years", range(e.at()), "what", e.what()))
                        .toList());
        return row;
    }

    private Map<String, Object> beside(Compared c) {
        return row(
                "visit",
                c.visit().when(),
                "title",
                c.visit().title(),
                "shift_ft",
                feet(new hitch.core.measure.Distance(c.shift())),
                "changes",
                c.changes().stream().map(this::change).toList());
    }

    private Map<String, Object> change(Change c) {
        Map<String, Object> row = row("what", c.kind().word(), "words", c.words());
        c.now().ifPresent(f -> row.put("finding", f.finding().id().value()));
        Optional<Extent> at = c.now().flatMap(LocatedFinding::extent);
        c.now()
                .flatMap(f -> at)
                .ifPresent(e -> row.put("place", place(c.now().get().branch(), e)));
        c.then().ifPresent(t -> row.put("then", t.words()));
        return row;
    }

    private String place(String branch, Extent extent) {
        return survey.line().place(branch, extent, survey.facts().unit()).all();
    }

    private static List<Double> range(Range r) {
        return List.of(Math.round(100 * r.low()) / 100.0, Math.round(100 * r.high()) / 100.0);
    }
}
