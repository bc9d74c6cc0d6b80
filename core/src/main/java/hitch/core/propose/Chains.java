package hitch.core.propose;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * Which clips are one trip of the camera: a reel that begins near nothing begins a run, and a clip whose counter goes on where another's
 * ended goes on with it, even where names or times have it elsewhere.
 */
final class Chains {
    /** A reel that shows no more is at the opening, feet. */
    static final double AT_OPENING = 3;
    /** A counter goes on where it shows the same within so much, feet. */
    private static final double GOES_ON = 2;

    private Chains() {}

    /**
     * One trip.
     *
     * @param clips in the order of the trip
     * @param reasons why they are one, and why it begins there
     * @param doubts what is odd in it
     */
    record Chain(List<ClipClues> clips, List<String> reasons, List<String> doubts) {}

    /** @param clips with a counter, in the order that they were recorded */
    static List<Chain> of(List<ClipClues> clips) {
        List<ClipClues> open = new ArrayList<>(clips);
        List<Chain> chains = new ArrayList<>();
        while (!open.isEmpty()) {
            ClipClues first = open.stream()
                    .filter(c -> c.begins().orElse(0) <= AT_OPENING)
                    .findFirst()
                    .orElse(open.getFirst());
            open.remove(first);
            chains.add(from(first, open, clips));
        }
        return chains;
    }

    private static Chain from(ClipClues first, List<ClipClues> open, List<ClipClues> all) {
        List<ClipClues> chain = new ArrayList<>(List.of(first));
        List<String> reasons = new ArrayList<>();
        List<String> doubts = new ArrayList<>();
        double begins = first.begins().orElse(0);
        if (begins <= AT_OPENING) {
            reasons.add(String.format(
                    Locale.ROOT,
                    "%s begins with %.1f ft of cable out.",
                    first.clip().fileName(),
                    begins));
        } else {
            doubts.add(String.format(
                    Locale.ROOT,
                    "%s begins with %.1f ft of cable out, and no other clip ends there: its beginning may be missing, or the counter"
                            + " was not set to zero at the opening.",
                    first.clip().fileName(),
                    begins));
        }
        while (true) {
            ClipClues last = chain.getLast();
            Optional<ClipClues> next =
                    open.stream().filter(c -> goesOn(last, c)).findFirst();
            if (next.isEmpty()) {
                return new Chain(chain, reasons, doubts);
            }
            ClipClues then = next.get();
            reasons.add(String.format(
                    Locale.ROOT,
                    "%s goes on at %.1f ft, where %s ends.",
                    then.clip().fileName(),
                    then.begins().orElse(0),
                    last.clip().fileName()));
            if (all.indexOf(then) != all.indexOf(last) + 1) {
                doubts.add(then.clip().fileName()
                        + " is out of order by its name or its time; it is put where its counter goes on.");
            }
            open.remove(then);
            chain.add(then);
        }
    }

    /** A reel that came back to the opening goes on with nothing. */
    private static boolean goesOn(ClipClues last, ClipClues next) {
        double end = last.ends().orElse(0);
        double begin = next.begins().orElse(0);
        return end > AT_OPENING && Math.abs(end - begin) <= GOES_ON;
    }
}
