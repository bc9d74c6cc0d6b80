package hitch.core.rules;

import java.util.List;

/**
 * The firm's own prices. There are none until the firm puts them in; none are made up.
 *
 * @param currency how sums are written, such as {@code $}; blank where nobody said
 * @param prices in the order they were put in
 */
public record PriceBook(String currency, List<Price> prices) implements RulePart {
    public static final PriceBook EMPTY = new PriceBook("", List.of());

    public PriceBook {
        prices = List.copyOf(prices);
    }

    public boolean isEmpty() {
        return prices.isEmpty();
    }

    @Override
    public String about() {
        return "what things cost";
    }
}
