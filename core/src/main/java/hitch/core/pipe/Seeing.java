package hitch.core.pipe;

import hitch.core.line.Cover;
import hitch.core.line.Extent;
import hitch.core.line.Station;
import java.util.List;

/**
 * What of the line was really seen.
 *
 * @param parts every stretch of every pipe, in order of branch and station
 */
public record Seeing(List<SeenPart> parts) {
    public Seeing {
        parts = List.copyOf(parts);
    }

    /** Millimetres of pipe that were at best seen so. */
    public long mm(Look best) {
        return parts.stream()
                .filter(p -> p.best() == best)
                .mapToLong(p -> p.extent().length().mm())
                .sum();
    }

    /** Millimetres of pipe in all, seen or not. */
    public long mm() {
        return parts.stream().mapToLong(p -> p.extent().length().mm()).sum();
    }

    /** Millimetres not seen well on any pass. */
    public long unseenMm() {
        return mm() - mm(Look.WELL);
    }

    /** Share of the line that was seen well, 0 to 1; 0 where nothing is known of it. */
    public double share() {
        return mm() == 0 ? 0 : (double) mm(Look.WELL) / mm();
    }

    /** Millimetres seen on the way out but not looked at on the way back. */
    public long onlyOutMm() {
        return parts.stream()
                .filter(p -> p.out() != Look.NOT_LOOKED && p.out() != Look.NOT_REACHED && p.back() == Look.NOT_LOOKED)
                .mapToLong(p -> p.extent().length().mm())
                .sum();
    }

    /** The part a station lies in; the later where two meet. */
    public java.util.Optional<SeenPart> at(String branch, Station station) {
        return parts.stream()
                .filter(p -> p.branch().equals(branch) && p.extent().covers(station))
                .reduce((a, b) -> b);
    }

    static boolean inside(Extent extent, Cover cover) {
        return cover.covers(extent.middle());
    }
}
