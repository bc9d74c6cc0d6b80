package hitch.app;

import hitch.core.counter.sight.GreyPicture;
import hitch.core.exchange.CounterCsv;
import hitch.core.exchange.GaugeJson;
import hitch.core.footage.FrameIndex;
import hitch.core.gauge.AlongClip;
import hitch.core.gauge.FrameGauge;
import hitch.core.gauge.JointGauge;
import hitch.core.gauge.JointTrail;
import hitch.core.gauge.LensView;
import hitch.core.gauge.Measured;
import hitch.core.gauge.RimLook;
import hitch.core.measure.Distance;
import hitch.core.measure.LengthText;
import hitch.core.measure.LengthUnit;
import hitch.core.pipe.PipeSize;
import hitch.core.survey.RimsTell;
import hitch.media.MediaException;
import hitch.media.clip.ClipFacts;
import hitch.media.clip.ClipIndexer;
import hitch.media.clip.FrameReader;
import hitch.media.clip.Picture;
import hitch.media.clip.PictureShape;
import hitch.media.clip.RimScan;
import hitch.store.StoreException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
        name = "measure",
        description = {
            "Measures a frame of a clip, or a picture, by the known bore: rings, steps and gaps of joints, water.",
            "Nothing is pointed at by hand: what is told is a proposal, with its error and how sure it is."
        },
        footer = {
            "",
            "Example:",
            "  ./hitch measure street.mp4 --at 12.5 --bore 4in",
            "  ./hitch measure still.png --bore 150mm --json",
            "  ./hitch measure street.mp4 --bore 4in --joints --trace counter.csv",
            "  ./hitch measure street.mp4 --joints --trace counter.csv"
        },
        mixinStandardHelpOptions = true)
final class MeasureCommand implements Callable<Integer> {

    @Spec
    private CommandSpec spec;

    @Parameters(index = "0", paramLabel = "FILE", description = "Footage or a picture; it is only read.")
    private Path file;

    @Option(names = "--at", paramLabel = "SECONDS", description = "Time after the first frame; 0.")
    private double at;

    @Option(
            names = "--bore",
            paramLabel = "SIZE",
            description = "Width of the pipe, such as 4in; along a clip its rims tell it where it is left out.")
    private String bore;

    @Option(
            names = "--lens",
            paramLabel = "DEGREES",
            description = "What the lens sees from left to right; a wide lens of ${DEFAULT-VALUE}.",
            defaultValue = "" + LensView.USUAL_DEGREES)
    private double lens;

    @Option(
            names = "--lens-height",
            paramLabel = "SIZE",
            description = "How high the camera carries its lens over the bottom; a check where no ring is found.",
            defaultValue = FrameGauge.USUAL_LENS_MM + " mm")
    private String lensHeight;

    @Option(
            names = "--joints",
            description = "Every joint along the clip, and how long the lengths of pipe are; needs --trace.")
    private boolean joints;

    @Option(
            names = "--trace",
            paramLabel = "CSV",
            description = "The clip's counter, as ./hitch counter CLIP --csv writes it.")
    private Path trace;

    @Option(names = "--json", description = "As JSON; docs/formats/measure.md tells each field.")
    private boolean json;

    @Override
    public Integer call() throws MediaException, StoreException {
        if (bore == null && !joints) {
            throw new StoreException(
                    "--bore is needed to measure a picture, such as --bore 4in. Nothing was measured.");
        }
        Optional<Double> told = bore == null ? Optional.empty() : Optional.of(size("--bore", bore));
        double lensMm = size("--lens-height", lensHeight);
        Ranges.within("--lens", lens, LensView.NARROWEST_DEGREES, LensView.WIDEST_DEGREES);
        if (told.filter(mm -> mm < FrameGauge.NARROWEST_MM || mm > FrameGauge.WIDEST_MM)
                .isPresent()) {
            throw new StoreException("--bore takes 1 in to 59 in; " + bore + " is no pipe. Nothing was measured.");
        }
        ClipFacts facts = ClipIndexer.index(file);
        if (joints) {
            return alongTheClip(facts, told, lensMm);
        }
        double length = facts.frames()
                .base()
                .seconds(facts.frames().endPts() - facts.frames().firstPts());
        if (!(at >= 0) || (at > 0 && at >= length)) {
            throw new StoreException(String.format(
                    Locale.ROOT,
                    "%s has nothing at %s s; it is %.1f s long. Nothing was measured.",
                    file.getFileName(),
                    at,
                    length));
        }
        long pts = facts.frames().firstPts() + facts.frames().base().ticks(at);
        int number = facts.frames().numberAt(pts);
        try (FrameReader reader = new FrameReader(file, facts.index(), PictureShape.AS_SHOWN)) {
            Picture picture = reader.frame(number);
            FrameGauge gauge = FrameGauge.of(
                    GreyPicture.of(picture.width(), picture.height(), picture.rgb()),
                    LensView.across(picture.width(), picture.height(), lens),
                    told.orElseThrow(),
                    lensMm);
            PrintWriter out = spec.commandLine().getOut();
            if (json) {
                Map<String, Object> about = new LinkedHashMap<>();
                about.put("file", file.getFileName().toString());
                about.put("frame", number);
                about.put("seconds", at);
                out.println(GaugeJson.write(about, gauge));
            } else {
                tell(gauge, out);
            }
        }
        return 0;
    }

    private int alongTheClip(ClipFacts facts, Optional<Double> boreMm, double lensMm)
            throws MediaException, StoreException {
        if (trace == null) {
            throw new StoreException("--joints needs --trace with the clip's counter: ./hitch counter "
                    + file.getFileName() + " --csv counter.csv writes one. Nothing was measured.");
        }
        CounterCsv counter = NotesCommand.counter(trace);
        Terminal terminal = new Terminal(spec.commandLine().getErr());
        // Where nobody told it, the clip is looked at as often as one of a usual pipe.
        double taken = boreMm.orElse((double) PipeSize.USUAL.bore().mm());
        List<RimLook> looks = RimScan.read(
                file,
                facts.index(),
                taken,
                lens,
                FrameGauge.held(taken, lensMm),
                seconds -> counter.cableAt(seconds)
                        .map(d -> OptionalDouble.of(d.mm()))
                        .orElse(OptionalDouble.empty()),
                terminal);
        FrameIndex frames = facts.frames();
        List<JointTrail.Look> placed = looks.stream()
                .flatMap(l -> counter
                        .cableAt(frames.base().seconds(l.pts() - frames.firstPts()))
                        .map(d -> new JointTrail.Look(d.mm(), l.rims()))
                        .stream())
                .toList();
        AlongClip along = AlongClip.of(
                        placed,
                        lens,
                        boreMm,
                        seen -> RimsTell.made(seen, LengthUnit.FEET)
                                .map(made -> (double) made.bore().mm()))
                .orElseThrow(() -> new StoreException("The rims of " + file.getFileName()
                        + " do not tell how wide the pipe is. Say it with --bore. Nothing was measured."));
        PrintWriter out = spec.commandLine().getOut();
        out.println(json ? GaugeJson.write(along) : words(along));
        return 0;
    }

    private String words(AlongClip along) {
        List<String> lines = new ArrayList<>();
        along.bore()
                .ifPresent(b -> lines.add(String.format(
                        Locale.ROOT,
                        "By how fast its rims come nearer the pipe is %.2f in wide, give or take %.2f, through a lens of %.0f°.",
                        2 * b.radiusMm() / Distance.MM_PER_INCH,
                        2 * b.error() / Distance.MM_PER_INCH,
                        lens)));
        along.lens()
                .ifPresent(l -> lines.add(String.format(
                        Locale.ROOT,
                        "In a pipe of %.2f in this lens sees %.0f° from left to right, give or take %.0f.",
                        along.boreMm() / Distance.MM_PER_INCH,
                        l.degrees(),
                        l.error())));
        along.joints()
                .forEach(j -> lines.add(String.format(
                        Locale.ROOT,
                        "%.1f ft, give or take %.1f, seen %d times",
                        j.at() / Distance.MM_PER_FOOT,
                        j.error() / Distance.MM_PER_FOOT,
                        j.seen())));
        along.lays()
                .forEach(l -> lines.add(String.format(
                        Locale.ROOT,
                        "From %.1f to %.1f ft: lengths of %.2f ft, %d joints%s.",
                        l.from() / Distance.MM_PER_FOOT,
                        l.to() / Distance.MM_PER_FOOT,
                        l.length() / Distance.MM_PER_FOOT,
                        l.joints(),
                        l.missing().isEmpty() ? "" : ", " + l.missing().size() + " not seen")));
        return String.join("\n", lines);
    }

    private static double size(String option, String text) throws StoreException {
        return LengthText.read(text)
                .map(Distance::mm)
                .orElseThrow(() -> new StoreException(option + " takes a length such as 4in or 100 mm; \"" + text
                        + "\" is none. Nothing was measured."));
    }

    private static void tell(FrameGauge gauge, PrintWriter out) {
        long sure = gauge.found().rings().stream().filter(r -> r.sure() > 0.5).count();
        out.println(
                sure == 0 ? "No ring stands out." : sure == 1 ? "One ring stands out." : sure + " rings stand out.");
        for (JointGauge joint : gauge.joints()) {
            out.println(String.format(
                    Locale.ROOT,
                    "Joint %.1f in ahead: step %s toward %.0f o'clock, %.0f %% sure; gap %s, %.0f %% sure.",
                    joint.rings().near().ahead() * gauge.boreMm() / 2 / Distance.MM_PER_INCH,
                    words(joint.step()),
                    joint.clock() < 0.5 ? 12 : joint.clock(),
                    100 * joint.step().sure(),
                    words(joint.gap()),
                    100 * joint.gap().sure()));
        }
        gauge.water()
                .ifPresentOrElse(
                        w -> out.println(String.format(
                                Locale.ROOT,
                                "Water %s deep, %.0f %% of the bore's height, %.0f %% sure.",
                                words(w),
                                100 * w.mm() / gauge.boreMm(),
                                100 * w.sure())),
                        () -> out.println("No water line stands out."));
    }

    private static String words(Measured m) {
        return String.format(Locale.ROOT, "%.2f in, give or take %.2f", m.inches(), m.errorInches());
    }
}
