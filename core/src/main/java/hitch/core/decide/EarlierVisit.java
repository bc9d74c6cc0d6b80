package hitch.core.decide;

import hitch.core.detail.Details;
import hitch.core.finding.FindingKind;
import hitch.core.finding.Weight;
import hitch.core.measure.Extent;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * What an earlier visit found, kept with the job so that it is judged the same wherever its folder has gone.
 *
 * @param id the other job's id
 * @param when its date, {@code yyyy-mm-dd}; may be blank
 * @param title what it is called
 * @param found what was found then, in order of station
 */
public record EarlierVisit(String id, String when, String title, List<Then> found) {
    /**
     * One thing as it was then.
     *
     * @param finding its id then
     * @param kind what it was
     * @param branch the pipe
     * @param extent where, by the stationing of then
     * @param share percent of the bore
     * @param size how large, millimetres; 0 where nobody said
     * @param weight how much it asked for
     * @param words what was said of it
     */
    public record Then(
            String finding,
            FindingKind kind,
            String branch,
            Extent extent,
            Optional<Integer> share,
            long size,
            Weight weight,
            String words,
            Details details) {
        public Then {
            details = details == null ? Details.NONE : details;
        }
    }

    public EarlierVisit {
        found = List.copyOf(found);
    }

    /** The same with its words put through {@code how}. */
    public EarlierVisit worded(UnaryOperator<String> how) {
        return new EarlierVisit(
                id,
                when,
                how.apply(title),
                found.stream()
                        .map(t -> new Then(
                                t.finding(),
                                t.kind(),
                                t.branch(),
                                t.extent(),
                                t.share(),
                                t.size(),
                                t.weight(),
                                how.apply(t.words()),
                                t.details()))
                        .toList());
    }
}
