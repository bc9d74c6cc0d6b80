package hitch.app;

import hitch.media.MediaException;
import hitch.media.clip.Rescue;
import hitch.store.StoreException;
import hitch.store.out.OutFile;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
        name = "recover",
        description = {
            "Recovers the pictures of an MP4 or MOV whose recorder stopped before it wrote the index.",
            "The file itself is only read; what is found goes to a new file, without sound."
        },
        footer = {"", "Example:", "  ./hitch recover broken.mp4 --like whole.mp4 --out recovered.mp4"},
        mixinStandardHelpOptions = true)
final class RecoverCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Parameters(index = "0", paramLabel = "FILE", description = "The unfinished file.")
    private Path file;

    @Option(names = "--like", paramLabel = "WHOLE", description = "A whole clip of the same recorder.")
    private Path like;

    @Option(names = "--out", required = true, paramLabel = "NEW", description = "MP4 to write.")
    private Path out;

    @Override
    public Integer call() throws MediaException, StoreException {
        Path place = OutFile.fresh(out, like == null ? List.of(file) : List.of(file, like))
                .place();
        Rescue.Outcome found = Rescue.recover(
                file,
                Optional.ofNullable(like),
                place,
                new Terminal(spec.commandLine().getErr()));
        spec.commandLine()
                .getOut()
                .println(String.format(
                        Locale.ROOT,
                        "%s: %d frames at %.2f a second%s, without sound",
                        out,
                        found.frames(),
                        found.rate(),
                        found.rateKnown() ? "" : " (assumed; name a whole clip with --like to know)"));
        return 0;
    }
}
