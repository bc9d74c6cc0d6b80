package hitch.bench.harm;

import hitch.core.counter.Reading;
import hitch.core.detail.Detail;
import hitch.core.footage.AdjustedSpan;
import hitch.core.footage.Adjustment;
import hitch.core.footage.Clip;
import hitch.core.footage.FrameIndex;
import hitch.core.footage.FrameRef;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.job.PropertyFacts;
import hitch.core.measure.Distance;
import hitch.core.measure.LengthUnit;
import hitch.core.measure.Station;
import hitch.core.note.grammar.TradeNoteReader;
import hitch.core.pipe.Material;
import hitch.core.pipe.Opening;
import hitch.core.pipe.PipeSize;
import hitch.core.rules.ShowingRules;
import hitch.core.run.Direction;
import hitch.core.run.Run;
import hitch.core.run.RunId;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.store.Footage;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;

/**
 * A job by chance with two sides: a run to the main and back, one to the building, a clip above ground; names and secrets
 * wherever a person can type them. What of it is private is known.
 */
final class RandomJob {
    private static final String[] FIRST = {"Odalys", "Quenby", "Thaddeo", "Zinnia"};
    private static final String[] LAST = {"Vexholm", "Marquardo", "Ipswell", "Brontag"};
    private static final String[] KINDS = {
        "roots heavy", "offset 1/2 in", "crack", "debris", "grease", "scale", "tie-in at 3"
    };
    private static final int FRAMES = 160;

    private final Random chance;
    private final Set<String> secrets = new LinkedHashSet<>();
    private final Footage footage;
    private final double far;
    private final double boundary;
    private final String client;
    private Job job = Job.EMPTY;
    private int tokens;

    /** @param folder where its footage is put */
    RandomJob(Path folder, Random chance) throws MediaException {
        this.chance = chance;
        this.footage = new Footage(folder);
        this.far = 40 + chance.nextInt(30);
        this.boundary = Math.round(far * (0.3 + 0.5 * chance.nextDouble()) * 10) / 10.0;
        this.client = pick(FIRST) + " " + pick(LAST);
        for (String word : client.split(" ")) {
            secrets.add(word);
        }
        facts();
        String named = chance.nextBoolean() ? client.split(" ")[1] + "-" : "";
        String burned = chance.nextBoolean() ? client : "";
        Clip down = take(folder.resolve(named + "down.mp4"), this::isPrivate, burned);
        Clip up = take(folder.resolve(named + "up.mp4"), n -> true, burned);
        Clip yard = take(folder.resolve("yard.mp4"), n -> true, "");
        run("the " + secret() + " run", Direction.WITH_FLOW, down);
        run("kitchen " + secret(), Direction.AGAINST_FLOW, up);
        FrameIndex index = footage.index(down);
        counter(down, index, 0, FRAMES / 2, FRAMES - 1);
        counter(up, footage.index(up), 0, FRAMES / 2, FRAMES - 1);
        bound(down, index);
        findings(down, index, up, yard);
        if (chance.nextInt(3) == 0) {
            int from = chance.nextInt(FRAMES - 20);
            edit(new Edit.Adjust(
                    down.id(),
                    new AdjustedSpan(
                            index.pts(from),
                            index.pts(from + 15),
                            new Adjustment(chance.nextBoolean() ? -180 : 0, chance.nextBoolean(), 0.1, 0, 1, false))));
        }
    }

    Job job() {
        return job;
    }

    Footage footage() {
        return footage;
    }

    /** What no byte of a district's delivery may say. */
    Set<String> secrets() {
        return secrets;
    }

    /** Where the owner's part ends, feet. */
    double boundary() {
        return boundary;
    }

    private String pick(String[] from) {
        return from[chance.nextInt(from.length)];
    }

    /** A word that stands nowhere else. */
    private String secret() {
        // Letters alone: a figure in it would be read as a distance.
        StringBuilder word = new StringBuilder("zq");
        for (int left = 1 + chance.nextInt(9000) * 100 + tokens++; left > 0; left /= 20) {
            word.append("bcdghjklmnprstvwxyzq".charAt(left % 20));
        }
        secrets.add(word.toString());
        return word.toString();
    }

    private void edit(Edit edit) {
        job = job.with(edit);
    }

    private void facts() {
        PropertyFacts facts = new PropertyFacts(
                "7 Teasel Lane",
                "Marrow Bridge",
                client,
                "2026-05-02",
                "R. Viewer",
                "Orme Drains",
                LengthUnit.FEET,
                "The line, " + secret() + ".",
                List.of("The " + secret() + " bath."),
                false);
        edit(new Edit.DescribeProperty(facts.withMore(facts.more()
                .with(Detail.CALLED, "the tub " + secret())
                .with(Detail.PRESENT, "owner " + client + ", " + secret())
                .with(Detail.OCCUPIED, "idle " + secret())
                .with(Detail.JOB_NUMBER, "2026-114"))));
        edit(new Edit.SetRules(new ShowingRules(chance.nextDouble() * 3, chance.nextDouble() * 3)));
    }

    private Clip take(Path file, java.util.function.IntPredicate isPrivate, String burned) throws MediaException {
        MarkedFootage.write(file, FRAMES, isPrivate, burned, chance);
        Clip clip = footage.takeIn(file, job, Progress.NONE);
        edit(new Edit.PutClip(clip));
        return clip;
    }

    private double station(int frame) {
        double half = FRAMES / 2.0;
        return frame <= half ? far * frame / half : far * (FRAMES - 1 - frame) / (FRAMES - 1 - half);
    }

    /** A tenth of a foot is what a counter shows; nearer than that nobody knows on which side a frame is. */
    private boolean isPrivate(int frame) {
        return station(frame) < boundary - 0.1;
    }

    private void counter(Clip clip, FrameIndex index, int... frames) {
        for (int n : frames) {
            edit(new Edit.SetMark(clip.id(), Reading.byHand(index.pts(n), Distance.feet(station(n)))));
        }
    }

    private void run(String name, Direction direction, Clip clip) {
        Opening opening = new Opening("cleanout", "beside the " + secret(), Material.CLAY, PipeSize.inches(4));
        edit(new Edit.PutRun(new Run(
                new RunId(clip.id().value()),
                name,
                opening,
                Station.DATUM,
                direction,
                Distance.ZERO,
                List.of(clip.id()))));
    }

    private void bound(Clip down, FrameIndex index) {
        switch (chance.nextInt(3)) {
            case 0 ->
                edit(new Edit.DescribeLine(
                        job.line().withBoundary(java.util.Optional.of(Station.DATUM.plus(Distance.feet(boundary))))));
            case 1 -> note(down, index, FRAMES / 4, "boundary at " + boundary);
            default -> {
                note(down, index, FRAMES / 4, "boundary, building wall, at " + Math.round(boundary / 3));
                note(down, index, FRAMES / 4, "boundary, edge of the walk, at " + boundary);
            }
        }
        if (chance.nextBoolean()) {
            note(down, index, FRAMES / 2, "main connection");
        }
    }

    private void findings(Clip down, FrameIndex index, Clip up, Clip yard) throws MediaException {
        List<Integer> frames = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            frames.add(3 + chance.nextInt(FRAMES - 6));
        }
        // One at least lies on the public side, one hard by the boundary.
        frames.add(FRAMES / 2 - 2);
        frames.add((int) Math.ceil(boundary / far * FRAMES / 2) + 1);
        for (int frame : frames) {
            boolean hidden = isPrivate(frame);
            note(down, index, frame, pick(KINDS) + ", " + (hidden ? secret() : "by " + client + "'s oak"));
        }
        long from = Math.round(boundary / 2);
        long to = Math.round((boundary + far) / 2);
        secrets.add(from + "-" + to);
        note(down, index, FRAMES / 8, "standing water " + from + "-" + to + ", 30%");
        note(up, footage.index(up), 30, "roots light, " + secret());
        note(yard, footage.index(yard), 30, "cap is by the " + secret());
        note(down, index, 20, "ran the hall bath, seen after 40 s, " + secret());
        note(down, index, 25, "owner says the tub backs up, " + secret());
    }

    private void note(Clip clip, FrameIndex index, int frame, String words) {
        edit(new Edit.AddFinding(new TradeNoteReader()
                .read(words, job.facts().unit())
                .first()
                .at(job.nextId(), new FrameRef(clip.id(), index.pts(frame)), job.runOf(clip.id()))));
    }
}
