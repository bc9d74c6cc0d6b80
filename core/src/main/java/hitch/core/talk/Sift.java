package hitch.core.talk;

import java.util.List;
import java.util.function.Predicate;

/**
 * Parts what is likely meant from what only sounds like it, once all of a commentary is read. Where rules know nearly all that a speaker
 * says, what they leave is mostly nothing: of sixty guesses in fifteen such commentaries a third was right, and of two hundred and eighty
 * in forty others four fifths were. Where much had to be guessed the speaker is a new one, and rules are as often wrong as guesses: each
 * draft is asked for by what its words are like ({@link Agreement}).
 *
 * @param likely in order of time
 * @param unlikely in order of time; nobody is asked to look at them, and whoever wants to see them can
 */
record Sift(List<Spoken> likely, List<Spoken> unlikely) {
    /** Of fewer drafts nobody can tell whether the guesses are few. */
    private static final int FEWEST_DRAFTS = 20;
    /**
     * Fewer of all drafts than this are guesses where rules know nearly all. Of forty commentaries those up to 0.19 had eight of eighteen guesses
     * right, those from 0.23 to 0.25 seventeen of twenty-three, and none lay between.
     */
    private static final double FEW = 0.22;

    /** Of what is less likely, 13 % were right. */
    private static final double LIKELY = 0.4;

    /** @param guesses how many of the drafts were guessed at first, those included that were named later */
    static Sift of(List<Spoken> drafts, long guesses) {
        if (guesses >= FEW * drafts.size()) {
            return parted(drafts, d -> Agreement.of(d) >= LIKELY);
        }
        return parted(drafts, d -> drafts.size() < FEWEST_DRAFTS || !d.likeness());
    }

    private static Sift parted(List<Spoken> drafts, Predicate<Spoken> isLikely) {
        return new Sift(
                drafts.stream().filter(isLikely).toList(),
                drafts.stream().filter(isLikely.negate()).toList());
    }
}
