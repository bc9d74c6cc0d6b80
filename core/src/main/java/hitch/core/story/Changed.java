package hitch.core.story;

import hitch.core.disclosure.Disclosure;
import hitch.core.footage.FrameRef;
import hitch.core.job.ShotChange;
import java.util.Optional;

/** A proposed shot with what a person changed in it, as far as its recipient may see that. */
final class Changed {
    private Changed() {}

    static Shot of(Shot proposed, Disclosure may) {
        ShotChange change = may.story().change(proposed.key());
        Shot shot = change.frame()
                .filter(f -> may.source(f.clip()).isPresent() && may.shows(f))
                .map(f -> at(proposed, f))
                .orElse(proposed);
        shot = pictured(shot, change);
        if (shot instanceof FootageShot f) {
            shot = played(f, change, may);
        }
        if (change.narration().isEmpty()) {
            return shot;
        }
        return shot.saying(LiveFacts.of(shot, may).told(change.narration().get()));
    }

    private static Shot at(Shot shot, FrameRef frame) {
        return switch (shot) {
            case FindingShot f -> f.withFrame(frame);
            case EvidenceShot e -> e.withFrame(frame);
            case PassageShot p -> p.withFrame(frame);
            case StillShot s -> s.withFrame(frame);
            default -> shot;
        };
    }

    private static Shot pictured(Shot shot, ShotChange change) {
        return switch (shot) {
            case FindingShot f ->
                f.with(b -> b.pointer(change.pointer().map(p -> p.at()).orElse(f.pointer()))
                        .view(change.view()));
            case StillShot s -> s.withView(change.view());
            default -> shot;
        };
    }

    private static Shot played(FootageShot shot, ShotChange change, Disclosure may) {
        FootageShot lasting = change.before().isEmpty() && change.after().isEmpty()
                ? shot
                : shot.lasting(
                        change.before()
                                .map(s -> may.footage().secondsBefore(shot.frame(), s))
                                .orElse(shot.before()),
                        change.after()
                                .map(s -> may.footage().secondsAfter(shot.frame(), s))
                                .orElse(shot.after()));
        boolean playsOn = lasting instanceof FindingShot && change.held().equals(Optional.of(false));
        PassageShot passage =
                playsOn ? playedOn((FindingShot) lasting, may) : lasting instanceof PassageShot p ? p : null;
        if (passage == null) {
            return lasting;
        }
        return change.speed().map(passage::withSpeed).orElse(passage);
    }

    /** A finding's footage without a stop, at the speed it was recorded. */
    private static PassageShot playedOn(FindingShot f, Disclosure may) {
        double[] around = may.footage().around(f.frame(), f.before(), f.after());
        FrameRef from = may.source(f.frame().clip())
                .map(c -> new FrameRef(c.id(), f.frame().pts() - c.base().ticks(around[0])))
                .orElse(f.frame());
        return new PassageShot(f.key(), f.title(), from, around[0] + around[1], 1, f.narration(), f.tail());
    }
}
