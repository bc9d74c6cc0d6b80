package hitch.app;

import hitch.media.MediaException;
import hitch.media.clip.CounterBench;
import hitch.media.clip.FootageBench;
import hitch.sim.DemoJob;
import hitch.sim.trial.CounterTable;
import hitch.sim.trial.MotionTable;
import hitch.sim.trial.PlainClip;
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
        description = {
            "Measures Hitch on this machine, in ratios against the least that could be done, or against known truth.",
            "footage: seeking, stepping, looking through.  counter: reading a counter, against a bare decode.",
            "faces: how right counters in 14 typefaces are read (some minutes).  motion: clips without a counter."
        },
        footer = {"", "Example:", "  ./hitch bench footage", "  ./hitch bench counter street.mp4"},
        mixinStandardHelpOptions = true)
final class BenchCommand implements Callable<Integer> {
    /** Length of each clip that a face is tried on, seconds. */
    private static final double TRIAL_SECONDS = 30;

    /** What can be measured. */
    enum What {
        FOOTAGE,
        COUNTER,
        FACES,
        MOTION
    }

    @Spec
    private CommandSpec spec;

    @Parameters(index = "0", paramLabel = "WHAT", description = "What to measure: footage, counter, faces or motion.")
    private What what;

    @Parameters(
            index = "1",
            arity = "0..1",
            paramLabel = "FILE",
            description = "Clip to measure footage or counter on; else a made-up one.")
    private Path file;

    @Override
    public Integer call() throws MediaException, StoreException, IOException {
        Path scratch = Files.createTempDirectory("hitch-bench");
        var out = spec.commandLine().getOut();
        java.util.function.Consumer<String> say = line -> {
            out.println(line);
            out.flush();
        };
        try {
            switch (what) {
                case FOOTAGE -> new FootageBench(clip(scratch), say).run(scratch);
                case COUNTER -> CounterBench.run(file == null ? PlainClip.record(scratch) : file, say);
                case FACES -> new CounterTable(scratch, TRIAL_SECONDS, say).run(false);
                case MOTION -> new MotionTable(demo(scratch), say).run();
            }
        } finally {
            try (Stream<Path> all = Files.walk(scratch)) {
                all.sorted(java.util.Comparator.reverseOrder())
                        .forEach(p -> p.toFile().delete());
            }
        }
        return 0;
    }

    private Path clip(Path scratch) throws MediaException, StoreException, IOException {
        if (file != null) {
            return file;
        }
        try (Stream<Path> clips = Files.walk(demo(scratch))) {
            return clips.filter(p -> p.toString().endsWith("B1-street-out.mp4"))
                    .findFirst()
                    .orElseThrow();
        }
    }

    private Path demo(Path scratch) throws MediaException, StoreException, IOException {
        DemoJob.create(scratch.resolve("demo"), new Terminal(spec.commandLine().getErr()));
        return scratch;
    }
}
