package hitch.app;

import hitch.core.counter.sight.CablePath;
import hitch.core.counter.sight.CounterPlace;
import hitch.core.counter.sight.RawReading;
import hitch.core.counter.sight.Region;
import hitch.media.MediaException;
import hitch.media.clip.ClipIndexer;
import hitch.media.clip.CounterScan;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
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
        FT,
        FTIN,
        M
    }

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
            description = "ft, ftin or m; feet where it is not said. Feet and inches are read where their marks are.")
    private Unit unit;

    @Option(names = "--raw", description = "What each picture shows, before fitting.")
    private boolean raw;

    @Option(names = "--csv", required = true, paramLabel = "OUT", description = "File to write.")
    private Path csv;

    @Override
    public Integer call() throws MediaException {
        Terminal terminal = new Terminal(spec.commandLine().getErr());
        CounterScan.Outcome found = CounterScan.read(
                clip,
                ClipIndexer.index(clip, terminal.part(0, 0.05)).index(),
                region == null ? Optional.empty() : Optional.of(region(region)),
                terminal.part(0.05, 1));
        terminal.at(1, "done");
        CablePath path = CablePath.fit(found.readings());
        List<String> lines = new ArrayList<>();
        lines.add("time_s,reading,unit,confidence");
        String word = unit == Unit.M ? "m" : "ft";
        if (raw) {
            for (RawReading r : found.readings()) {
                lines.add(row(r.seconds(), r.value(), word, r.sure()));
            }
        } else {
            for (CablePath.Moment m : path.moments()) {
                lines.add(row(m.seconds(), m.value(), word, m.confidence()));
            }
        }
        write(lines);
        tell(found, path, word);
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

    private void write(List<String> lines) throws MediaException {
        try {
            Path part = csv.resolveSibling("." + csv.getFileName() + ".part");
            Files.write(part, lines);
            Files.move(part, csv, java.nio.file.StandardCopyOption.REPLACE_EXISTING);
        } catch (IOException e) {
            throw new MediaException("The readings could not be written to " + csv + ": " + e.getMessage(), e);
        }
    }

    private void tell(CounterScan.Outcome found, CablePath path, String word) {
        var out = spec.commandLine().getOut();
        out.println("region: "
                + found.place()
                        .map(CounterPlace::region)
                        .map(r -> r.x() + "," + r.y() + "," + r.width() + "," + r.height())
                        .orElse("no counter was found on the picture"));
        out.println("unit: " + word);
        String zeroings = path.zeroings().stream()
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
