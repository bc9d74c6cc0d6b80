package hitch.core.counter.sight;

import java.util.List;
import java.util.Optional;

/**
 * The letters behind one number that are taken for its unit. Two soft letters that run together look much like one
 * other, so what they speak for is bounded by their shape and by how large they are.
 *
 * @param box where they stand; empty where there are none
 * @param forFeet how much they speak for feet, as the logarithm of the odds; negative for metres
 */
record UnitLetters(Optional<Region> box, double forFeet) {
    static final UnitLetters NONE = new UnitLetters(Optional.empty(), 0);

    /** Feet and inches with the marks of both. */
    static final UnitLetters MARKED = new UnitLetters(Optional.empty(), 1);

    /** The most that the letters of one look speak. */
    private static final double MOST = 2;
    /** An m is at least so wide for its height; f and t together are not. */
    private static final double WIDE = 1.05;
    /** A small m is at most so tall against the digits; an F and a T together, or a capital M, are as tall. */
    private static final double SMALL = 0.86;
    /** What a mark speaks that has not the shape of what it is taken for, and one of a shape that two things have. */
    private static final double MISSHAPEN = 0.1;

    private static final double EITHER = 0.5;
    /** Height of letters from which they speak at all, and from which they speak in full, pixels. */
    private static final double FAINT = 6;

    private static final double PLAIN = 13;
    /** Looks that together speak as much as all can, and how much more they speak than one. */
    private static final int ENOUGH = 8;

    private static final double TOGETHER = 2.5;

    /**
     * @param from where the letters begin in {@code line}
     * @param to where they end
     * @param digit height of the digits before them, pixels
     */
    static UnitLetters of(LineText line, int from, int to, int digit) {
        Region box = null;
        double spoken = 0;
        for (int i = from; i < to; i++) {
            char letter = line.text().charAt(i);
            if (letter == ' ') {
                continue;
            }
            Region at = line.boxes().get(i);
            box = box == null ? at : box.with(at);
            double loud = Math.clamp((at.height() - FAINT) / (PLAIN - FAINT), 0.15, 1)
                    * line.sure().get(i);
            double says = switch (letter) {
                case 'm' -> -MOST * shape(at, digit);
                case '\'' -> EITHER;
                default -> MOST;
            };
            spoken = Math.abs(says * loud) > Math.abs(spoken) ? says * loud : spoken;
        }
        return box == null ? NONE : new UnitLetters(Optional.of(box), spoken);
    }

    private static double shape(Region at, int digit) {
        if (at.width() < WIDE * at.height()) {
            return MISSHAPEN;
        }
        return at.height() > SMALL * digit ? EITHER : 1;
    }

    /** What the letters of many looks speak for together. */
    static double together(List<UnitLetters> looks) {
        List<UnitLetters> told = looks.stream().filter(l -> l.box().isPresent()).toList();
        double mean = told.stream().mapToDouble(UnitLetters::forFeet).average().orElse(0);
        return mean * TOGETHER * Math.min(1, told.size() / (double) ENOUGH);
    }

    UnitLetters moved(int x, int y) {
        return box.isEmpty()
                ? this
                : new UnitLetters(box.map(b -> new Region(b.x() + x, b.y() + y, b.width(), b.height())), forFeet);
    }
}
