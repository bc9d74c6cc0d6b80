package hitch.app;

import hitch.media.MediaException;
import hitch.media.clip.FootageBench;
import hitch.sim.DemoJob;
import hitch.store.StoreException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import java.util.stream.Stream;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
        name = "bench",
        description = "Measures how fast footage is read, as ratios against the least that could be done.",
        footer = {"", "Example:", "  ./hitch bench footage", "  ./hitch bench footage street.mp4"},
        mixinStandardHelpOptions = true)
final class BenchCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Parameters(index = "0", paramLabel = "WHAT", description = "What to measure: footage.")
    private String what;

    @Parameters(index = "1", arity = "0..1", paramLabel = "FILE", description = "Clip to measure on; else the demo's.")
    private Path file;

    @Override
    public Integer call() throws MediaException, StoreException, IOException {
        if (!what.equals("footage")) {
            throw new StoreException("\"" + what + "\" cannot be measured; footage can.");
        }
        Path scratch = Files.createTempDirectory("hitch-bench");
        try {
            Path clip = file;
            if (clip == null) {
                DemoJob.create(
                        scratch.resolve("demo"), new Terminal(spec.commandLine().getErr()));
                try (Stream<Path> clips = Files.walk(scratch)) {
                    clip = clips.filter(p -> p.toString().endsWith("B1-street-out.mp4"))
                            .findFirst()
                            .orElseThrow();
                }
            }
            new FootageBench(clip, spec.commandLine().getOut()::println).run(scratch);
        } finally {
            try (Stream<Path> all = Files.walk(scratch)) {
                all.sorted(java.util.Comparator.reverseOrder())
                        .forEach(p -> p.toFile().delete());
            }
        }
        return 0;
    }
}
