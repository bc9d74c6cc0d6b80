package hitch.app;

import hitch.core.parcel.Marks;
import hitch.store.StoreException;
import hitch.store.seal.ShownMoments;
import hitch.store.seal.SignatureFile;
import hitch.store.seal.Verified;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** {@code hitch verify}: whether what was handed over is still what was handed over. */
@Command(
        name = "verify",
        description =
                "Holds a folder that was handed over against its manifest, file by file: unchanged, changed, missing or"
                        + " added; tells who signed it and when, and which moment of which recording each still and clip shows. Ends"
                        + " with 1 where anything is not as it was.",
        footer = {"", "Example:", "  ./hitch verify Deliveries/7-teasel-lane --source Recordings"},
        mixinStandardHelpOptions = true)
final class VerifyCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Parameters(index = "0", paramLabel = "FOLDER", description = "Folder with its manifest.json; it is only read.")
    private Path folder;

    @Option(
            names = "--source",
            paramLabel = "PLACE",
            description =
                    "Recording, or a folder of recordings, that stills and clips are held against; may be repeated.")
    private List<Path> sources = List.of();

    @Override
    public Integer call() throws StoreException {
        Terminal terminal = new Terminal(spec.commandLine().getErr());
        Verified verified = Verified.of(folder, terminal);
        PrintWriter out = spec.commandLine().getOut();
        verified.lines().forEach(l -> out.println(l.state().word() + "  " + l.name()));
        List<ShownMoments.Line> moments = ShownMoments.of(folder, verified, sources, terminal);
        moments.forEach(m -> out.println(m.file() + ": " + m.source() + " at " + m.moment() + "; "
                + m.state().words()));
        boolean shows = moments.stream().noneMatch(m -> m.state() == ShownMoments.State.SHOWS_OTHER);
        out.println(signed(verified));
        boolean whole = verified.isWhole() && shows;
        out.println(
                whole
                        ? "All " + verified.lines().size() + " files are as they were handed over"
                                + (verified.recipient().isBlank() ? "." : " to the " + verified.recipient() + ".")
                        : "This is not as it was handed over.");
        out.flush();
        return whole ? 0 : 1;
    }

    private static String signed(Verified verified) {
        SignatureFile.Found found = verified.signature();
        return switch (found.state()) {
            case GOOD ->
                "Signed" + (verified.firm().isBlank() ? "" : " by " + verified.firm()) + ", made at "
                        + verified.madeAt() + ", key " + Marks.grouped(found.key());
            case BROKEN -> "The signature does not hold: the manifest, the key or the signature was changed.";
            case NONE -> "It is not signed.";
        };
    }
}
