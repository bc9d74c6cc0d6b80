package hitch.core.judge.rule;

import hitch.core.finding.FindingKind;
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
import hitch.core.measure.Extent;
import hitch.core.rules.CareRules;
import hitch.core.rules.Method;
import hitch.core.rules.RootCare;
import hitch.core.survey.Reach;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Roots grow back, so they are kept out by the year: washed out where the pipe bears it, cut where it does not, by what the opening lets
 * through. After every cutting somebody looks again.
 */
final class RootsRule implements RemedyRule {
    private static final Set<FindingKind> DAMAGE =
            EnumSet.of(FindingKind.CRACK, FindingKind.BREAK, FindingKind.HOLE, FindingKind.SOIL, FindingKind.BLISTER);
    private static final int SOONEST_MONTHS = 3;

    @Override
    public List<Proposal> meet(Matter m, Case c) {
        List<Proposal> ways = new ArrayList<>();
        if (m.weight() == Weight.WATCH) {
            ways.add(Repairs.watch(
                    m, c, "Leave the roots for now, and look again at the next cleaning.", Repairs.found(m, c)));
        }
        ways.add(clean(m, c));
        Repairs.reline(
                        m,
                        c,
                        Reason.practice(
                                "A liner closes the joints to roots, where cutting only shortens them.", "roots"))
                .ifPresent(ways::add);
        Repairs.replace(m, c, Reason.practice("New pipe has few joints and tight ones.", "roots"))
                .ifPresent(ways::add);
        return ways;
    }

    private Proposal clean(Matter m, Case c) {
        List<Reason> because = new ArrayList<>(List.of(Repairs.found(m, c)));
        List<Caution> cautions = new ArrayList<>();
        List<String> unless = new ArrayList<>();
        Method by = by(m, c, because, cautions, unless);
        int months = months(m, c, because);
        int foam = c.rules().judging().foam() ? c.rules().judging().foamEvery() : 0;
        if (foam > 0) {
            because.add(Reason.school("The firm has a root foam follow the cutting.", "judging.root-foam"));
            cautions.add(Caution.FOAM);
        }
        tool(m, c, because, cautions, unless);
        trees(m, c).ifPresent(because::add);
        cautions.add(Caution.SEWER_GAS);
        String how = by == Method.JET ? "washed out with water under pressure" : "cut out";
        unless.add(
                "They are thicker at the next look, or the line backs up before: then clean sooner, and ask for a price on relining.");
        return Proposal.of(
                        new Work.Clean(by, months, foam),
                        "Have the roots " + Where.words(m, c) + " " + how
                                + ", look again afterwards, and do it again every " + months + " months.")
                .because(because)
                .places(m.extent().stream().toList())
                .cautions(cautions)
                .unless(unless)
                .fallback(Optional.of("If it backs up before, clean it at once and halve the time between cleanings."))
                .build();
    }

    private static Method by(Matter m, Case c, List<Reason> because, List<Caution> cautions, List<String> unless) {
        Extent extent = m.extent().orElse(null);
        if (extent == null) {
            because.add(Reason.practice("Where they sit is not known, so no strong water is proposed.", "roots"));
            return Method.CUT;
        }
        Extent stretch = Where.stretch(m, c).orElse(extent);
        List<LocatedFinding> damage = c.on(m.branch(), stretch, DAMAGE).stream()
                .filter(f -> f.finding().certainty().isTaken() && f.weight() != Weight.NOTED)
                .toList();
        if (c.isWeak(m.branch(), extent)) {
            cautions.add(Caution.WEAK_PIPE);
            because.add(Reason.number(
                    "The pipe is of a sort and an age that strong water can break: a cutter, with care.",
                    CareRules.weakRule(c.weakest(m.branch(), extent))));
            return Method.CUT;
        }
        if (!damage.isEmpty()) {
            cautions.add(Caution.WEAK_PIPE);
            because.add(Reason.found("The wall of this stretch is damaged, so it is cut and not jetted.", damage));
            return Method.CUT;
        }
        if (c.materialAt(m.branch(), extent.middle()).isEmpty()) {
            because.add(
                    Reason.practice("Nobody knows what the pipe is made of, so no strong water is proposed.", "roots"));
            unless.add("It turns out to be sound pipe: then water cleans the whole of the bore.");
            return Method.CUT;
        }
        if (c.rules().judging().roots() == RootCare.CUTTER) {
            because.add(Reason.school("The firm cuts roots.", "judging.roots-by"));
            return Method.CUT;
        }
        because.add(Reason.school(
                "The pipe bears water under pressure, which cleans the whole of the bore.", "judging.roots-by"));
        unless.add("Cracks or missing pieces show once it is clean: then cut, do not jet.");
        return Method.JET;
    }

    /** By how much there is, and by how fast it came back since the last visit. */
    private static int months(Matter m, Case c, List<Reason> because) {
        int months = switch (m.weight()) {
            case NOTED, WATCH -> c.rules().judging().lightRoots();
            case TEND -> c.rules().care().monthsBetweenCleanings();
            case MEND, STOP -> c.rules().judging().heavyRoots();
        };
        String rule = switch (m.weight()) {
            case NOTED, WATCH -> "judging.between-cleanings-light";
            case TEND -> "care.between-cleanings";
            case MEND, STOP -> "judging.between-cleanings-heavy";
        };
        because.add(Reason.number("As much as this is cleaned every " + months + " months.", rule));
        List<LocatedFinding> grown = m.findings().stream()
                .filter(f -> c.change(f)
                        .filter(k -> k.kind() == Change.Kind.GREW || k.kind() == Change.Kind.NEW)
                        .isPresent())
                .toList();
        if (grown.isEmpty() || months <= SOONEST_MONTHS) {
            return months;
        }
        // They grew over the whole time between the visits: cleaned twice in as long they do not.
        int sooner = Math.clamp(c.visit().monthsSinceEarlier().orElse(months) / 2, SOONEST_MONTHS, months);
        because.add(Reason.found(
                "They grew since the earlier visit"
                        + (sooner < months ? ", so they are cleaned every " + sooner + " months instead." : "."),
                grown));
        return sooner;
    }

    private static void tool(Matter m, Case c, List<Reason> because, List<Caution> cautions, List<String> unless) {
        Optional<Reach> best = Cleaning.bestReach(m, c);
        if (best.isEmpty()) {
            return;
        }
        Reach reach = best.get();
        boolean tooNarrow = Cleaning.isTooNarrow(reach);
        if (tooNarrow) {
            cautions.add(Caution.NARROW_TOOL);
            unless.add("A wider opening is put in: then a cutter of the pipe's own width leaves nothing hanging.");
        }
        because.add(Reason.number(
                "From " + reach.opening().name() + ": " + reach.because() + ", over " + c.show(reach.distance()) + ".",
                "tools.reach"));
    }

    private static Optional<Reason> trees(Matter m, Case c) {
        return m.extent()
                .filter(e -> c.isUnder(m.branch(), e, Surface.TREE, Surface.BED))
                .map(e -> Reason.practice("Trees or planting stand above, so more will come.", "trees"));
    }
}
