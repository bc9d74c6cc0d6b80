package hitch.media.film;

/** Moves that begin and end gently. */
final class Eased {
    private Eased() {}

    /** 0 before a move, 1 after it, and between as a hand would do it. */
    static double at(double seconds, double from, double to) {
        if (seconds <= from || to <= from) {
            return seconds < to || seconds < from ? 0 : 1;
        }
        double t = Math.min(1, (seconds - from) / (to - from));
        return t * t * (3 - 2 * t);
    }
}
