package hitch.store.intake;

import hitch.core.counter.CounterTrace;
import hitch.core.footage.Clip;
import hitch.core.job.Job;
import hitch.core.note.NoteReader;
import hitch.core.propose.ClipClues;
import hitch.core.propose.KnownRun;
import hitch.core.propose.Passed;
import hitch.core.propose.Proposals;
import hitch.core.propose.RunProposer;
import hitch.core.propose.SaidSentence;
import hitch.core.run.Run;
import hitch.core.talk.Commentary;
import hitch.core.talk.TalkReader;
import hitch.store.Footage;
import hitch.store.IntakeSigns;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Predicate;

/** What a job knows of its clips, on runs and on none, from which runs are proposed. */
final class KnownClips {
    private final Footage footage;
    private final TalkReader reader;
    private final Job job;

    KnownClips(Footage footage, NoteReader reader, Job job) {
        this.footage = footage;
        this.reader = new TalkReader(reader, job.facts().unit());
        this.job = job;
    }

    /** @param isRead whether a clip's counter was looked for */
    Proposals proposals(Predicate<Clip> isRead) {
        List<ClipClues> open = job.clipsInUse().stream()
                .filter(c -> !c.photo() && isRead.test(c) && job.runOf(c.id()).isEmpty())
                .map(this::clues)
                .toList();
        if (open.isEmpty()) {
            return Proposals.NONE;
        }
        // What was said on other runs is read only where a run is to be proposed.
        boolean wanted = open.stream().anyMatch(c -> c.trace().isPresent());
        return RunProposer.of(
                open, job.runs().stream().map(r -> known(r, wanted)).toList());
    }

    private KnownRun known(Run run, boolean wanted) {
        return new KnownRun(
                run,
                !wanted
                        ? List.of()
                        : run.clips().stream()
                                .flatMap(id -> job.clip(id).stream())
                                .flatMap(c -> passed(c, trace(c)).stream())
                                .toList());
    }

    private ClipClues clues(Clip clip) {
        List<SaidSentence> said = talk(clip).stream()
                .flatMap(t -> SaidSentence.of(t.cues(), t.offset()).stream())
                .toList();
        Optional<IntakeSigns> signs = footage.shelf().signs(clip);
        CounterTrace trace = trace(clip);
        return new ClipClues(
                clip,
                Optional.of(trace),
                said,
                signs.map(s -> OptionalDouble.of(s.openAir())).orElse(OptionalDouble.empty()),
                signs.map(IntakeSigns::turned).orElse(false),
                passed(clip, trace));
    }

    private List<Passed> passed(Clip clip, CounterTrace trace) {
        if (trace.isEmpty()) {
            // Nobody knows where on it anything is.
            return List.of();
        }
        List<Passed> all = new ArrayList<>(Passed.marked(clip, trace, job.findings()));
        talk(clip).forEach(t -> all.addAll(Passed.told(clip, trace, t, reader)));
        return all;
    }

    private List<Commentary> talk(Clip clip) {
        return job.talk().stream().filter(t -> t.clip().equals(clip.id())).toList();
    }

    private CounterTrace trace(Clip clip) {
        return CounterTrace.fit(clip.base(), job.counterOf(clip.id()));
    }
}
