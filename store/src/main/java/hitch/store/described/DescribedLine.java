package hitch.store.described;

import hitch.core.decide.Decision;
import hitch.core.decide.EarlierVisit;
import hitch.core.finding.Finding;
import hitch.core.finding.FindingId;
import hitch.core.finding.FindingKind;
import hitch.core.finding.Traits;
import hitch.core.footage.FrameRef;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.job.PropertyFacts;
import hitch.core.judge.visit.Compared;
import hitch.core.line.LineFacts;
import hitch.core.measure.LengthUnit;
import hitch.core.note.Draft;
import hitch.core.note.grammar.TradeNoteReader;
import hitch.core.run.Run;
import hitch.core.survey.Reckoner;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.snakeyaml.engine.v2.api.Dump;
import org.snakeyaml.engine.v2.api.DumpSettings;
import org.snakeyaml.engine.v2.api.LoadSettings;
import org.snakeyaml.engine.v2.api.lowlevel.Compose;
import org.snakeyaml.engine.v2.common.FlowStyle;
import org.snakeyaml.engine.v2.exceptions.MarkedYamlEngineException;
import org.snakeyaml.engine.v2.exceptions.YamlEngineException;
import org.snakeyaml.engine.v2.nodes.Node;

/** A whole record as one text that people write by hand: the visit, the runs, the line, the findings. Footage may be missing. */
public final class DescribedLine {
    /** Described lines of what earlier visits found. */
    private static final String EARLIER = "earlier";

    private static final List<String> PARTS =
            List.of("hitch", "job", "line", "runs", "findings", "photographs", EARLIER);
    private static final String FORMAT = "described line 1";

    private DescribedLine() {}

    /** The record of a job; reading it back gives the same. */
    public static String write(Job job) {
        Map<String, Object> root = new LinkedHashMap<>();
        root.put("hitch", FORMAT);
        root.put("job", JobForms.facts().write(job.facts()));
        Map<String, Object> line = LineForms.LINE.write(job.line());
        if (!line.isEmpty()) {
            root.put("line", line);
        }
        root.put("runs", job.runs().stream().map(RunForms.RUN::write).toList());
        List<Map<String, Object>> findings = new ArrayList<>();
        for (Finding finding : job.findings()) {
            Map<String, Object> written = new LinkedHashMap<>();
            written.put("id", finding.id().value());
            if (RunForms.isSaid(finding.frame().clip())) {
                written.put(
                        "run", job.runOf(finding.frame().clip()).map(Run::name).orElse(RunForms.NONE));
            }
            written.putAll(FindingForms.FINDING.write(finding));
            if (!written.containsKey("footage") && finding.frame().pts() != moment(findings.size() + 1)) {
                written.put("footage", FindingForms.frame(finding.frame()));
            }
            findings.add(written);
        }
        root.put("findings", findings);
        if (!job.photos().isEmpty()) {
            root.put("photographs", PhotoForms.write(job.photos()));
        }
        return new Dump(DumpSettings.builder()
                        .setDefaultFlowStyle(FlowStyle.BLOCK)
                        .setWidth(120)
                        .build())
                .dumpToString(root);
    }

    /**
     * The edits that make the described record in an empty job.
     *
     * @throws DescribedException where it cannot be read, with line and column and what was meant
     */
    public static List<Edit> read(String yaml) throws DescribedException {
        return read(new Value(tree(yaml)));
    }

    private static List<Edit> read(Value root) throws DescribedException {
        Map<String, Value> parts = root.map();
        for (String key : parts.keySet()) {
            if (!PARTS.contains(key)) {
                throw root.wrongKey(key, "a described line has no \"" + key + "\"; it has " + String.join(", ", PARTS));
            }
        }
        Value format = parts.get("hitch");
        if (format != null && !format.text().equals(FORMAT)) {
            throw format.wrong("\"" + format.text() + "\" is no format that is known; it is \"" + FORMAT + "\"");
        }
        List<Edit> edits = new ArrayList<>();
        PropertyFacts facts = parts.containsKey("job")
                ? JobForms.facts().read(parts.get("job"), PropertyFacts.BLANK)
                : PropertyFacts.BLANK;
        edits.add(new Edit.DescribeProperty(facts));
        if (parts.containsKey("line")) {
            edits.add(new Edit.DescribeLine(LineForms.LINE.read(parts.get("line"), LineFacts.NONE)));
        }
        List<Run> runs = new ArrayList<>();
        if (parts.containsKey("runs")) {
            for (Value value : parts.get("runs").list()) {
                Run run = RunForms.RUN.read(value, RunForms.blank());
                Run whole = RunForms.withFootage(run);
                if (runs.stream().anyMatch(r -> r.name().equals(whole.name()) || r.id().equals(whole.id()))) {
                    throw value.wrong("two runs are called \"" + whole.name() + "\"");
                }
                runs.add(whole);
                edits.add(new Edit.PutRun(whole));
            }
        }
        if (parts.containsKey("findings")) {
            List<Value> written = parts.get("findings").list();
            Set<String> taken = ids(written);
            int number = 1;
            for (Value value : written) {
                for (Finding finding : findings(value, runs, facts.unit(), number, taken)) {
                    edits.add(new Edit.AddFinding(finding));
                    number++;
                }
            }
        }
        if (parts.containsKey("photographs")) {
            edits.addAll(PhotoForms.read(parts.get("photographs")));
        }
        if (parts.containsKey(EARLIER)) {
            int number = 1;
            for (Value value : parts.get(EARLIER).list()) {
                edits.add(new Edit.Decide(new Decision.Beside(earlier(value, number++))));
            }
        }
        return edits;
    }

    /** What an earlier visit found, written as a described line of its own. */
    private static EarlierVisit earlier(Value value, int number) throws DescribedException {
        Job then = Job.EMPTY;
        for (Edit edit : read(value)) {
            then = then.with(edit);
        }
        EarlierVisit visit = Compared.visit(EARLIER + " " + number, Reckoner.survey(then));
        if (visit.found().isEmpty()) {
            throw value.wrong("an earlier visit needs a run and a finding with a place on it");
        }
        return visit;
    }

    private static Node tree(String yaml) throws DescribedException {
        try {
            Optional<Node> node = new Compose(LoadSettings.builder().build()).composeString(yaml);
            return node.orElseThrow(() -> new DescribedException(1, 1, "there is nothing in it"));
        } catch (MarkedYamlEngineException e) {
            throw new DescribedException(
                    e.getProblemMark().map(m -> m.getLine() + 1).orElse(1),
                    e.getProblemMark().map(m -> m.getColumn() + 1).orElse(1),
                    "this is no YAML: " + e.getProblem());
        } catch (YamlEngineException e) {
            throw new DescribedException(1, 1, "this is no YAML: " + e.getMessage());
        }
    }

    /** When a finding without footage was marked: one after the other, in the ticks of footage that there is none of. */
    private static long moment(int number) {
        return number * 1000L;
    }

    /** The ids that findings were given by hand. */
    private static Set<String> ids(List<Value> findings) throws DescribedException {
        Set<String> ids = new HashSet<>();
        for (Value finding : findings) {
            Value id = finding.map().get("id");
            if (id != null) {
                ids.add(id.text());
            }
        }
        return ids;
    }

    /** An id that nobody else has: the number, or the next that is free. */
    private static FindingId free(int number, Set<String> taken) {
        int next = number;
        while (!taken.add("F" + next)) {
            next++;
        }
        return new FindingId("F" + next);
    }

    /** A finding; where only its words were written, they are read as a note is, and as many findings as they tell of are made. */
    private static List<Finding> findings(Value value, List<Run> runs, LengthUnit unit, int number, Set<String> taken)
            throws DescribedException {
        Map<String, Value> parts = value.map();
        Optional<Run> run = Optional.empty();
        if (parts.containsKey("run")) {
            Value named = parts.get("run");
            String name = named.text();
            run = name.equals(RunForms.NONE)
                    ? Optional.empty()
                    : Optional.of(runs.stream()
                            .filter(r -> r.name().equals(name))
                            .findFirst()
                            .orElseThrow(() -> named.wrong("there is no run \"" + name + "\"; there is "
                                    + String.join(
                                            ", ", runs.stream().map(Run::name).toList()))));
        } else if (!parts.containsKey("footage") && runs.size() == 1) {
            run = Optional.of(runs.getFirst());
        }
        FrameRef frame = new FrameRef(
                run.map(r -> RunForms.said(r.id())).orElseGet(() -> RunForms.said(new hitch.core.run.RunId("none"))),
                moment(number));
        FindingId id = parts.containsKey("id") ? new FindingId(parts.get("id").text()) : free(number, taken);
        Finding start = new Finding(
                id, FindingKind.REMARK, frame, Optional.empty(), Traits.NONE, "", "", Optional.empty(), List.of());
        if (!parts.containsKey("kind")) {
            if (!parts.containsKey("says")) {
                throw value.wrong(
                        "a finding needs its kind, or what it says: kind: roots, or says: roots top heavy 31.4");
            }
            List<Draft> drafts =
                    new TradeNoteReader().read(parts.get("says").text(), unit).drafts();
            start = drafts.getFirst().at(start.id(), frame, run);
            List<Finding> all = new ArrayList<>(List.of(FindingForms.FINDING.read(value, start)));
            for (Draft more : drafts.subList(1, drafts.size())) {
                int next = number + all.size();
                all.add(more.at(free(next, taken), new FrameRef(frame.clip(), moment(next)), run));
            }
            return all;
        }
        return List.of(FindingForms.FINDING.read(value, start));
    }
}
