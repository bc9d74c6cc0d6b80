package hitch.core.judge.money;

import hitch.core.measure.Range;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * What a work costs.
 *
 * @param money in the firm's currency, rounded outwards; empty where the firm has no price for all of it, or where it is not priced
 * @param currency how sums are written
 * @param effort how much work it is against a cleaning, which is 1; only to compare by
 * @param lines how it comes about, a line each
 * @param unpriced why it is not priced; blank where it is, or could be
 */
public record Cost(Optional<Range> money, String currency, double effort, List<String> lines, String unpriced) {
    public static final String NO_OFFER = "An estimate is not an offer.";

    /** Costs of which one is within these shares of another are about the same. */
    private static final double SAME_FROM = 0.75;

    private static final double SAME_TO = 1.35;
    private static final double DOUBLE_TO = 2.6;

    public Cost {
        lines = List.copyOf(lines);
    }

    /** The same work, not priced. */
    public Cost without(String why) {
        return new Cost(Optional.empty(), currency, effort, List.of(), why);
    }

    /** Such as {@code $4,200 to $5,600}; empty where there is no price. */
    public Optional<String> words() {
        return money.map(m -> m.low() == m.high() ? sum(m.low()) : sum(m.low()) + " to " + sum(m.high()));
    }

    private String sum(double amount) {
        String figure = String.format(Locale.ROOT, "%,.0f", amount);
        return currency.length() > 1 ? figure + " " + currency : currency + figure;
    }

    /** How it compares with another cost: {@code less}, {@code about the same}, {@code about double}, {@code much more}. */
    public String against(Cost other) {
        double ratio = money.isPresent()
                        && other.money.isPresent()
                        && other.money.get().middle() > 0
                ? money.get().middle() / other.money.get().middle()
                : effort / other.effort;
        return ratio < SAME_FROM
                ? "less"
                : ratio <= SAME_TO ? "about the same" : ratio <= DOUBLE_TO ? "about double" : "much more";
    }
}
