package hitch.bench;

import hitch.media.MediaException;
import hitch.sim.trial.CounterTrial;
import hitch.sim.trial.TrialFace;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.Consumer;

/** Tries the counter's reader on many made-up clips, and tells how it did and whether its confidence was earned. */
public final class CounterTable {
    /** Most of the confident moments that may be off, over all and in one clip. */
    private static final double MOST_WRONG = 0.001;

    private static final double MOST_WRONG_OF_CLIP = 0.01;
    private static final int LEAST_CONFIDENT = 20_000;

    private record Went(CounterTrials.Named trial, CounterScore score) {}

    private final Path scratch;
    private final Consumer<String> out;
    private final Calibration calibration = new Calibration();

    /**
     * @param scratch folder for the clips; those already in it are used again
     */
    public CounterTable(Path scratch, Consumer<String> out) {
        this.scratch = scratch;
        this.out = out;
    }

    /**
     * Runs all trials on all processors and prints the tables.
     *
     * @param each whether every clip is told, as soon as it was read
     */
    public void run(List<CounterTrials.Named> trials, boolean each) throws MediaException {
        if (each) {
            head();
        }
        List<Went> all = went(trials, each);
        if (each) {
            out.accept("");
        }
        head();
        Map<TrialFace, List<Went>> faces = new TreeMap<>();
        all.forEach(w -> faces.computeIfAbsent(w.trial().trial().look().face(), f -> new ArrayList<>())
                .add(w));
        faces.forEach((face, went) -> tell(face.words(), sum(went), went.size()));
        CounterScore sum = sum(all);
        tell("**all**", sum, all.size());
        out.accept("");
        calibration.print(out);
        out.accept("");
        verdicts(all, sum);
    }

    private static String about(CounterTrial trial) {
        return trial.look().form() + " " + (int) trial.look().tall() + " px"
                + (trial.turnedFrom() == 0 ? " turned" : trial.turnedFrom() < trial.seconds() ? " turns over" : "")
                + String.format(Locale.ROOT, " blur %.1f", trial.blur());
    }

    private List<Went> went(List<CounterTrials.Named> trials, boolean each) throws MediaException {
        List<Future<Went>> runs = new ArrayList<>();
        try (ExecutorService pool =
                Executors.newFixedThreadPool(Runtime.getRuntime().availableProcessors())) {
            for (CounterTrials.Named t : trials) {
                Callable<Went> one = () -> {
                    Calibration own = new Calibration();
                    CounterScore score = CounterScore.of(t.trial(), scratch.resolve(t.name() + ".mp4"), own);
                    synchronized (calibration) {
                        calibration.add(own);
                        if (each) {
                            tell(t.name() + " " + about(t.trial()), score, 1);
                        }
                    }
                    return new Went(t, score);
                };
                runs.add(pool.submit(one));
            }
            List<Went> all = new ArrayList<>();
            for (Future<Went> run : runs) {
                all.add(run.get());
            }
            return all;
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new MediaException("The trial was interrupted.", e);
        } catch (ExecutionException e) {
            throw new MediaException("A trial failed: " + e.getCause().getMessage(), e);
        }
    }

    private static CounterScore sum(List<Went> went) {
        return went.stream().map(Went::score).reduce(CounterScore.NONE, CounterScore::plus);
    }

    private void head() {
        out.accept("| face | clips | moments | read before the fit | within 0.1 ft | confident | of those off "
                + "| zeroings missed, invented | unit asked, wrong | way up asked, wrong |");
        out.accept("|---|---|---|---|---|---|---|---|---|---|");
    }

    private void tell(String name, CounterScore s, int clips) {
        out.accept(String.format(
                Locale.ROOT,
                "| %s | %d | %d | %.1f %% | %.2f %% | %d | %d | %d, %d | %d, %d | %d, %d |",
                name,
                clips,
                s.visible(),
                100 * s.read() / clips,
                100.0 * s.right() / Math.max(1, s.visible()),
                s.confident(),
                s.wrong(),
                s.zeroingsMissed(),
                s.zeroingsInvented(),
                s.unitAsked(),
                s.wrongUnit(),
                s.upAsked(),
                s.wrongUp()));
    }

    private void verdicts(List<Went> all, CounterScore sum) {
        List<Went> bad = all.stream()
                .filter(w -> w.score().wrong()
                        > MOST_WRONG_OF_CLIP * Math.max(1, w.score().confident()))
                .toList();
        verdict(
                String.format(Locale.ROOT, "%,d confident moments of %,d", sum.confident(), LEAST_CONFIDENT),
                sum.confident() >= LEAST_CONFIDENT);
        verdict(
                String.format(
                        Locale.ROOT,
                        "%.2f in 1,000 of them off by more than half a foot (at most 1)",
                        1000.0 * sum.wrong() / Math.max(1, sum.confident())),
                sum.wrong() <= MOST_WRONG * sum.confident());
        verdict(bad.size() + " clips with more than 1 in 100 of them off", bad.isEmpty());
        verdict(sum.wrongUp() + " clips surely read the wrong way up", sum.wrongUp() == 0);
        verdict(sum.wrongUnit() + " clips surely read in the wrong unit", sum.wrongUnit() == 0);
        bad.forEach(
                w -> out.accept("  " + w.trial().name() + " " + about(w.trial().trial()) + ": "
                        + w.score().wrong() + " of " + w.score().confident()));
    }

    private void verdict(String what, boolean kept) {
        out.accept(what + (kept ? ": kept" : ": MISSED"));
    }
}
