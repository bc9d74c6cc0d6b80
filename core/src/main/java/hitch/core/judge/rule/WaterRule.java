package hitch.core.judge.rule;

import hitch.core.finding.FindingKind;
import hitch.core.finding.Lasting;
import hitch.core.finding.LocatedFinding;
import hitch.core.finding.Weight;
import hitch.core.judge.matter.Case;
import hitch.core.judge.matter.Matter;
import hitch.core.judge.remedy.Caution;
import hitch.core.judge.remedy.Proposal;
import hitch.core.judge.remedy.Reason;
import hitch.core.judge.visit.Change;
import hitch.core.judge.work.Work;
import hitch.core.line.GroundMark.Surface;
import hitch.core.pipe.Material;
import hitch.core.rules.Method;
import hitch.core.survey.told.Symptoms;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** No digging for standing water while it drains: it is cleaned more often, and laid anew only where it backs up or grows. */
final class WaterRule implements RemedyRule {
    @Override
    public List<Proposal> meet(Matter m, Case c) {
        Reason found = Repairs.found(m, c);
        Proposal watch = Repairs.watch(
                m,
                c,
                "Leave the standing water alone while the line drains.",
                found,
                Reason.practice(
                        "Digging to regrade a short sag costs more than all the cleaning it asks for.", "sags"));
        Proposal clean = clean(m, c, found);
        List<Reason> forced = forced(m, c);
        Optional<Proposal> grade = grade(m, c, found, forced);
        List<Proposal> ways = new ArrayList<>();
        if (!forced.isEmpty()) {
            grade.ifPresent(ways::add);
        }
        if (m.weight().compareTo(Weight.WATCH) <= 0) {
            ways.add(watch);
            ways.add(clean);
        } else {
            ways.add(clean);
            ways.add(watch);
        }
        if (forced.isEmpty()) {
            grade.ifPresent(ways::add);
        }
        return ways;
    }

    private static Proposal clean(Matter m, Case c, Reason found) {
        int months = c.rules().judging().waterEvery();
        List<Reason> because = new ArrayList<>(List.of(
                found,
                Reason.number(
                        "Water that stands lets solids settle: cleaned every " + months
                                + " months it goes on draining.",
                        "judging.between-cleanings-water")));
        m.extent()
                .filter(e -> c.isUnder(m.branch(), e, Surface.SLAB, Surface.BUILDING))
                .ifPresent(e -> because.add(Reason.practice(
                        "It lies under the slab, where it can be neither seen nor reached later without breaking the floor.",
                        "slab")));
        m.extent()
                .flatMap(e -> c.materialAt(m.branch(), e.middle()))
                .filter(p -> p == Material.CAST_IRON || p == Material.STEEL)
                .ifPresent(p ->
                        because.add(Reason.practice("Standing water ages iron faster than anything else.", "iron")));
        List<Caution> cautions = new ArrayList<>(List.of(Caution.SEWER_GAS));
        if (m.extent().filter(e -> c.isWeak(m.branch(), e)).isPresent()) {
            cautions.add(Caution.WEAK_PIPE);
        }
        return Proposal.of(
                        new Work.Clean(Method.CLEAN, months, 0),
                        "Leave the standing water alone while the line drains, and have that stretch cleaned every "
                                + months + " months.")
                .because(because)
                .places(m.extent().stream().toList())
                .cautions(cautions)
                .unless(unless(m))
                .fallback(
                        Optional.of("If it backs up between cleanings, ask for a price on laying it anew with a fall."))
                .build();
    }

    private static List<String> unless(Matter m) {
        List<String> unless =
                new ArrayList<>(List.of("It backs up between cleanings, or grows from one look to the next."));
        boolean waited = m.findings().stream().noneMatch(f -> f.lasting() == Lasting.NOT_WAITED);
        if (!waited) {
            unless.add("It was only running: nobody stopped the water and waited.");
        }
        return unless;
    }

    /** What makes digging worth it; empty while it drains and stays as it is. */
    private static List<Reason> forced(Matter m, Case c) {
        List<Reason> why = new ArrayList<>();
        List<LocatedFinding> grown = m.findings().stream()
                .filter(f -> f.finding().certainty().isTaken())
                .filter(f ->
                        c.change(f).filter(k -> k.kind() == Change.Kind.GREW).isPresent())
                .toList();
        if (!grown.isEmpty() && m.weight().compareTo(Weight.TEND) >= 0) {
            why.add(Reason.found("It has grown since the earlier visit: the ground under it still moves.", grown));
        }
        List<LocatedFinding> symptoms = Symptoms.of(c.survey().findings()).stream()
                .filter(s -> s.cause().equals(FindingKind.STANDING_WATER.word()))
                .filter(s -> s.words().toLowerCase(java.util.Locale.ROOT).matches(".*\\bback(?:s|ed|ing)?[ -]?up.*"))
                .flatMap(s -> c.survey().finding(s.id()).stream())
                .toList();
        if (!symptoms.isEmpty()) {
            why.add(Reason.found("It backs up, and this is why.", symptoms));
        }
        return why;
    }

    private static Optional<Proposal> grade(Matter m, Case c, Reason found, List<Reason> forced) {
        return m.extent().map(e -> {
            List<Reason> because = new ArrayList<>(List.of(found));
            because.addAll(forced);
            because.add(Reason.practice("Only laying it anew takes a sag out; a liner keeps it.", "sags"));
            Digging.ground(m.branch(), e, c).ifPresent(because::add);
            var places = List.of(e);
            return Proposal.of(
                            new Work.SetToGrade(),
                            "Have the pipe laid anew with a fall, " + c.place(m.branch(), e) + ".")
                    .because(because)
                    .places(places)
                    .first(Digging.first(m.branch(), places, c))
                    .cautions(Digging.cautions(m.branch(), places, c))
                    .unless(List.of("It drains between cleanings and stays as it is: then leave it."))
                    .build();
        });
    }
}
