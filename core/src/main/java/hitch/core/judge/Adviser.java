package hitch.core.judge;

import hitch.core.detail.Arrival;
import hitch.core.finding.FindingId;
import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.finding.Weight;
import hitch.core.pipe.Branch;
import hitch.core.pipe.PipeSpan;
import hitch.core.rules.HouseRules;
import hitch.core.survey.Survey;
import hitch.core.survey.told.Causes;
import hitch.core.survey.told.Fixtures;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;

/** Proposes what to do about the findings, by the house rules. */
public final class Adviser {
    private static final Set<FindingKind> OPEN_WALL = EnumSet.of(FindingKind.BREAK, FindingKind.HOLE);
    private static final Set<FindingKind> STEPS = EnumSet.of(FindingKind.OFFSET, FindingKind.GAP);
    private static final Set<FindingKind> SOLIDS =
            EnumSet.of(FindingKind.DEBRIS, FindingKind.GREASE, FindingKind.WIPES, FindingKind.SCALE);

    private final HouseRules rules;
    private final Optional<Integer> year;

    /**
     * @param year of the visit
     */
    private Adviser(HouseRules rules, Optional<Integer> year) {
        this.rules = rules;
        this.year = year;
    }

    /** What is proposed for the line and its branches; what lies in the main, and what is over, asks for nothing. */
    public static List<Advice> advise(Survey survey) {
        List<Advice> advice =
                new ArrayList<>(new Adviser(survey.rules(), survey.facts().year())
                        .advise(
                                survey.findings().stream()
                                        .filter(f -> !f.branch().equals(Branch.MAIN)
                                                && !f.lasting().isOver())
                                        .toList(),
                                survey.line().ways().stream()
                                        .flatMap(w -> w.spans().stream())
                                        .toList()));
        secondLine(survey).ifPresent(advice::add);
        return List.copyOf(advice);
    }

    /** Water that was run and never came by may go out another way. */
    private static Optional<Advice> secondLine(Survey survey) {
        List<Fixtures.Fixture> never = Fixtures.of(survey.findings()).which(Arrival.NO);
        return never.isEmpty()
                ? Optional.empty()
                : Optional.of(new Advice(
                        "Find out where the water of "
                                + String.join(
                                        ", ",
                                        never.stream()
                                                .map(Fixtures.Fixture::room)
                                                .toList()) + " goes: it was run, and it never came by here.",
                        "A second line, or a drain that is joined to none, shows first by water that never arrives.",
                        "Too little water ran, or for too short a time: then run it again and wait for it.",
                        never.stream().flatMap(f -> f.findings().stream()).toList()));
    }

    /**
     * @param findings in order of station
     * @param spans what the pipe is made of
     */
    private List<Advice> advise(List<LocatedFinding> findings, List<PipeSpan> spans) {
        List<Advice> advice = new ArrayList<>();
        List<FindingId> unsure = of(findings, f -> isUnsure(f) && f.weight().compareTo(Weight.NOTED) > 0);
        List<LocatedFinding> sure = findings.stream().filter(f -> !isUnsure(f)).toList();
        Causes causes = Causes.of(sure);
        // What its cause holds up is settled with the cause.
        advice.addAll(proposed(
                sure.stream()
                        .filter(f -> f.weight() == Weight.STOP
                                || causes.of(f.finding().id())
                                        .filter(id -> asks(sure, id))
                                        .isEmpty())
                        .toList(),
                spans));
        if (!unsure.isEmpty()) {
            advice.add(new Advice(
                    "Have another look at what is not sure, before anything is priced for it.",
                    "It was seen badly, heard, or only told; a repair is priced on what was seen.",
                    "",
                    unsure));
        }
        return advice;
    }

    private static boolean asks(List<LocatedFinding> findings, FindingId id) {
        return findings.stream()
                .anyMatch(f -> f.ids().contains(id) && f.weight().compareTo(Weight.WATCH) > 0);
    }

    private static boolean isUnsure(LocatedFinding found) {
        return !found.finding().certainty().isTaken();
    }

    private List<Advice> proposed(List<LocatedFinding> findings, List<PipeSpan> spans) {
        List<Advice> advice = new ArrayList<>();
        boolean weak = spans.stream().anyMatch(s -> rules.care().isWeak(s.pipe(), year));

        List<FindingId> blocked = of(findings, f -> f.weight() == Weight.STOP);
        if (!blocked.isEmpty()) {
            advice.add(new Advice(
                    "Have the line opened and cleaned, then look again before any repair is priced.",
                    "A line too blocked to see cannot be judged.",
                    "",
                    blocked));
        }
        List<FindingId> narrow =
                of(findings, f -> f.finding().kind() == FindingKind.BLOCKAGE && f.weight() != Weight.STOP);
        if (!narrow.isEmpty()) {
            advice.add(new Advice(
                    "Have what narrows the bore cleared out, then look again at the pipe it hides.",
                    "Solids catch on whatever takes part of the bore, and it hides the wall under it.",
                    "It turns out to be part of the pipe, such as a dent or a pipe pushed in: then cleaning does nothing.",
                    narrow));
        }
        List<FindingId> roots = of(
                findings,
                f -> f.finding().kind() == FindingKind.ROOTS
                        && f.weight().compareTo(Weight.WATCH) > 0
                        && f.weight() != Weight.STOP);
        if (!roots.isEmpty()) {
            advice.add(new Advice(
                    "Have the roots cleaned out, look again, and clean every "
                            + rules.care().monthsBetweenCleanings() + " months.",
                    "Roots cut at a joint grow back, since the joint stays open to them.",
                    weak
                            ? "Part of this line is pipe that high-pressure water can break when it is old: whoever "
                                    + "cleans it should see this footage first."
                            : "The pipe shows cracks or missing pieces when it is clean: then cut, do not jet.",
                    roots));
        }
        List<FindingId> open = of(findings, f -> OPEN_WALL.contains(f.finding().kind()) && f.weight() != Weight.STOP);
        if (!open.isEmpty()) {
            advice.add(new Advice(
                    "Ask a licensed contractor to price a repair where the wall is open.",
                    "Soil washes in through an open wall and the ground above can settle.",
                    "A second look after cleaning shows the wall is whole.",
                    open));
        }
        List<FindingId> steps = of(
                findings, f -> STEPS.contains(f.finding().kind()) && f.weight().compareTo(Weight.TEND) >= 0);
        if (!steps.isEmpty()) {
            advice.add(new Advice(
                    "Ask whether relining can bridge the offset while it is still small.",
                    "A step against the flow catches paper and holds it; once it grows, only digging will do.",
                    "It has stood unchanged for years and nothing hangs on it: then watch it.",
                    steps));
        }
        List<FindingId> water = of(findings, f -> f.finding().kind() == FindingKind.STANDING_WATER);
        if (!water.isEmpty()) {
            advice.add(new Advice(
                    "Leave the standing water alone while the line drains, and clean that stretch more often.",
                    "Water that stands lets solids settle; digging to regrade it costs more than cleaning.",
                    "It backs up between cleanings, or it grows from one inspection to the next.",
                    water));
        }
        List<FindingId> solids = of(findings, f -> SOLIDS.contains(f.finding().kind()) && f.weight() != Weight.STOP);
        if (!solids.isEmpty()) {
            advice.add(new Advice(
                    "Have the walls cleaned before the next inspection.",
                    "What sits on the wall catches paper and hides what is under it.",
                    weak ? "The pipe is thin: old iron and tar-fibre are cleaned with care or not at all." : "",
                    solids));
        }
        List<FindingId> limits = of(
                findings,
                f -> f.finding().kind() == FindingKind.LIMIT || f.finding().kind() == FindingKind.UNDER_WATER);
        if (!limits.isEmpty()) {
            advice.add(new Advice(
                    "Treat the stretch that was not seen as unknown until somebody has seen it.",
                    "The camera did not pass, or the picture showed only water.",
                    "",
                    limits));
        }
        return List.copyOf(advice);
    }

    private static List<FindingId> of(List<LocatedFinding> findings, Predicate<LocatedFinding> which) {
        return findings.stream().filter(which).map(f -> f.finding().id()).toList();
    }
}
