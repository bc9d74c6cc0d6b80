package hitch.desk.mark;

/**
 * Which part of the chart is looked at, as shares of the whole.
 *
 * @param from where it begins across, 0 to 1
 * @param share how much of the footage it shows, above 0 to 1
 * @param low where it begins down, 0 to 1
 * @param depth how much of the distance it shows, above 0 to 1
 */
record ChartView(double from, double share, double low, double depth) {
    static final ChartView ALL = new ChartView(0, 1, 0, 1);
    /** The smallest part that can be looked at. */
    private static final double LEAST = 0.002;

    ChartView {
        share = Math.clamp(share, LEAST, 1);
        depth = Math.clamp(depth, LEAST * 10, 1);
        from = Math.clamp(from, 0, 1 - share);
        low = Math.clamp(low, 0, 1 - depth);
    }

    ChartView from(double other) {
        return new ChartView(other, share, low, depth);
    }

    /** {@code factor} times less across, with the place at {@code about} of the whole staying where it is. */
    ChartView zoomed(double factor, double about) {
        double next = Math.clamp(share / factor, LEAST, 1);
        double inside = (about - from) / share;
        return new ChartView(about - inside * next, next, low, depth);
    }

    /** {@code factor} times less down, with the place at {@code inside} of the view staying where it is. */
    ChartView deepened(double factor, double inside) {
        double next = Math.clamp(depth / factor, LEAST * 10, 1);
        return new ChartView(from, share, low + inside * (depth - next), next);
    }

    /** The place of the whole that lies {@code inside} of the view across. */
    double shareAt(double inside) {
        return from + inside * share;
    }
}
