package hitch.app;

import hitch.store.out.OutFolder;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;

@Command(
        name = "shots",
        description = "Draws each bench from the demo job, 1280 x 800, light and dark, without a display.",
        footer = {"", "Example:", "  ./hitch shots docs/screenshots"},
        mixinStandardHelpOptions = true)
final class ShotsCommand implements Callable<Integer> {
    @Parameters(index = "0", paramLabel = "DIR", description = "Folder to write the pictures into.")
    private Path out;

    @Override
    public Integer call() throws Exception {
        OutFolder.of(out, List.of());
        ShotsApp.draw(out);
        return 0;
    }
}
