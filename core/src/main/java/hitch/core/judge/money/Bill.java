package hitch.core.judge.money;

import hitch.core.judge.work.Work;
import hitch.core.line.GroundMark.Surface;
import hitch.core.measure.Range;
import java.util.List;
import java.util.Optional;

/**
 * What is to be paid for.
 *
 * @param work what is done
 * @param places at how many places
 * @param feet of pipe in all, with its doubt
 * @param inches nominal bore; empty where it is not known
 * @param depth feet; empty where it is not known
 * @param cover what lies above
 */
public record Bill(
        Work work, int places, Range feet, Optional<Double> inches, Optional<Range> depth, List<Surface> cover) {
    public Bill {
        cover = List.copyOf(cover);
    }
}
