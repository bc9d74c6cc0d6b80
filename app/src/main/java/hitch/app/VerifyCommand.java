package hitch.app;

import hitch.store.StoreException;
import hitch.store.seal.Verified;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** {@code hitch verify}: whether what was handed over is still what was handed over. */
@Command(
        name = "verify",
        description =
                "Holds a folder that was handed over against its manifest, file by file: unchanged, changed, missing or"
                        + " added. Ends with 1 where anything is not as it was.",
        footer = {"", "Example:", "  ./hitch verify Deliveries/7-teasel-lane"},
        mixinStandardHelpOptions = true)
final class VerifyCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Parameters(index = "0", paramLabel = "FOLDER", description = "Folder with its manifest.json; it is only read.")
    private Path folder;

    @Override
    public Integer call() throws StoreException {
        Verified verified = Verified.of(folder, new Terminal(spec.commandLine().getErr()));
        PrintWriter out = spec.commandLine().getOut();
        verified.lines().forEach(l -> out.println(l.state().word() + "  " + l.name()));
        out.println(
                verified.isWhole()
                        ? "All " + verified.lines().size() + " files are as they were handed over"
                                + (verified.recipient().isBlank() ? "." : " to the " + verified.recipient() + ".")
                        : "This is not as it was handed over.");
        out.flush();
        return verified.isWhole() ? 0 : 1;
    }
}
