package hitch.desk.task;

/** How long something may still take, as roughly as it is known. */
final class TimeLeft {
    private TimeLeft() {}

    /**
     * @param seconds not negative
     * @return "about 5 s left" in steps of five seconds, "about 3 min left" from a minute and a half on
     */
    static String words(double seconds) {
        if (seconds < 90) {
            return "about " + Math.max(1, Math.ceilDiv((long) Math.ceil(seconds), 5L)) * 5 + " s left";
        }
        return "about " + Math.round(seconds / 60) + " min left";
    }
}
