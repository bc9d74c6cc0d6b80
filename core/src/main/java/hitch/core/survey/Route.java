package hitch.core.survey;

import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import hitch.core.measure.Station;
import hitch.core.pipe.Branch;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * The way through the pipe from one place to another.
 *
 * @param legs stretches of pipe in order
 * @param doublesBack whether it comes down a branch and would have to turn up the pipe it joins
 */
record Route(List<Leg> legs, boolean doublesBack) {
    /** A stretch on one pipe; {@code down} where it goes with the flow. */
    record Leg(String branch, Extent extent, boolean down) {}

    /** A place on a pipe. */
    private record Spot(String branch, Station at) {}

    /** The route between two places; empty where a join on it is not known. */
    static Optional<Route> between(List<Way> ways, String fromBranch, Station from, String toBranch, Station to) {
        List<Spot> down = chain(ways, fromBranch, from);
        List<Spot> up = chain(ways, toBranch, to);
        for (int i = 0; i < down.size(); i++) {
            for (int j = 0; j < up.size(); j++) {
                if (down.get(i).branch().equals(up.get(j).branch())) {
                    return Optional.of(along(down.subList(0, i + 1), up.subList(0, j + 1)));
                }
            }
        }
        return Optional.empty();
    }

    /** A place, and the join of every pipe that it flows through. */
    private static List<Spot> chain(List<Way> ways, String branch, Station at) {
        List<Spot> chain = new ArrayList<>();
        Set<String> gone = new HashSet<>();
        chain.add(new Spot(branch, at));
        String name = branch;
        while (!name.equals(Branch.LINE) && gone.add(name)) {
            String here = name;
            Optional<Way> way = ways.stream().filter(w -> w.name().equals(here)).findFirst();
            if (way.flatMap(Way::join).isEmpty()) {
                break;
            }
            name = way.get().into().orElse(Branch.LINE);
            chain.add(new Spot(name, way.get().join().get()));
        }
        return chain;
    }

    private static Route along(List<Spot> down, List<Spot> up) {
        List<Leg> legs = new ArrayList<>();
        for (int i = 0; i + 1 < down.size(); i++) {
            leg(legs, down.get(i).branch(), down.get(i).at(), down.get(i + 1).at());
        }
        Spot in = down.getLast();
        Spot out = up.getLast();
        boolean doublesBack = down.size() > 1 && out.at().compareTo(in.at()) < 0;
        leg(legs, in.branch(), in.at(), out.at());
        for (int j = up.size() - 2; j >= 0; j--) {
            leg(legs, up.get(j).branch(), up.get(j + 1).at(), up.get(j).at());
        }
        return new Route(List.copyOf(legs), doublesBack);
    }

    private static void leg(List<Leg> legs, String branch, Station from, Station to) {
        if (!from.equals(to)) {
            legs.add(new Leg(branch, Extent.between(from, to), from.compareTo(to) < 0));
        }
    }

    Distance length() {
        return new Distance(
                legs.stream().mapToLong(l -> l.extent().length().mm()).sum());
    }

    boolean passes(String branch, Station at) {
        return legs.stream()
                .anyMatch(l -> l.branch().equals(branch) && l.extent().covers(at));
    }
}
