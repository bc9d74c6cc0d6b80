package hitch.core.survey.align;

import hitch.core.counter.CounterTrace;
import hitch.core.finding.Finding;
import hitch.core.footage.ClipId;
import hitch.core.measure.Distance;
import hitch.core.measure.Station;
import hitch.core.pipe.Branch;
import hitch.core.run.Run;
import hitch.core.run.RunId;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Joins the runs of a job into one line: places them, finds what they saw in common, and takes out what slipped. */
public final class LineTies {
    /** Slips of one run that are looked for. */
    private static final int SLIPS = 2;

    /** How much further apart the sights of a thing may lie while their runs are not tied yet. */
    private static final double UNTIED_MM = 2.5 * Distance.MM_PER_FOOT;
    /** Likewise while a counter may have slipped. */
    private static final double SLIPPED_MM = Distance.MM_PER_FOOT;

    private final List<Branch> branches;
    private final List<Finding> findings;
    private final List<Run> given;
    private Map<ClipId, CounterTrace> traces;
    private List<Run> runs;
    private List<Sight> sights;
    private Map<Integer, List<Sight>> sightsOf;
    private final List<Slip> slips = new ArrayList<>();
    private final List<RunId> loose = new ArrayList<>();

    private LineTies(List<Run> runs, Map<ClipId, CounterTrace> traces, List<Branch> branches, List<Finding> findings) {
        this.given = List.copyOf(runs);
        this.runs = given;
        this.traces = traces;
        this.branches = branches;
        this.findings = findings;
    }

    /**
     * @param runs in order
     * @param traces of the clips that have a counter
     * @param branches as described
     */
    public static Tied tie(
            List<Run> runs, Map<ClipId, CounterTrace> traces, List<Branch> branches, List<Finding> findings) {
        return new LineTies(runs, traces, branches, findings).tie();
    }

    private Tied tie() {
        look();
        boolean shared = runs.stream().anyMatch(Run::tied);
        if (shared) {
            place();
        }
        adjust(shared ? UNTIED_MM : 0);
        while (slips.size() < SLIPS * runs.size() && slipped()) {
            adjust(0);
        }
        double[] at = at();
        Joins joins = joins(at);
        List<List<Integer>> groups = groups(at, joins, 0, true);
        ThingBook book = new ThingBook(runs, sights, at, joins);
        Map<String, Station> known = new TreeMap<>();
        joins.known().forEach((name, mm) -> known.put(name, new Station(Math.round(mm))));
        return new Tied(
                given,
                runs,
                traces,
                joins.all(),
                known,
                groups.stream().map(book::thing).toList(),
                book.ties(groups(at, joins, 0, false)),
                List.copyOf(slips),
                List.copyOf(loose));
    }

    /** Writes the sights down anew. They are measured from the openings, so it matters not where those lie. */
    private void look() {
        List<String> names = Stream.concat(
                        branches.stream().map(Branch::name), runs.stream().map(Run::branch))
                .filter(n -> !n.isBlank())
                .distinct()
                .toList();
        sights = new SightBook(given, traces, names).of(findings);
        sightsOf = sights.stream().collect(Collectors.groupingBy(Sight::run));
    }

    /** Puts each run that is to be tied where most of what it saw agrees with what is placed already. */
    private void place() {
        List<Integer> waiting = new ArrayList<>(IntStream.range(0, runs.size())
                .filter(i -> runs.get(i).tied())
                .boxed()
                .toList());
        StartSearch search = new StartSearch();
        for (int i = 0; i < runs.size(); i++) {
            if (!waiting.contains(i)) {
                search.add(placed(i));
            }
        }
        boolean moved = true;
        while (moved && !waiting.isEmpty()) {
            moved = false;
            for (int number : List.copyOf(waiting)) {
                OptionalDouble start =
                        search.find(of(number), runs.get(number).start().mm());
                if (start.isPresent()) {
                    set(number, start.getAsDouble());
                    search.add(placed(number));
                    waiting.remove((Integer) number);
                    moved = true;
                }
            }
        }
        waiting.forEach(i -> loose.add(runs.get(i).id()));
    }

    private List<Sight> of(int run) {
        return sightsOf.getOrDefault(run, List.of());
    }

    private List<StartSearch.Placed> placed(int run) {
        return of(run).stream()
                .map(s -> new StartSearch.Placed(s, runs.get(run).start().mm() + s.middle()))
                .toList();
    }

    private void adjust(double slack) {
        if (runs.stream().noneMatch(Run::tied)) {
            return;
        }
        for (double wide = slack; ; wide = 0) {
            double[] at = at();
            RunSolver.Solved solved = new RunSolver(runs, sights).solve(groups(at, joins(at), wide, false));
            for (int i = 0; i < runs.size(); i++) {
                if (runs.get(i).tied() && !loose.contains(runs.get(i).id())) {
                    set(i, solved.starts()[i]);
                }
            }
            if (wide == 0) {
                return;
            }
        }
    }

    /** Takes out one more slip, where there is one. */
    private boolean slipped() {
        double[] at = at();
        SlipSearch search = new SlipSearch(runs, sights, groups(at, joins(at), SLIPPED_MM, false));
        List<Integer> asked = IntStream.range(0, runs.size())
                .filter(i -> slips.stream()
                                .filter(s -> s.run().equals(runs.get(i).id()))
                                .count()
                        < SLIPS)
                .boxed()
                .toList();
        Optional<Slip> slip = search.find(asked);
        slip.ifPresent(s -> {
            slips.add(s);
            traces = without(
                    s,
                    runs.stream()
                            .filter(r -> r.id().equals(s.run()))
                            .findFirst()
                            .orElseThrow());
            look();
        });
        return slip.isPresent();
    }

    private Map<ClipId, CounterTrace> without(Slip slip, Run run) {
        Map<ClipId, CounterTrace> next = new LinkedHashMap<>(traces);
        boolean within = slip.before().clip().equals(slip.after().clip());
        boolean later = false;
        for (ClipId clip : run.clips()) {
            boolean here = clip.equals(slip.after().clip());
            if (here && within) {
                next.computeIfPresent(
                        clip,
                        (c, t) -> t.slipped(
                                slip.before().pts(),
                                slip.after().pts(),
                                slip.by().mm()));
            } else if (here || later) {
                next.computeIfPresent(
                        clip,
                        (c, t) -> t.slipped(
                                Long.MIN_VALUE, Long.MIN_VALUE, slip.by().mm()));
            }
            later |= here;
        }
        return next;
    }

    private void set(int number, double start) {
        List<Run> next = new ArrayList<>(runs);
        next.set(number, runs.get(number).startingAt(new Station(Math.round(start)), true));
        runs = List.copyOf(next);
    }

    private double[] at() {
        return sights.stream()
                .mapToDouble(s -> runs.get(s.run()).start().mm() + s.middle())
                .toArray();
    }

    private Joins joins(double[] at) {
        return new Joins(branches, runs, sights, at);
    }

    private List<List<Integer>> groups(double[] at, Joins joins, double slack, boolean parted) {
        String[] on = new String[sights.size()];
        for (int i = 0; i < on.length; i++) {
            on[i] = joins.branchAt(runs.get(sights.get(i).run()), sights.get(i).kind(), at[i]);
        }
        return new SightGroups(sights, at, on, slack, parted).find();
    }
}
