package hitch.core.job;

import hitch.core.finding.Finding;
import hitch.core.finding.FindingId;
import java.util.AbstractList;
import java.util.List;
import java.util.Optional;
import java.util.RandomAccess;
import java.util.function.UnaryOperator;
import org.pcollections.HashPMap;
import org.pcollections.HashTreePMap;
import org.pcollections.PVector;
import org.pcollections.TreePVector;

/**
 * Findings in the order they were made, none twice. Immutable; the next list shares all but what changed, so that every
 * state of a long job can be kept for undo.
 */
final class FindingList extends AbstractList<Finding> implements RandomAccess {
    static final FindingList EMPTY = new FindingList(TreePVector.empty(), HashTreePMap.empty());

    private final PVector<Finding> order;
    private final HashPMap<FindingId, Integer> places;

    private FindingList(PVector<Finding> order, HashPMap<FindingId, Integer> places) {
        this.order = order;
        this.places = places;
    }

    static FindingList of(List<Finding> findings) {
        if (findings instanceof FindingList known) {
            return known;
        }
        FindingList list = EMPTY;
        for (Finding finding : findings) {
            list = list.with(finding);
        }
        return list;
    }

    Optional<Finding> find(FindingId id) {
        return Optional.ofNullable(places.get(id)).map(order::get);
    }

    /** With one more at the end; the same where its id is taken. */
    FindingList with(Finding finding) {
        return places.containsKey(finding.id())
                ? this
                : new FindingList(order.plus(finding), places.plus(finding.id(), order.size()));
    }

    /** With another in the place of the one called {@code id}; the same where there is none. */
    FindingList changed(FindingId id, UnaryOperator<Finding> how) {
        Integer place = places.get(id);
        return place == null ? this : new FindingList(order.with(place, how.apply(order.get(place))), places);
    }

    /** Without the one called {@code id}. */
    FindingList without(FindingId id) {
        Integer place = places.get(id);
        if (place == null) {
            return this;
        }
        HashPMap<FindingId, Integer> left = places.minus(id);
        for (int i = place + 1; i < order.size(); i++) {
            left = left.plus(order.get(i).id(), i - 1);
        }
        return new FindingList(order.minus((int) place), left);
    }

    @Override
    public Finding get(int index) {
        return order.get(index);
    }

    @Override
    public int size() {
        return order.size();
    }
}
