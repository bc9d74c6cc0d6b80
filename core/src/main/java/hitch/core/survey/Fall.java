package hitch.core.survey;

import hitch.core.finding.FindingId;
import hitch.core.measure.Distance;
import hitch.core.measure.Extent;

/**
 * How the pipe falls between two locates.
 *
 * @param upper id of the locate up the line
 * @param lower id of the one down the line
 * @param branch where
 * @param extent between the two
 * @param drop how far the bottom of the pipe falls, millimetres; negative where it rises
 * @param inchesAFoot fall in inches a foot
 * @param plusMinus standard error of that, inches a foot
 * @param least the least fall by the house rules for the size there, inches a foot
 * @param steepness what it comes to
 */
public record Fall(
        FindingId upper,
        FindingId lower,
        String branch,
        Extent extent,
        double drop,
        double inchesAFoot,
        double plusMinus,
        double least,
        Steepness steepness) {

    /** What a fall comes to, as far as the reading errors let it be told. */
    public enum Steepness {
        ENOUGH("falls enough"),
        TOO_LITTLE("falls too little"),
        REVERSE("falls the wrong way"),
        OPEN("too close to call with these readings");

        private final String word;

        Steepness(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    /** Two locates, each with a level and an error. */
    static Fall between(Locate up, Locate down, double least) {
        double length = down.at().mm() - up.at().mm();
        double drop = up.level() - down.level();
        // An inch a foot is a twelfth.
        double fall = 12 * drop / length;
        double error = 12 * Math.hypot(up.error(), down.error()) / length;
        return new Fall(
                up.finding(),
                down.finding(),
                up.branch(),
                new Extent(up.at(), down.at()),
                drop,
                fall,
                error,
                least,
                steepness(fall, error, least));
    }

    private static Steepness steepness(double fall, double error, double least) {
        if (fall - error >= least) {
            return Steepness.ENOUGH;
        }
        if (fall + error < 0) {
            return Steepness.REVERSE;
        }
        return fall + error < least ? Steepness.TOO_LITTLE : Steepness.OPEN;
    }

    /** Fall in percent: an inch a foot is one in twelve. */
    public double percent() {
        return inchesAFoot / 12 * 100;
    }

    public double percentPlusMinus() {
        return plusMinus / 12 * 100;
    }

    public Distance length() {
        return extent.length();
    }
}
