package hitch.core.judge.plan;

import hitch.core.finding.Weight;
import hitch.core.judge.age.Age;
import hitch.core.judge.ask.Ask;
import hitch.core.judge.matter.Matter;
import hitch.core.judge.plan.Plan.Event;
import hitch.core.judge.plan.Plan.Kind;
import hitch.core.judge.remedy.Remedy;
import hitch.core.judge.work.Work;
import hitch.core.measure.Range;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

/** Lays up to three plans side by side. None is made for a line that was not judged: nobody knows what it will take. */
public final class Plans {
    private final List<Ask> asks;
    private final List<Age> ages;
    private final String currency;
    private final int lookEvery;

    /**
     * @param asks of the owner's pipe
     * @param lookEvery months between looks where nothing else brings somebody
     */
    public Plans(List<Ask> asks, List<Age> ages, String currency, int lookEvery) {
        this.asks = asks.stream()
                .filter(a -> !a.isDeclined()
                        && a.remedy().isPresent()
                        && a.matters().stream().allMatch(Matter::owners))
                .toList();
        this.ages = ages;
        this.currency = currency;
        this.lookEvery = lookEvery;
    }

    /** The plans that differ from each other; empty where nothing asks for more than a look. */
    public List<Plan> all() {
        boolean worth = asks.stream()
                .anyMatch(a -> a.weight().compareTo(Weight.TEND) >= 0
                        && a.options().stream().anyMatch(r -> r.work().isRepair()));
        if (!worth) {
            return List.of();
        }
        List<Plan> plans = new ArrayList<>();
        plans.add(plan(Kind.KEEP_CLEAN, this::kept));
        if (asks.stream()
                .anyMatch(a -> a.weight().compareTo(Weight.MEND) >= 0
                        && mended(a).filter(r -> r.work().isRepair()).isPresent())) {
            plans.add(plan(Kind.MEND_WORST, a -> a.weight().compareTo(Weight.MEND) >= 0 ? mended(a) : kept(a)));
        }
        plans.add(plan(Kind.RENEW, this::renewed));
        return plans;
    }

    /** The way that only keeps it open: a cleaning where there is one, else a look. */
    private Optional<Remedy> kept(Ask ask) {
        return first(ask, Work.Clean.class)
                .or(() -> first(ask, Work.Descale.class))
                .or(() -> first(ask, Work.Watch.class))
                .or(() -> ask.remedy().filter(r -> !r.work().isRepair()));
    }

    /** The repair that was taken, or the first there is. */
    private Optional<Remedy> mended(Ask ask) {
        return ask.remedy()
                .filter(r -> r.work().isRepair())
                .or(() ->
                        ask.options().stream().filter(r -> r.work().isRepair()).findFirst())
                .or(() -> kept(ask));
    }

    private Optional<Remedy> renewed(Ask ask) {
        return ask.options().stream().filter(r -> r.work().renews()).findFirst().or(() -> kept(ask));
    }

    private static Optional<Remedy> first(Ask ask, Class<? extends Work> work) {
        return ask.options().stream().filter(r -> work.isInstance(r.work())).findFirst();
    }

    private Plan plan(Kind kind, Function<Ask, Optional<Remedy>> way) {
        Map<String, Remedy> works = new LinkedHashMap<>();
        Set<String> unsolved = new LinkedHashSet<>();
        Set<String> solved = new LinkedHashSet<>();
        for (Ask ask : asks) {
            Optional<Remedy> remedy = way.apply(ask);
            remedy.ifPresent(r -> works.putIfAbsent(r.work().key() + r.branch() + r.extent() + months(r), r));
            remedy.filter(r -> r.work().isRepair()).ifPresent(r -> solved.addAll(r.clears()));
            boolean asked = ask.weight().compareTo(Weight.MEND) >= 0
                    || ask.remedy().filter(r -> r.work().isRepair()).isPresent();
            if (asked
                    && remedy.filter(r -> r.work().isRepair() || r.work() instanceof Work.Descale)
                            .isEmpty()) {
                unsolved.add(ask.title());
            }
        }
        unsolved.removeAll(solved);
        List<Event> events = new ArrayList<>();
        for (Remedy r : works.values()) {
            if (r.work().isRepair()) {
                // A place inside a stretch that is renewed is not dug again.
                boolean within = works.values().stream()
                        .anyMatch(o -> o != r
                                && o.work().renews()
                                && !r.work().renews()
                                && o.branch().equals(r.branch())
                                && r.extent()
                                        .flatMap(e -> o.extent().map(x -> x.covers(e.from()) && x.covers(e.to())))
                                        .orElse(false));
                if (!within) {
                    events.add(new Event(
                            Range.of(0),
                            r.work().isDug() ? Event.Sort.DIG : Event.Sort.MEND,
                            r.work().title(),
                            r.cost().money()));
                }
            }
        }
        visits(
                works.values().stream()
                        .filter(r -> !isCleared(r, works.values()))
                        .toList(),
                events);
        ends(works.values().stream().toList(), events);
        events.sort(Comparator.comparingDouble((Event e) -> e.at().low()).thenComparing(Event::what));
        return new Plan(kind, events, List.copyOf(unsolved), currency);
    }

    private static int months(Remedy r) {
        return r.nextMonths().orElse(0);
    }

    /** Whether what a cleaning is for lies in pipe that is renewed. */
    private static boolean isCleared(Remedy r, java.util.Collection<Remedy> works) {
        return !r.work().isRepair()
                && works.stream()
                        .anyMatch(o -> o.work().renews()
                                && o.branch().equals(r.branch())
                                && r.extent()
                                        .flatMap(e -> o.extent().map(x -> x.covers(e.from()) && x.covers(e.to())))
                                        .orElse(false));
    }

    /**
     * One visit sees to all that is cleaned about then: longer times between are cut to whole multiples of the shortest. Where nothing is
     * cleaned, somebody looks now and then.
     */
    private void visits(List<Remedy> works, List<Event> events) {
        List<Remedy> cleanings = works.stream()
                .filter(r -> r.work() instanceof Work.Clean || r.work() instanceof Work.Descale)
                .toList();
        if (cleanings.isEmpty()) {
            Optional<Range> look = works.stream()
                    .filter(r -> r.work() instanceof Work.Watch)
                    .findFirst()
                    .flatMap(r -> r.cost().money());
            for (int at = lookEvery; at <= 12 * Plan.YEARS; at += lookEvery) {
                events.add(new Event(Range.of(at / 12.0), Event.Sort.VISIT, "a look", look));
            }
            return;
        }
        int shortest = cleanings.stream().mapToInt(Plans::every).min().orElse(lookEvery);
        for (int at = 0; at <= 12 * Plan.YEARS; at += shortest) {
            int now = at;
            List<Remedy> due = cleanings.stream()
                    .filter(r -> now % (every(r) / shortest * shortest) == 0)
                    .toList();
            events.add(new Event(
                    Range.of(at / 12.0),
                    Event.Sort.VISIT,
                    "a cleaning",
                    due.stream()
                            .map(r -> r.cost().money())
                            .reduce(Optional.of(Range.ZERO), (a, b) -> a.flatMap(x -> b.map(x::plus)))));
        }
    }

    /** Months until a cleaning is due again; scale is back when a descaling has lasted its least. */
    private static int every(Remedy r) {
        return r.work() instanceof Work.Clean
                ? months(r)
                : r.lasts().map(l -> (int) Math.round(12 * l.low())).orElse(12 * Plan.YEARS);
    }

    /** Pipe that is not renewed comes to the end of its years; so does a liner. */
    private void ends(List<Remedy> works, List<Event> events) {
        for (Age age : ages) {
            boolean renewed = works.stream()
                    .anyMatch(r -> r.work().renews()
                            && r.branch().equals(age.branch())
                            && r.extent()
                                    .filter(e -> e.covers(age.span().extent().middle()))
                                    .isPresent());
            if (!renewed && age.original() != Age.Original.CANNOT && age.left().low() <= Plan.YEARS) {
                events.add(new Event(
                        age.left(),
                        Event.Sort.END,
                        "the " + age.material().word() + " may come to the end of its years",
                        Optional.empty()));
            }
        }
        works.stream()
                .filter(r -> r.work() instanceof Work.Reline)
                .flatMap(r -> r.lasts().stream())
                .filter(l -> l.low() <= Plan.YEARS)
                .findFirst()
                .ifPresent(l -> events.add(
                        new Event(l, Event.Sort.END, "the liner may come to the end of its years", Optional.empty())));
    }
}
