package hitch.app;

import hitch.bench.CounterTable;
import hitch.bench.CounterTimes;
import hitch.bench.CounterTrials;
import hitch.bench.FootageTimes;
import hitch.bench.JudgeTimes;
import hitch.bench.LikenessTable;
import hitch.bench.LineTable;
import hitch.bench.ListenTable;
import hitch.bench.MotionTable;
import hitch.bench.PlainClip;
import hitch.bench.RecordTimes;
import hitch.bench.RenderTimes;
import hitch.bench.SayTable;
import hitch.bench.SceneTimes;
import hitch.bench.ScriptTimes;
import hitch.bench.TalkTable;
import hitch.bench.TalkTimes;
import hitch.bench.VoiceTable;
import hitch.bench.eyes.EyesTable;
import hitch.bench.gauge.GaugeTable;
import hitch.bench.gauge.JointTable;
import hitch.bench.harm.BreakTable;
import hitch.bench.harm.LeakTable;
import hitch.bench.visit.VisitTable;
import hitch.core.note.grammar.TradeNoteReader;
import hitch.media.MediaException;
import hitch.media.ears.Listener;
import hitch.models.ModelFolder;
import hitch.sim.DemoJob;
import hitch.sim.line.LongLine;
import hitch.store.DataFolder;
import hitch.store.JobFolder;
import hitch.store.StoreException;
import hitch.store.described.DescribedException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
        name = "bench",
        description = {
            "Measures Hitch on this machine, in ratios against the least that could be done, or against known truth.",
            "footage: seeking, stepping, looking through.  counter: reading a counter, against a bare decode.",
            "faces: how right counters in 14 typefaces are read (half an hour).  motion: clips without a counter.",
            "notes: 2,000 captions and a megabyte of anything; the demo's commentary against the simulated pipe.",
            "likeness: what words are like that were left out while it was learned; FILE: where to write what all of them teach.",
            "line: made-up lines against their truth.  record: 100,000 edits.  judge: 300 findings judged.",
            "scenes: how fast the simulated camera makes footage.  render: how fast a film is made and spoken.",
            "script: how long a long story keeps whoever writes in it waiting.",
            "voice: whether what the voice says is understood; FILE has sentences, one a line.",
            "listen: how rightly speech is written down, clean and in noise; FILE has sentences, one a line.",
            "measure: steps, gaps, water and shares on pictures of made-up pipe.",
            "visits: what of made-up visits is proposed right once they are taken in.",
            "playback: frames dropped while a clip is listened to or taken in.",
            "eyes: what of things that nobody marked is pointed at, on made-up footage.",
            "break: attacks on everything that is read.  leaks: what districts get, searched."
        },
        footer = {"", "Example:", "  ./hitch bench footage", "  ./hitch bench counter street.mp4"},
        mixinStandardHelpOptions = true)
final class BenchCommand implements Callable<Integer> {
    /** Length of each clip that a face is tried on, seconds. */
    private static final double TRIAL_SECONDS = 14;

    /** How often each face is tried in each coding. */
    private static final int ROUNDS = 14;

    /** What can be measured. */
    enum What {
        FOOTAGE,
        COUNTER,
        FACES,
        MOTION,
        NOTES,
        LIKENESS,
        LINE,
        RECORD,
        JUDGE,
        SCENES,
        RENDER,
        SCRIPT,
        VOICE,
        LISTEN,
        MEASURE,
        EYES,
        VISITS,
        PLAYBACK,
        BREAK,
        LEAKS
    }

    @Spec
    private CommandSpec spec;

    @Parameters(
            index = "0",
            paramLabel = "WHAT",
            description =
                    "What to measure: footage, counter, faces, motion, notes, likeness, line, record, judge, scenes, render, script, voice, listen, measure, eyes, visits, playback, break or leaks.")
    private What what;

    @Parameters(
            index = "1",
            arity = "0..1",
            paramLabel = "FILE",
            description = "Clip to measure footage or counter on; else a made-up one.")
    private Path file;

    @Option(names = "--seed", description = "Chance of the made-up counters; another one gives fresh clips.")
    private long seed = 900;

    @Option(names = "--minutes", description = "How long break goes on, or how much speech listen makes; 5.")
    private double minutes = 5;

    @Option(
            names = "--jobs",
            description = "How many jobs leaks hands over, runs eyes looks along, or visits are taken in; 10.")
    private int jobs = 10;

    @Option(names = "--each", description = "Tell every made-up counter, not only every face.")
    private boolean each;

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
                case FOOTAGE -> new FootageTimes(clip(scratch), say).run(scratch);
                case COUNTER -> CounterTimes.run(file == null ? PlainClip.record(scratch) : file, say);
                case FACES -> new CounterTable(scratch, say).run(CounterTrials.of(ROUNDS, TRIAL_SECONDS, seed), each);
                case MOTION -> new MotionTable(demo(scratch), say).run();
                case NOTES -> notes(say);
                case LIKENESS -> new LikenessTable().run(Optional.ofNullable(file), say);
                case LINE -> line(say);
                case RECORD -> RecordTimes.run(System::nanoTime, say);
                case JUDGE -> judge(say);
                case SCENES -> SceneTimes.run(scratch, System::nanoTime, say);
                case RENDER ->
                    RenderTimes.run(demo(scratch).resolve("demo"), scratch, DataFolder.path(), System::nanoTime, say);
                case SCRIPT -> script(demo(scratch).resolve("demo"), say);
                case VOICE -> VoiceTable.run(sentences(), DataFolder.path(), say);
                case LISTEN -> {
                    ListenTable.run(sentences(), 60.0 * minutes, seed, DataFolder.path(), say);
                    SayTable.run(DataFolder.path(), seed, say);
                }
                case MEASURE -> {
                    new GaugeTable(30, seed, say).run();
                    new JointTable(8, seed, say).run();
                }
                case EYES -> new EyesTable(scratch, seed, say).run(jobs);
                case VISITS ->
                    new VisitTable(
                                    scratch,
                                    Voice.technician(),
                                    new Listener(new ModelFolder(DataFolder.path())),
                                    true,
                                    System::nanoTime,
                                    say)
                            .run(jobs);
                case PLAYBACK -> playback(demo(scratch).resolve("demo"), scratch, say);
                case BREAK -> {
                    return broken(scratch, say);
                }
                case LEAKS -> {
                    return new LeakTable(scratch, say).run(jobs, seed).finds().isEmpty() ? 0 : 1;
                }
            }
        } finally {
            try (Stream<Path> all = Files.walk(scratch)) {
                all.sorted(java.util.Comparator.reverseOrder())
                        .forEach(p -> p.toFile().delete());
            }
        }
        return 0;
    }

    /** @return 1 where anything broke */
    private int broken(Path scratch, Consumer<String> say) throws MediaException, StoreException, IOException {
        long end = System.nanoTime() + Math.round(minutes * 60e9);
        int faults = new BreakTable(scratch, seed, say)
                .run(() -> System.nanoTime() > end).values().stream()
                        .mapToInt(BreakTable.Row::faults)
                        .sum();
        say.accept(faults + " faults");
        return faults == 0 ? 0 : 1;
    }

    private static void line(Consumer<String> say) {
        LineTable.run(say);
        LongLine many = new LongLine();
        many.time(System::nanoTime, say);
        System.setProperty("glass.platform", "Headless");
        System.setProperty("prism.order", "sw");
        RedrawTimes.run(many.survey(), System::nanoTime, say);
    }

    private static void playback(Path demo, Path scratch, Consumer<String> say) throws MediaException, StoreException {
        System.setProperty("glass.platform", "Headless");
        System.setProperty("prism.order", "sw");
        try (JobFolder folder = JobFolder.open(demo)) {
            new PlaybackTimes(folder, new Listener(new ModelFolder(DataFolder.path())), say).run(scratch);
        }
    }

    private static void notes(Consumer<String> say) {
        TradeNoteReader reader = new TradeNoteReader();
        TalkTimes.Outcome speed = new TalkTimes(reader, System::nanoTime).run();
        say.accept(String.format(
                Locale.ROOT,
                "%,d captions read and held against each other: %.2f s on one thread, %,d a second",
                speed.cues(),
                speed.cuesS(),
                Math.round(speed.cues() / speed.cuesS())));
        say.accept(String.format(
                Locale.ROOT,
                "a megabyte of random text: %.2f s, %.1f times splitting it into words",
                speed.randomS(),
                speed.randomS() / speed.splitS()));
        say.accept("the demo's commentary against the simulated pipe:");
        TalkTable.Outcome demo = TalkTable.demo(reader, line -> say.accept("  " + line));
        say.accept(String.format(
                Locale.ROOT,
                "recall %d of %d (%.0f %%), precision %d of %d (%.0f %%)",
                demo.found(),
                demo.known(),
                100 * demo.recall(),
                demo.right(),
                demo.drafts(),
                100 * demo.precision()));
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

    /** Sentences of a file, or else every tenth of a foot that sounds like another. */
    private List<String> sentences() throws IOException {
        if (file != null) {
            return Files.readAllLines(file).stream().filter(l -> !l.isBlank()).toList();
        }
        return IntStream.range(0, 30)
                .mapToObj(i -> "At " + (13 + 17 * i % 90) + "." + i % 10 + " ft, there are roots on the "
                        + (i % 2 == 0 ? "left" : "right") + ".")
                .toList();
    }

    private static void judge(Consumer<String> say) throws StoreException {
        try {
            JudgeTimes.run(System::nanoTime, say);
        } catch (DescribedException e) {
            throw new StoreException("The made-up line cannot be read: " + e.getMessage(), e);
        }
    }

    private static void script(Path demo, Consumer<String> say) throws MediaException, StoreException {
        try (JobFolder folder = JobFolder.open(demo)) {
            ScriptTimes.writing(System::nanoTime, say);
            ScriptTimes.beginning(folder, System::nanoTime, say);
        } catch (DescribedException e) {
            throw new StoreException("The made-up line cannot be read: " + e.getMessage(), e);
        }
    }

    private Path demo(Path scratch) throws MediaException, StoreException, IOException {
        DemoJob.FIRST.create(
                scratch.resolve("demo"), new Terminal(spec.commandLine().getErr()));
        return scratch;
    }
}
