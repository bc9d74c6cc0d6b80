package hitch.core;

import hitch.core.counter.Reading;
import hitch.core.footage.ClipId;
import hitch.core.footage.Glance;
import hitch.core.footage.Stretch;
import hitch.core.footage.Watched;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.line.LineFacts;
import hitch.core.measure.Distance;
import hitch.core.measure.Station;
import hitch.core.pipe.Material;
import hitch.core.pipe.Opening;
import hitch.core.pipe.PipeSize;
import hitch.core.rules.LineRules;
import hitch.core.rules.RulePart;
import hitch.core.run.Direction;
import hitch.core.run.Run;
import hitch.core.run.RunId;
import hitch.core.survey.Line;
import hitch.core.survey.Reckoner;
import hitch.core.survey.Survey;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.function.UnaryOperator;

/** Builds jobs of a few runs for tests: a foot a second out and back, notes by the foot. */
public final class LineJob {
    private Job job = Job.EMPTY;
    private final Map<ClipId, Watched> watched = new LinkedHashMap<>();

    public Job job() {
        return job;
    }

    public Survey survey() {
        return Reckoner.survey(job, watched);
    }

    public Line line() {
        return survey().line();
    }

    public LineJob with(Edit edit) {
        job = job.with(edit);
        return this;
    }

    public LineJob facts(UnaryOperator<LineFacts> how) {
        return with(new Edit.DescribeLine(how.apply(job.line())));
    }

    public LineJob rules(Function<LineRules, RulePart> how) {
        return with(new Edit.SetRules(how.apply(job.rules().line())));
    }

    /** A run that goes out {@code feet} at a foot a second and comes back as fast. */
    public LineJob run(String name, Direction direction, double startFt, int feet) {
        return run(name, direction, startFt, feet, r -> r);
    }

    public LineJob run(String name, Direction direction, double startFt, int feet, UnaryOperator<Run> how) {
        ClipId clip = new ClipId(name);
        Opening opening = new Opening("one-way cleanout of " + name, "", Material.CLAY, PipeSize.inches(4));
        Run run = new Run(new RunId(name), name, opening, at(startFt), direction, Distance.ZERO, List.of(clip));
        with(new Edit.PutClip(Sample.clip(clip, 2 * feet)));
        with(new Edit.PutRun(how.apply(run)));
        mark(name, 0, 0);
        mark(name, feet, feet);
        return mark(name, 2 * feet, 0);
    }

    public LineJob mark(String run, double second, double feet) {
        return with(new Edit.SetMark(new ClipId(run), Reading.byHand(Math.round(second * 1000), Distance.feet(feet))));
    }

    /** A note at a second of a run's clip. */
    public LineJob note(String run, double second, String words) {
        job = Sample.note(job, new ClipId(run), second, words);
        return this;
    }

    /** Something wrong with the picture from a second to another. */
    public LineJob hide(String run, double from, double to, Stretch.Reason reason) {
        Watched was = watched.getOrDefault(new ClipId(run), Watched.NOTHING);
        List<Stretch> all = new ArrayList<>(was.stretches());
        all.add(new Stretch(Math.round(from * 1000), Math.round(to * 1000), reason));
        return watch(run, new Watched(all, was.glances(), was.usualDetail(), List.of()));
    }

    /** The detail of a run's pictures, one a second from its start, against a usual detail of 1. */
    public LineJob sharp(String run, double... details) {
        List<Glance> glances = new ArrayList<>();
        for (int second = 0; second < details.length; second++) {
            glances.add(new Glance(second * 1000L, 128, 0, (float) details[second], 10));
        }
        Watched was = watched.getOrDefault(new ClipId(run), Watched.NOTHING);
        return watch(run, new Watched(was.stretches(), glances, 1, List.of()));
    }

    private LineJob watch(String run, Watched found) {
        watched.put(new ClipId(run), found);
        return this;
    }

    public static Station at(double feet) {
        return new Station(Distance.feet(feet).mm());
    }

    public static double feet(Station station) {
        return station.mm() / Distance.MM_PER_FOOT;
    }
}
