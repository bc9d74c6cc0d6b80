package hitch.desk.mark;

import hitch.core.counter.CounterMark;
import hitch.core.detail.Details;
import hitch.core.finding.Certainty;
import hitch.core.finding.Finding;
import hitch.core.finding.Sighting;
import hitch.core.footage.FrameIndex;
import hitch.core.footage.FrameRef;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.measure.Distance;
import hitch.core.note.Act;
import hitch.core.note.Draft;
import hitch.core.note.FactOfJob;
import hitch.core.run.Run;
import hitch.core.survey.spoken.SpokenLine;
import hitch.core.talk.Contradiction;
import hitch.desk.Context;
import hitch.media.MediaException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;

/** Keeps, refuses and settles what was said. */
final class SpokenDesk {
    /** Which of the places of a draft is to stand. */
    enum PlaceChosen {
        SAID,
        COUNTER,
        LIKELY
    }

    private final Context desk;
    private final NoteActs acts;

    SpokenDesk(Context desk) {
        this.desk = desk;
        this.acts = new NoteActs(desk);
    }

    /** Plays from a second before it was said. */
    void play(SpokenLine line) {
        desk.player().seek(line.clip(), Math.max(0, line.seconds() - 1));
        desk.player().playingProperty().set(true);
    }

    void show(SpokenLine line) {
        desk.player().seek(line.clip(), Math.max(0, line.seconds()));
    }

    /** Keeps it: as another sighting where it has been found before and {@code again} is set. */
    void keep(SpokenLine line, boolean again) {
        if (!line.isOpen()) {
            return;
        }
        Optional<Contradiction> doubt = line.placeInDoubt();
        if (again && line.twin().isPresent()) {
            sight(line);
        } else if (doubt.isPresent()) {
            desk.work()
                    .notices()
                    .say("Which place stands? 1 as said, 2 by the counter"
                            + (doubt.get().likely().isPresent() ? ", 3 the likely slip." : "."));
        } else {
            make(line, line.draft());
        }
    }

    /** Keeps it at the place chosen. */
    void keepAt(SpokenLine line, PlaceChosen chosen) {
        if (!line.isOpen() || line.placeInDoubt().isEmpty()) {
            return;
        }
        Optional<Distance> at = switch (chosen) {
            case SAID -> line.draft().place().map(Draft.Place::from);
            case COUNTER -> line.counter();
            case LIKELY -> line.placeInDoubt().flatMap(Contradiction::likely);
        };
        at.ifPresent(d -> make(
                line, chosen == PlaceChosen.SAID ? line.draft() : line.draft().movedTo(d)));
    }

    /** Keeps all that is sure, as one change. */
    void keepSure(List<SpokenLine> lines) {
        List<SpokenLine> sure = lines.stream().filter(SpokenLine::isSure).toList();
        if (sure.isEmpty()) {
            desk.work().notices().say("Nothing here is sure enough to be taken unseen; look at them one by one.");
            return;
        }
        String count = sure.size() == 1 ? "1 sure draft" : sure.size() + " sure drafts";
        desk.work()
                .inBackground(
                        () -> {
                            Map<SpokenLine, FrameRef> frames = new LinkedHashMap<>();
                            for (SpokenLine line : sure) {
                                frames.put(line, at(line));
                            }
                            return frames;
                        },
                        frames -> {
                            List<Function<Job, Edit>> make = new ArrayList<>();
                            frames.forEach((line, at) -> make.addAll(kept(line, at)));
                            desk.work().changes().several("keep " + count, make);
                            desk.work().notices().say(count + " kept. Undo takes them back together.");
                        });
    }

    private static List<Function<Job, Edit>> kept(SpokenLine line, FrameRef at) {
        String id = line.commentary().id();
        String key = line.spoken().key();
        Function<Job, Edit> finding = job -> new Edit.KeepSpoken(
                id, key, Optional.of(line.draft().at(job.nextId(), at, job.runOf(at.clip()))), Optional.empty());
        return FactOfJob.in(line.draft())
                .map(fact -> List.<Function<Job, Edit>>of(
                        job -> isOpen(fact, job)
                                ? new Edit.KeepSpoken(id, key, Optional.empty(), Optional.empty())
                                : finding.apply(job),
                        job -> filled(fact, job)))
                .orElse(List.of(finding));
    }

    /** Whether the field that a fact is of says nothing yet; what is told otherwise stays a remark. */
    private static boolean isOpen(Details.Change fact, Job job) {
        return !job.facts().more().has(fact.detail());
    }

    private static Edit filled(Details.Change fact, Job job) {
        Details more = job.facts().more();
        return new Edit.DescribeProperty(job.facts().withMore(isOpen(fact, job) ? fact.in(more) : more));
    }

    private void keepFact(SpokenLine line, Details.Change fact, FrameRef at) {
        boolean open = isOpen(fact, desk.work().now().job());
        desk.work().changes().several("keep what was said of the job", kept(line, at));
        desk.work()
                .notices()
                .say(
                        open
                                ? fact.detail().title() + " is \"" + fact.text() + "\" now. Load has the field."
                                : fact.detail().title()
                                        + " says something else already and stays as it is; this is kept as a remark.");
    }

    void refuse(SpokenLine line) {
        if (line.isOpen()) {
            desk.work()
                    .apply(new Edit.RefuseSpoken(
                            line.commentary().id(), line.spoken().key()));
        }
    }

    private void sight(SpokenLine line) {
        Finding known = line.twin().orElseThrow().finding();
        frame(
                line,
                at -> desk.work()
                        .apply(new Edit.SightSpoken(
                                line.commentary().id(),
                                line.spoken().key(),
                                known.id(),
                                new Sighting(at, line.draft().wording()))));
    }

    private void make(SpokenLine line, Draft draft) {
        frame(line, at -> {
            String id = line.commentary().id();
            String key = line.spoken().key();
            if (draft.matter() == Act.ZERO) {
                CounterMark mark = acts.zeroing(draft, at);
                desk.work().apply(new Edit.KeepSpoken(id, key, Optional.empty(), Optional.of(mark)));
            } else if (draft.certainty() == Certainty.RULED_OUT) {
                desk.work().apply(new Edit.KeepSpoken(id, key, Optional.empty(), Optional.empty()));
            } else if (FactOfJob.in(draft).isPresent()) {
                keepFact(line, FactOfJob.in(draft).get(), at);
            } else {
                Optional<Run> run = desk.work().now().job().runOf(at.clip());
                desk.work().changes().keepSpoken(id, key, next -> draft.at(next, at, run));
            }
        });
    }

    /** The very frame shown when it was said; the clip's index may have to be read for it. */
    private void frame(SpokenLine line, Consumer<FrameRef> then) {
        desk.work().inBackground(() -> at(line), then);
    }

    private FrameRef at(SpokenLine line) throws MediaException {
        FrameIndex index = desk.work().footage().index(line.clip());
        return new FrameRef(
                line.clip().id(), index.pts(index.numberAt(line.clip().ptsAt(line.seconds()))));
    }
}
