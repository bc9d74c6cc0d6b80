package hitch.core.disclosure;

import hitch.core.detail.Details;
import hitch.core.finding.LocatedFinding;
import hitch.core.run.Run;
import hitch.core.survey.Survey;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Which findings a recipient is shown, and what of each. */
final class FindingsShown {
    private final Recipient recipient;
    private final Optional<PublicPart> part;
    private final Optional<NoNames> names;

    FindingsShown(Recipient recipient, Optional<PublicPart> part, Optional<NoNames> names) {
        this.recipient = recipient;
        this.part = part;
        this.names = names;
    }

    /** Each run's from its opening outwards, then those on no run. */
    List<LocatedFinding> in(Survey all) {
        List<LocatedFinding> shown = new ArrayList<>();
        for (Run run : all.runs()) {
            all.findings().stream()
                    .filter(f -> f.run().filter(run::equals).isPresent())
                    .sorted(Comparator.comparing((LocatedFinding f) -> fromOpening(run, f)))
                    .flatMap(f -> of(f).stream())
                    .forEach(shown::add);
        }
        if (part.isEmpty()) {
            // Footage that is on no run is above ground: yards, houses, people.
            all.findings().stream()
                    .filter(f -> f.run().isEmpty())
                    .flatMap(f -> of(f).stream())
                    .forEach(shown::add);
        }
        return List.copyOf(shown);
    }

    private static long fromOpening(Run run, LocatedFinding found) {
        return found.extent()
                .map(e -> Math.min(
                        e.from().to(run.start()).mm(), e.to().to(run.start()).mm()))
                .orElse(Long.MAX_VALUE);
    }

    /** A finding as the recipient may see it; empty where it may not. */
    Optional<LocatedFinding> of(LocatedFinding found) {
        if (part.isEmpty()) {
            return Optional.of(named(detailed(found)));
        }
        return PublicPart.isOfThePipe(found.finding().kind())
                ? part.get().of(found).map(this::detailed).map(this::named)
                : Optional.empty();
    }

    /** With the details alone that this recipient may see. */
    private LocatedFinding detailed(LocatedFinding found) {
        Details all = found.finding().traits().details();
        // What stays with the firm goes into its own copy alone.
        Details shown = recipient.equals(Recipient.FIRM)
                ? all
                : all.shown(!recipient.isPublic(), recipient.people(), this::text);
        return shown.equals(all)
                ? found
                : found.telling(found.finding().saying(found.finding().traits().withDetails(shown)), found.run());
    }

    private LocatedFinding named(LocatedFinding found) {
        return names.isEmpty()
                ? found
                : found.telling(found.finding().worded(this::text), found.run().map(this::named));
    }

    /** A run, its name and its opening's place without names that stay here. */
    Run named(Run run) {
        return names.isEmpty()
                ? run
                : run.named(text(run.name()))
                        .from(run.opening().withPlace(text(run.opening().place())));
    }

    /** Free text as the recipient may read it. */
    String text(String free) {
        return names.map(n -> n.in(free)).orElse(free);
    }
}
