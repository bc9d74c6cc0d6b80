package hitch.app;

import hitch.core.exchange.LineJson;
import hitch.core.exchange.SketchSvg;
import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.footage.Watched;
import hitch.core.job.Job;
import hitch.core.measure.Distance;
import hitch.core.measure.LengthUnit;
import hitch.core.pipe.Branch;
import hitch.core.pipe.PipeSpan;
import hitch.core.sketch.PlanSketch;
import hitch.core.sketch.SectionSketch;
import hitch.core.sketch.Sketch;
import hitch.core.survey.Fall;
import hitch.core.survey.LengthRow;
import hitch.core.survey.Limit;
import hitch.core.survey.Line;
import hitch.core.survey.OpeningFault;
import hitch.core.survey.Reckoner;
import hitch.core.survey.Survey;
import hitch.core.survey.Way;
import hitch.core.survey.Whose;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.store.Footage;
import hitch.store.JobFolder;
import hitch.store.StoreException;
import hitch.store.out.OutFile;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
        name = "line",
        description = {
            "Tells what a job's pipe is: what it is made of, what was seen of it, how deep it lies, whose it is.",
            "Footage that was not looked through yet counts as shown well; --look looks through it first."
        },
        footer = {"", "Example:", "  ./hitch line demo --json"},
        mixinStandardHelpOptions = true)
final class LineCommand implements Callable<Integer> {
    private static final double WIDTH = 1240;
    private static final double SECTION = 460;
    private static final double PLAN = 130;

    @Spec
    private CommandSpec spec;

    @Parameters(index = "0", paramLabel = "JOB", description = "Job folder, or demo for a fresh demo job.")
    private String job;

    @Option(names = "--json", description = "All figures as JSON.")
    private boolean json;

    @Option(names = "--svg", paramLabel = "OUT", description = "File to draw the long section and the plan into.")
    private Path svg;

    @Option(names = "--look", description = "Look first through footage that was not looked through yet.")
    private boolean look;

    @Override
    public Integer call() throws StoreException, MediaException, IOException {
        OutFile drawing = svg == null ? null : OutFile.text(svg, "svg", List.of());
        try (JobFolder folder = Jobs.open(job, spec.commandLine().getErr())) {
            Footage footage = new Footage(folder.folder());
            if (look) {
                lookThrough(footage, folder.job());
            }
            Map<ClipId, Watched> watched = footage.watched(folder.job());
            Survey survey = Reckoner.survey(folder.job(), watched);
            long left = folder.job().clips().size() - watched.size();
            if (left > 0) {
                spec.commandLine()
                        .getErr()
                        .println(
                                left + (left == 1 ? " clip was" : " clips were")
                                        + " not looked through yet: what is dark or blurred on them is not known. --look tells.");
            }
            if (svg != null) {
                draw(survey, drawing);
            }
            PrintWriter out = spec.commandLine().getOut();
            if (json) {
                out.println(LineJson.write(survey));
            } else {
                tell(survey, out);
            }
            out.flush();
        }
        return 0;
    }

    /** Clips that are not there, or cannot be read, are named and left. */
    private void lookThrough(Footage footage, Job all) {
        for (Clip clip : all.clips()) {
            try {
                footage.look(clip, Progress.NONE);
            } catch (MediaException e) {
                spec.commandLine().getErr().println(e.getMessage());
            }
        }
    }

    private static void draw(Survey survey, OutFile out) throws StoreException {
        Optional<Sketch> section =
                SectionSketch.all(survey, WIDTH).map(v -> SectionSketch.draw(survey, v, Optional.empty(), SECTION));
        if (section.isEmpty()) {
            throw new StoreException("Nothing was drawn: no run of this job has a counter yet. Set one on Mark.");
        }
        List<Sketch> sketches = new ArrayList<>(List.of(section.get()));
        PlanSketch.draw(survey, WIDTH, PLAN).ifPresent(sketches::add);
        out.write(SketchSvg.write("The line of " + survey.facts().title(), sketches));
    }

    private static void tell(Survey survey, PrintWriter out) {
        Line line = survey.line();
        LengthUnit unit = survey.facts().unit();
        if (line.ways().isEmpty()) {
            out.println("No run of this job has a counter yet: nothing is known of the line.");
            return;
        }
        for (Way way : line.ways()) {
            out.println(way.words() + ", " + unit.show(way.whole().length())
                    + way.join()
                            .map(j -> ", joins at "
                                    + line.place(way.into().orElse(Branch.LINE), j, unit)
                                            .all())
                            .orElse(""));
            for (PipeSpan span : way.spans()) {
                out.printf(
                        "  %-24s %10s  %s%n",
                        span.words(),
                        unit.show(span.length()),
                        line.place(way.name(), span.extent(), unit).all());
            }
        }
        out.println("lengths: owner's, beyond");
        for (LengthRow row : line.lengths()) {
            out.printf("  %-24s %10s %10s%n", row.pipe(), unit.show(row.within()), unit.show(row.beyond()));
        }
        out.println("  " + Whose.CHECK);
        out.printf(
                Locale.ROOT,
                "seen well: %.0f %% of %s%n",
                100 * line.seeing().share(),
                unit.show(new Distance(line.seeing().mm())));
        for (Limit limit : line.limits()) {
            out.println("  " + limit.look().word() + (limit.isUnknownBeyond() ? " past " : " ")
                    + line.place(limit.branch(), limit.from(), unit).all() + ": " + limit.why());
        }
        line.beyond(unit).ifPresent(out::println);
        for (Fall fall : line.falls()) {
            out.printf(
                    Locale.ROOT,
                    "fall %s: %.2f in/ft, give or take %.2f: %s%n",
                    line.place(fall.branch(), fall.extent(), unit).all(),
                    fall.inchesAFoot(),
                    fall.plusMinus(),
                    fall.steepness().word());
        }
        for (OpeningFault fault : line.faults()) {
            out.println("opening: "
                    + line.place(fault.branch(), fault.extent(), unit).all() + ": " + fault.says());
        }
        if (!line.tied().ties().isEmpty()) {
            out.println(line.tied().ties().size() + " ties between runs, misclosure "
                    + unit.show(new Distance(Math.round(line.tied().misclosure()))));
        }
    }
}
