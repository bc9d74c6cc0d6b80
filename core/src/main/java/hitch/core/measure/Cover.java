package hitch.core.measure;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * A set of stretches of one pipe: disjoint, in order, never touching. What was seen, what lies under water, what is whose
 * are all sets of this sort, and lengths are counted once however often a stretch was passed.
 */
public final class Cover {
    public static final Cover NONE = new Cover(List.of());

    private final List<Extent> parts;

    private Cover(List<Extent> parts) {
        this.parts = parts;
    }

    /** All that any of {@code extents} covers; points are left out. */
    public static Cover of(List<Extent> extents) {
        List<Extent> sorted = extents.stream()
                .filter(e -> !e.isPoint())
                .sorted(Comparator.naturalOrder())
                .toList();
        List<Extent> parts = new ArrayList<>();
        for (Extent next : sorted) {
            Extent last = parts.isEmpty() ? null : parts.getLast();
            if (last != null && next.from().compareTo(last.to()) <= 0) {
                Station far = last.to().compareTo(next.to()) >= 0 ? last.to() : next.to();
                parts.set(parts.size() - 1, new Extent(last.from(), far));
            } else {
                parts.add(next);
            }
        }
        return new Cover(List.copyOf(parts));
    }

    public static Cover of(Extent extent) {
        return of(List.of(extent));
    }

    /** Its stretches in order of station. */
    public List<Extent> parts() {
        return parts;
    }

    public boolean isEmpty() {
        return parts.isEmpty();
    }

    /** Millimetres of pipe in it. */
    public long mm() {
        return parts.stream().mapToLong(e -> e.to().mm() - e.from().mm()).sum();
    }

    public boolean covers(Station station) {
        return parts.stream().anyMatch(e -> e.covers(station));
    }

    public Cover plus(Cover other) {
        List<Extent> all = new ArrayList<>(parts);
        all.addAll(other.parts);
        return of(all);
    }

    public Cover minus(Cover other) {
        List<Extent> left = new ArrayList<>();
        int first = 0;
        for (Extent part : parts) {
            long from = part.from().mm();
            while (first < other.parts.size() && other.parts.get(first).to().mm() <= from) {
                first++;
            }
            for (int i = first; i < other.parts.size(); i++) {
                Extent gone = other.parts.get(i);
                if (gone.from().mm() >= part.to().mm()) {
                    break;
                }
                if (gone.from().mm() > from) {
                    left.add(new Extent(new Station(from), gone.from()));
                }
                from = Math.max(from, gone.to().mm());
            }
            if (from < part.to().mm()) {
                left.add(new Extent(new Station(from), part.to()));
            }
        }
        return new Cover(List.copyOf(left));
    }

    /** What lies in both. */
    public Cover and(Cover other) {
        return minus(minus(other));
    }

    public Cover within(Extent extent) {
        return and(of(extent));
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Cover cover && parts.equals(cover.parts);
    }

    @Override
    public int hashCode() {
        return parts.hashCode();
    }

    @Override
    public String toString() {
        return parts.toString();
    }
}
