package hitch.bench;

import hitch.core.counter.motion.MotionPath;
import hitch.core.counter.motion.WallMotion;
import hitch.core.counter.sight.CablePath;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.media.clip.ClipIndexer;
import hitch.media.clip.MotionScan;
import hitch.sim.DemoJob;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.NavigableMap;
import java.util.TreeMap;
import java.util.function.Consumer;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Tries joining two known places by the camera's motion on the demo's clips, whose counter is passed over: the first
 * picture, and the last or where the camera turned round. Straight lines between the same places stand beside it.
 */
public final class MotionTable {
    private final Path folder;
    private final Consumer<String> out;

    /**
     * @param median error of the stations, share of the run
     * @param straight the same for a straight line
     */
    public record Score(double run, double median, double worst, double straight) {}

    /**
     * @param folder where the demo's clips are, at any depth
     */
    public MotionTable(Path folder, Consumer<String> out) {
        this.folder = folder;
        this.out = out;
    }

    public void run() throws MediaException, IOException {
        out.accept("| clip | run, ft | median error by motion | worst | median error by a straight line |");
        out.accept("|---|---|---|---|---|");
        try (Stream<Path> files = Files.walk(folder)) {
            List<Path> clips = files.filter(p -> p.toString().matches(".*[AB]\\d-.*\\.mp4"))
                    .sorted()
                    .toList();
            for (Path clip : clips) {
                Score s = score(clip);
                out.accept(String.format(
                        Locale.ROOT,
                        "| %s | %.1f | %.2f %% | %.2f %% | %.2f %% |",
                        clip.getFileName(),
                        s.run(),
                        100 * s.median(),
                        100 * s.worst(),
                        100 * s.straight()));
            }
        }
    }

    /** Holds a clip of the demo against its truth. */
    public static Score score(Path clip) throws MediaException, IOException {
        NavigableMap<Double, Double> truth = truth(clip.getFileName().toString().replace(".mp4", ".truth.json"));
        double first = truth.firstKey();
        double last = truth.lastKey();
        double low = truth.values().stream().mapToDouble(v -> v).min().orElseThrow();
        double high = truth.values().stream().mapToDouble(v -> v).max().orElseThrow();
        if (Math.abs(truth.get(last) - truth.get(first)) < 0.5 * (high - low)) {
            // Out and back: the place where it turned is the second one known.
            last = truth.entrySet().stream()
                    .filter(e -> e.getValue() == high)
                    .findFirst()
                    .orElseThrow()
                    .getKey();
        }
        List<WallMotion.Step> steps =
                MotionScan.read(clip, ClipIndexer.index(clip).index(), Progress.NONE);
        MotionPath path = MotionPath.join(
                steps,
                List.of(new MotionPath.Known(first, truth.get(first)), new MotionPath.Known(last, truth.get(last))));
        double end = last;
        List<CablePath.Moment> moments = path.moments().stream()
                .filter(m -> m.value().isPresent() && m.seconds() <= end)
                .toList();
        double[] off = new double[moments.size()];
        double[] line = new double[moments.size()];
        for (int i = 0; i < off.length; i++) {
            double at = moments.get(i).seconds();
            double shown = truth.floorEntry(at + 0.01).getValue();
            double share = (at - first) / (end - first);
            off[i] = Math.abs(moments.get(i).value().getAsDouble() - shown) / (high - low);
            line[i] = Math.abs(truth.get(first) + share * (truth.get(end) - truth.get(first)) - shown) / (high - low);
        }
        Arrays.sort(off);
        Arrays.sort(line);
        return new Score(high - low, off[off.length / 2], off[off.length - 1], line[line.length / 2]);
    }

    private static NavigableMap<Double, Double> truth(String name) throws IOException {
        NavigableMap<Double, Double> truth = new TreeMap<>();
        try (InputStream in = DemoJob.class.getResourceAsStream("/hitch/demo/" + name)) {
            for (JsonNode moment : new JsonMapper().readTree(in).get("moments")) {
                truth.put(moment.get("t").asDouble(), moment.get("readingFt").asDouble());
            }
        }
        return truth;
    }
}
