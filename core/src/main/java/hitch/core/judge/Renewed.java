package hitch.core.judge;

import hitch.core.judge.matter.Matter;
import hitch.core.judge.remedy.Remedy;
import hitch.core.measure.Extent;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;

/** What lies in pipe that is to be renewed is only kept going until then, and says so. */
final class Renewed {
    private Renewed() {}

    /**
     * @param ways the ways to meet each matter
     * @param taken which of them is taken
     */
    static Map<Matter, List<Remedy>> told(
            Map<Matter, List<Remedy>> ways, BiFunction<Matter, List<Remedy>, Remedy> taken) {
        List<Remedy> renewals = new ArrayList<>();
        ways.forEach((matter, list) -> {
            Remedy way = taken.apply(matter, list);
            if (way.work().renews() && way.work().isRepair()) {
                renewals.add(way);
            }
        });
        Map<Matter, List<Remedy>> told = new LinkedHashMap<>();
        ways.forEach((matter, list) -> told.put(
                matter,
                list.stream()
                        .map(r -> r.work().renews() || renewals.stream().noneMatch(n -> covers(n, r))
                                ? r
                                : r.withUnless(with(r.unless())))
                        .toList()));
        return told;
    }

    private static boolean covers(Remedy renewal, Remedy other) {
        Optional<Extent> whole = renewal.extent();
        return renewal.branch().equals(other.branch())
                && whole.isPresent()
                && other.extent()
                        .filter(e -> whole.get().covers(e.from()) && whole.get().covers(e.to()))
                        .isPresent();
    }

    private static List<String> with(List<String> unless) {
        List<String> more = new ArrayList<>(List.of(
                "The pipe there is renewed first, as is asked for: then do only what keeps it open until then."));
        more.addAll(unless);
        return more;
    }
}
