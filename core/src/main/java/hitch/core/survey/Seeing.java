package hitch.core.survey;

import hitch.core.measure.Cover;
import hitch.core.measure.Extent;
import hitch.core.measure.Station;
import java.util.List;
import java.util.function.Predicate;

/**
 * What of the line was really seen.
 *
 * @param parts every stretch of every pipe, in order of branch and station
 * @param hidden where a part of the wall was seen on no pass, though the pipe was; in the same order
 */
public record Seeing(List<SeenPart> parts, List<HiddenWall> hidden) {
    public Seeing {
        parts = List.copyOf(parts);
        hidden = List.copyOf(hidden);
    }

    /** Millimetres of pipe that were at best seen so. */
    public long mm(Look best) {
        return mm(p -> p.best() == best);
    }

    /** Millimetres of pipe that were seen so on the way out. */
    public long outMm(Look out) {
        return mm(p -> p.out() == out);
    }

    /** Millimetres of pipe that were seen so on the way back. */
    public long backMm(Look back) {
        return mm(p -> p.back() == back);
    }

    private long mm(Predicate<SeenPart> which) {
        return parts.stream()
                .filter(which)
                .mapToLong(p -> p.extent().length().mm())
                .sum();
    }

    /** Millimetres of pipe in all, seen or not. */
    public long mm() {
        return mm(p -> true);
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
        return mm(p -> p.out() != Look.NOT_LOOKED && p.out() != Look.NOT_REACHED && p.back() == Look.NOT_LOOKED);
    }

    /** The part a station lies in; the later where two meet. */
    public java.util.Optional<SeenPart> at(String branch, Station station) {
        return parts.stream()
                .filter(p -> p.branch().equals(branch) && p.extent().covers(station))
                .reduce((a, b) -> b);
    }

    /** What of the wall stayed hidden at a station; empty where nothing did. */
    public java.util.Optional<HiddenWall> hiddenAt(String branch, Station station) {
        return hidden.stream()
                .filter(w -> w.branch().equals(branch) && w.extent().covers(station))
                .findFirst();
    }

    static boolean inside(Extent extent, Cover cover) {
        return cover.covers(extent.middle());
    }
}
