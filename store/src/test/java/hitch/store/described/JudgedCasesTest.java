package hitch.store.described;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.exchange.JudgementJson;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.judge.Judge;
import hitch.core.judge.Judgement;
import hitch.core.judge.ask.Ask;
import hitch.core.judge.matter.Theme;
import hitch.core.judge.remedy.Remedy;
import hitch.core.measure.Range;
import hitch.core.rules.Method;
import hitch.core.rules.Price;
import hitch.core.rules.PriceBook;
import hitch.core.survey.Reckoner;
import hitch.core.survey.Survey;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;
import org.snakeyaml.engine.v2.api.Dump;
import org.snakeyaml.engine.v2.api.DumpSettings;
import org.snakeyaml.engine.v2.api.Load;
import org.snakeyaml.engine.v2.api.LoadSettings;

/** Worked cases: what is known of a line, and what a careful reviewer makes of it. */
class JudgedCasesTest {
    private static final String FOLDER = "/hitch/store/judged/";

    @TestFactory
    Stream<DynamicTest> first() throws IOException {
        return cases("first.yaml");
    }

    /** Written after the rules stood. */
    @TestFactory
    Stream<DynamicTest> second() throws IOException {
        return cases("second.yaml");
    }

    @SuppressWarnings("unchecked")
    private static Stream<DynamicTest> cases(String file) throws IOException {
        try (InputStream in = JudgedCasesTest.class.getResourceAsStream(FOLDER + file)) {
            List<Map<String, Object>> all =
                    (List<Map<String, Object>>) new Load(LoadSettings.builder().build()).loadFromInputStream(in);
            return all.stream().map(c -> DynamicTest.dynamicTest((String) c.get("case"), () -> holds(c)));
        }
    }

    private static void holds(Map<String, Object> one) throws DescribedException {
        Survey survey = survey(one);
        Judgement judged = Judge.judge(survey);
        List<String> wrong = new ArrayList<>();
        expect(one, "comes to", judged.verdict().grade().word(), wrong);
        if (one.containsKey("asks")) {
            expect(
                    one,
                    "asks",
                    judged.asks().stream().map(JudgedCasesTest::words).toList(),
                    wrong);
        }
        List<Remedy> taken =
                judged.asks().stream().flatMap(a -> a.remedy().stream()).toList();
        List<String> methods = taken.stream()
                .flatMap(r -> r.work().methods().stream())
                .map(m -> m.name().toLowerCase(Locale.ROOT))
                .toList();
        String all = JudgementJson.write(survey, judged).toLowerCase(Locale.ROOT);
        if (one.containsKey("method") && !methods.contains(one.get("method"))) {
            wrong.add("method " + one.get("method") + ", not " + methods);
        }
        for (Object never : list(one, "never")) {
            boolean asked = methods.contains(never)
                    || taken.stream().anyMatch(r -> r.work().key().equals(never));
            if (asked) {
                wrong.add("never " + never);
            }
        }
        String cautions = taken.stream()
                .flatMap(r -> r.cautions().stream())
                .map(c -> c.text())
                .toList()
                .toString();
        list(one, "cautions").stream()
                .filter(c -> !cautions.contains((String) c))
                .forEach(c -> wrong.add("caution " + c));
        list(one, "says also").stream().filter(c -> !all.contains((String) c)).forEach(c -> wrong.add("says " + c));
        String first = taken.stream()
                .flatMap(r -> r.first().stream())
                .toList()
                .toString()
                .toLowerCase(Locale.ROOT);
        list(one, "first").stream().filter(c -> !first.contains((String) c)).forEach(c -> wrong.add("first " + c));
        list(one, "first not").stream()
                .filter(c -> first.contains((String) c))
                .forEach(c -> wrong.add("first not " + c));
        String questions =
                judged.questions().stream().map(q -> q.kind().word()).toList().toString();
        list(one, "questions").stream()
                .filter(c -> !questions.contains((String) c))
                .forEach(c -> wrong.add("question " + c));
        if (one.containsKey("due")) {
            int months = Integer.parseInt(((String) one.get("due")).split(" ")[0]);
            if (taken.stream().noneMatch(r -> r.nextMonths().equals(Optional.of(months)))) {
                wrong.add("due in " + months + ", not "
                        + taken.stream().map(Remedy::nextMonths).toList());
            }
        }
        if (one.containsKey("claims")) {
            expect(one, "claims", judged.verdict().functioning() ? "yes" : "no", wrong);
        }
        if ("yes".equals(one.get("unpriced"))) {
            judged.asks().stream()
                    .flatMap(a -> a.options().stream())
                    .filter(r -> r.work().isRepair() && r.cost().money().isPresent())
                    .forEach(r -> wrong.add("priced " + r.work().key()));
        }
        assertThat(wrong).as(one.get("case") + "\n" + judged.verdict().words()).isEmpty();
    }

    private static void expect(Map<String, Object> one, String key, Object is, List<String> wrong) {
        if (one.containsKey(key) && !one.get(key).equals(is)) {
            wrong.add(key + " " + one.get(key) + ", not " + is);
        }
    }

    private static String words(Ask ask) {
        return ask.when().word() + " " + ask.remedy().orElseThrow().work().key() + ": "
                + String.join(
                        " and ",
                        ask.matters().stream()
                                .map(m -> m.theme())
                                .map(Theme::word)
                                .distinct()
                                .toList());
    }

    private static List<?> list(Map<String, Object> one, String key) {
        return (List<?>) one.getOrDefault(key, List.of());
    }

    /** The described line of a case: a run from an opening toward the main, unless it says otherwise. */
    @SuppressWarnings("unchecked")
    static Survey survey(Map<String, Object> one) throws DescribedException {
        Map<String, Object> root = new LinkedHashMap<>();
        Map<String, Object> job = new LinkedHashMap<>(Map.of("property", "9 Teasel Lane", "recorded", "2026-08-03"));
        job.putAll((Map<String, Object>) one.getOrDefault("job", Map.of()));
        root.put("job", job);
        Map<String, Object> line = new LinkedHashMap<>((Map<String, Object>) one.getOrDefault("line", Map.of()));
        Map<String, Object> opening = new LinkedHashMap<>(Map.of("kind", "two-way cleanout", "pipe", one.get("pipe")));
        if (one.containsKey("opening")) {
            String[] said = ((String) one.get("opening")).split(" in ", 2);
            opening.put("kind", said[1]);
            opening.put("pipe", said[0] + " in PVC");
            line.put("pipe", List.of(Map.of("at", "0 to 60 ft", "pipe", one.get("pipe"))));
        }
        if (!line.isEmpty()) {
            root.put("line", line);
        }
        root.put("runs", List.of(Map.of("name", "run", "opening", opening, "goes", "toward the main")));
        root.put(
                "findings",
                ((List<String>) one.get("says"))
                        .stream().map(JudgedCasesTest::finding).toList());
        String yaml = new Dump(DumpSettings.builder().build()).dumpToString(root);
        Job made = Job.EMPTY;
        for (Edit edit : DescribedLine.read(yaml)) {
            made = made.with(edit);
        }
        return Reckoner.survey(made.with(new Edit.SetRules(prices())));
    }

    /** {@code kind: roots; at: 20 ft} names fields; anything else is read as a note. */
    private static Map<String, Object> finding(String text) {
        if (!text.startsWith("kind:")) {
            return Map.of("says", text);
        }
        Map<String, Object> fields = new LinkedHashMap<>();
        Arrays.stream(text.split("; ")).forEach(f -> fields.put(f.split(": ", 2)[0], f.split(": ", 2)[1]));
        return fields;
    }

    /** A price for everything, so that what is not priced is left so on purpose. */
    private static PriceBook prices() {
        return new PriceBook(
                "$",
                Arrays.stream(Method.values())
                        .map(m -> new Price(
                                m,
                                m == Method.REPLACE || m == Method.RELINE,
                                Optional.empty(),
                                Optional.empty(),
                                Optional.empty(),
                                new Range(100, 200)))
                        .toList());
    }
}
