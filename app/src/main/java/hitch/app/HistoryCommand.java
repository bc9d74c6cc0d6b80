package hitch.app;

import hitch.core.parcel.ParcelsCsv;
import hitch.store.JobFolder;
import hitch.store.journal.HistoryText;
import hitch.store.out.OutFile;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
        name = "history",
        description = "Tells what was done to a job, by whom and when, and what of it stands.",
        footer = {"", "Example:", "  ./hitch history ~/jobs/alder-row --out history.txt"},
        mixinStandardHelpOptions = true)
final class HistoryCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Parameters(index = "0", paramLabel = "JOB", description = "Job folder, or demo.")
    private String job;

    @Option(names = "--out", paramLabel = "FILE", description = "New file to write it to; else it is printed.")
    private Path out;

    @Option(names = "--parcels", description = "Who got what instead, as CSV: every issue of every parcel.")
    private boolean parcels;

    @Override
    public Integer call() throws Exception {
        try (JobFolder folder = Jobs.open(job, spec.commandLine().getErr())) {
            List<String> lines = parcels
                    ? ParcelsCsv.write(folder.history().parcels()).lines().toList()
                    : folder.historyLines().stream()
                            .map(HistoryText.Line::toString)
                            .toList();
            if (out == null) {
                lines.forEach(spec.commandLine().getOut()::println);
                spec.commandLine().getOut().flush();
            } else {
                OutFile.fresh(out, List.of()).write(String.join("\n", lines) + "\n");
            }
        }
        return 0;
    }
}
