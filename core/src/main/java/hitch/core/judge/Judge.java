package hitch.core.judge;

import hitch.core.decide.Choice;
import hitch.core.finding.LocatedFinding;
import hitch.core.finding.Weight;
import hitch.core.judge.age.Age;
import hitch.core.judge.age.Ages;
import hitch.core.judge.ask.Ask;
import hitch.core.judge.ask.Asks;
import hitch.core.judge.matter.Case;
import hitch.core.judge.matter.Matter;
import hitch.core.judge.matter.Matters;
import hitch.core.judge.matter.PipeMatters;
import hitch.core.judge.matter.Theme;
import hitch.core.judge.plan.Plan;
import hitch.core.judge.plan.Plans;
import hitch.core.judge.question.Questions;
import hitch.core.judge.remedy.Proposal;
import hitch.core.judge.remedy.Reason;
import hitch.core.judge.remedy.Remedy;
import hitch.core.judge.remedy.RemedyReckoner;
import hitch.core.judge.rule.Cleaning;
import hitch.core.judge.rule.PipeRules;
import hitch.core.judge.rule.Remedies;
import hitch.core.judge.verdict.SeenEnough;
import hitch.core.judge.verdict.Verdict;
import hitch.core.judge.verdict.Verdicts;
import hitch.core.judge.work.Work;
import hitch.core.measure.Extent;
import hitch.core.pipe.Branch;
import hitch.core.survey.OpeningFault;
import hitch.core.survey.Survey;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Judges a survey: what there is to be dealt with, how it can be met, what it comes to. Pure: the same survey gives the same judgement. */
public final class Judge {
    private final Case in;
    private final List<Age> ages;

    private Judge(Survey survey) {
        this.in = Case.of(survey);
        this.ages = Ages.of(survey);
    }

    public static Judgement judge(Survey survey) {
        return new Judge(survey).judgement();
    }

    private Judgement judgement() {
        List<Matter> found = Matters.of(in);
        Map<Matter, List<Proposal>> proposals = new LinkedHashMap<>();
        found.forEach(m -> proposals.put(m, Remedies.of(m, in)));
        PipeMatters.of(in, found).forEach(m -> proposals.put(m, Remedies.of(m, in)));
        Map<Matter, Age> old = PipeMatters.ages(in);
        Map<Matter, List<Proposal>> ways =
                new LinkedHashMap<>(new Stretches(in, List.copyOf(old.values())).of(proposals));
        old.forEach((m, age) -> ways.put(m, PipeRules.age(m, age, in)));
        openings(ways).ifPresent(o -> ways.put(o.matter(), o.proposals()));

        List<Matter> matters = ways.keySet().stream()
                .sorted(Comparator.comparing(Matter::weight, Comparator.reverseOrder()))
                .toList();
        SeenEnough seen = SeenEnough.of(in, matters);
        Optional<String> unpriced = seen.isEnough()
                ? Optional.empty()
                : Optional.of("No repair is priced before the line was cleaned and seen.");
        RemedyReckoner reckoner = new RemedyReckoner(in, matters, unpriced);
        Map<Matter, List<Remedy>> remedies = new LinkedHashMap<>();
        ways.forEach((m, list) -> remedies.put(m, reckoned(m, list, reckoner)));
        List<Ask> asks = new Asks(in).of(Renewed.told(remedies, (m, list) -> Asks.taken(list, choice(m))));
        Verdict verdict = Verdicts.of(in, matters, seen);
        List<Plan> plans = seen.isEnough()
                ? new Plans(
                                asks,
                                ages,
                                in.rules().prices().currency(),
                                in.rules().judging().lookEvery())
                        .all()
                : List.of();
        return new Judgement(
                verdict, seen, matters, asks, Notes.of(in, ages), ages, Questions.of(in, asks), plans, in.beside());
    }

    /** A stretch that a person drew goes with the way that was taken. */
    private List<Remedy> reckoned(Matter matter, List<Proposal> ways, RemedyReckoner reckoner) {
        Optional<Choice> choice = choice(matter);
        Optional<Extent> drawn = choice.flatMap(Choice::extent);
        Work taken = taken(matter, ways).work();
        List<Remedy> remedies = ways.stream()
                .map(p -> drawn.isPresent() && p.work().key().equals(taken.key())
                        ? p.withPlaces(List.of(drawn.get()))
                        : p)
                .map(p -> reckoner.of(p, matter))
                .toList();
        return Compare.nearTheStretch(remedies, in.rules().judging().nearStretch());
    }

    private Optional<Choice> choice(Matter matter) {
        return in.survey().decisions().on(matter.theme().word(), matter.ids());
    }

    private Proposal taken(Matter matter, List<Proposal> ways) {
        return choice(matter)
                .flatMap(Choice::work)
                .flatMap(key ->
                        ways.stream().filter(p -> p.work().key().equals(key)).findFirst())
                .orElse(ways.getFirst());
    }

    private record Openings(Matter matter, List<Proposal> proposals) {}

    /**
     * Ways in that are missing. Advice on them depends on what else is to be done: where pipe is renewed an opening is part of that work,
     * where nothing needs cleaning it can wait.
     */
    private Optional<Openings> openings(Map<Matter, List<Proposal>> ways) {
        List<Proposal> renewals = new ArrayList<>();
        Weight needed = Weight.WATCH;
        List<Reason> tools = new ArrayList<>();
        List<LocatedFinding> outOfReach = new ArrayList<>();
        for (Map.Entry<Matter, List<Proposal>> way : ways.entrySet()) {
            Proposal taken = taken(way.getKey(), way.getValue());
            if (taken.work().renews() && way.getKey().theme() != Theme.AGE) {
                renewals.add(taken);
            }
            if (!(taken.work() instanceof Work.Clean)) {
                continue;
            }
            List<LocatedFinding> out = Cleaning.outOfReach(way.getKey(), in);
            if (!out.isEmpty()) {
                outOfReach.addAll(out);
                needed = needed.compareTo(way.getKey().weight()) < 0
                        ? way.getKey().weight()
                        : needed;
                tools.add(Reason.found(
                        "No tool gets there from any opening that is there: " + Cleaning.why(way.getKey(), in) + ".",
                        out));
            } else if (Cleaning.bestReach(way.getKey(), in)
                    .filter(Cleaning::isTooNarrow)
                    .isPresent()) {
                tools.add(Reason.found(
                        "The opening is narrower than the pipe: " + Cleaning.why(way.getKey(), in) + ".",
                        way.getKey().findings()));
            }
        }
        List<OpeningFault> faults = in.line().faults().stream()
                .filter(f -> in.line()
                        .whose()
                        .isOwners(in.line().ways(), f.branch(), f.extent().middle())
                        .orElse(true))
                .filter(f -> renewals.stream()
                        .noneMatch(p -> p.extent()
                                .flatMap(e -> f.extent().common(e))
                                .filter(e -> 2 * e.length().mm()
                                        > f.extent().length().mm())
                                .isPresent()))
                .toList();
        if (faults.isEmpty() && tools.isEmpty()) {
            return Optional.empty();
        }
        boolean isNeeded = !outOfReach.isEmpty();
        String branch = faults.isEmpty()
                ? outOfReach.stream().findFirst().map(LocatedFinding::branch).orElse(Branch.LINE)
                : faults.getFirst().branch();
        Optional<Extent> extent = outOfReach.stream()
                .flatMap(f -> f.extent().stream())
                .findFirst()
                .map(e -> Extent.at(e.middle()))
                .or(() -> faults.stream().findFirst().map(OpeningFault::extent));
        Matter matter = Matter.ofThePipe(
                Theme.OPENINGS,
                branch,
                extent,
                needed,
                isNeeded ? "no tool gets where it must" : "a way in is missing");
        return Optional.of(new Openings(
                matter,
                PipeRules.openings(matter, faults, tools.stream().distinct().toList(), isNeeded, in)));
    }
}
