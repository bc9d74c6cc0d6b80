package hitch.core.job;

import hitch.core.counter.CounterMarks;
import hitch.core.finding.Finding;
import hitch.core.finding.FindingId;
import hitch.core.finding.PhotoPlace;
import hitch.core.finding.Sighting;
import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.run.Run;
import hitch.core.talk.Commentary;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Edits that settle what was said, what is one finding, and where a finding goes when its run is moved. */
final class Settling {
    private Settling() {}

    static Job keep(Job job, Edit.KeepSpoken e) {
        Optional<Commentary> commentary = job.commentary(e.id());
        if (commentary.isEmpty()) {
            return job;
        }
        Job next = e.finding().map(job::add).orElse(job);
        if (e.mark().isPresent()) {
            next = next.with(new Edit.SetMark(commentary.get().clip(), e.mark().get()));
        }
        Optional<String> id = e.finding().map(f -> f.id().value());
        return next.talked(e.id(), c -> c.settling(e.key(), new Commentary.Settled(true, id)));
    }

    static Job sight(Job job, Edit.SightSpoken e) {
        if (job.commentary(e.id()).isEmpty() || job.finding(e.finding()).isEmpty()) {
            return job;
        }
        Commentary.Settled kept =
                new Commentary.Settled(true, Optional.of(e.finding().value()));
        return job.change(e.finding(), f -> f.seenAgain(List.of(e.sighting())))
                .talked(e.id(), c -> c.settling(e.key(), kept));
    }

    static Job merge(Job job, FindingId id, FindingId other) {
        Optional<Finding> twin = job.finding(other);
        if (job.finding(id).isEmpty() || twin.isEmpty() || id.equals(other)) {
            return job;
        }
        List<Sighting> more = new ArrayList<>();
        more.add(new Sighting(twin.get().frame(), twin.get().wording()));
        more.addAll(twin.get().sightings());
        Map<ClipId, PhotoPlace> photos = new LinkedHashMap<>(job.photos());
        photos.replaceAll(
                (photo, place) -> place.equals(new PhotoPlace.OfFinding(other)) ? new PhotoPlace.OfFinding(id) : place);
        return job.change(id, f -> f.seenAgain(more).measured(twin.get().sizes()))
                .withPhotos(photos)
                .with(new Edit.RemoveFinding(other));
    }

    /** Without a clip and what is known of its counter. */
    static Job leaveOut(Job job, ClipId id) {
        Map<ClipId, CounterMarks> fewer = new LinkedHashMap<>(job.marks());
        fewer.remove(id);
        return job.withClips(
                job.clips().stream().filter(c -> !c.id().equals(id)).toList(), Collections.unmodifiableMap(fewer));
    }

    /** The clips as asked, those not named behind them. */
    static List<Clip> ordered(Job job, List<ClipId> order) {
        List<Clip> next = new ArrayList<>();
        order.forEach(id -> job.clip(id).filter(c -> !next.contains(c)).ifPresent(next::add));
        job.clips().stream().filter(c -> !next.contains(c)).forEach(next::add);
        return List.copyOf(next);
    }

    static Job place(Job job, Edit.PlacePhoto e) {
        Map<ClipId, PhotoPlace> photos = new LinkedHashMap<>(job.photos());
        e.place().ifPresentOrElse(p -> photos.put(e.photo(), p), () -> photos.remove(e.photo()));
        return job.withPhotos(photos);
    }

    /** Typed places move with the run they were typed on: what was said is a distance from its opening. */
    static Job carried(Job before, Job after) {
        return after.withFindings(after.findings().stream()
                .map(f -> carried(
                        f, before.runOf(f.frame().clip()), after.runOf(f.frame().clip())))
                .toList());
    }

    private static Finding carried(Finding finding, Optional<Run> was, Optional<Run> is) {
        boolean stays = finding.typed().isEmpty()
                || was.isEmpty()
                || is.isEmpty()
                || was.get().start().equals(is.get().start())
                        && was.get().direction() == is.get().direction();
        return stays
                ? finding
                : finding.typedAt(was.get().carried(finding.typed().get(), is.get()));
    }
}
