package hitch.app;

import hitch.core.exchange.ProposalsJson;
import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.note.grammar.TradeNoteReader;
import hitch.core.propose.Proposals;
import hitch.core.run.Run;
import hitch.media.MediaException;
import hitch.media.ears.Listener;
import hitch.media.ears.Listening;
import hitch.models.ModelFolder;
import hitch.store.DataFolder;
import hitch.store.Footage;
import hitch.store.JobFolder;
import hitch.store.StoreException;
import hitch.store.intake.ClipOrder;
import hitch.store.intake.ClipSteps;
import hitch.store.intake.FootageFiles;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
        name = "take-in",
        description = {
            "Takes a folder of footage into a job: looks it through, reads its counters, writes down what is said,",
            "and proposes runs with their reasons. The footage is only read. Begun again, it goes on where it was stopped."
        },
        footer = {
            "",
            "Example:",
            "  ./hitch take-in ~/footage/elm-street --into ~/jobs/elm-street",
            "  ./hitch take-in ~/footage/elm-street --into ~/jobs/elm-street --take --json"
        },
        mixinStandardHelpOptions = true)
final class TakeInCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Parameters(index = "0", paramLabel = "FOLDER", description = "Footage, or one clip; it is only read.")
    private Path folder;

    @Option(
            names = "--into",
            required = true,
            paramLabel = "JOB",
            description = "Job folder; made where there is none.")
    private Path into;

    @Option(names = "--take", description = "Take the runs that are proposed, too; each can be changed and undone.")
    private boolean take;

    @Option(names = "--no-listen", description = "Do not write down what is said; captions beside clips are taken.")
    private boolean deaf;

    @Option(names = "--no-eyes", description = "Do not look along the wall for places that stand out.")
    private boolean plain;

    @Option(names = "--json", description = "As JSON; docs/formats/take-in.md tells each field.")
    private boolean json;

    private final Map<String, String> missed = new LinkedHashMap<>();

    @Override
    public Integer call() throws StoreException, MediaException, IOException {
        if (!Files.exists(folder)) {
            throw new StoreException("There is nothing at " + folder + ". Nothing was taken in.");
        }
        List<Path> files = FootageFiles.among(List.of(folder)).stream()
                .filter(f -> !isTheJobsOwn(f))
                .toList();
        if (files.isEmpty()) {
            throw new StoreException("There is no footage and no photograph in " + folder + ". Nothing was taken in.");
        }
        boolean isNew = !Files.exists(into.resolve(JobFolder.JOURNAL));
        try (JobFolder job = isNew ? JobFolder.create(into) : JobFolder.open(into)) {
            Footage footage = new Footage(job.folder());
            index(files, job, footage);
            ClipSteps steps = new ClipSteps(footage, ears(), new TradeNoteReader(), !plain);
            for (Clip clip : job.job().clips()) {
                work(steps, clip, job);
            }
            Proposals proposals = steps.proposals(job.job());
            PrintWriter out = spec.commandLine().getOut();
            out.println(json ? ProposalsJson.write(job.job(), proposals, missed) : words(job.job(), proposals));
            if (take) {
                for (Proposals.ProposedRun run : proposals.runs()) {
                    for (Edit edit : run.edits(job.job())) {
                        job.apply(edit);
                    }
                }
            }
            out.flush();
        }
        return missed.isEmpty() ? 0 : 1;
    }

    /** Stills and films of a job that lies inside the folder are no footage. */
    private boolean isTheJobsOwn(Path file) {
        Path job = into.toAbsolutePath().normalize();
        Path from = folder.toAbsolutePath().normalize();
        Path one = file.toAbsolutePath().normalize();
        boolean beside = job.equals(from) && job.equals(one.getParent());
        return job.startsWith(from) && one.startsWith(job) && !beside;
    }

    private Listening ears() {
        return deaf ? (sound, heard, from, kept, progress) -> heard : new Listener(new ModelFolder(DataFolder.path()));
    }

    /** One that cannot be read is named, and the others still come in. */
    private void index(List<Path> files, JobFolder job, Footage footage) throws StoreException {
        List<Clip> fresh = new ArrayList<>();
        for (Path file : files) {
            try {
                Clip clip = footage.takeIn(file, job.job(), terminal());
                if (job.job().clip(clip.id()).isEmpty()) {
                    job.apply(new Edit.PutClip(clip));
                    fresh.add(clip);
                }
            } catch (MediaException e) {
                missed.put(file.getFileName().toString(), e.getMessage());
                spec.commandLine().getErr().println(e.getMessage());
            }
        }
        var order = ClipOrder.of(job.job(), fresh, footage);
        if (order.isPresent()) {
            job.apply(order.get());
        }
    }

    private void work(ClipSteps steps, Clip clip, JobFolder job) throws StoreException {
        for (ClipSteps.Step step : ClipSteps.Step.values()) {
            spec.commandLine().getErr().println(step.words() + " " + clip.fileName());
            try {
                for (Edit edit : steps.step(step, clip, job.job(), terminal())) {
                    job.apply(edit);
                }
            } catch (MediaException e) {
                missed.put(clip.fileName(), e.getMessage());
                spec.commandLine().getErr().println(e.getMessage());
            }
        }
    }

    private Terminal terminal() {
        return new Terminal(spec.commandLine().getErr());
    }

    private static String words(Job job, Proposals proposals) {
        List<String> lines = new ArrayList<>();
        for (Proposals.ProposedRun proposed : proposals.runs()) {
            Run run = proposed.run();
            lines.add(run.name() + ": "
                    + run.clips().stream().map(c -> name(job, c)).collect(Collectors.joining(", "))
                    + (proposed.directionKnown() ? ", " + run.direction().toward() : "") + ", from "
                    + run.opening().words()
                    + (run.opening().place().isBlank()
                            ? ""
                            : " " + run.opening().place()) + ".");
            proposed.reasons().forEach(r -> lines.add("  " + r));
            proposed.doubts().forEach(d -> lines.add("  ? " + d));
        }
        proposals
                .others()
                .forEach(u -> lines.add(name(job, u.clip()) + ": " + u.why().word() + ". " + u.reason()));
        if (lines.isEmpty()) {
            lines.add("Every clip is on a run.");
        }
        return String.join("\n", lines);
    }

    private static String name(Job job, ClipId id) {
        return job.clip(id).map(Clip::fileName).orElse(id.value());
    }
}
