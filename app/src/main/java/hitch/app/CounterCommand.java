package hitch.app;

import hitch.core.counter.motion.MotionPath;
import hitch.core.counter.sight.CablePath;
import hitch.core.counter.sight.CounterFit;
import hitch.core.counter.sight.CounterPlace;
import hitch.core.counter.sight.CounterUnit;
import hitch.core.counter.sight.RawReading;
import hitch.core.counter.sight.Region;
import hitch.core.counter.sight.UnitHints;
import hitch.media.MediaException;
import hitch.media.clip.ClipIndex;
import hitch.media.clip.ClipIndexer;
import hitch.media.clip.CounterScan;
import hitch.media.clip.MotionScan;
import hitch.store.StoreException;
import hitch.store.out.OutFile;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
        name = "counter",
        description = {
            "Reads the distance counter off a clip's pictures and fits it to how a cable can move.",
            "Writes time_s,reading,unit,confidence at least five times a second."
        },
        footer = {"", "Example:", "  ./hitch counter street.mp4 --csv counter.csv"},
        mixinStandardHelpOptions = true)
final class CounterCommand implements Callable<Integer> {
    /** How the counter counts. */
    enum Unit {
        FT(CounterUnit.FEET),
        FTIN(CounterUnit.FEET_INCHES),
        M(CounterUnit.METRES);

        private final CounterUnit counted;

        Unit(CounterUnit counted) {
            this.counted = counted;
        }

        CounterUnit counted() {
            return counted;
        }
    }

    private static final double LARGEST = 100_000;
    private static final String HEAD = "time_s,reading,unit,confidence";

    @Spec
    private CommandSpec spec;

    @Parameters(index = "0", paramLabel = "CLIP", description = "Footage file; it is only read.")
    private Path clip;

    @Option(
            names = "--region",
            paramLabel = "X,Y,W,H",
            description = "Where the counter stands, pixels; else it is found.")
    private String region;

    @Option(
            names = "--unit",
            description = "ft, ftin or m; else it is weighed, and where that leaves a doubt nothing is trusted much.")
    private Unit unit;

    @Option(
            names = "--turned",
            negatable = true,
            description = "The counter stands on its head (--no-turned: upright); else it is seen.")
    private Boolean turned;

    @Option(names = "--raw", description = "What each picture shows, before fitting.")
    private boolean raw;

    @Option(names = "--csv", required = true, paramLabel = "OUT", description = "File to write.")
    private Path csv;

    @Option(
            names = "--known",
            paramLabel = "SECONDS=READING",
            description =
                    "Where there is no counter: a reading that is known; between two or more of them the camera's "
                            + "own motion leads.")
    private Map<Double, Double> known = new TreeMap<>();

    @Override
    public Integer call() throws MediaException, StoreException {
        for (Map.Entry<Double, Double> place : known.entrySet()) {
            Ranges.within("--known, its seconds,", place.getKey(), 0, LARGEST);
            Ranges.within("--known, its reading,", place.getValue(), -LARGEST, LARGEST);
        }
        OutFile out = OutFile.text(csv, "csv", List.of(clip));
        Terminal terminal = new Terminal(spec.commandLine().getErr());
        ClipIndex index = ClipIndexer.index(clip, terminal.part(0, 0.05)).index();
        if (!known.isEmpty()) {
            return byMotion(index, terminal, out);
        }
        CounterUnit told = unit == null ? CounterUnit.UNSAID : unit.counted();
        CounterScan.Outcome found = CounterScan.read(
                clip,
                index,
                new CounterScan.Told(
                        region == null ? Optional.empty() : Optional.of(region(region)),
                        told,
                        Optional.ofNullable(turned),
                        UnitHints.NONE),
                terminal.part(0.05, 1));
        terminal.at(1, "done");
        CounterFit fit = found.fit();
        List<String> lines = new ArrayList<>();
        lines.add(HEAD);
        String word = found.place().isEmpty() ? told.word() : fit.unit().unit().word();
        if (raw) {
            for (RawReading r : found.readings()) {
                lines.add(row(r.seconds(), r.value(), word, r.sure()));
            }
        } else {
            for (CablePath.Moment m : fit.moments()) {
                lines.add(row(m.seconds(), m.value(), word, m.confidence()));
            }
        }
        write(lines, out);
        tell(found, fit, word);
        return 0;
    }

    private int byMotion(ClipIndex index, Terminal terminal, OutFile out) throws MediaException, StoreException {
        if (known.size() < 2) {
            throw new MediaException(
                    "One known reading is not enough; give two at least, such as " + "--known 0=0 --known 65.2=58.");
        }
        List<MotionPath.Known> places = known.entrySet().stream()
                .map(e -> new MotionPath.Known(e.getKey(), e.getValue()))
                .toList();
        String word = unit == Unit.M ? "m" : "ft";
        List<String> lines = new ArrayList<>();
        lines.add(HEAD);
        List<CablePath.Moment> moments = MotionPath.join(MotionScan.read(clip, index, terminal.part(0.05, 1)), places)
                .moments();
        terminal.at(1, "done");
        moments.forEach(m -> lines.add(row(m.seconds(), m.value(), word, m.confidence())));
        write(lines, out);
        spec.commandLine()
                .getOut()
                .println("no counter read; " + places.size() + " known readings joined by the camera's motion");
        return 0;
    }

    private static Region region(String typed) throws MediaException {
        String[] parts = typed.split("[,x ]+");
        try {
            return new Region(
                    Integer.parseInt(parts[0]),
                    Integer.parseInt(parts[1]),
                    Integer.parseInt(parts[2]),
                    Integer.parseInt(parts[3]));
        } catch (IndexOutOfBoundsException | IllegalArgumentException e) {
            throw new MediaException("\"" + typed + "\" is no region; write it as 460,420,120,44.");
        }
    }

    private static String row(double seconds, OptionalDouble value, String unit, double confidence) {
        String reading = value.isPresent() ? String.format(Locale.ROOT, "%.3f", value.getAsDouble()) : "";
        return String.format(
                Locale.ROOT, "%.3f,%s,%s,%.3f", seconds, reading, unit, value.isPresent() ? confidence : 0);
    }

    private static void write(List<String> lines, OutFile out) throws StoreException {
        out.write(String.join("\n", lines) + "\n");
    }

    private void tell(CounterScan.Outcome found, CounterFit fit, String word) {
        var out = spec.commandLine().getOut();
        out.println("region: "
                + found.place()
                        .map(CounterPlace::region)
                        .map(r -> r.x() + "," + r.y() + "," + r.width() + "," + r.height())
                        .orElse("no counter was found on the picture"));
        String inches = fit.unit().unit() == CounterUnit.FEET_INCHES ? " and in" : "";
        boolean asked = found.place().isPresent() && !fit.unit().sure();
        out.println("unit: " + word + inches + (asked ? ", not sure: say --unit ft or --unit m" : ""));
        if (found.place().isPresent()) {
            out.println("way up: "
                    + fit.turns().stream()
                            .map(t -> (t.turned() ? "on its head" : "upright")
                                    + (t.seconds() > 0 ? String.format(Locale.ROOT, " from %.1f s", t.seconds()) : ""))
                            .collect(Collectors.joining(", "))
                    + (fit.upSure() ? "" : ", not sure: say --turned or --no-turned"));
        }
        String zeroings = fit.path().zeroings().stream()
                .map(s -> String.format(Locale.ROOT, "%.1f s", s))
                .collect(Collectors.joining(", "));
        out.println("zeroings: " + (zeroings.isEmpty() ? "none" : zeroings));
        long read = found.readings().stream().filter(r -> r.value().isPresent()).count();
        out.println(String.format(
                Locale.ROOT,
                "share read: %.1f %%",
                100.0 * read / Math.max(1, found.readings().size())));
    }
}
