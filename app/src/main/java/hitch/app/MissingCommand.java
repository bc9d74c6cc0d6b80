package hitch.app;

import hitch.core.job.Job;
import hitch.core.judge.Judge;
import hitch.core.judge.missing.Missing;
import hitch.core.survey.Reckoner;
import hitch.core.survey.Survey;
import hitch.media.MediaException;
import hitch.store.Footage;
import hitch.store.JobFolder;
import hitch.store.StoreException;
import java.io.PrintWriter;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

@Command(
        name = "missing",
        description = {
            "Tells what is still to be filmed, run, marked or asked before the van leaves, by the record so far.",
            "What nobody looked through yet counts as shown well; ./hitch take-in looks through it."
        },
        footer = {"", "Example:", "  ./hitch missing ~/jobs/elm-street", "  ./hitch missing demo --json"},
        mixinStandardHelpOptions = true)
final class MissingCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Parameters(index = "0", paramLabel = "JOB", description = "Job folder, or demo for a fresh demo job.")
    private String job;

    @Option(names = "--json", description = "As JSON: about, todo, why and finding of each.")
    private boolean json;

    @Override
    public Integer call() throws StoreException, MediaException {
        try (JobFolder folder = Jobs.open(job, spec.commandLine().getErr())) {
            Job now = folder.job();
            Survey survey = HandingOver.heard(Reckoner.survey(now, new Footage(folder.folder()).watched(now)), now);
            List<Missing> missing = Missing.of(survey, Judge.judge(survey));
            PrintWriter out = spec.commandLine().getOut();
            if (json) {
                List<Map<String, Object>> rows = new ArrayList<>();
                missing.forEach(m -> {
                    Map<String, Object> row = new LinkedHashMap<>();
                    row.put("about", m.about());
                    row.put("todo", m.todo());
                    row.put("why", m.why());
                    row.put("finding", m.finding().map(f -> f.value()).orElse(null));
                    rows.add(row);
                });
                out.println(JsonMapper.builder()
                        .enable(SerializationFeature.INDENT_OUTPUT)
                        .build()
                        .writeValueAsString(rows));
            } else if (missing.isEmpty()) {
                out.println("Nothing is missing by what is on record.");
            } else {
                for (int i = 0; i < missing.size(); i++) {
                    out.println((i + 1) + ". " + missing.get(i).words());
                }
            }
            out.flush();
        }
        return 0;
    }
}
