package hitch.core.talk.place;

import hitch.core.measure.Distance;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** What a number may have been meant as when the tongue or the ear slipped: 71 for 61, 17 for 70, 36 for 63. */
public final class TongueSlips {
    private TongueSlips() {}

    /** The likeliest meaning of {@code said} that lies between two distances, both included. */
    public static Optional<Distance> between(Distance said, Distance low, Distance high) {
        double middle = (low.inFeet() + high.inFeet()) / 2;
        return meanings(said.inFeet()).stream()
                .filter(f -> f >= low.inFeet() && f <= high.inFeet())
                .min(Comparator.comparingDouble(f -> Math.abs(f - middle)))
                .map(Distance::feet);
    }

    private static List<Double> meanings(double feet) {
        List<Double> meant = new ArrayList<>();
        long whole = (long) Math.floor(feet + 1e-6);
        double part = Math.round((feet - whole) * 10) / 10.0;
        // One ten or hundred off, as in "seventy-one" for sixty-one.
        for (long step : new long[] {10, -10, 20, -20, 100, -100, 1, -1}) {
            meant.add(whole + step + part);
        }
        // Teen and ty sound alike.
        if (whole >= 13 && whole <= 19) {
            meant.add((whole - 10) * 10 + part);
        }
        if (whole % 10 == 0 && whole >= 30 && whole <= 90) {
            meant.add(whole / 10 + 10 + part);
        }
        // Two figures exchanged.
        if (whole >= 10 && whole <= 99) {
            meant.add(whole % 10 * 10 + whole / 10 + part);
        }
        meant.removeIf(f -> f < 0);
        return meant;
    }
}
