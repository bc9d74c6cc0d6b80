package hitch.bench;

import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.judge.Judge;
import hitch.core.judge.Judgement;
import hitch.core.survey.Reckoner;
import hitch.core.survey.Survey;
import hitch.store.described.DescribedException;
import hitch.store.described.DescribedLine;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.function.Consumer;
import java.util.function.LongSupplier;

/** How long it takes to judge a line on which very much was found, beside reckoning the same line. */
public final class JudgeTimes {
    private static final int FINDINGS = 300;
    private static final int TIMES = 40;
    private static final List<String> FOUND = List.of(
            "roots",
            "roots heavy",
            "offset up 3/4 in",
            "offset up 1 1/2 in",
            "gap 1 in",
            "crack",
            "hole",
            "scale heavy",
            "grease",
            "wipes");
    private static final Allowed MILLISECONDS = Allowed.most(50);

    private JudgeTimes() {}

    public static void run(LongSupplier nanos, Consumer<String> say) throws DescribedException {
        Survey survey = Reckoner.survey(job());
        long[] reckoned = new long[TIMES];
        long[] judged = new long[TIMES];
        Judgement last = Judge.judge(survey);
        for (int i = 0; i < TIMES; i++) {
            long start = nanos.getAsLong();
            survey = Reckoner.survey(job());
            reckoned[i] = nanos.getAsLong() - start;
            start = nanos.getAsLong();
            last = Judge.judge(survey);
            judged[i] = nanos.getAsLong() - start;
        }
        Arrays.sort(reckoned);
        Arrays.sort(judged);
        double milliseconds = judged[TIMES / 2] / 1e6;
        say.accept(String.format(
                Locale.ROOT,
                "%d findings judged in %.1f ms %s, %.2f of the time that reading and reckoning them takes",
                survey.findings().size(),
                milliseconds,
                MILLISECONDS.verdict(milliseconds),
                (double) judged[TIMES / 2] / reckoned[TIMES / 2]));
        say.accept("  " + last.matters().size() + " matters, " + last.asks().size() + " asks, "
                + last.asks().stream().mapToInt(a -> a.options().size()).sum() + " ways to meet them");
    }

    /** A long line of many pipes, with findings strewn over it by a seed. */
    private static Job job() throws DescribedException {
        Random random = new Random(19);
        StringBuilder yaml = new StringBuilder(
                "job: {recorded: 2026-08-03, built: 1950}\nruns:\n"
                        + "  - {name: run, opening: {kind: two-way cleanout, pipe: 4 in clay}, goes: toward the main}\nfindings:\n");
        for (int i = 0; i < FINDINGS; i++) {
            String what = i % 25 == 24
                    ? (i % 50 == 24 ? "clay to pvc" : "pvc to clay")
                    : FOUND.get(random.nextInt(FOUND.size()));
            yaml.append("  - says: ")
                    .append(what)
                    .append(" at ")
                    .append(3 + 5 * i)
                    .append('\n');
        }
        Job job = Job.EMPTY;
        for (Edit edit : DescribedLine.read(yaml.toString())) {
            job = job.with(edit);
        }
        return job;
    }
}
