package hitch.app;

import hitch.core.decide.Decision;
import hitch.core.exchange.JudgementJson;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.judge.Judge;
import hitch.core.judge.Judgement;
import hitch.core.judge.ask.Ask;
import hitch.core.judge.plan.Plan;
import hitch.core.judge.question.Question;
import hitch.core.judge.remedy.Caution;
import hitch.core.judge.remedy.Reason;
import hitch.core.judge.remedy.Remedy;
import hitch.core.judge.visit.Change;
import hitch.core.judge.visit.Compared;
import hitch.core.survey.Reckoner;
import hitch.core.survey.Survey;
import hitch.media.MediaException;
import hitch.store.Footage;
import hitch.store.JobFolder;
import hitch.store.StoreException;
import java.io.PrintWriter;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
        name = "judge",
        description = {
            "Tells what a job comes to by the house rules: the verdict, what to do in order, why, and what is still open.",
            "A reviewer's opinion of the inside of a pipe; local codes and licensed trades decide."
        },
        footer = {"", "Example:", "  ./hitch judge demo --json"},
        mixinStandardHelpOptions = true)
final class JudgeCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Parameters(index = "0", paramLabel = "JOB", description = "Job folder, or demo for a fresh demo job.")
    private String job;

    @Option(names = "--json", description = "All of it as JSON, with every way to meet each matter.")
    private boolean json;

    @Option(
            names = "--beside",
            paramLabel = "JOB",
            description = "An earlier visit of the same property, to be held against this one; nothing is kept of it.")
    private List<String> beside = new ArrayList<>();

    @Override
    public Integer call() throws StoreException, MediaException {
        List<Edit> laid = new ArrayList<>();
        for (String other : beside) {
            try (JobFolder folder = Jobs.open(other, spec.commandLine().getErr())) {
                laid.add(new Edit.Decide(new Decision.Beside(Compared.visit(
                        folder.id().map(java.util.UUID::toString).orElse(other), survey(folder, List.of())))));
            }
        }
        try (JobFolder folder = Jobs.open(job, spec.commandLine().getErr())) {
            Survey survey = survey(folder, laid);
            Judgement judged = Judge.judge(survey);
            PrintWriter out = spec.commandLine().getOut();
            if (json) {
                out.println(JudgementJson.write(survey, judged));
            } else {
                tell(judged, out);
            }
            out.flush();
        }
        return 0;
    }

    private static Survey survey(JobFolder folder, List<Edit> more) throws MediaException {
        Job job = folder.job();
        for (Edit edit : more) {
            job = job.with(edit);
        }
        return HandingOver.heard(Reckoner.survey(job, new Footage(folder.folder()).watched(job)), job);
    }

    private static void tell(Judgement judged, PrintWriter out) {
        out.println(judged.verdict().words());
        judged.verdict().reasons().forEach(r -> out.println("  " + r));
        out.println("would change it:");
        judged.verdict().wouldChange().forEach(c -> out.println("  " + c));
        for (Ask ask : judged.asks()) {
            out.println();
            out.println(ask.soon() + ", " + ask.who().word()
                    + ask.due().map(d -> ", by " + d).orElse("")
                    + (ask.isDeclined() ? ", declined" : "") + ": " + ask.text());
            ask.remedy().ifPresent(r -> tell(r, out));
            ask.options().stream()
                    .filter(o ->
                            ask.remedy().filter(r -> r.work().equals(o.work())).isEmpty())
                    .forEach(o -> out.println("  or: " + o.work().title() + ", "
                            + o.cost()
                                    .words()
                                    .orElse(ask.remedy()
                                            .map(r -> o.cost().against(r.cost()))
                                            .orElse(""))));
        }
        tell("worth knowing:", judged.notes(), out);
        tell("still open:", judged.open().stream().map(Question::text).toList(), out);
        for (Plan plan : judged.plans()) {
            out.println();
            out.println(plan.kind().title() + ":");
            for (int years : Plan.STOPS) {
                out.println(
                        "  by year " + years + ": " + plan.visitsBy(years) + " visits, " + plan.digsBy(years) + " digs"
                                + plan.spentBy(years)
                                        .map(s -> String.format(
                                                java.util.Locale.ROOT,
                                                ", %s%,.0f to %,.0f",
                                                plan.currency(),
                                                s.low(),
                                                s.high()))
                                        .orElse(""));
            }
            if (!plan.unsolved().isEmpty()) {
                out.println("  leaves: " + String.join(", ", plan.unsolved()));
            }
        }
        for (Compared compared : judged.beside()) {
            out.println();
            out.println("since " + compared.visit().when() + ":");
            compared.changes().stream()
                    .filter(c -> c.kind() != Change.Kind.SAME)
                    .forEach(c -> out.println("  " + c.kind().word() + ": " + c.words()));
        }
    }

    private static void tell(Remedy remedy, PrintWriter out) {
        for (Reason reason : remedy.because()) {
            out.println("  because: " + reason.text());
        }
        remedy.unless().forEach(u -> out.println("  unless: " + u));
        remedy.first().forEach(f -> out.println("  first: " + f));
        remedy.cautions().stream().map(Caution::text).forEach(c -> out.println("  caution: " + c));
        remedy.occasion().ifPresent(o -> out.println("  best " + o));
        remedy.fallback().ifPresent(f -> out.println("  " + f));
        remedy.cost().words().ifPresent(c -> out.println("  cost: " + c));
        if (!remedy.cost().unpriced().isBlank()) {
            out.println("  " + remedy.cost().unpriced());
        }
    }

    private static void tell(String title, List<String> lines, PrintWriter out) {
        if (!lines.isEmpty()) {
            out.println();
            out.println(title);
            lines.forEach(l -> out.println("  " + l));
        }
    }
}
