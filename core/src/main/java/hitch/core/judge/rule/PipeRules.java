package hitch.core.judge.rule;

import hitch.core.decide.When;
import hitch.core.decide.Who;
import hitch.core.judge.age.Age;
import hitch.core.judge.matter.Case;
import hitch.core.judge.matter.Matter;
import hitch.core.judge.remedy.Caution;
import hitch.core.judge.remedy.Proposal;
import hitch.core.judge.remedy.Reason;
import hitch.core.judge.work.Work;
import hitch.core.measure.Extent;
import hitch.core.rules.AgeRules;
import hitch.core.survey.OpeningFault;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What the pipe itself asks for, whatever was found in it: its age, its ways in, and what is not the owner's. */
public final class PipeRules {
    private PipeRules() {}

    /** Pipe that is past its years is planned for, not hurried. */
    public static List<Proposal> age(Matter m, Age age, Case c) {
        Extent stretch = age.span().extent();
        Reason old = Reason.number(age.words(), AgeRules.rule(age.material()));
        List<Proposal> ways = new ArrayList<>();
        ways.add(Repairs.replace(m.branch(), stretch, c, old)
                .withSentence("Plan for new pipe, " + c.place(m.branch(), stretch) + ".")
                .withOccasion(Optional.of("when the yard is dug anyway")));
        Repairs.replaceAll(m.branch(), c, old).ifPresent(ways::add);
        ways.add(Repairs.watch(m, c, "Leave it while it carries, and look again.", old));
        return ways;
    }

    /** Where an opening is missing or too narrow; an existing buried fitting goes before a new one. */
    public static List<Proposal> openings(
            Matter m, List<OpeningFault> faults, List<Reason> tools, boolean needed, Case c) {
        List<Reason> because = new ArrayList<>(tools);
        List<Extent> places = new ArrayList<>();
        boolean raised = false;
        String where = "";
        for (OpeningFault fault : faults) {
            because.add(Reason.number(
                    c.place(fault.branch(), fault.extent()) + ": " + fault.says() + ".",
                    fault.rule() == OpeningFault.Rule.BEND ? "openings.bend" : "openings.every"));
            if (fault.fitting().isPresent()) {
                raised = true;
                places.add(Extent.at(fault.fitting().get().at()));
                where = "the buried fitting "
                        + c.place(
                                fault.branch(), Extent.at(fault.fitting().get().at()));
            } else {
                fault.where().stream().map(Extent::at).forEach(places::add);
            }
        }
        if (places.isEmpty()) {
            m.extent().ifPresent(places::add);
        }
        boolean wider = faults.isEmpty() && !needed;
        String at = where.isEmpty()
                ? places.stream()
                        .map(e -> Where.words(m.branch(), e, c))
                        .findFirst()
                        .map(w -> "an opening put in " + w)
                        .orElse(wider ? "a wider opening put in" : "an opening put in")
                : where + " brought up to the surface";
        return List.of(
                Proposal.of(
                                new Work.OpenAccess(raised),
                                "Have " + at + (needed ? ", before the cleaning that needs it." : "."))
                        .because(because)
                        .places(places)
                        .first(Digging.first(m.branch(), places, c))
                        .cautions(List.of(Caution.MARK_UTILITIES, Caution.SEWER_GAS, Caution.LOCAL_CODE))
                        .unless(List.of(
                                "The pipe there is to be renewed: then the opening is part of that work.",
                                "Local code asks for something else."))
                        .occasion(needed ? Optional.empty() : Optional.of("when the yard is dug anyway"))
                        .build(),
                Repairs.watch(
                        m,
                        c,
                        "Leave it as it is while tools get where they must.",
                        because.isEmpty() ? Reason.practice("Nothing needs it now.", "openings") : because.getFirst()));
    }

    /** What lies beyond the owner's boundary is for whoever owns it there. */
    static List<Proposal> beyond(Matter m, Case c) {
        return List.of(Proposal.of(
                        new Work.Refer(Who.CITY),
                        "Tell whoever owns the pipe there " + Where.words(m, c) + ".",
                        Repairs.found(m, c),
                        Reason.school(
                                "It lies past the owner's part of the pipe. " + hitch.core.survey.Whose.CHECK,
                                "ownership.reach"))
                .places(m.extent().stream().toList())
                .soonest(
                        m.weight() == hitch.core.finding.Weight.WATCH
                                ? Optional.empty()
                                : Optional.of(When.WITHIN_MONTHS))
                .build());
    }

    static List<Proposal> animals(Matter m, Case c) {
        return List.of(Repairs.watch(
                m,
                c,
                "Look at the next cleaning where they come in.",
                Repairs.found(m, c),
                Reason.practice("Animals come in where a pipe is open, above or below.", "animals")));
    }
}
