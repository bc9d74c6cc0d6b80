package hitch.core.talk;

import hitch.core.finding.Certainty;
import hitch.core.finding.FindingKind;
import hitch.core.finding.Topic;
import hitch.core.measure.Distance;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/** Where along the pipe each thing was said, ordered by place, so that what was said near by is found without a search of all. */
final class SaidPlaces {
    /** A thing that is taken back was said within this of it, where both have a place; feet. */
    private static final double NEAR_FT = 5;
    /** Or within this, where one has none; seconds. */
    private static final double SOON_S = 60;

    private final List<Spoken> drafts;
    private final List<Optional<Distance>> places = new ArrayList<>();
    /** By place, when something that is no promise was last said there; millimetres, seconds. */
    private final TreeMap<Long, Double> last = new TreeMap<>();
    /** Of each matter, by place, the numbers of the drafts in order. */
    private final Map<Topic, TreeMap<Long, List<Integer>>> said = new HashMap<>();

    SaidPlaces(List<Spoken> drafts, Whereabouts where) {
        this.drafts = drafts;
        for (int i = 0; i < drafts.size(); i++) {
            Spoken spoken = drafts.get(i);
            Optional<Distance> place =
                    spoken.place(where.cableAt(spoken.seconds())).map(p -> p.from());
            places.add(place);
            if (place.isPresent() && spoken.draft().matter() != FindingKind.PROMISE) {
                last.merge(place.get().mm(), spoken.seconds(), Math::max);
            }
            if (place.isPresent() && spoken.draft().certainty() != Certainty.RULED_OUT) {
                said.computeIfAbsent(spoken.draft().matter(), m -> new TreeMap<>())
                        .computeIfAbsent(place.get().mm(), p -> new ArrayList<>())
                        .add(i);
            }
        }
    }

    /** Where draft {@code i} was said to be, or the camera was. */
    Optional<Distance> of(int i) {
        return places.get(i);
    }

    /** Whether anything but a promise was said of a place, later than a moment. */
    boolean isSaidAfter(double seconds, Distance at, Distance within) {
        return last.subMap(at.mm() - within.mm(), true, at.mm() + within.mm(), true).values().stream()
                .anyMatch(s -> s > seconds);
    }

    /** The last draft before {@code i} that says what {@code i} denies, near by or soon before. */
    Optional<Spoken> before(int i) {
        int found = Math.max(near(i), soon(i));
        return found < 0 ? Optional.empty() : Optional.of(drafts.get(found));
    }

    private int near(int i) {
        TreeMap<Long, List<Integer>> same = said.get(drafts.get(i).draft().matter());
        if (same == null || places.get(i).isEmpty()) {
            return -1;
        }
        long at = places.get(i).get().mm();
        long reach = Distance.feet(NEAR_FT).mm();
        int best = -1;
        for (List<Integer> here :
                same.subMap(at - reach, true, at + reach, true).values()) {
            int low = java.util.Collections.binarySearch(here, i);
            int before = (low < 0 ? -low - 1 : low) - 1;
            best = Math.max(best, before < 0 ? -1 : here.get(before));
        }
        return best;
    }

    /** Where one of both has no place. */
    private int soon(int i) {
        Spoken denial = drafts.get(i);
        for (int j = i - 1; j >= 0 && denial.seconds() - drafts.get(j).seconds() < SOON_S; j--) {
            boolean placeless = places.get(i).isEmpty() || places.get(j).isEmpty();
            boolean same = drafts.get(j).draft().matter().equals(denial.draft().matter())
                    && drafts.get(j).draft().certainty() != Certainty.RULED_OUT;
            if (same && placeless) {
                return j;
            }
        }
        return -1;
    }
}
