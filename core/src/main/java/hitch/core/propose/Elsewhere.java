package hitch.core.propose;

import hitch.core.footage.Clip;
import hitch.core.footage.RecordingOrder;
import hitch.core.propose.Proposals.Unplaced;
import hitch.core.propose.Proposals.Why;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Clips that are on no run: taken above ground, on another day, or telling nothing. */
final class Elsewhere {
    /** One visit is recorded within so long. */
    private static final Duration VISIT = Duration.ofHours(14);
    /** Words of the ground above: one may be in passing. */
    private static final int SPOKEN_OF = 2;

    private Elsewhere() {}

    static List<Unplaced> of(List<ClipClues> clips) {
        List<Unplaced> found = new ArrayList<>();
        List<Instant> times = clips.stream()
                .flatMap(c -> RecordingOrder.moment(c.clip().recorded()).stream())
                .sorted()
                .toList();
        for (ClipClues clip : clips) {
            otherDay(clip.clip(), times).or(() -> aboveGround(clip)).ifPresent(found::add);
        }
        return found;
    }

    /** A clip far from all others in time, of which there are more. */
    private static Optional<Unplaced> otherDay(Clip clip, List<Instant> times) {
        Optional<Instant> own = RecordingOrder.moment(clip.recorded());
        if (own.isEmpty() || times.size() < 3) {
            return Optional.empty();
        }
        long near = times.stream()
                .filter(t -> Duration.between(t, own.get()).abs().compareTo(VISIT) <= 0)
                .count();
        return near * 2 >= times.size()
                ? Optional.empty()
                : Optional.of(new Unplaced(
                        clip.id(),
                        Why.ANOTHER_JOB,
                        clip.fileName() + " says that it was recorded at " + clip.recorded()
                                + ", on another day than the others: it may belong to another job."));
    }

    private static Optional<Unplaced> aboveGround(ClipClues clip) {
        if (clip.trace().isPresent()) {
            return Optional.empty();
        }
        long words = clip.said().stream().filter(s -> Clues.says("ground", s)).count();
        boolean air = OffRun.isAir(clip.openAir());
        String name = clip.clip().fileName();
        if (air || words >= SPOKEN_OF) {
            String pictures = clip.openAir().isEmpty()
                    ? ""
                    : String.format(
                            Locale.ROOT,
                            ", %.0f %% of its pictures look like the open air",
                            100 * clip.openAir().getAsDouble());
            String told =
                    words == 0 ? "" : ", and the ground above is spoken of " + (words == 1 ? "once" : words + " times");
            return Optional.of(new Unplaced(
                    clip.clip().id(), Why.ABOVE_GROUND, name + " shows no counter" + pictures + told + "."));
        }
        return Optional.of(
                new Unplaced(
                        clip.clip().id(),
                        Why.UNKNOWN,
                        name
                                + " shows no counter, and nothing on it tells which run it is of. Put it on one, or leave it out."));
    }
}
