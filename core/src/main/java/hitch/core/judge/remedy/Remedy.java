package hitch.core.judge.remedy;

import hitch.core.decide.When;
import hitch.core.judge.money.Cost;
import hitch.core.judge.work.Work;
import hitch.core.line.GroundMark.Surface;
import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import hitch.core.measure.Range;
import hitch.core.pipe.PipeSize;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;

/**
 * One way to meet a matter, reckoned out.
 *
 * @param work what is done
 * @param sentence the same as a sentence
 * @param branch the pipe it is done to
 * @param extent from where to where; empty for what has no place
 * @param length of pipe it is done to, overlaps counted once
 * @param depth of the bottom of the pipe, feet, with its doubt; empty where nobody measured near
 * @param cover what lies above
 * @param bends that are passed on the stretch
 * @param sizes of the pipe along it
 * @param because why
 * @param unless what would change it
 * @param clears what it settles, by title
 * @param leaves what of the same stretch it does not
 * @param first what must come before it
 * @param cautions where it can hurt
 * @param cost what it costs
 * @param lasts years it should last; empty where that means nothing
 * @param nextMonths months until the next time; empty where there is none
 * @param soonest no later than that
 * @param occasion when it is best done with something else
 * @param fallback what to do should it not hold
 */
@RecordBuilder
public record Remedy(
        Work work,
        String sentence,
        String branch,
        Optional<Extent> extent,
        Distance length,
        Optional<Range> depth,
        List<Surface> cover,
        int bends,
        List<PipeSize> sizes,
        List<Reason> because,
        List<String> unless,
        List<String> clears,
        List<String> leaves,
        List<String> first,
        List<Caution> cautions,
        Cost cost,
        Optional<Range> lasts,
        Optional<Integer> nextMonths,
        Optional<When> soonest,
        Optional<String> occasion,
        Optional<String> fallback)
        implements RemedyBuilder.With {}
