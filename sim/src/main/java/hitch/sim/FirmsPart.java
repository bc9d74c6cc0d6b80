package hitch.sim;

import hitch.core.decide.Decision;
import hitch.core.exchange.PricesCsv;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.judge.visit.Compared;
import hitch.core.survey.Reckoner;
import hitch.store.JobFolder;
import hitch.store.StoreException;
import hitch.store.described.DescribedException;
import hitch.store.described.DescribedLine;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.Optional;

/** What an invented firm brings to a demo job: its prices, and what it found at an earlier visit. */
final class FirmsPart {
    private FirmsPart() {}

    static void add(JobFolder job, DemoJob which) throws StoreException {
        Optional<String> prices = text(which, "prices.csv");
        if (prices.isPresent()) {
            job.apply(new Edit.SetRules(PricesCsv.parse(prices.get())));
        }
        Optional<String> earlier = text(which, "earlier.yaml");
        if (earlier.isPresent()) {
            job.apply(new Edit.Decide(
                    new Decision.Beside(Compared.visit("earlier", Reckoner.survey(described(earlier.get()))))));
        }
    }

    private static Job described(String yaml) {
        try {
            Job job = Job.EMPTY;
            for (Edit edit : DescribedLine.read(yaml)) {
                job = job.with(edit);
            }
            return job;
        } catch (DescribedException e) {
            throw new IllegalStateException("the demo's earlier visit cannot be read: " + e.getMessage(), e);
        }
    }

    private static Optional<String> text(DemoJob which, String file) {
        try (InputStream in = which.shipped(file)) {
            return in == null ? Optional.empty() : Optional.of(new String(in.readAllBytes(), StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new IllegalStateException("the demo's " + file + " cannot be read", e);
        }
    }
}
