package hitch.bench.visit;

import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.note.grammar.TradeNoteReader;
import hitch.core.propose.Proposals;
import hitch.core.propose.Proposals.ProposedRun;
import hitch.core.propose.Proposals.Why;
import hitch.core.run.Direction;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.media.ears.Listening;
import hitch.media.voice.Narrator;
import hitch.sim.film.SimulatedCamera;
import hitch.sim.scene.Scenario;
import hitch.sim.scene.Take;
import hitch.store.Footage;
import hitch.store.intake.ClipOrder;
import hitch.store.intake.ClipSteps;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.LongSupplier;

/** Records made-up visits, takes them in as a drop does, and tells what of their runs is proposed as it was. */
public final class VisitTable {
    private final Path scratch;
    private final Narrator technician;
    private final Listening ears;
    private final boolean eyes;
    private final LongSupplier nanos;
    private final Consumer<String> out;

    /**
     * How it went.
     *
     * @param asked runs, their ways and openings, and clips on no run
     * @param right of them
     * @param untold wrong without a doubt told
     * @param playing seconds of footage
     * @param taking seconds that taking it in took
     */
    public record Score(int asked, int right, int untold, double playing, double taking) {
        static final Score NONE = new Score(0, 0, 0, 0, 0);

        Score plus(Score o) {
            return new Score(
                    asked + o.asked, right + o.right, untold + o.untold, playing + o.playing, taking + o.taking);
        }

        private Score with(boolean isRight, boolean told) {
            return new Score(asked + 1, right + (isRight ? 1 : 0), untold + (isRight || told ? 0 : 1), playing, taking);
        }
    }

    /**
     * @param ears what is listened with
     * @param eyes whether the wall is looked at too
     */
    public VisitTable(
            Path scratch, Narrator technician, Listening ears, boolean eyes, LongSupplier nanos, Consumer<String> out) {
        this.scratch = scratch;
        this.technician = technician;
        this.ears = ears;
        this.eyes = eyes;
        this.nanos = nanos;
        this.out = out;
    }

    /** @param visits how many of them, the first ones */
    public Score run(int visits) throws MediaException, IOException {
        Score all = Score.NONE;
        for (Visit visit : Visit.ALL.subList(0, Math.min(visits, Visit.ALL.size()))) {
            all = all.plus(take(visit));
        }
        out.accept(String.format(
                Locale.ROOT,
                "%d of %d right (%.0f %%), %d wrong without a doubt told; taken in within %.0f %% of %.0f s",
                all.right(),
                all.asked(),
                100.0 * all.right() / Math.max(1, all.asked()),
                all.untold(),
                100 * all.taking() / Math.max(1, all.playing()),
                all.playing()));
        return all;
    }

    private Score take(Visit visit) throws MediaException, IOException {
        Scenario scenario = visit.scenario(scratch);
        Path folder = Files.createDirectories(scratch.resolve(visit.name()));
        new SimulatedCamera(scenario, technician).recordAll(folder, Progress.NONE);
        long begun = nanos.getAsLong();
        Footage footage = new Footage(Files.createDirectories(scratch.resolve(visit.name() + "-job")));
        Job job = in(footage, scenario, folder);
        ClipSteps steps = new ClipSteps(footage, ears, new TradeNoteReader(), eyes);
        for (Clip clip : job.clips()) {
            for (ClipSteps.Step step : ClipSteps.Step.values()) {
                for (Edit edit : steps.step(step, clip, job, Progress.NONE)) {
                    job = job.with(edit);
                }
            }
        }
        Proposals proposals = steps.proposals(job);
        double taking = (nanos.getAsLong() - begun) / 1e9;
        out.accept(visit.name());
        Score score = held(visit, scenario, job, proposals);
        double playing = scenario.clips().stream().mapToDouble(Take::seconds).sum();
        return new Score(score.asked(), score.right(), score.untold(), playing, taking);
    }

    private static Job in(Footage footage, Scenario scenario, Path folder) throws MediaException {
        Job job = Job.EMPTY;
        List<Clip> fresh = new ArrayList<>();
        for (String file : scenario.clips().stream().map(Take::file).sorted().toList()) {
            Clip clip = footage.takeIn(folder.resolve(file), job, Progress.NONE);
            job = job.with(new Edit.PutClip(clip));
            fresh.add(clip);
        }
        Optional<Edit> order = ClipOrder.of(job, fresh, footage);
        return order.isPresent() ? job.with(order.get()) : job;
    }

    private Score held(Visit visit, Scenario scenario, Job job, Proposals proposals) {
        Score score = Score.NONE;
        for (String run : scenario.clips().stream().map(Take::run).distinct().toList()) {
            List<Take> takes = scenario.clips().stream()
                    .filter(t -> t.run().equals(run))
                    .sorted(Comparator.comparing(Take::started))
                    .toList();
            List<String> files = takes.stream().map(Take::file).toList();
            if (run.isBlank()) {
                boolean above = files.stream()
                        .allMatch(f -> proposals.others().stream()
                                .anyMatch(u -> u.why() == Why.ABOVE_GROUND
                                        && file(job, u.clip()).equals(f)));
                score = tell(score, "above ground " + files, above, false, "");
                continue;
            }
            Optional<ProposedRun> proposed = proposals.runs().stream()
                    .filter(p -> file(job, p.run().clips().getFirst()).equals(files.getFirst()))
                    .findFirst();
            boolean doubted = proposed.filter(p -> !p.doubts().isEmpty()).isPresent();
            List<String> got = proposed.map(
                            p -> p.run().clips().stream().map(c -> file(job, c)).toList())
                    .orElse(List.of());
            score = tell(score, run + ": clips " + files, got.equals(files), doubted, got.toString());
            Direction way = takes.getFirst().sign() > 0 ? Direction.WITH_FLOW : Direction.AGAINST_FLOW;
            boolean known = proposed.filter(ProposedRun::directionKnown).isPresent();
            boolean right =
                    visit.waySaid() ? known && proposed.orElseThrow().run().direction() == way : !known && doubted;
            score = tell(score, run + ": way", right, !known && doubted, known ? "another" : "unknown");
            String kind = proposed.map(p -> p.run().opening().sort().word()).orElse("none");
            boolean opening = kind.equals(visit.openings().get(run).word());
            score = tell(score, run + ": opening", opening, doubted, kind);
        }
        return score;
    }

    private Score tell(Score score, String what, boolean right, boolean told, String got) {
        out.accept("  " + (right ? "right " : told ? "told  " : "WRONG ") + what + (right ? "" : ", got " + got));
        return score.with(right, told);
    }

    private static String file(Job job, ClipId clip) {
        return job.clip(clip).map(Clip::fileName).orElse(clip.value());
    }
}
