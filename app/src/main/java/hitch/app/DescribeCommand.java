package hitch.app;

import hitch.core.job.Edit;
import hitch.store.JobFolder;
import hitch.store.StoreException;
import hitch.store.TextFile;
import hitch.store.described.DescribedException;
import hitch.store.described.DescribedLine;
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
        name = "describe",
        description = "Makes a job from a described line, a record written by hand; or writes a job as one.",
        footer = {
            "",
            "Example:",
            "  ./hitch describe second-opinion.yaml --into ~/jobs/second-opinion",
            "  ./hitch describe demo --out demo.yaml"
        },
        mixinStandardHelpOptions = true)
final class DescribeCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Parameters(index = "0", paramLabel = "FILE|JOB", description = "Described line (.yaml), or a job folder, or demo.")
    private String what;

    @Option(names = "--into", paramLabel = "JOB", description = "New folder for the job that is described.")
    private Path into;

    @Option(names = "--out", paramLabel = "FILE", description = "New file for the description of a job.")
    private Path out;

    @Override
    public Integer call() throws Exception {
        if ((into == null) == (out == null)) {
            throw new StoreException(
                    "Say either where the described job goes, --into JOB, or where the description goes, --out FILE.");
        }
        if (out != null) {
            try (JobFolder folder = Jobs.open(what, spec.commandLine().getErr())) {
                OutFile.fresh(out, List.of()).write(DescribedLine.write(folder.job()));
            }
            return 0;
        }
        List<Edit> edits = edits(Path.of(what));
        try (JobFolder folder = JobFolder.create(into)) {
            for (Edit edit : edits) {
                folder.apply(edit);
            }
            spec.commandLine()
                    .getOut()
                    .println(
                            "The job in " + into + " has " + folder.job().runs().size() + " runs and "
                                    + folder.job().findings().size() + " findings.");
            spec.commandLine().getOut().flush();
        }
        return 0;
    }

    /** All of it is read before anything is made. */
    private static List<Edit> edits(Path file) throws Exception {
        try {
            return DescribedLine.read(TextFile.read(file));
        } catch (DescribedException e) {
            throw new StoreException(
                    "Nothing was made: " + file.getFileName() + " cannot be read. " + e.getMessage(), e);
        }
    }
}
