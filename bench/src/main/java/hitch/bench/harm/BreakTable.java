package hitch.bench.harm;

import hitch.bench.harm.Attack.Outcome;
import hitch.media.MediaException;
import hitch.store.StoreException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.stream.Stream;

/** Goes from attack to attack and counts: what was read, what refused in words, and the four faults that must not be. */
public final class BreakTable {
    /** Longer than this nothing that is handed in may hold the program up. */
    private static final long HANG_S = 10;

    /** What came of the attacks of one name. */
    public static final class Row {
        private int read;
        private int refused;
        private int traces;
        private int hangs;
        private int changed;
        private int silent;

        /** How many faults there were. */
        public int faults() {
            return traces + hangs + changed + silent;
        }

        /** How often it was attacked. */
        public int tries() {
            return read + refused + traces + hangs + silent;
        }
    }

    private final Path scratch;
    private final long seed;
    private final Consumer<String> say;
    private final Map<String, Row> rows = new LinkedHashMap<>();

    /** @param scratch an empty folder; nothing outside it is written to */
    public BreakTable(Path scratch, long seed, Consumer<String> say) {
        this.scratch = scratch;
        this.seed = seed;
        this.say = say;
    }

    /**
     * Attacks until {@code enough}; every attack is gone once at least.
     *
     * @return a row for each attack
     */
    public Map<String, Row> run(BooleanSupplier enough) throws IOException, MediaException, StoreException {
        List<Attack> attacks = Attacks.all(Files.createDirectories(scratch.resolve("whole")));
        long number = 0;
        boolean first = true;
        while (first || !enough.getAsBoolean()) {
            for (Attack attack : attacks) {
                one(attack, seed * 1_000_003 + number++);
            }
            first = false;
        }
        say.accept(String.format(
                "%-12s %7s %7s %9s %8s %7s %8s %8s",
                "", "tries", "read", "refused", "traces", "hangs", "changed", "silent"));
        rows.forEach((name, r) -> say.accept(String.format(
                Locale.ROOT,
                "%-12s %7d %7d %9d %8d %7d %8d %8d",
                name,
                r.tries(),
                r.read,
                r.refused,
                r.traces,
                r.hangs,
                r.changed,
                r.silent)));
        return rows;
    }

    private void one(Attack attack, long chance) throws IOException {
        Row row = rows.computeIfAbsent(attack.name(), n -> new Row());
        Path place = Files.createDirectories(scratch.resolve("now"));
        Map<Path, byte[]> before = new HashMap<>();
        for (Path source : attack.prepare(place, new Random(chance))) {
            before.put(source, Files.readAllBytes(source));
        }
        count(row, attack, chance);
        for (Map.Entry<Path, byte[]> source : before.entrySet()) {
            if (!Files.isRegularFile(source.getKey())
                    || !java.util.Arrays.equals(Files.readAllBytes(source.getKey()), source.getValue())) {
                row.changed++;
                say.accept(attack.name() + " " + chance + ": " + source.getKey().getFileName() + " was changed");
            }
        }
        try (Stream<Path> all = Files.walk(place)) {
            all.sorted(Comparator.reverseOrder()).forEach(p -> p.toFile().delete());
        }
    }

    private void count(Row row, Attack attack, long chance) {
        CompletableFuture<Outcome> told = new CompletableFuture<>();
        Thread thread = Thread.ofPlatform().daemon().start(() -> {
            try {
                told.complete(attack.run());
            } catch (Throwable e) {
                told.completeExceptionally(e);
            }
        });
        try {
            switch (told.get(HANG_S, TimeUnit.SECONDS)) {
                case READ -> row.read++;
                case REFUSED -> row.refused++;
                case SILENT -> {
                    row.silent++;
                    say.accept(attack.name() + " " + chance + ": a value was changed and nobody was told");
                }
            }
        } catch (ExecutionException e) {
            boolean words = (e.getCause() instanceof StoreException || e.getCause() instanceof MediaException)
                    && e.getCause().getMessage() != null;
            if (words) {
                row.refused++;
            } else {
                row.traces++;
                say.accept(attack.name() + " " + chance + ": " + e.getCause());
            }
        } catch (TimeoutException e) {
            row.hangs++;
            say.accept(attack.name() + " " + chance + ": nothing for " + HANG_S + " s");
            thread.interrupt();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
