package hitch.core.judge.rule;

import hitch.core.finding.FindingKind;
import hitch.core.judge.matter.Case;
import hitch.core.judge.matter.Matter;
import hitch.core.judge.matter.Theme;
import hitch.core.judge.remedy.Caution;
import hitch.core.judge.remedy.Proposal;
import hitch.core.judge.remedy.Reason;
import hitch.core.judge.work.Work;
import hitch.core.rules.Method;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** What settles or sticks is cleaned out every few years; what brings it in is told to those who live there. */
final class DepositsRule implements RemedyRule {
    private static final Set<FindingKind> FAT = EnumSet.of(FindingKind.GREASE, FindingKind.SCUM);
    private static final Set<FindingKind> HIGH = EnumSet.of(FindingKind.GREASE, FindingKind.SCUM, FindingKind.DEBRIS);

    @Override
    public List<Proposal> meet(Matter m, Case c) {
        int months = c.rules().judging().greaseEvery();
        List<Reason> because = new ArrayList<>(List.of(
                Repairs.found(m, c),
                Reason.number(
                        "What sits on the wall catches paper and hides what is under it; every " + months
                                + " months is often enough in most houses.",
                        "judging.between-cleanings-grease")));
        because.add(Reason.practice(habit(m), "habits"));
        boolean high = m.findings().stream()
                .anyMatch(f -> HIGH.contains(f.finding().kind())
                        && f.finding()
                                .traits()
                                .clock()
                                .filter(k ->
                                        k.words().contains("top") || k.words().contains("side"))
                                .isPresent());
        if (high) {
            because.add(Reason.practice(
                    "A line of deposits high on the wall tells that the pipe has run that full.", "line of deposits"));
        }
        List<Caution> cautions = new ArrayList<>(List.of(Caution.SEWER_GAS));
        if (m.extent().filter(e -> c.isWeak(m.branch(), e)).isPresent()) {
            cautions.add(Caution.WEAK_PIPE);
        }
        return List.of(
                Proposal.of(
                                new Work.Clean(Method.CLEAN, months, 0),
                                "Have the pipe cleaned " + Where.words(m, c) + ", and again every " + months
                                        + " months.")
                        .because(because)
                        .places(m.extent().stream().toList())
                        .cautions(cautions)
                        .unless(List.of(
                                "Something in the pipe turns out to hold it: then that is what must be mended."))
                        .build(),
                Repairs.watch(
                        m,
                        c,
                        "Leave it, and look again.",
                        Repairs.found(m, c),
                        Reason.practice("A little of it lies in most pipes that are used.", "deposits")));
    }

    private static String habit(Matter m) {
        if (m.theme() == Theme.SOLIDS) {
            return "Wipes do not fall apart as paper does: they belong in a bin, whatever their box says.";
        }
        boolean fat =
                m.findings().stream().anyMatch(f -> FAT.contains(f.finding().kind()));
        return fat
                ? "Kitchen fat sets in a cold pipe: it belongs in a can and not in the drain."
                : "Where it comes from is worth asking: soil comes in through an open wall, sludge stays where the water stands.";
    }
}
