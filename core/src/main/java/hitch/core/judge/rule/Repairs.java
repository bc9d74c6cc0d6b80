package hitch.core.judge.rule;

import hitch.core.judge.matter.Case;
import hitch.core.judge.matter.Matter;
import hitch.core.judge.matter.Number;
import hitch.core.judge.remedy.Caution;
import hitch.core.judge.remedy.Proposal;
import hitch.core.judge.remedy.Reason;
import hitch.core.judge.work.Work;
import hitch.core.measure.Extent;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The repairs that several rules offer, each with what always goes with it. */
final class Repairs {
    private Repairs() {}

    static Proposal spot(Matter m, Case c, Reason... because) {
        List<Extent> places = Where.places(m, c);
        Work work = new Work.SpotRepair(Math.max(1, places.size()));
        String where = places.stream()
                .map(e -> c.place(m.branch(), e))
                .reduce((a, b) -> a + ", and " + b)
                .orElse("");
        List<Reason> reasons = new ArrayList<>(List.of(because));
        places.stream()
                .findFirst()
                .flatMap(e -> Digging.ground(m.branch(), e, c))
                .ifPresent(reasons::add);
        return Proposal.of(work, "Have it dug up and mended" + (where.isEmpty() ? "" : ", " + where) + ".")
                .because(reasons)
                .places(places)
                .first(Digging.first(m.branch(), places, c))
                .cautions(Digging.cautions(m.branch(), places, c))
                .unless(
                        List.of(
                                "A contractor who sees it finds the pipe to either side worse than it looks: then more of it goes."))
                .build();
    }

    /** Relining; empty where a liner does not pass. */
    static Optional<Proposal> reline(Matter m, Case c, Reason... because) {
        if (m.extent().isEmpty()) {
            return Optional.empty();
        }
        Extent over = Where.places(m, c).stream()
                .reduce(Extent::joined)
                .orElse(m.extent().get());
        if (!Where.isLinerPassing(m.branch(), over, c)) {
            return Optional.empty();
        }
        List<Reason> reasons = new ArrayList<>(List.of(because));
        reasons.add(Reason.number(
                "A liner passes here: no step reaches "
                        + hitch.core.measure.Inches.show(c.rules().judging().linerStep()) + " and no gap is over "
                        + hitch.core.measure.Inches.show(c.rules().judging().linerGap()) + ".",
                "judging.liner-step"));
        return Optional.of(Proposal.of(
                        new Work.Reline(), "Have " + c.place(m.branch(), over) + " relined while a liner still passes.")
                .because(reasons)
                .places(List.of(over))
                .first(List.of(
                        "Clean it to the bare wall, and look again just before: a liner keeps whatever it covers."))
                .cautions(List.of(Caution.LOCAL_CODE))
                .unless(List.of("It moves or opens further: past what a liner passes, only digging will do."))
                .build());
    }

    /** New pipe from change to change; empty where the matter has no place. */
    static Optional<Proposal> replace(Matter m, Case c, Reason... because) {
        return Where.stretch(m, c).map(e -> replace(m.branch(), e, c, because));
    }

    static Proposal replace(String branch, Extent stretch, Case c, Reason... because) {
        List<Reason> reasons = new ArrayList<>(List.of(because));
        reasons.add(Reason.practice(
                "From one change of pipe to the next is the natural unit: new pipe is joined to other pipe there anyway.",
                "change of pipe"));
        Digging.ground(branch, stretch, c).ifPresent(reasons::add);
        return Proposal.of(new Work.Replace(), "Have the pipe replaced, " + c.place(branch, stretch) + ".")
                .because(reasons)
                .places(List.of(stretch))
                .first(Digging.first(branch, List.of(stretch), c))
                .cautions(Digging.cautions(branch, List.of(stretch), c))
                .unless(List.of("Prices show that mending single places comes to clearly less."))
                .build();
    }

    /** New pipe from end to end of the owner's part; empty where one stretch is all there is. */
    static Optional<Proposal> replaceAll(String branch, Case c, Reason... because) {
        return c.line()
                .way(branch)
                .filter(w -> w.spans().size() > 1)
                .flatMap(w -> Where.stretch(branch, w.whole(), c))
                .map(e -> replace(branch, e, c, because)
                        .withWork(new Work.ReplaceAll())
                        .withSentence("Have the whole line replaced, " + c.place(branch, e) + "."));
    }

    static Proposal watch(Matter m, Case c, String sentence, Reason... because) {
        return Proposal.of(new Work.Watch(c.rules().judging().lookEvery()), sentence, because)
                .places(m.extent().stream().toList())
                .unless(List.of("It grows until the next look, or something begins to hang on it."))
                .build();
    }

    /** The findings of a matter as a reason. */
    static Reason found(Matter m, Case c) {
        String first = m.findings().isEmpty()
                ? m.because()
                : m.findings().size() == 1
                        ? m.findings().getFirst().finding().phrase() + ", "
                                + c.place(m.findings().getFirst())
                        : Number.title(m.findings().size()) + " " + m.theme().several() + ", "
                                + m.extent().map(e -> c.place(m.branch(), e)).orElse("");
        String why = m.because().isBlank() || m.findings().isEmpty() ? "" : ": " + m.because();
        return Reason.found(first + why + ".", m.findings());
    }
}
