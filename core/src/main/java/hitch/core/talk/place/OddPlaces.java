package hitch.core.talk.place;

import hitch.core.measure.Distance;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;

/** Finds the distances that were said as places are and that the camera cannot have passed where they were said. */
final class OddPlaces {
    /** A number that surely was said as a place, by itself or among words. */
    private static final double STRONG_ALONE = 2.5;

    private static final double STRONG = 3;
    /** Neighbours in the telling are no farther apart, seconds. */
    private static final double SOON_S = 60;
    /** So many characters are one statement at most. */
    private static final int LONG_WORDS = 60;
    /** Distances are kept to the millimetre, feet. */
    private static final double MM_FT = 0.004;

    private OddPlaces() {}

    /** What stands by itself as a place does, soon after one that was passed and soon before another, and lies between neither. */
    static List<OddPlace> among(List<PlaceSaid> all, List<PlaceSaid> chosen, Transcript transcript) {
        TreeMap<Integer, PlaceSaid> passed = new TreeMap<>();
        chosen.forEach(p -> passed.put(p.start(), p));
        List<OddPlace> odd = new ArrayList<>();
        for (PlaceSaid said : all) {
            boolean strong = said.weight() >= (said.bare() ? STRONG_ALONE : STRONG);
            var before = passed.lowerEntry(said.start());
            var after = passed.higherEntry(said.start());
            if (!strong
                    || passed.containsKey(said.start())
                    || before == null
                    || after == null
                    || mayBeHour(said, before.getValue(), transcript.text())) {
                continue;
            }
            between(before.getValue(), said, after.getValue(), transcript).ifPresent(odd::add);
        }
        return odd;
    }

    /** "Ninety-four, protruding tap at nine": an hour of the clock, right behind the place. */
    private static boolean mayBeHour(PlaceSaid said, PlaceSaid before, String text) {
        String words = text.substring(said.start(), said.end());
        double hour = Math.rint(said.feet());
        return Math.abs(said.feet() - hour) < MM_FT
                && hour >= 1
                && hour <= HourNumbers.HOURS
                && before.feet() > HourNumbers.HOURS
                && said.start() - before.end() < LONG_WORDS
                && !words.matches("(?i).*\\b(?:feet|foot|ft)\\b.*");
    }

    private static Optional<OddPlace> between(
            PlaceSaid before, PlaceSaid said, PlaceSaid after, Transcript transcript) {
        double at = transcript.secondsAt(said.start());
        boolean soon =
                at - transcript.secondsAt(before.start()) < SOON_S && transcript.secondsAt(after.start()) - at < SOON_S;
        double low = Math.min(before.feet(), after.feet());
        double high = Math.max(before.lastFeet(), after.lastFeet());
        if (!soon || said.feet() >= low - 1 && said.feet() <= high + 1) {
            return Optional.empty();
        }
        return Optional.of(new OddPlace(
                said.start(),
                said.from(),
                before.from(),
                after.from(),
                TongueSlips.between(said.from(), Distance.feet(low), Distance.feet(high))));
    }
}
