package hitch.core.judge.visit;

import hitch.core.decide.EarlierVisit;
import hitch.core.decide.EarlierVisit.Then;
import hitch.core.finding.Cleanable;
import hitch.core.finding.FindingId;
import hitch.core.finding.FindingKind;
import hitch.core.finding.FindingKind.Family;
import hitch.core.finding.LocatedFinding;
import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import hitch.core.measure.Inches;
import hitch.core.measure.Station;
import hitch.core.pipe.Branch;
import hitch.core.run.Phase;
import hitch.core.survey.Look;
import hitch.core.survey.Survey;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * An earlier visit laid beside this one.
 *
 * @param visit the earlier one
 * @param shift millimetres to be added to a station of then to make it one of now
 * @param changes what became of each thing, in order of station
 */
public record Compared(EarlierVisit visit, long shift, List<Change> changes) {
    /** What stays where it is, by which the stations of two visits are matched. */
    private static final Set<FindingKind> FIXED = EnumSet.of(
            FindingKind.MATERIAL_CHANGE,
            FindingKind.SIZE_CHANGE,
            FindingKind.TIE_IN,
            FindingKind.BEND,
            FindingKind.OPENING,
            FindingKind.COUPLING,
            FindingKind.MAIN_CONNECTION);

    /** Id of what was found before a cleaning on the same visit. */
    public static final String CLEANING = "before-the-cleaning";

    private static final long SHIFTED_AT_MOST_MM = Distance.feet(12).mm();
    private static final long SAME_PLACE_MM = Distance.feet(2.5).mm();
    private static final int SHARE_GROWN = 10;
    private static final long SIZE_GROWN_MM = Distance.inches(0.25).mm() - 1;
    private static final long LENGTH_GROWN_MM = Distance.feet(2).mm();

    public Compared {
        changes = List.copyOf(changes);
    }

    /** What was found before a cleaning on the same visit, held against what was found after it; empty where nothing was cleaned. */
    public static Optional<Compared> cleaning(Survey survey) {
        List<LocatedFinding> before = survey.findings().stream()
                .filter(f -> f.phase() == Phase.BEFORE
                        && f.extent().isPresent()
                        && Cleanable.is(f.finding().kind()))
                .toList();
        boolean cleaned = survey.findings().stream().anyMatch(f -> f.phase() == Phase.AFTER);
        if (before.isEmpty() || !cleaned) {
            return Optional.empty();
        }
        EarlierVisit then = new EarlierVisit(
                CLEANING,
                survey.facts().inspectedOn(),
                "before the cleaning",
                before.stream().map(Compared::then).toList());
        Compared all = of(survey, then);
        return Optional.of(new Compared(
                then,
                0,
                all.changes().stream()
                        .filter(c -> c.kind() != Change.Kind.NEW)
                        .map(Compared::cleaned)
                        .toList()));
    }

    /** What a cleaning left is less than what was there, unless figures say otherwise: what was cleaned weighs nothing any more. */
    private static Change cleaned(Change change) {
        boolean figures = change.then().flatMap(Then::share).isPresent()
                && change.now().flatMap(f -> f.finding().traits().share()).isPresent();
        return change.now().isEmpty() || figures
                ? change
                : new Change(
                        Change.Kind.SHRANK,
                        change.now(),
                        change.then(),
                        "Before the cleaning it was told as \""
                                + change.then().orElseThrow().words() + "\".");
    }

    /** What a visit found, to be laid beside a later one. */
    public static EarlierVisit visit(String id, Survey survey) {
        return new EarlierVisit(
                id,
                survey.facts().inspectedOn(),
                survey.facts().title(),
                survey.findings().stream()
                        .filter(f -> f.extent().isPresent()
                                && f.finding().kind().family() != Family.TOLD
                                && !f.branch().equals(Branch.MAIN)
                                && !f.lasting().isOver())
                        .map(Compared::then)
                        .toList());
    }

    private static Then then(LocatedFinding f) {
        return new Then(
                f.finding().id().value(),
                f.finding().kind(),
                f.branch(),
                f.extent().orElseThrow(),
                f.finding().traits().share(),
                f.finding().traits().size().map(Distance::mm).orElse(0L),
                f.weight(),
                f.finding().phrase(),
                f.finding().traits().details());
    }

    public static Compared of(Survey survey, EarlierVisit visit) {
        List<LocatedFinding> now = survey.findings().stream()
                .filter(f -> f.extent().isPresent()
                        && !f.lasting().isOver()
                        && (f.phase() != Phase.BEFORE || !visit.id().equals(CLEANING))
                        && f.finding().certainty().isTaken())
                .toList();
        long shift = shift(now, visit.found());
        List<Change> changes = new ArrayList<>();
        Set<FindingId> met = new HashSet<>();
        for (Then then : visit.found()) {
            if (then.kind().family() == Family.FEATURE || then.kind().family() == Family.LIMIT) {
                continue;
            }
            Optional<LocatedFinding> same = now.stream()
                    .filter(f -> f.finding().kind() == then.kind()
                            && f.branch().equals(then.branch())
                            && !met.contains(f.finding().id()))
                    .filter(f -> apart(f.extent().orElseThrow(), then.extent().movedBy(shift)) <= SAME_PLACE_MM)
                    .min(Comparator.comparingLong(
                            f -> apart(f.extent().orElseThrow(), then.extent().movedBy(shift))));
            same.ifPresent(f -> met.add(f.finding().id()));
            same.map(f -> held(f, then)).or(() -> gone(survey, then, shift)).ifPresent(changes::add);
        }
        now.stream()
                .filter(f -> !met.contains(f.finding().id()))
                .filter(f -> f.finding().kind().family() == Family.CONDITION
                        || f.finding().kind() == FindingKind.STANDING_WATER)
                .filter(f -> reached(visit, f.branch(), f.extent().orElseThrow(), shift))
                .forEach(f -> changes.add(new Change(
                        Change.Kind.NEW,
                        Optional.of(f),
                        Optional.empty(),
                        "Nothing was told of it" + since(visit) + ".")));
        changes.sort(Comparator.comparingLong(c -> c.now()
                .flatMap(LocatedFinding::extent)
                .or(() -> c.then().map(t -> t.extent().movedBy(shift)))
                .map(e -> e.from().mm())
                .orElse(0L)));
        return new Compared(visit, shift, changes);
    }

    private static String since(EarlierVisit visit) {
        return visit.when().isBlank() ? " at the earlier visit" : " on " + visit.when();
    }

    /** The middle of what each thing that stays where it is tells. */
    private static long shift(List<LocatedFinding> now, List<Then> then) {
        List<Long> told = new ArrayList<>();
        for (Then was : then) {
            if (FIXED.contains(was.kind())) {
                now.stream()
                        .filter(f ->
                                f.finding().kind() == was.kind() && f.branch().equals(was.branch()))
                        .mapToLong(f -> f.extent().orElseThrow().middle().mm()
                                - was.extent().middle().mm())
                        .filter(d -> Math.abs(d) <= SHIFTED_AT_MOST_MM)
                        .boxed()
                        .min(Comparator.comparingLong(Math::abs))
                        .ifPresent(told::add);
            }
        }
        told.sort(Comparator.naturalOrder());
        return told.isEmpty() ? 0 : told.get(told.size() / 2);
    }

    private static long apart(Extent a, Extent b) {
        if (a.common(b).isPresent()) {
            return 0;
        }
        return a.to().compareTo(b.from()) < 0
                ? b.from().mm() - a.to().mm()
                : a.from().mm() - b.to().mm();
    }

    private static Change held(LocatedFinding now, Then then) {
        int share = now.finding().traits().share().orElse(0) - then.share().orElse(0);
        boolean shares =
                now.finding().traits().share().isPresent() && then.share().isPresent();
        long size = now.finding().traits().size().map(Distance::mm).orElse(0L) - then.size();
        boolean sizes = now.finding().traits().size().isPresent() && then.size() > 0;
        long length = now.extent().orElseThrow().length().mm()
                - then.extent().length().mm();
        int weight = now.weight().compareTo(then.weight());
        int sign = shares && Math.abs(share) >= SHARE_GROWN
                ? share
                : sizes && Math.abs(size) >= SIZE_GROWN_MM
                        ? Long.signum(size)
                        : Math.abs(length) >= LENGTH_GROWN_MM ? Long.signum(length) : shares || sizes ? 0 : weight;
        Change.Kind kind = sign > 0 ? Change.Kind.GREW : sign < 0 ? Change.Kind.SHRANK : Change.Kind.SAME;
        String words = shares && share != 0
                ? "It took " + then.share().get() + " % of the bore then and takes "
                        + now.finding().traits().share().get() + " % now."
                : sizes && size != 0
                        ? "It measured " + Inches.show(new Distance(then.size())) + " then and measures "
                                + Inches.show(now.finding().traits().size().get()) + " now."
                        : kind == Change.Kind.SAME
                                ? "It is as it was then."
                                : "Then it was told as \"" + then.words() + "\".";
        return new Change(kind, Optional.of(now), Optional.of(then), words);
    }

    /** What was there then and is not now; only where the pipe was seen well this time. */
    private static Optional<Change> gone(Survey survey, Then then, long shift) {
        Station at = new Station(then.extent().middle().mm() + shift);
        boolean seen = survey.line()
                .seeing()
                .at(then.branch(), at)
                .filter(p -> p.best() == Look.WELL)
                .isPresent();
        return seen
                ? Optional.of(new Change(
                        Change.Kind.CLEARED,
                        Optional.empty(),
                        Optional.of(then),
                        "What was told as \"" + then.words() + "\" is there no more."))
                : Optional.empty();
    }

    /** Whether the earlier visit got as far as a place, so that what is there now is new. */
    private static boolean reached(EarlierVisit visit, String branch, Extent place, long shift) {
        return visit.found().stream()
                .filter(t -> t.branch().equals(branch))
                .map(t -> t.extent().movedBy(shift))
                .reduce(Extent::joined)
                .filter(e -> e.joined(Extent.at(Station.DATUM)).common(place).isPresent())
                .isPresent();
    }
}
