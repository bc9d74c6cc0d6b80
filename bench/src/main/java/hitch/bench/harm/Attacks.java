package hitch.bench.harm;

import hitch.core.caption.CaptionReader;
import hitch.core.exchange.CounterCsv;
import hitch.core.finding.Finding;
import hitch.core.job.Job;
import hitch.core.measure.LengthUnit;
import hitch.core.note.grammar.TradeNoteReader;
import hitch.core.talk.Contradictions;
import hitch.core.talk.Spoken;
import hitch.core.talk.TalkReader;
import hitch.core.talk.Whereabouts;
import hitch.core.talk.like.Likeness;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.media.clip.ClipFacts;
import hitch.media.clip.ClipIndexer;
import hitch.media.clip.Fingerprint;
import hitch.media.clip.FrameReader;
import hitch.sim.DemoJob;
import hitch.store.JobFolder;
import hitch.store.StoreException;
import hitch.store.TextFile;
import hitch.store.out.OutFile;
import hitch.store.out.OutFolder;
import hitch.store.seal.Verified;
import java.io.IOException;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;

/** Everything that people hand in, attacked. */
final class Attacks {
    private static final int FRAMES = 3;

    private Attacks() {}

    /** @param whole folder for what is damaged in copies */
    static List<Attack> all(Path whole) throws IOException, MediaException, StoreException {
        Path job = whole.resolve("job");
        DemoJob.FIRST.create(job, Progress.NONE);
        Path clip = job.resolve("clips/C1-marks.mp4");
        byte[] captions = captions().getBytes(StandardCharsets.UTF_8);
        byte[] counter = counter().getBytes(StandardCharsets.UTF_8);
        return List.of(
                new OfJournal(job),
                file("captions", "c.srt", captions, Attacks::captions),
                file("clip", "c.mp4", Files.readAllBytes(clip), Attacks::clip),
                file("photograph", "p.jpg", Files.readAllBytes(job.resolve("clips/D1-paint.jpg")), Attacks::clip),
                file("counter", "c.csv", counter, Attacks::counter),
                new OfDelivery(),
                new OfOutputs(job));
    }

    /** What is done with a damaged file. */
    private interface Use {
        Attack.Outcome of(Path file) throws Exception;
    }

    private static Attack file(String name, String called, byte[] whole, Use use) {
        return new Attack() {
            private Path file;

            @Override
            public String name() {
                return name;
            }

            @Override
            public Iterable<Path> prepare(Path scratch, Random chance) throws IOException {
                file = Files.write(scratch.resolve(called), new Harm(chance).done(whole));
                return List.of(file);
            }

            @Override
            public Outcome run() throws Exception {
                return use.of(file);
            }
        };
    }

    private static String captions() {
        // What the program learns once when it starts is no part of an attack.
        Likeness.known();
        StringBuilder text = new StringBuilder();
        String[] says = {
            "roots top at", "an offset, half an inch, at", "standing water from 20 to", "that's the main at"
        };
        for (int i = 0; i < 60; i++) {
            text.append(i + 1)
                    .append(String.format(
                            "%n00:%02d:%02d,000 --> 00:%02d:%02d,900%n", i / 20, i % 20 * 3, i / 20, i % 20 * 3))
                    .append(says[i % says.length])
                    .append(' ')
                    .append(i + 20)
                    .append(" feet.\n\n");
        }
        return text.toString();
    }

    private static Attack.Outcome captions(Path file) throws StoreException {
        Spoken.All all =
                new TalkReader(new TradeNoteReader(), LengthUnit.FEET).read(CaptionReader.read(TextFile.read(file)));
        Contradictions.in(all, Whereabouts.UNKNOWN, LengthUnit.FEET);
        return Attack.Outcome.READ;
    }

    private static Attack.Outcome clip(Path file) throws MediaException {
        ClipFacts facts = ClipIndexer.index(file);
        try (FrameReader reader = new FrameReader(file, facts.index())) {
            for (int i = 0; i < FRAMES; i++) {
                reader.frame(facts.frames().count() * i / FRAMES);
            }
        }
        return Attack.Outcome.READ;
    }

    private static String counter() {
        StringBuilder text = new StringBuilder("time_s,reading,unit,confidence\n");
        for (int i = 0; i < 200; i++) {
            text.append(i).append(',').append(i * 0.4).append(",ft,0.9\n");
        }
        return text.toString();
    }

    private static Attack.Outcome counter(Path file) throws StoreException {
        try {
            CounterCsv.read(new StringReader(TextFile.read(file))).farthest();
            return Attack.Outcome.READ;
        } catch (IOException e) {
            // A table that is none is told by the reader's own words.
            return Attack.Outcome.REFUSED;
        }
    }

    /** A record: whatever was damaged, each finding that is shown is one that was written, or the damage is told. */
    private static final class OfJournal implements Attack {
        private final byte[] whole;
        private final Job job;
        private final Set<Finding> written;
        private Path folder;

        OfJournal(Path of) throws StoreException, IOException {
            try (JobFolder opened = JobFolder.open(of)) {
                job = opened.job();
                written = job.findings().stream().collect(Collectors.toSet());
            }
            whole = Files.readAllBytes(of.resolve(JobFolder.JOURNAL));
        }

        @Override
        public String name() {
            return "journal";
        }

        @Override
        public Iterable<Path> prepare(Path scratch, Random chance) throws IOException {
            folder = Files.createDirectories(scratch.resolve("job"));
            Files.write(folder.resolve(JobFolder.JOURNAL), new Harm(chance).done(whole));
            // The record itself may be mended when it is opened.
            return List.of();
        }

        @Override
        public Outcome run() throws StoreException {
            try (JobFolder opened = JobFolder.open(folder)) {
                boolean told = !opened.damage().isEmpty() || !opened.notices().isEmpty();
                boolean same = opened.job().equals(job);
                boolean known = opened.job().findings().stream().allMatch(written::contains);
                return same || told && known ? Outcome.READ : Outcome.SILENT;
            }
        }
    }

    /** A folder that was handed over, of which one file was changed: that is told. */
    private static final class OfDelivery implements Attack {
        private Path folder;

        @Override
        public String name() {
            return "delivery";
        }

        @Override
        public Iterable<Path> prepare(Path scratch, Random chance) throws IOException {
            folder = Files.createDirectories(scratch.resolve("handed"));
            StringBuilder products = new StringBuilder();
            List<Path> files = new ArrayList<>();
            for (int i = 0; i < 4; i++) {
                byte[] bytes = new byte[200 + chance.nextInt(4000)];
                chance.nextBytes(bytes);
                Path file = Files.write(folder.resolve("file-" + i), bytes);
                files.add(file);
                products.append(i == 0 ? "" : ",")
                        .append("{\"file\":\"file-" + i + "\",\"sha256\":\"")
                        .append(fingerprint(file))
                        .append("\"}");
            }
            Files.writeString(folder.resolve("manifest.json"), "{\"for\":\"owner\",\"products\":[" + products + "]}");
            Path changed = files.get(chance.nextInt(files.size()));
            Files.write(changed, new Harm(chance).done(Files.readAllBytes(changed)));
            return files;
        }

        private static String fingerprint(Path file) throws IOException {
            try {
                return Fingerprint.of(file, Progress.NONE);
            } catch (MediaException e) {
                throw new IOException(e);
            }
        }

        @Override
        public Outcome run() throws StoreException {
            return Verified.of(folder, Progress.NONE).isWhole() ? Outcome.SILENT : Outcome.READ;
        }
    }

    /** Outputs onto inputs, into jobs, through links: refused, or written where nothing stood. */
    private static final class OfOutputs implements Attack {
        private final Path job;
        private Path out;
        private int how;
        private List<Path> inputs = List.of();

        OfOutputs(Path job) {
            this.job = job;
        }

        @Override
        public String name() {
            return "outputs";
        }

        @Override
        public Iterable<Path> prepare(Path scratch, Random chance) throws IOException {
            Path input = Files.writeString(scratch.resolve("in.csv"), "time_s,reading\n");
            Path footage = Files.copy(job.resolve("clips/C1-marks.mp4"), scratch.resolve("in.mp4"));
            Path soft = Files.createSymbolicLink(scratch.resolve("soft.csv"), job.resolve(JobFolder.JOURNAL));
            Path way = Files.createSymbolicLink(scratch.resolve("way"), job);
            Path hard = Files.createLink(scratch.resolve("hard.csv"), input);
            List<Path> places = List.of(
                    input,
                    footage,
                    soft,
                    hard,
                    job.resolve(JobFolder.JOURNAL),
                    job.resolve("clips/C1-marks.mp4"),
                    way.resolve("clips/B1-street-out.mp4"),
                    way.resolve("new.csv"),
                    scratch.resolve("sub/../in.csv"),
                    scratch.resolve("new.csv"),
                    scratch);
            out = places.get(chance.nextInt(places.size()));
            how = chance.nextInt(4);
            inputs = List.of(input, footage);
            return List.of(
                    input,
                    footage,
                    job.resolve(JobFolder.JOURNAL),
                    job.resolve("clips/C1-marks.mp4"),
                    job.resolve("clips/B1-street-out.mp4"));
        }

        @Override
        public Outcome run() throws StoreException {
            switch (how) {
                case 0 -> OutFile.text(out, "csv", inputs).write("new");
                case 1 -> OutFile.fresh(out, inputs).write("new");
                case 2 -> OutFile.picture(out, inputs).write(new byte[] {1});
                default -> OutFolder.of(out, inputs);
            }
            return Outcome.READ;
        }
    }
}
